<?php

declare(strict_types=1);

namespace App\Http\Requests\Sky;

use Illuminate\Foundation\Http\FormRequest;

/** A point of the map. */
final class PointRequest extends FormRequest
{
    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lat.*' => __('The latitude is a number from −90 (south) to 90 (north).'),
            'lon.*' => __('The longitude is a number from −180 (west) to 180 (east).'),
        ];
    }

    protected function getRedirectUrl(): string
    {
        return route('sky.map', $this->route('event'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['lat' => ['required', 'numeric', 'between:-90,90'], 'lon' => ['required', 'numeric', 'between:-180,180']];
    }
}
