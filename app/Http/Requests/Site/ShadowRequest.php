<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use KeenShadow\Core\Site\LongTube;

/** Who and what throws shadows, and the tube that points at the Sun. */
final class ShadowRequest extends MomentRequest
{
    public function usual(): array
    {
        return ['pole_m' => 1.7, 'tube_m' => 0.9, 'lower_end_m' => 1.1, 'prop_m' => 0.6];
    }

    public function rules(): array
    {
        $length = ['nullable', 'numeric', 'between:0.05,' . LongTube::MOST_LENGTH_M];

        return ['pole_m' => ['nullable', 'numeric', 'between:0,100'], 'tube_m' => $length, 'lower_end_m' => ['nullable', 'numeric', 'between:0,' . LongTube::MOST_LENGTH_M], 'prop_m' => $length] + parent::rules();
    }

    public function messages(): array
    {
        return [
            'pole_m.*' => __('The height is a number from 0 to 100 m.'),
            '*.between' => __('This is a number from 0.05 to :most m.', ['most' => LongTube::MOST_LENGTH_M]),
        ] + parent::messages();
    }
}
