<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Picture;

use KeenShadow\Core\Geometry\Bisection;
use KeenShadow\Core\Geometry\TwoCircles;
use KeenShadow\Core\Sky\LimbDarkening;
use KeenShadow\Core\Sky\LocalView;
use KeenShadow\Core\Viewers\Turn;

/** The Sun with the Moon before it as they stand on a screen, in radii of the Sun; x to the right, y up. */
final readonly class BittenSun
{
    private function __construct(
        public float $moonX,
        public float $moonY,
        public float $moonRadius,
    ) {}

    public static function seen(LocalView $view, Turn $turn): self
    {
        return self::turned($view->separation(), $view->moonFromZenithDeg(), $view->diameterRatio(), $turn);
    }

    /** With a Moon as wide as the Sun that covers so much of its area; in the sky it stands to the right of the Sun and above it. */
    public static function covered(float $obscuration, Turn $turn): self
    {
        $apart = match (true) {
            $obscuration <= 0.0 => 2.0,
            $obscuration >= 1.0 => 0.0,
            default => Bisection::edge(static fn(float $distance): bool => TwoCircles::coveredFraction(1.0, 1.0, $distance) > $obscuration, 0.0, 2.0, 1e-9),
        };

        return self::turned($apart, -45.0, 1.0, $turn);
    }

    /** Over that of the middle of a whole Sun. */
    public function brightness(float $x, float $y): float
    {
        return hypot($x - $this->moonX, $y - $this->moonY) < $this->moonRadius ? 0.0 : LimbDarkening::at(hypot($x, $y));
    }

    /** Whether the edge of the Sun or of the Moon may lie within so many radii of a point. */
    public function isNearAnEdge(float $x, float $y, float $within): bool
    {
        return abs(hypot($x, $y) - 1) < $within || abs(hypot($x - $this->moonX, $y - $this->moonY) - $this->moonRadius) < $within;
    }

    /** @param float $fromZenithDeg runs anticlockwise in the sky, where x runs to the right of someone who faces the Sun */
    private static function turned(float $apart, float $fromZenithDeg, float $moonRadius, Turn $turn): self
    {
        $x = -$apart * sin(deg2rad($fromZenithDeg));
        $y = $apart * cos(deg2rad($fromZenithDeg));

        return new self($turn->flipsLeftAndRight() ? -$x : $x, $turn->flipsUpAndDown() ? -$y : $y, $moonRadius);
    }
}
