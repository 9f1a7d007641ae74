<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use Illuminate\Foundation\Http\FormRequest;

/** A helper who does not come, or leaves. */
final class GoneRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...$this->fromRules(), 'gone_at' => ['nullable', 'string', 'date_format:H:i']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), 'gone_at.*' => __('A time as 10:30, or nothing where they do not come at all.')];
    }

    /** Minutes of the day; null where they do not come at all. */
    public function clockMin(): ?int
    {
        return $this->filled('gone_at') ? intdiv(CueRequest::secondsOf($this->string('gone_at')->toString()), 60) : null;
    }
}
