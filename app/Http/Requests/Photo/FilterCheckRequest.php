<?php

declare(strict_types=1);

namespace App\Http\Requests\Photo;

use App\Http\Requests\ReadsEdits;
use App\Text\KitWords;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What was seen of a filter that was held against the Sun: flaws, or that there are none. */
final class FilterCheckRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->editRules(),
            'flaws' => ['nullable', 'array', 'max:10'],
            'flaws.*' => [Rule::in(KitWords::FLAWS)],
            'none' => ['nullable', 'required_without:flaws', 'prohibits:flaws', 'in:1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'flaws.*' => __('Choose from the list.'),
            'flaws.*.*' => __('Choose from the list.'),
            'none.*' => __('Tick what you saw, or that there was nothing: not both.'),
        ];
    }

    /** @return list<string> */
    public function flaws(): array
    {
        /** @var list<string> $flaws */
        $flaws = $this->input('flaws', []) ?? [];

        return array_values(array_unique($flaws));
    }
}
