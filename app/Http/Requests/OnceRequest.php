<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a button does is done once, however often it is pressed. */
final class OnceRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return $this->editRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->editMessages();
    }
}
