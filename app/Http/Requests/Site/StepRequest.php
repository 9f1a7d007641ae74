<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use Illuminate\Foundation\Http\FormRequest;

/** A step back to the plan before, or on again. */
final class StepRequest extends FormRequest
{
    use StepsFrom;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return $this->stepRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['from.*' => __('This form is not whole: load the page again.')];
    }
}
