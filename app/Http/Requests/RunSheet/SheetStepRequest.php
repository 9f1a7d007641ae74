<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use Illuminate\Foundation\Http\FormRequest;

/** A step back to the run sheet before, on again, or a cue removed. */
final class SheetStepRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return $this->fromRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return $this->fromMessages();
    }
}
