<?php

declare(strict_types=1);

namespace App\Drawings\Viewers;

use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Pattern\Hole;
use KeenShadow\Core\Viewers\Size;

/** A card with holes as the Sun sees it, and the images that they throw as somebody sees them with the Sun at their back: both at one scale. Pixels. */
final readonly class PatternDrawing
{
    private const WIDEST_PX = 640.0;
    private const HIGHEST_PX = 320.0;
    /** A blur of width b is drawn as a Gaussian of standard deviation b/4, that of a disc so wide. */
    private const SIGMA = 0.25;

    /**
     * @param list<array{x: float, y: float}> $holes middles from the card's upper left corner
     * @param float $holePx radius of a hole
     * @param float $sunPx radius of an image
     */
    private function __construct(
        public float $pxPerMm,
        public float $widthPx,
        public float $heightPx,
        public array $holes,
        public float $holePx,
        public float $sunPx,
        public float $blurPx,
        public int $flipX,
        public int $flipY,
    ) {}

    public static function of(Design $design, Light $light): self
    {
        $pattern = $design->pattern($light);
        $image = $design->image($light);
        $px = min(self::WIDEST_PX / $pattern->widthMm, self::HIGHEST_PX / $pattern->heightMm);
        $turn = $design->turn();

        return new self(
            pxPerMm: $px,
            widthPx: round($pattern->widthMm * $px, 2),
            heightPx: round($pattern->heightMm * $px, 2),
            holes: array_map(static fn(Hole $hole): array => ['x' => round($hole->rightMm * $px, 2), 'y' => round($hole->downMm * $px, 2)], $pattern->holes),
            holePx: max(0.8, round((float) $design->mm(Size::Hole) / 2 * $px, 2)),
            sunPx: round($image->diameterMm / 2 * $px, 2),
            blurPx: round(self::SIGMA * $image->blurMm() * $px, 2),
            flipX: $turn->flipsLeftAndRight() ? -1 : 1,
            flipY: $turn->flipsUpAndDown() ? -1 : 1,
        );
    }
}
