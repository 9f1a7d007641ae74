<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

/**
 * From which side the image is seen.
 *
 * A hole turns the image by 180° for someone behind a translucent screen who faces the Sun. Someone who looks at an
 * opaque screen with the Sun at their back has turned round as well: for them it is upside down and left stays left.
 */
enum ScreenSide: string
{
    case Front = 'front';
    case Behind = 'behind';

    /** Where a direction in the sky, seen facing the Sun (x to the right, y up), points on the screen. */
    public function flipsLeftAndRight(): bool
    {
        return $this === self::Behind;
    }
}
