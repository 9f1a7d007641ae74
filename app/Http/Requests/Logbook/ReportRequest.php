<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use Illuminate\Foundation\Http\FormRequest;

/** The words of a report. */
final class ReportRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer']] + array_fill_keys(['summary', 'went_well', 'better'], ['nullable', 'string', 'max:3000']);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['version.*' => __('This form is not whole: load the page again.')] + array_fill_keys(['summary.*', 'went_well.*', 'better.*'], __('At most 3000 letters.'));
    }

    /** @return array{summary: string, went_well: string, better: string} */
    public function words(): array
    {
        return ['summary' => $this->string('summary')->toString(), 'went_well' => $this->string('went_well')->toString(), 'better' => $this->string('better')->toString()];
    }
}
