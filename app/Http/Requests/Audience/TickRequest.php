<?php

declare(strict_types=1);

namespace App\Http\Requests\Audience;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Audience\Methods\Supply;

/** Something of the list that is bought or made, or is not after all. */
final class TickRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['supply' => ['required', Rule::enum(Supply::class)], 'done' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*.*' => __('Tick something of the list.')];
    }

    public function supply(): Supply
    {
        return Supply::from($this->string('supply')->toString());
    }
}
