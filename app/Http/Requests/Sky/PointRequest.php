<?php

declare(strict_types=1);

namespace App\Http\Requests\Sky;

use Illuminate\Foundation\Http\FormRequest;

/** A point of the map. */
final class PointRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['lat' => ['required', 'numeric', 'between:-90,90'], 'lon' => ['required', 'numeric', 'between:-180,180']];
    }
}
