<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Site\Plan\Thing;

/**
 * Changes a plan from the revision that was seen, while looking from a spot.
 *
 * @phpstan-require-extends FormRequest
 */
trait StepsFrom
{
    /** The revision that was seen; null before the first. */
    public function from(): ?int
    {
        return $this->filled('from') ? $this->integer('from') : null;
    }

    public function spot(): ?string
    {
        return $this->filled('spot') ? $this->string('spot')->toString() : null;
    }

    /** @return array<string, list<string>> */
    private function stepRules(): array
    {
        return ['from' => ['present', 'nullable', 'integer'], 'spot' => ['nullable', 'string', 'max:' . Thing::LONGEST_NAME]];
    }
}
