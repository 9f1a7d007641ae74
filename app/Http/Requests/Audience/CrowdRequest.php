<?php

declare(strict_types=1);

namespace App\Http\Requests\Audience;

use App\Http\Requests\ReadsTypedNumbers;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Audience\Crowd\Coming;
use KeenShadow\Core\Audience\Crowd\ServiceTime;
use KeenShadow\Core\Audience\Crowd\Station;

/** A crowd at one station: how many come and how, how many places there are, how long a look lasts. */
final class CrowdRequest extends FormRequest
{
    use ReadsTypedNumbers;

    /** More than come to a square; played through a dozen times within a second. */
    private const MOST_PEOPLE = 5000;
    private const USUAL = ['places' => 10.0, 'look_s' => 20.0, 'spread_s' => 10.0, 'hand_s' => 10.0, 'seed' => 1.0];
    private const MOST_SEED = 1000000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $seconds = static fn(float $least): array => ['nullable', 'numeric', "between:{$least}," . ServiceTime::MOST_S];

        return [
            'people' => ['nullable', 'integer', 'between:1,' . self::MOST_PEOPLE],
            'comes' => ['nullable', Rule::enum(Coming::class)],
            'places' => ['nullable', 'integer', 'between:1,' . Station::MOST_PLACES],
            'look_s' => $seconds(1),
            'spread_s' => [...$seconds(0), 'lte:look_s'],
            'hand_s' => $seconds(0),
            'seed' => ['nullable', 'integer', 'between:1,' . self::MOST_SEED],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'people.*' => __('How many come: a whole number from 1 to :most.', ['most' => self::MOST_PEOPLE]),
            'comes.*' => __('Choose how they come.'),
            'places.*' => __('How many at once: a whole number from 1 to :most.', ['most' => Station::MOST_PLACES]),
            'spread_s.lte' => __('Not more than a look itself.'),
            'look_s.*' => __('Seconds, from 1 to :most.', ['most' => ServiceTime::MOST_S]),
            'spread_s.*' => __('Seconds, from 0 to :most.', ['most' => ServiceTime::MOST_S]),
            'hand_s.*' => __('Seconds, from 0 to :most.', ['most' => ServiceTime::MOST_S]),
            'seed.*' => __('A whole number from 1 to :most.', ['most' => self::MOST_SEED]),
        ];
    }

    public function number(string $field): float
    {
        return $this->filled($field) ? $this->float($field) : self::USUAL[$field];
    }

    /** @param int $usual where none was typed */
    public function people(int $usual): int
    {
        return $this->filled('people') ? $this->integer('people') : max(1, min(self::MOST_PEOPLE, $usual));
    }

    public function coming(): Coming
    {
        return $this->enum('comes', Coming::class) ?? Coming::Evenly;
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(['look_s', 'spread_s', 'hand_s']);
        // Each is compared with the other as it is used.
        $this->merge(array_filter(['look_s' => $this->filled('look_s') ? null : self::USUAL['look_s']], static fn(?float $usual): bool => $usual !== null));
    }

    protected function getRedirectUrl(): string
    {
        return route('audience.crowd', $this->route('event'));
    }
}
