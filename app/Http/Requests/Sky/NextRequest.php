<?php

declare(strict_types=1);

namespace App\Http\Requests\Sky;

use App\Pages\Sky\NextHere;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LocalKind;

/** Which of the eclipses to come are wanted. */
final class NextRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'to' => ['nullable', 'integer', 'between:1900,' . EclipseSearch::LAST_YEAR],
            'kind' => ['nullable', Rule::in([LocalKind::Total->value, LocalKind::Annular->value, LocalKind::Partial->value])],
            'least' => ['nullable', 'integer', 'between:0,100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'to.*' => __('Up to the year: “:input” is not a year from 1900 to :last.', ['last' => EclipseSearch::LAST_YEAR]),
            'kind.*' => __('Choose a kind from the list.'),
            'least.*' => __('Least area covered: “:input” is not a whole number from 0 to 100 %.'),
        ];
    }

    public function toYear(int $thisYear): int
    {
        return $this->filled('to') ? $this->integer('to') : min(EclipseSearch::LAST_YEAR, $thisYear + NextHere::USUAL_YEARS);
    }

    public function kind(): ?LocalKind
    {
        return LocalKind::tryFrom($this->string('kind')->toString());
    }

    protected function getRedirectUrl(): string
    {
        return route('sky.next', $this->route('event'));
    }
}
