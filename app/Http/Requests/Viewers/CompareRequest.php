<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use App\Models\Event;
use App\Models\Viewers\Viewer;
use Illuminate\Foundation\Http\FormRequest;

/** Two to four designs of one event side by side. */
final class CompareRequest extends FormRequest
{
    public const LEAST = 2;
    public const MOST = 4;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['viewers' => ['required', 'array', 'between:' . self::LEAST . ',' . self::MOST], 'viewers.*' => ['integer', 'between:1,999999999999999999', 'distinct']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['viewers*' => __('Tick two to four designs to compare.')];
    }

    /** @return list<Viewer> those of the event, in the order of their names */
    public function viewers(Event $event): array
    {
        return array_values($event->viewers()->whereKey((array) $this->input('viewers'))->orderBy('name')->get()->all());
    }

    /** Never to the same question again. */
    protected function getRedirectUrl(): string
    {
        return route('viewers.index', $this->route('event'));
    }
}
