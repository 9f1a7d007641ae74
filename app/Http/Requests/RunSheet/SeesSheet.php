<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use Illuminate\Foundation\Http\FormRequest;

/**
 * Changes a run sheet from the revision that was seen.
 *
 * @phpstan-require-extends FormRequest
 */
trait SeesSheet
{
    /** The revision that was seen; null before the first. */
    public function from(): ?int
    {
        return $this->filled('from') ? $this->integer('from') : null;
    }

    /** @return array<string, list<string>> */
    private function fromRules(): array
    {
        return ['from' => ['present', 'nullable', 'integer', 'between:1,9000000000000000']];
    }

    /** @return array<string, string> */
    private function fromMessages(): array
    {
        return ['from.*' => __('This form is not whole: load the page again.')];
    }
}
