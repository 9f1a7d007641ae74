<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use App\Http\Requests\ReadsEdits;
use App\Models\Eyewear\Supplier;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Eyewear\SupplierStanding;

/** A supplier; who judges says by what, who it was, and when. */
final class SupplierRequest extends FormRequest
{
    use ReadsEdits;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();
        $supplier = $this->route('supplier');
        $judged = 'required_unless:standing,' . SupplierStanding::NotChecked->value;

        return [
            ...$this->editRules(),
            'name' => ['required', 'string', 'max:80', Rule::unique('suppliers')->where('organisation_id', $user->organisation_id)->ignore($supplier instanceof Supplier ? $supplier->uuid : $this->uuid(), 'uuid')],
            'standing' => ['required', Rule::enum(SupplierStanding::class)],
            'evidence' => ['nullable', $judged, 'string', 'max:1000'],
            'checked_by' => ['nullable', $judged, 'string', 'max:80'],
            'checked_on' => ['nullable', $judged, 'date_format:Y-m-d', 'after:1990-01-01', 'before_or_equal:tomorrow'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'name.unique' => __('There is a supplier of that name already.'),
            'name.*' => __('Give the supplier a name of at most 80 letters.'),
            'standing.*' => __('Choose one of the answers.'),
            'evidence.*' => __('Write what the judgement stands on, in at most 1000 letters.'),
            'checked_by.*' => __('Write who checked it, in at most 80 letters.'),
            'checked_on.*' => __('Write the day on which it was checked, as year-month-day, not in the future.'),
        ];
    }
}
