<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use Illuminate\Foundation\Http\FormRequest;

/** The hours of an event, on its place's clock. */
final class HoursRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...$this->fromRules(), 'opens' => ['nullable', 'string', 'date_format:H:i'], 'closes' => ['nullable', 'string', 'date_format:H:i']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), 'opens.*' => __('A time as 09:30.'), 'closes.*' => __('A time as 13:00.')];
    }

    /** Seconds of the day, null for what is usual. */
    public function clock(string $field): ?int
    {
        return $this->filled($field) ? CueRequest::secondsOf($this->string($field)->toString()) : null;
    }
}
