<?php

declare(strict_types=1);

namespace App\Http\Requests\Site;

use KeenShadow\Core\Site\Shadow\LongTube;

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
            'pole_m.*' => __('Height of what throws the shadow: “:input” is not a height from 0 to 100 m.'),
            'tube_m.*' => __('Tube: “:input” is not a length from 0.05 to :most m.', ['most' => LongTube::MOST_LENGTH_M]),
            'lower_end_m.*' => __('Lower end: “:input” is not a height from 0 to :most m.', ['most' => LongTube::MOST_LENGTH_M]),
            'prop_m.*' => __('Prop: “:input” is not a length from 0.05 to :most m.', ['most' => LongTube::MOST_LENGTH_M]),
        ] + parent::messages();
    }
}
