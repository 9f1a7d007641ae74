<?php

declare(strict_types=1);

namespace App\Http\Requests\Audience;

use App\Http\Requests\ReadsEdits;
use App\Http\Requests\ReadsTypedNumbers;
use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\Crowd\Coming;
use KeenShadow\Core\Audience\GlassesSum;
use KeenShadow\Core\Audience\GroupName;

/** How many come together and what they need. There is no place for a person's name. */
final class GroupRequest extends FormRequest
{
    use ReadsEdits;
    use ReadsTypedNumbers;

    private const EYES_M = [0.4, 2.2];
    private const AHEAD_MIN = [0, 600];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $event = $this->route('event');
        $group = $this->route('audienceGroup');
        $some = ['required', 'integer', 'min:0', 'lte:people'];
        $eyes = ['required', 'numeric', 'between:' . implode(',', self::EYES_M)];

        return [
            ...$this->editRules(),
            'name' => ['required', 'string', 'max:60', self::isNoListOfPeople(...), Rule::unique('audience_groups')->where('event_id', $event instanceof Event ? $event->id : 0)->withoutTrashed()->ignore($group instanceof AudienceGroup ? $group->uuid : $this->uuid(), 'uuid')],
            'people' => ['required', 'integer', 'between:1,' . GlassesSum::MOST_PEOPLE],
            'band' => ['required', Rule::enum(AgeBand::class)],
            'eye_from_m' => $eyes,
            'eye_to_m' => [...$eyes, 'gte:eye_from_m'],
            'spectacles' => $some,
            'seated' => $some,
            'low_vision' => $some,
            'adults' => ['required', 'integer', 'between:0,' . GlassesSum::MOST_PEOPLE],
            'peeks' => ['required', 'boolean'],
            'comes' => ['required', Rule::enum(Coming::class)],
            'ahead_min' => ['nullable', 'numeric', 'between:' . implode(',', self::AHEAD_MIN)],
            'goes_first' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'name.required' => __('Give the group a name, such as “Class 5B” or “Family queue”.'),
            'name.max' => __('A name of at most 60 letters.'),
            'name.unique' => __('This event has a group of that name already.'),
            'people.*' => __('How many come: a whole number from 1 to :most.', ['most' => GlassesSum::MOST_PEOPLE]),
            'band.*' => __('Choose how old they are.'),
            'eye_to_m.gte' => __('The highest eyes are not below the lowest.'),
            'eye_from_m.*' => __('The height of eyes is a number from :least to :most m.', ['least' => self::EYES_M[0], 'most' => self::EYES_M[1]]),
            'eye_to_m.*' => __('The height of eyes is a number from :least to :most m.', ['least' => self::EYES_M[0], 'most' => self::EYES_M[1]]),
            'peeks.*' => __('Choose one of the two.'),
            'goes_first.*' => __('Choose one of the two.'),
            'comes.*' => __('Choose how they come.'),
            'ahead_min.*' => __('Minutes, from :least to :most, or left blank.', ['least' => self::AHEAD_MIN[0], 'most' => self::AHEAD_MIN[1]]),
            'spectacles.*' => __('A whole number, not more than come.'),
            'seated.*' => __('A whole number, not more than come.'),
            'low_vision.*' => __('A whole number, not more than come.'),
            'adults.*' => __('How many adults come with them: a whole number, 0 where none do.'),
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(['eye_from_m', 'eye_to_m', 'ahead_min']);
        $band = $this->input('band');
        $band = is_string($band) ? AgeBand::tryFrom($band) : null;
        // What is left blank is what is usual.
        foreach (['spectacles' => 0, 'seated' => 0, 'low_vision' => 0, 'adults' => 0, 'peeks' => false, 'comes' => Coming::Evenly->value, 'goes_first' => false, 'eye_from_m' => $band?->eyesM()[0], 'eye_to_m' => $band?->eyesM()[1]] as $field => $usual) {
            if (!$this->filled($field)) {
                $this->merge([$field => $usual]);
            }
        }
    }

    private static function isNoListOfPeople(string $field, mixed $value, Closure $fail): void
    {
        if (is_string($value) && GroupName::isAListOfPeople($value)) {
            $fail(__('This looks like names of people. Only how many come is stored: call the group by its class or its queue.'));
        }
    }
}
