<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

/** Which mirror throws on which screen, how large its opening and the screen are. */
final class MirrorRequest extends MomentRequest
{
    public function usual(): array
    {
        return ['opening_mm' => 20.0, 'screen_m' => 1.2];
    }

    public function rules(): array
    {
        return [
            'mirror' => ['nullable', 'string', 'max:80'],
            'screen' => ['nullable', 'string', 'max:80'],
            'opening_mm' => ['nullable', 'numeric', 'between:1,500'],
            'screen_m' => ['nullable', 'numeric', 'between:0.1,20'],
        ] + parent::rules();
    }

    public function messages(): array
    {
        return [
            'mirror.*' => __('Choose a mirror from the list.'),
            'screen.*' => __('Choose a screen from the list.'),
            'opening_mm.*' => __('Opening: “:input” is not a width from 1 to 500 mm.'),
            'screen_m.*' => __('Screen: “:input” is not a width from 0.1 to 20 m.'),
        ] + parent::messages();
    }
}
