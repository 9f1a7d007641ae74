<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Http\Requests\ReadsEdits;
use Illuminate\Foundation\Http\FormRequest;

/** How it was closed: that they saw a doctor, say. */
final class EyeCloseRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'closed_how' => ['required', 'string', 'max:300']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->editMessages(), 'closed_how.*' => __('Say in at most 300 letters why you ask no more.')];
    }

    public function how(): string
    {
        return $this->string('closed_how')->toString();
    }
}
