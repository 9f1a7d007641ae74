<?php

declare(strict_types=1);

namespace App\Http\Requests\Sky;

use Illuminate\Foundation\Http\FormRequest;

/** Which of the towns inside a path are wanted. */
final class TownsRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['town' => ['nullable', 'string', 'max:80']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['town.*' => __('The name of a town, region or country is a text of at most 80 letters.')];
    }

    public function sought(): string
    {
        return $this->string('town')->trim()->toString();
    }

    protected function getRedirectUrl(): string
    {
        return route('sky.map', $this->route('event'));
    }
}
