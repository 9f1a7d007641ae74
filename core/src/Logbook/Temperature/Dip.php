<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Temperature;

use KeenShadow\Core\Geometry\PolynomialFit;
use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Series;

/**
 * The lowest point of a response together with what it leaves, which is smoothed by cubics through the readings around. A wide window
 * tames the noise and blurs; a narrow one does neither: the widest is taken that agrees with all narrower ones, within twice their
 * standard deviation (intersection of confidence intervals; Goldenshluger & Nemirovski, Math. Methods Statist. 6 (1997) 135).
 */
final readonly class Dip
{
    private const HALF_WIDTHS_MIN = [6, 8, 11, 15, 20, 27, 36];
    /** Of the eclipse: wider windows see more of the curve than a cubic follows. */
    private const MOST_SHARE = 0.25;
    /** In a window. */
    public const LEAST_READINGS = 7;
    private const LEAST_ON_A_SIDE = 2;
    private const AGREE_SD = 2.0;
    private const SCAN_S = 10.0;
    private const BEND_S = 240.0;
    private const ROUNDS = 6;
    /** Minutes after last contact to which a minimum is looked for. */
    private const AFTER_S = 1800.0;
    /** A lowest point this near to the end of its window, as a share, is none. */
    private const EDGE = 0.9;

    private function __construct(
        public float $atS,
        public float $atVariance,
        public float $value,
        public float $variance,
        public float $bend,
    ) {}

    /**
     * @param Response $response taken off before smoothing and put back
     *
     * @return self|null null where no window has a lowest point inside
     */
    public static function in(Series $cooling, Response $response, EclipseTimes $times, float $variance): ?self
    {
        $rest = $cooling->between($times->c1S, $times->c4S + self::AFTER_S)->map(static fn(float $atS, float $value): float => $value - $response->at($atS));
        $mostS = self::MOST_SHARE * ($times->c4S - $times->c1S);
        $startS = self::start($rest, $response, $mostS);
        $lowest = $startS === null ? null : self::widest($mostS, static fn(float $halfWidthS): ?array => self::lowest($rest, $response, $startS, $halfWidthS, $variance));
        if ($lowest === null) {
            return null;
        }
        [$atS, $atVariance, $bend] = $lowest;
        $value = self::widest($mostS, static function (float $halfWidthS) use ($rest, $response, $atS, $variance): ?array {
            $fit = self::local($rest, $atS, $halfWidthS, 2, $variance);

            return $fit === null ? null : [$response->at($atS) + $fit->polynomial->at(0.0), $fit->variance(0.0), 0.0];
        });

        return $value === null ? null : new self($atS, $atVariance, $value[0], $value[1], $bend);
    }

    /**
     * @param callable(float): (array{float, float, float}|null) $of what a window of a half width says: a number, its variance and something more
     *
     * @return array{float, float, float}|null
     */
    private static function widest(float $mostS, callable $of): ?array
    {
        $chosen = null;
        [$low, $high] = [-INF, INF];
        foreach (self::HALF_WIDTHS_MIN as $halfWidthMin) {
            $found = 60.0 * $halfWidthMin <= $mostS ? $of(60.0 * $halfWidthMin) : null;
            if ($found !== null) {
                $low = max($low, $found[0] - self::AGREE_SD * sqrt($found[1]));
                $high = min($high, $found[0] + self::AGREE_SD * sqrt($found[1]));
                if ($low > $high) {
                    break;
                }
                $chosen = $found;
            }
        }

        return $chosen;
    }

    /** Where both are lowest, roughly. */
    private static function start(Series $rest, Response $response, float $mostS): ?float
    {
        [$at, $lowest] = [null, INF];
        foreach ($rest->atS as $atS) {
            $value = $response->at($atS) + (self::local($rest, $atS, $mostS, 2, 1.0)?->polynomial->at(0.0) ?? INF);
            if ($value < $lowest) {
                [$at, $lowest] = [$atS, $value];
            }
        }

        return $at;
    }

    /** @return array{float, float, float}|null moment, its variance in s², the second derivative in K/h² */
    private static function lowest(Series $rest, Response $response, float $startS, float $halfWidthS, float $variance): ?array
    {
        $atS = $startS;
        $found = null;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $fit = self::local($rest, $atS, $halfWidthS, 3, $variance);
            if ($fit === null) {
                return null;
            }
            $sum = static fn(float $s): float => $response->at($atS + $s) + $fit->polynomial->at($s / 3600);
            $byS = 0.0;
            for ($s = -$halfWidthS; $s <= $halfWidthS; $s += self::SCAN_S) {
                $byS = $sum($s) < $sum($byS) ? $s : $byS;
            }
            if (abs($byS) > self::EDGE * $halfWidthS) {
                return null;
            }
            $bend = ($sum($byS - self::BEND_S) - 2 * $sum($byS) + $sum($byS + self::BEND_S)) / (self::BEND_S / 3600) ** 2;
            $found = $bend <= 0.0 ? null : [$atS + $byS, $fit->slopeVariance($byS / 3600) / $bend ** 2 * 3600 ** 2, $bend];
            if ($byS === 0.0 || $found === null) {
                break;
            }
            $atS += $byS;
        }

        return $found;
    }

    /** @param int<1, 3> $degree */
    private static function local(Series $rest, float $atS, float $halfWidthS, int $degree, float $variance): ?PolynomialFit
    {
        $near = $rest->between($atS - $halfWidthS, $atS + $halfWidthS);
        $hours = array_map(static fn(float $s): float => ($s - $atS) / 3600, $near->atS);
        $before = count(array_filter($hours, static fn(float $h): bool => $h < 0.0));
        $after = count(array_filter($hours, static fn(float $h): bool => $h > 0.0));
        if ($near->count() < self::LEAST_READINGS || min($before, $after) < self::LEAST_ON_A_SIDE) {
            return null;
        }

        return PolynomialFit::of($hours, $near->values, array_fill(0, $near->count(), 1 / $variance), $degree);
    }
}
