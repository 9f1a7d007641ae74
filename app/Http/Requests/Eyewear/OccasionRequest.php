<?php

declare(strict_types=1);

namespace App\Http\Requests\Eyewear;

use Illuminate\Foundation\Http\FormRequest;
use KeenShadow\Core\Eyewear\Occasion;

/** A page of glasses, for an occasion; what makes no sense is the one that comes next. */
final class OccasionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    public function occasion(): ?Occasion
    {
        $asked = $this->input('occasion');

        return is_string($asked) ? Occasion::tryFrom($asked) : null;
    }
}
