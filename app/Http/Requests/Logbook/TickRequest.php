<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Models\Event;
use App\Models\Viewers\Viewer;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Logbook\AfterTask;

/** Something is done, or is not after all; a viewer is kept or taken apart. */
final class TickRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var Event $event */
        $event = $this->route('event');
        $viewers = $event->viewers()->get()->map(static fn(Viewer $v): string => "viewer-{$v->id}")->all();
        $isViewer = str_starts_with($this->item(), 'viewer-');

        return ['item' => ['required', Rule::in([...array_column(AfterTask::cases(), 'value'), ...$viewers])], 'state' => ['nullable', Rule::in($isViewer ? ['kept', 'taken_apart'] : ['done'])]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_fill_keys(['item.*', 'state.*'], __('This form is not whole: load the page again.'));
    }

    public function item(): string
    {
        $item = $this->input('item');

        return is_string($item) ? $item : '';
    }

    public function state(): ?string
    {
        return $this->filled('state') ? $this->string('state')->toString() : null;
    }
}
