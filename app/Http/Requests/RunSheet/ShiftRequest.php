<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use Illuminate\Foundation\Http\FormRequest;

/** A turn or a duty moved along the axis, or made longer, by hand or keys: seconds from midnight, kept as whole minutes. */
final class ShiftRequest extends FormRequest
{
    use SeesSheet;

    private const MOST_S = 3 * 86400;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...$this->fromRules(), 'offset_s' => ['required', 'integer', 'between:' . -self::MOST_S . ',' . self::MOST_S], 'duration_s' => ['required', 'integer', 'between:60,43200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), '*' => __('It cannot be moved so far.')];
    }

    /** @return array{int, int} from and to, minutes from midnight on whole steps */
    public function minutes(int $stepMin): array
    {
        $step = static fn(int $seconds): int => (int) round($seconds / 60 / $stepMin) * $stepMin;
        $start = $step($this->integer('offset_s'));

        return [$start, $start + max($stepMin, $step($this->integer('duration_s')))];
    }
}
