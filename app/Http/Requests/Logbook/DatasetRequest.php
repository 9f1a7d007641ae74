<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Exports\Logbook\Licence;
use App\Models\Event;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Logbook\Rounding;

/** How exactly the place is told, under which licence, and whether whose data they are. */
final class DatasetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['place' => ['nullable', Rule::enum(Rounding::class)], 'licence' => ['nullable', Rule::enum(Licence::class)], 'named' => ['nullable', 'in:0,1']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_fill_keys(['place.*', 'licence.*', 'named.*'], __('Choose one of these.'));
    }

    public function rounding(): Rounding
    {
        return $this->enum('place', Rounding::class) ?? Rounding::Quarter;
    }

    public function licence(): Licence
    {
        return $this->enum('licence', Licence::class) ?? Licence::By;
    }

    public function isNamed(): bool
    {
        return $this->input('named') === '1';
    }

    protected function getRedirectUrl(): string
    {
        /** @var Event $event */
        $event = $this->route('event');

        return route('logbook.dataset', $event);
    }
}
