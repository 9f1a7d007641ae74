<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use App\Http\Requests\ReadsEdits;
use App\Models\Event;
use App\Models\Viewers\Viewer;
use Illuminate\Validation\Rule;

/** A viewer: a design with its name. */
final class ViewerRequest extends DesignRequest
{
    use ReadsEdits;

    public function rules(): array
    {
        $event = $this->route('event');
        $viewer = $this->route('viewer');

        return [
            ...$this->editRules(),
            'name' => ['required', 'string', 'max:' . Viewer::LONGEST_NAME, Rule::unique('viewers')->where('event_id', $event instanceof Event ? $event->id : 0)->withoutTrashed()->ignore($viewer instanceof Viewer ? $viewer->uuid : $this->uuid(), 'uuid')],
            ...parent::rules(),
        ];
    }

    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'name.required' => __('Give the viewer a name.'),
            'name.unique' => __('This event has a viewer of that name already.'),
            ...parent::messages(),
        ];
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        return ['name' => $this->string('name')->toString(), 'design' => $this->design()];
    }
}
