<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Text\TypedNumber;
use Illuminate\Foundation\Http\FormRequest;

/**
 * Numbers of a form as people type them, before they are judged.
 *
 * @phpstan-require-extends FormRequest
 */
trait ReadsTypedNumbers
{
    /** @param list<string> $fields */
    private function readNumbers(array $fields): void
    {
        foreach ($fields as $field) {
            if (is_string($this->input($field))) {
                $this->merge([$field => TypedNumber::normalise($this->input($field))]);
            }
        }
    }
}
