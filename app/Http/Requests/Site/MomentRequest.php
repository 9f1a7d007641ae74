<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use App\Http\Requests\ReadsTypedNumbers;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Sky\LocalEclipse;

/** A page of the site that is computed for one moment and a few lengths. What is missing or makes no sense is said, and the usual is taken. */
abstract class MomentRequest extends FormRequest
{
    use ReadsTypedNumbers;

    /** @return array<string, float> the lengths that can be asked for, with what is usual */
    abstract public function usual(): array;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'time' => ['nullable', 'regex:/^([01]?\d|2[0-3])[:.][0-5]\d$/'],
            ...array_fill_keys(array_keys($this->usual()), ['nullable', 'numeric']),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'time.*' => __('The time “:input” is not one: write hours and minutes, for example 17:30.'),
        ];
    }

    /** The moment of that local time on the day of the eclipse, kept within the ribbon; the best moment when none is given. */
    public function moment(LocalEclipse $here): DateTimeImmutable
    {
        if (!$this->filled('time')) {
            return $here->bestVisible()->time();
        }
        [$hour, $minute] = array_map(intval(...), explode(':', str_replace('.', ':', $this->string('time')->toString())));
        $asked = $here->local($here->circumstances->maximum->time())->setTime($hour, $minute);
        // Across midnight the clock's time may be meant of the day before or after.
        foreach (['-1 day', '+1 day'] as $step) {
            $other = $asked->modify($step);
            if ($other >= $here->spanBegins() && $other <= $here->spanEnds()) {
                return $other;
            }
        }

        return max($here->spanBegins(), min($here->spanEnds(), $asked));
    }

    public function length(string $field): float
    {
        return $this->filled($field) ? $this->float($field) : $this->usual()[$field];
    }

    public function word(string $field): ?string
    {
        return $this->filled($field) ? $this->string($field)->toString() : null;
    }

    /** Asked for with an address that makes no sense, the page itself comes back and says so. */
    protected function getRedirectUrl(): string
    {
        return url()->current();
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(array_keys($this->usual()));
    }
}
