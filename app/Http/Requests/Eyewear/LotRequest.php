<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Domain\Eyewear\LotAnswers;
use App\Http\Requests\ReadsEdits;
use App\Http\Requests\ReadsTypedNumbers;
use App\Models\Eyewear\Lot;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\Question;

/** A lot: what it is, and the answers that are asked of such a thing. */
final class LotRequest extends FormRequest
{
    use ReadsTypedNumbers;
    use ReadsEdits {
        fields as private filledIn;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $lot = $this->route('lot');
        $highest = $lot instanceof Lot ? $lot->highestTag() : 0;

        return [
            ...$this->editRules(),
            'label' => ['required', 'string', 'max:80', Rule::unique('lots')->where('organisation_id', $user->organisation_id)->ignore($lot instanceof Lot ? $lot->uuid : $this->uuid(), 'uuid')],
            'kind' => ['required', Rule::enum(Kind::class)],
            'pairs' => ['required', 'integer', 'between:1,100000', ...($highest === 0 ? [] : ["min:{$highest}"])],
            'origin' => ['required', Rule::enum(Origin::class)],
            'supplier_id' => ['nullable', 'required_if:origin,supplier', 'integer', Rule::exists('suppliers', 'id')->where('organisation_id', $user->organisation_id)],
            ...LotAnswers::rules($this->kind()),
        ];
    }

    /** @return array<string, mixed> with nothing where the kind is not asked */
    public function fields(): array
    {
        $fields = $this->filledIn();
        foreach (Question::cases() as $question) {
            $fields[$question->value] = $this->kind()->asks($question) ? $fields[$question->value] ?? null : null;
        }
        $fields['supplier_id'] = $fields['origin'] === Origin::Supplier->value ? $fields['supplier_id'] : null;

        return $fields;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'label.required' => __('Give the lot a label, for example the batch number.'),
            'label.unique' => __('There is a lot with this label already.'),
            'kind.*' => __('Choose what it is.'),
            'pairs.min' => __('Pairs with higher tags have been inspected: it is :min at least, or take those entries back first.'),
            'pairs.*' => __('The number of pairs is a whole number from 1 to 100 000.'),
            'supplier_id.*' => __('Choose a supplier of your register, or another answer.'),
            ...LotAnswers::messages(),
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(['pairs', 'shade', 'lens_width_mm', 'lens_height_mm', 'opening_mm']);
    }

    private function kind(): Kind
    {
        $kind = $this->input('kind');

        return (is_string($kind) ? Kind::tryFrom($kind) : null) ?? Kind::CardGlasses;
    }
}
