<?php

declare(strict_types=1);

namespace App\Http\Requests\Viewers;

use KeenShadow\Core\Viewers\ScreenSide;

/** Lengths that are being tried out: a viewer without a name. */
final class PreviewRequest extends ViewerRequest
{
    public function rules(): array
    {
        return self::sizes();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::sizeMessages();
    }

    public function side(): ScreenSide
    {
        return ScreenSide::from($this->string('screen_side')->toString());
    }
}
