<?php

declare(strict_types=1);

namespace App\Http\Requests\Audience;

use App\Http\Requests\ReadsTypedNumbers;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Audience\GlassesSum;

/** How long a look is, how long handing over, how often each looks, and how many pairs are spare. */
final class SumRequest extends FormRequest
{
    use ReadsTypedNumbers;

    private const RANGES = ['look_s' => GlassesSum::LOOK_S, 'hand_s' => GlassesSum::HAND_S, 'every_min' => GlassesSum::EVERY_MIN, 'spares_percent' => GlassesSum::SPARES_PERCENT];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return array_map(static fn(array $range): array => ['nullable', 'numeric', 'between:' . implode(',', $range)], self::RANGES);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [];
        foreach (self::RANGES as $field => [$least, $most]) {
            $messages["{$field}.*"] = __('A number from :least to :most.', ['least' => $least, 'most' => $most]);
        }

        return $messages;
    }

    public function number(string $field): float
    {
        return $this->filled($field) ? $this->float($field) : GlassesSum::USUAL[$field];
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(array_keys(self::RANGES));
    }

    protected function getRedirectUrl(): string
    {
        return route('audience.index', $this->route('event'));
    }
}
