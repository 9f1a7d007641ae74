<?php

declare(strict_types=1);

namespace App\Http\Requests\Audience;

use App\Http\Requests\ReadsEdits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Audience\Policy;

final class PolicyRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->editRules(), 'policy' => ['required', Rule::enum(Policy::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->editMessages(), 'policy.*' => __('Choose how people look at this event.')];
    }
}
