<?php

declare(strict_types=1);

namespace App\Http\Requests\RunSheet;

use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\RunSheet\Rota\CrewWish;

/** Whether and when a helper comes to an event. */
final class ComesRequest extends FormRequest
{
    use SeesSheet;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [...$this->fromRules(), 'comes' => ['required', 'boolean'], 'comes_from' => ['nullable', 'string', 'date_format:H:i'], 'comes_to' => ['nullable', 'string', 'date_format:H:i']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->fromMessages(), 'comes.*' => __('Say whether they come.'), 'comes_from.*' => __('A time as 09:30.'), 'comes_to.*' => __('A time as 13:00.')];
    }

    public function wish(): ?CrewWish
    {
        $at = fn(string $field): ?int => $this->filled($field) ? intdiv(CueRequest::secondsOf($this->string($field)->toString()), 60) : null;

        return $this->boolean('comes') ? new CrewWish($at('comes_from'), $at('comes_to')) : null;
    }
}
