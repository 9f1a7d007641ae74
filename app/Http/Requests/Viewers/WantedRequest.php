<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use Illuminate\Foundation\Http\FormRequest;

/** How many of a design are to be built, and how many are. */
final class WantedRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return array_fill_keys(['wanted', 'built'], ['required', 'integer', 'between:0,1000']);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_fill_keys(['wanted.*', 'built.*'], __('That is a whole number from 0 to 1000.'));
    }
}
