<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

/** Where the screen is: how much light besides the image falls on it. */
enum Surroundings: string
{
    case Open = 'open';
    case OwnShadow = 'own_shadow';
    case Box = 'box';
    case LinedTube = 'lined_tube';

    /**
     * Stray light on the screen, as a share of what the Sun gives a surface turned to it (own judgement after common practice:
     * the sky gives about 15 % beside the shadow of a card; a body takes most of it away; a box lets in what comes by its
     * window; a dark lining swallows that too).
     */
    public function strayShare(): float
    {
        return match ($this) {
            self::Open => 0.15,
            self::OwnShadow => 0.05,
            self::Box => 0.003,
            self::LinedTube => 0.0003,
        };
    }

    /** The next darker ones, null where there are none. */
    public function darker(): ?self
    {
        return match ($this) {
            self::Open => self::OwnShadow,
            self::OwnShadow => self::Box,
            self::Box => self::LinedTube,
            self::LinedTube => null,
        };
    }

    public function strayLx(float $sunLx): float
    {
        return $this->strayShare() * $sunLx;
    }
}
