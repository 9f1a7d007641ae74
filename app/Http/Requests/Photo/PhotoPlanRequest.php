<?php

declare(strict_types=1);

namespace App\Http\Requests\Photo;

use App\Http\Requests\ReadsEdits;
use App\Models\Event;
use App\Models\Photo\PhotoPlan;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Photo\Programme\ProgrammeRecord;

/** A camera's plan: kit and programme with a name. */
final class PhotoPlanRequest extends ProgrammeRequest
{
    use ReadsEdits;

    public function rules(): array
    {
        $event = $this->route('event');
        $plan = $this->route('photoPlan');

        return [
            ...$this->editRules(),
            'name' => ['required', 'string', 'max:60', Rule::unique('photo_plans')->where('event_id', $event instanceof Event ? $event->id : 0)->withoutTrashed()->ignore($plan instanceof PhotoPlan ? $plan->uuid : $this->uuid(), 'uuid')],
            ...parent::rules(),
        ];
    }

    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'name.unique' => __('This event has a camera of that name already.'),
            'name.*' => __('Give it a name of at most 60 letters.'),
            ...parent::messages(),
        ];
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        $optics = $this->outfit()->camera->isPhone() ? null : $this->kit('optics');

        return [
            'name' => $this->string('name')->toString(),
            'camera_id' => $this->kit('camera')?->id,
            'optics_id' => $optics?->id,
            'filter_id' => $this->kit('filter')?->id,
            'mount_id' => $this->kit('mount')?->id,
            'programme' => ProgrammeRecord::write($this->programme()),
        ];
    }
}
