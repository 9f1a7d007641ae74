<?php

declare(strict_types=1);

namespace App\Drawings\Viewers;

use KeenShadow\Core\Viewers\Optics\ThrownImage;
use KeenShadow\Core\Viewers\Picture\SimulatedImage;

/** How large the simulated picture is drawn so that the Sun in it has its true size; a large one is drawn at one to so many. */
final readonly class TrueSize
{
    private const WIDEST_MM = 60.0;
    private const BARS_MM = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000];

    private function __construct(
        public float $frameMm,
        public int $oneTo,
        public int $barMm,
    ) {}

    public static function of(ThrownImage $image): self
    {
        $frameMm = SimulatedImage::frameOf($image);
        $oneTo = 1;
        foreach ([1, 2, 5, 10, 20, 50, 100, 200, 500] as $step) {
            $oneTo = $frameMm / $oneTo > self::WIDEST_MM ? $step : $oneTo;
        }
        $bar = self::BARS_MM[0];
        foreach (self::BARS_MM as $mm) {
            $bar = $mm <= $frameMm * 0.6 ? $mm : $bar;
        }

        return new self(round($frameMm / $oneTo, 3), $oneTo, $bar);
    }

    /** Length of the scale bar on the page. */
    public function barOnPageMm(): float
    {
        return $this->barMm / $this->oneTo;
    }
}
