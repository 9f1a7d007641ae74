<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site;

use KeenShadow\Core\Geometry\Angle;

/**
 * The far horizon: hills, a town, the sea, as apparent altitudes against azimuth, straight between the points.
 *
 * One point is a level horizon of that altitude all round. Between two points more than 45° apart (own judgement)
 * nothing is known, and a level horizon at 0° is taken.
 */
final readonly class HorizonProfile
{
    public const MOST_POINTS = 5000;
    public const WIDEST_GAP_DEG = 45.0;

    public float $highestDeg;

    /** @param list<array{float, float}> $points azimuth 0 … 360 rising, altitude */
    private function __construct(public array $points)
    {
        // A gap is level.
        $this->highestDeg = max([0.0, ...array_column($points, 1)]);
    }

    public static function level(): self
    {
        return new self([]);
    }

    /**
     * @param list<array{float, float}> $points azimuth (−360 … 720, from north through east) and altitude in degrees, in any order
     *
     * @throws SiteException when a number is out of range, an azimuth comes twice, or there are too many
     */
    public static function of(array $points): self
    {
        if (count($points) > self::MOST_POINTS) {
            throw SiteException::tooMany('profile', self::MOST_POINTS);
        }
        $sorted = [];
        foreach ($points as [$azimuth, $altitude]) {
            if (!($azimuth >= -360 && $azimuth <= 720)) {
                throw SiteException::outOfRange('profile', 'an azimuth of the horizon', $azimuth, -360, 720);
            }
            if (!($altitude >= -10 && $altitude < 90)) {
                throw SiteException::outOfRange('profile', 'an altitude of the horizon', $altitude, -10, 89.9);
            }
            $sorted[] = [Angle::positiveDeg($azimuth), $altitude];
        }
        array_multisort(array_column($sorted, 0), SORT_NUMERIC, $sorted);
        $kept = [];
        foreach ($sorted as $point) {
            $before = $kept === [] ? null : $kept[count($kept) - 1];
            if ($before !== null && $before[0] === $point[0]) {
                // A profile that goes once around often ends with its first point.
                if ($before[1] === $point[1]) {
                    continue;
                }
                throw SiteException::azimuthTwice($point[0]);
            }
            $kept[] = $point;
        }

        return new self($kept);
    }

    public function altitudeDegAt(float $azimuthDeg): float
    {
        return $this->knownAltitudeDegAt($azimuthDeg) ?? 0.0;
    }

    /** Null where the profile says nothing. */
    public function knownAltitudeDegAt(float $azimuthDeg): ?float
    {
        $n = count($this->points);
        if ($n < 2) {
            return $this->points[0][1] ?? null;
        }
        $azimuth = Angle::positiveDeg($azimuthDeg);
        $low = 0;
        $high = $n;
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->points[$middle][0] <= $azimuth) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        [$fromAzimuth, $fromAltitude] = $this->points[($low + $n - 1) % $n];
        [$toAzimuth, $toAltitude] = $this->points[$low % $n];
        $gap = Angle::positiveDeg($toAzimuth - $fromAzimuth);
        $along = Angle::positiveDeg($azimuth - $fromAzimuth);
        if ($along === 0.0) {
            return $fromAltitude;
        }

        return $gap > self::WIDEST_GAP_DEG ? null : $fromAltitude + ($toAltitude - $fromAltitude) * $along / $gap;
    }
}
