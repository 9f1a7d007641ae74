<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Domain\Event\EventReader;
use App\Http\Requests\ReadsEdits;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Text\TypedMoment;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Logbook\HowLooked;

/** What went wrong, as it is written down. */
final class IncidentRequest extends FormRequest
{
    use ReadsEdits;

    private ?DateTimeImmutable $at = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $organisation = $this->event()->organisation_id;

        return [
            'uuid' => ['required', 'uuid'],
            'time' => ['required', 'string', function (string $field, mixed $typed, Closure $fail): void {
                $here = app(EventReader::class)->facts($this->event())->here;
                $this->at = is_string($typed) ? TypedMoment::parse($typed, $here->circumstances->maximum->time(), $here->zone) : null;
                if ($this->at === null) {
                    $fail(__('Type a time as 20:31 or 20:31:40.'));
                }
            }],
            'within' => ['required', Rule::in(array_map(strval(...), TypedMoment::WITHIN_S))],
            'what' => ['required', 'string', 'max:1000'],
            'place' => ['nullable', 'string', 'max:120'],
            'done' => ['nullable', 'string', 'max:1000'],
            'seen_by' => ['nullable', 'string', 'max:120'],
            'method' => ['required', Rule::enum(HowLooked::class)],
            'lot_id' => ['nullable', Rule::exists('lots', 'id')->where('organisation_id', $organisation)],
            'tag' => ['nullable', 'integer', 'between:1,1000000'],
            'instrument' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'uuid.*' => __('This form is not whole: load the page again.'), 'time.required' => __('Type a time as 20:31 or 20:31:40.'), 'within.*' => __('Say how sure the time is.'),
            'what.*' => __('Say what happened, in at most 1000 letters; no names.'), 'done.*' => __('At most 1000 letters.'), 'place.*' => __('At most 120 letters.'), 'seen_by.*' => __('At most 120 letters.'), 'instrument.*' => __('At most 120 letters.'),
            'method.*' => __('Say how somebody looked, or that nobody knows.'), 'lot_id.*' => __('Choose one of these lots.'), 'tag.*' => __('The number on the pair.'),
        ];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $lot = $this->filled('lot_id') && $validator->errors()->isEmpty() ? Lot::query()->find($this->integer('lot_id')) : null;
            if ($this->filled('tag') && $lot === null && $validator->errors()->isEmpty()) {
                $validator->errors()->add('lot_id', __('Choose the lot of pair :tag.', ['tag' => $this->integer('tag')]));
            } elseif ($lot !== null && $this->integer('tag') > $lot->pairs) {
                $validator->errors()->add('tag', __('The lot has :pairs pairs.', ['pairs' => $lot->pairs]));
            }
        }];
    }

    /** @return array<string, mixed> what a row says */
    public function fields(): array
    {
        $words = fn(string $field): string => $this->string($field)->toString();

        return [
            'event_id' => $this->event()->id, 'happened_at' => $this->at?->setTimezone(new DateTimeZone('UTC')), 'within_s' => $this->integer('within'), 'what' => $words('what'), 'place' => $words('place'), 'done' => $words('done'), 'seen_by' => $words('seen_by'),
            'method' => $this->enum('method', HowLooked::class), 'lot_id' => $this->filled('lot_id') ? $this->integer('lot_id') : null, 'tag' => $this->filled('tag') ? $this->integer('tag') : null, 'instrument' => $words('instrument'), 'made_by' => $this->user()?->id,
        ];
    }

    private function event(): Event
    {
        /** @var Event */
        return $this->route('event');
    }
}
