<?php

declare(strict_types=1);

namespace App\Drawings\Viewers;

use App\Drawings\Sky\DiscSample;
use KeenShadow\Core\Sky\LocalView;
use KeenShadow\Core\Viewers\Pinhole;
use KeenShadow\Core\Viewers\ScreenSide;

/**
 * The Sun's image on a viewer's screen in millimetres, as large and as soft as it will be; y runs downwards.
 *
 * The image is upside down; left and right change sides only for someone who looks at a translucent screen from behind.
 */
final readonly class ScreenImage
{
    private const WIDEST_MM = 90.0;
    /** A disc of width b blurs like a Gaussian of standard deviation b/4. */
    private const SIGMA_OF_WIDTH = 0.25;

    private function __construct(
        public float $frameMm,
        public float $cornerMm,
        public float $sunRadiusMm,
        /** Just outside the Sun's edge, where the Moon's disc is cut off. */
        public float $limbMm,
        public float $moonXMm,
        public float $moonYMm,
        public float $moonRadiusMm,
        public float $sigmaMm,
        public int $reduction,
    ) {}

    public static function of(Pinhole $pinhole, LocalView $view, ScreenSide $side): self
    {
        $reduction = max(1, (int) ceil($pinhole->imageMm() / self::WIDEST_MM));
        $radius = $pinhole->imageMm() / 2 / $reduction;
        $blur = $pinhole->blurMm() / $reduction;
        $sky = DiscSample::of($view, '', '');

        $frame = round(2 * $radius + 2 * $blur + 2, 3);

        return new self(
            frameMm: $frame,
            cornerMm: -$frame / 2,
            sunRadiusMm: round($radius, 4),
            limbMm: round($radius * 1.01, 4),
            moonXMm: round(($side->flipsLeftAndRight() ? -1 : 1) * $sky->x * $radius, 4),
            moonYMm: round($sky->y * $radius, 4),
            moonRadiusMm: round($sky->ratio * $radius, 4),
            sigmaMm: round(self::SIGMA_OF_WIDTH * $blur, 4),
            reduction: $reduction,
        );
    }
}
