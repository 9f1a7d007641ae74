<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use Illuminate\Foundation\Http\FormRequest;

/** Two helpers who do what the other would have done. */
final class SwapRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...$this->fromRules(), 'with' => ['required', 'uuid']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), 'with.*' => __('Choose a duty to exchange it for.')];
    }
}
