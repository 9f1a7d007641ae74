<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Sky\LocalEclipse;

/** A minute after the beginning of the ribbon. */
final class ShadeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['minute' => ['nullable', 'integer', 'between:0,1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['minute.*' => __('The minute “:input” is not a whole number from 0 to 1 000.')];
    }

    public function moment(LocalEclipse $here): DateTimeImmutable
    {
        return min($here->spanEnds(), $here->spanBegins()->modify('+' . $this->integer('minute') . ' minutes'));
    }

    protected function getRedirectUrl(): string
    {
        return route('site.show', $this->route('event'));
    }
}
