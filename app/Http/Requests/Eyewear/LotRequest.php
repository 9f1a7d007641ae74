<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Http\Requests\ReadsEdits;
use App\Models\Eyewear\Lot;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\PrintedStandard;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\TestReport;

final class LotRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $lot = $this->route('lot');
        $highest = $lot instanceof Lot ? $lot->highestTag() : 0;
        $stated = ['required', Rule::enum(Stated::class)];

        return [
            ...$this->editRules(),
            'label' => ['required', 'string', 'max:80', Rule::unique('lots')->where('organisation_id', $user->organisation_id)->ignore($lot instanceof Lot ? $lot->uuid : $this->uuid(), 'uuid')],
            'pairs' => ['required', 'integer', 'between:1,100000', ...($highest === 0 ? [] : ["min:{$highest}"])],
            'maker_name' => $stated,
            'maker_address' => $stated,
            'printed_standard' => ['required', Rule::enum(PrintedStandard::class)],
            'instructions' => $stated,
            'warnings' => $stated,
            'expires_on' => ['nullable', 'date_format:Y-m-d', 'after:1990-01-01', 'before:2200-01-01'],
            'origin' => ['required', Rule::enum(Origin::class)],
            'test_report' => ['required', Rule::enum(TestReport::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'label.required' => __('Give the lot a label, for example the batch number.'),
            'label.unique' => __('There is a lot with this label already.'),
            'pairs.min' => __('Pairs with higher tags have been inspected: it is :min at least, or take those entries back first.'),
            'pairs.*' => __('The number of pairs is a whole number from 1 to 100 000.'),
            'expires_on.*' => __('Write the date as year-month-day, or leave it empty.'),
            'required' => __('Answer this; "not sure" is an answer.'),
            Enum::class => __('Choose one of the answers.'),
        ];
    }
}
