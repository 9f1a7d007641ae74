<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Drawings\Site\ShadeDrawing;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/** The minutes of an event over which the shade is shown, and the shade at the maximum to begin with. */
final readonly class ShadeSlider
{
    private function __construct(
        public int $minutes,
        public int $minute,
        public ShadeDrawing $drawing,
    ) {}

    public static function of(SunlitSite $site): self
    {
        $begin = (int) $site->here->spanBegins()->format('U');
        $best = $site->here->bestVisible()->time();

        return new self(
            intdiv((int) $site->here->spanEnds()->format('U') - $begin, 60),
            intdiv((int) $best->format('U') - $begin, 60),
            ShadeDrawing::of($site, $best),
        );
    }
}
