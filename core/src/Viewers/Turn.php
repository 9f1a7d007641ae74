<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

/**
 * How an image on a screen stands to the Sun in the sky, for the person who looks at it upright.
 *
 * A hole or a lens turns the image by 180° for someone behind a translucent screen who faces the Sun. Someone who looks at an
 * opaque screen with the Sun at their back has turned round as well: for them it is upside down and left stays left. An
 * eyepiece turns it once more, and each flat mirror exchanges two sides.
 */
enum Turn: string
{
    case AsInTheSky = 'as_in_the_sky';
    case HalfTurn = 'half_turn';
    case UpsideDown = 'upside_down';
    case LeftForRight = 'left_for_right';

    public static function of(bool $flipsLeftAndRight, bool $flipsUpAndDown): self
    {
        return match ([$flipsLeftAndRight, $flipsUpAndDown]) {
            [false, false] => self::AsInTheSky,
            [true, true] => self::HalfTurn,
            [false, true] => self::UpsideDown,
            [true, false] => self::LeftForRight,
        };
    }

    public function flipsLeftAndRight(): bool
    {
        return $this === self::HalfTurn || $this === self::LeftForRight;
    }

    public function flipsUpAndDown(): bool
    {
        return $this === self::HalfTurn || $this === self::UpsideDown;
    }

    /** Turned by 180° besides. */
    public function halfTurned(): self
    {
        return self::of(!$this->flipsLeftAndRight(), !$this->flipsUpAndDown());
    }

    /** Seen in a flat mirror that stands upright. */
    public function mirrored(): self
    {
        return self::of(!$this->flipsLeftAndRight(), $this->flipsUpAndDown());
    }
}
