<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use App\Http\Requests\ReadsEdits;
use App\Http\Requests\ReadsTypedNumbers;
use App\Models\Event;
use App\Models\Viewers\Viewer;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KeenShadow\Core\Viewers\Pinhole;
use KeenShadow\Core\Viewers\ScreenSide;

class ViewerRequest extends FormRequest
{
    use ReadsEdits;
    use ReadsTypedNumbers;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $event = $this->route('event');
        $viewer = $this->route('viewer');

        return [
            ...$this->editRules(),
            'name' => ['required', 'string', 'max:80', Rule::unique('viewers')->where('event_id', $event instanceof Event ? $event->id : 0)->withoutTrashed()->ignore($viewer instanceof Viewer ? $viewer->uuid : $this->uuid(), 'uuid')],
            ...self::sizes(),
        ];
    }

    /** @return array<string, list<mixed>> */
    public static function sizes(): array
    {
        return [
            'distance_mm' => ['required', 'numeric', 'between:' . Pinhole::LEAST_DISTANCE_MM . ',' . Pinhole::MOST_DISTANCE_MM],
            'hole_mm' => ['required', 'numeric', 'between:' . Pinhole::LEAST_HOLE_MM . ',' . Pinhole::MOST_HOLE_MM],
            'screen_side' => ['required', Rule::enum(ScreenSide::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->editMessages(),
            'name.required' => __('Give the viewer a name.'),
            'name.unique' => __('This event has a viewer of that name already.'),
            ...self::sizeMessages(),
        ];
    }

    /** @return array<string, string> */
    public static function sizeMessages(): array
    {
        return [
            'distance_mm.*' => __('The distance from hole to screen is a number from :least to :most mm.', ['least' => Pinhole::LEAST_DISTANCE_MM, 'most' => Pinhole::MOST_DISTANCE_MM]),
            'hole_mm.*' => __('The hole is a number from :least to :most mm.', ['least' => Pinhole::LEAST_HOLE_MM, 'most' => Pinhole::MOST_HOLE_MM]),
            'screen_side.*' => __('Choose from which side the screen is seen.'),
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->readNumbers(['distance_mm', 'hole_mm']);
    }
}
