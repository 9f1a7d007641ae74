<?php

declare(strict_types=1);

namespace App\Drawings\Viewers;

use App\Drawings\Tick;
use App\Text\Numbers;
use KeenShadow\Core\Rules\ImageQuality;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\TradeOff;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Optics\PinholeCriterion;
use KeenShadow\Core\Viewers\Size;

/**
 * Sharpness and brightness against the width of the opening, on a logarithmic scale of widths: details across the disc from 0
 * at the bottom, illuminance in decades. Pixels, y downwards.
 */
final readonly class TradeOffCurve
{
    public const WIDTH_PX = 640.0;
    public const HEIGHT_PX = 190.0;
    private const WIDTHS_MM = [0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];

    /**
     * @param string $details points of the curve
     * @param string $lux points of the curve
     * @param list<Tick> $widths
     * @param list<Tick> $sharpness
     * @param list<Tick> $brightness
     * @param list<Tick> $best the best holes of the schools
     * @param float $fewestY below it a crescent looks like a blob
     * @param float|null $blindX from it on the hole is wider than the image; null where that is not on the curve
     * @param float $hereMm the design's own opening
     * @param float $hereX where that is
     * @param float $hereDetailsY
     * @param float $hereLuxY
     * @param float $leastMm at the left edge
     * @param float $mostMm at the right edge
     */
    private function __construct(
        public string $details,
        public string $lux,
        public array $widths,
        public array $sharpness,
        public array $brightness,
        public array $best,
        public float $fewestY,
        public ?float $blindX,
        public float $hereMm,
        public float $hereX,
        public float $hereDetailsY,
        public float $hereLuxY,
        public float $leastMm,
        public float $mostMm,
    ) {}

    public static function of(Design $design, Light $light): self
    {
        $points = TradeOff::of($design, $light)->points;
        $here = (float) $design->mm($design->opening());
        $image = $design->image($light);
        [$least, $most] = [min($here, $points[0]['mm']), max($here, $points[count($points) - 1]['mm'])];
        $x = static fn(float $mm): float => round(self::WIDTH_PX * log($mm / $least) / max(1e-9, log($most / $least)), 2);
        $mostDetails = max($image->detailsAcross(), ImageQuality::FEWEST_DETAILS + 1, ...array_map(static fn(array $p): float => $p['image']->detailsAcross(), $points));
        $top = 10 ** ceil(log10(max(1.0, $image->illuminanceLx, ...array_map(static fn(array $p): float => $p['image']->illuminanceLx, $points))));
        $decades = 4;
        $detailsY = static fn(float $details): float => round(self::HEIGHT_PX * (1 - $details / $mostDetails), 2);
        $luxY = static fn(float $lux): float => round(self::HEIGHT_PX * min(1.0, log10($top / max(1e-9, $lux)) / $decades), 2);

        return new self(
            details: implode(' ', array_map(static fn(array $p): string => $x($p['mm']) . ',' . $detailsY($p['image']->detailsAcross()), $points)),
            lux: implode(' ', array_map(static fn(array $p): string => $x($p['mm']) . ',' . $luxY($p['image']->illuminanceLx), $points)),
            widths: array_map(static fn(float|int $mm): Tick => new Tick($x((float) $mm), Numbers::about((float) $mm, 1)), array_values(array_filter(self::WIDTHS_MM, static fn(float|int $mm): bool => $mm >= $least && $mm <= $most))),
            sharpness: self::sharpness($mostDetails, $detailsY),
            brightness: array_map(static fn(int $decade): Tick => new Tick($luxY($top / 10 ** $decade), Numbers::about($top / 10 ** $decade, 1)), range(0, $decades)),
            best: self::best($design, $light, $x),
            fewestY: $detailsY(ImageQuality::FEWEST_DETAILS),
            blindX: $design->kind()->isHole() && $image->diameterMm < $most ? $x($image->diameterMm) : null,
            hereMm: $here,
            hereX: $x($here),
            hereDetailsY: $detailsY($image->detailsAcross()),
            hereLuxY: $luxY($image->illuminanceLx),
            leastMm: $least,
            mostMm: $most,
        );
    }

    public function blindWidth(): float
    {
        return self::WIDTH_PX - ($this->blindX ?? self::WIDTH_PX);
    }

    /** Whether there is room to say so. */
    public function saysBlind(): bool
    {
        return $this->blindWidth() > 120;
    }

    public function blobHeight(): float
    {
        return self::HEIGHT_PX - $this->fewestY;
    }

    public function blobTextY(): float
    {
        return min(self::HEIGHT_PX - 5, $this->fewestY + 14);
    }

    /**
     * @param callable(float): float $y
     *
     * @return list<Tick>
     */
    private static function sharpness(float $most, callable $y): array
    {
        $step = max(1.0, 10 ** floor(log10($most / 2)));
        $step *= $most / $step > 12 ? 5 : ($most / $step > 5 ? 2 : 1);

        return array_map(static fn(int $i): Tick => new Tick($y($i * $step), Numbers::decimal($i * $step)), range(1, max(1, (int) floor($most / $step))));
    }

    /**
     * @param callable(float): float $x
     *
     * @return list<Tick>
     */
    private static function best(Design $design, Light $light, callable $x): array
    {
        return $design->kind()->isHole()
            ? array_map(static fn(PinholeCriterion $school): Tick => new Tick($x($school->bestHoleMm((float) $design->mm(Size::Distance), $light)), (string) $school->constant()), PinholeCriterion::cases())
            : [];
    }
}
