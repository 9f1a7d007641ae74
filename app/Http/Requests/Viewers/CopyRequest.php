<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use App\Http\Requests\ReadsEdits;
use Illuminate\Foundation\Http\FormRequest;

/** A copy is made once, however often the button is pressed. */
final class CopyRequest extends FormRequest
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
