<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

/** From which side the image of a hole or a lens is seen: from the hole's with the Sun at one's back, or through a translucent screen. */
enum ScreenSide: string
{
    case Front = 'front';
    case Behind = 'behind';

    public function turn(): Turn
    {
        return $this === self::Front ? Turn::UpsideDown : Turn::HalfTurn;
    }
}
