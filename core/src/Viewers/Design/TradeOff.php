<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\ThrownImage;
use KeenShadow\Core\Viewers\ViewerException;

/** How sharp and how bright the image is for openings from much smaller to much larger than the design's, all else as it is. */
final readonly class TradeOff
{
    private const STEPS = 60;
    /** The curve reaches so many times as far up and down as the opening that it is drawn about. */
    private const REACH = 12.0;

    /** @param non-empty-list<array{mm: float, image: ThrownImage}> $points by the width of the opening */
    private function __construct(public array $points) {}

    /** @throws ViewerException when the design itself cannot be built */
    public static function of(Design $design, Light $light): self
    {
        $about = self::about($design, $light);
        $points = [];
        for ($i = 0; $i <= self::STEPS; ++$i) {
            $mm = $about * self::REACH ** (2 * $i / self::STEPS - 1);
            try {
                $points[] = ['mm' => $mm, 'image' => $design->with($design->opening(), $mm)->image($light)];
            } catch (ViewerException) {
                // Nobody can build this one: the curve ends before.
            }
        }

        return new self($points === [] ? [['mm' => $about, 'image' => $design->image($light)]] : $points);
    }

    /** Of a hole the best one, else the usual opening: the curve stays while one moves along it. */
    private static function about(Design $design, Light $light): float
    {
        return $design->kind()->isHole() ? Improvement::bestHole($design, $light) : (float) $design->build->usualMm($design->opening());
    }
}
