<?php

declare(strict_types=1);

namespace App\Http\Requests\Audience;

use App\Http\Requests\ReadsEdits;
use App\Http\Requests\ReadsTypedNumbers;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Audience\Crowd\ServiceTime;
use KeenShadow\Core\Audience\Crowd\Station;
use KeenShadow\Core\Site\Plan\Thing;

/** How it goes at a station: where it stands, how many at once, how long a look is. */
final class StationRequest extends FormRequest
{
    use ReadsEdits;
    use ReadsTypedNumbers;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $seconds = static fn(float $least): array => ['required', 'numeric', "between:{$least}," . ServiceTime::MOST_S];

        return [
            ...$this->editRules(),
            'place' => ['nullable', 'string', 'max:' . Thing::LONGEST_NAME],
            'places' => ['required', 'integer', 'between:1,' . Station::MOST_PLACES],
            'look_s' => $seconds(1),
            'spread_s' => [...$seconds(0), 'lte:look_s'],
            'hand_s' => $seconds(0),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'place.*' => __('Choose a place of the plan from the list.'),
            'places.*' => __('How many at once: a whole number from 1 to :most.', ['most' => Station::MOST_PLACES]),
            'spread_s.lte' => __('Not more than a look itself.'),
            'look_s.*' => __('Seconds, from 1 to :most.', ['most' => ServiceTime::MOST_S]),
            'spread_s.*' => __('Seconds, from 0 to :most.', ['most' => ServiceTime::MOST_S]),
            'hand_s.*' => __('Seconds, from 0 to :most.', ['most' => ServiceTime::MOST_S]),
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(['look_s', 'spread_s', 'hand_s']);
    }
}
