<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Plan;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Site\SiteException;

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
    /** @var array<int, float> what the profile does not exceed in each whole degree of azimuth; 0 where there is none */
    private array $ceilingsDeg;
    /** @var array<int, float> what it does not fall below there; 0 where there is none */
    private array $floorsDeg;

    /** @param list<array{float, float}> $points azimuth 0 … 360 rising, altitude */
    private function __construct(public array $points)
    {
        // A gap is level.
        $this->highestDeg = max([0.0, ...array_column($points, 1)]);
        [$this->ceilingsDeg, $this->floorsDeg] = self::bounds($points);
    }

    public static function level(): self
    {
        return new self([]);
    }

    /**
     * @param list<array{float, float}> $points azimuth (−180 … 360, from north through east) and altitude in degrees, in any order
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
            if (!($azimuth >= -180 && $azimuth <= 360)) {
                throw SiteException::outOfRange('profile', 'azimuth_deg', $azimuth, -180, 360);
            }
            if (!($altitude >= -10 && $altitude < 90)) {
                throw SiteException::outOfRange('profile', 'altitude_deg', $altitude, -10, 89.9);
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

    /** An altitude that the profile does not exceed in that whole degree of azimuth. */
    public function ceilingDeg(float $azimuthDeg): float
    {
        return $this->ceilingsDeg[(int) Angle::positiveDeg($azimuthDeg)] ?? 0.0;
    }

    /** One that it does not fall below there. */
    public function floorDeg(float $azimuthDeg): float
    {
        return $this->floorsDeg[(int) Angle::positiveDeg($azimuthDeg)] ?? 0.0;
    }

    /** @return list<float> azimuths of the points within so many degrees to either side of one, and higher than an altitude */
    public function azimuthsDegWithin(float $azimuthDeg, float $halfDeg, float $aboveDeg): array
    {
        $n = count($this->points);
        if ($n < 2) {
            return [];
        }
        $found = [];
        $from = Angle::positiveDeg($azimuthDeg - $halfDeg);
        for ($i = $this->firstFrom($from), $k = 0; $k < $n; ++$i, ++$k) {
            [$azimuth, $altitude] = $this->points[$i % $n];
            if (Angle::positiveDeg($azimuth - $from) > 2 * $halfDeg) {
                break;
            }
            if ($altitude > $aboveDeg) {
                $found[] = $azimuth;
            }
        }

        return $found;
    }

    /** Null where the profile says nothing. */
    public function knownAltitudeDegAt(float $azimuthDeg): ?float
    {
        $n = count($this->points);
        if ($n < 2) {
            return $this->points[0][1] ?? null;
        }
        $azimuth = Angle::positiveDeg($azimuthDeg);
        $low = $this->firstFrom($azimuth);
        // A point just there counts as the one before.
        $low += $low < $n && $this->points[$low][0] === $azimuth ? 1 : 0;
        [$fromAzimuth, $fromAltitude] = $this->points[($low + $n - 1) % $n];
        [$toAzimuth, $toAltitude] = $this->points[$low % $n];
        $gap = Angle::positiveDeg($toAzimuth - $fromAzimuth);
        $along = Angle::positiveDeg($azimuth - $fromAzimuth);
        if ($along === 0.0) {
            return $fromAltitude;
        }

        return $gap > self::WIDEST_GAP_DEG ? null : $fromAltitude + ($toAltitude - $fromAltitude) * $along / $gap;
    }

    /** Number of the first point at an azimuth or beyond it, the count where there is none. */
    private function firstFrom(float $azimuth): int
    {
        $low = 0;
        $high = count($this->points);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->points[$middle][0] < $azimuth) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return array{array<int, float>, array<int, float>} the highest and the lowest in each degree
     */
    private static function bounds(array $points): array
    {
        if (count($points) < 2) {
            $level = array_fill(0, 360, $points[0][1] ?? 0.0);

            return [$level, $level];
        }
        $highest = $lowest = [];
        foreach ($points as $i => [$azimuth, $altitude]) {
            [$next, $nextAltitude] = $points[($i + 1) % count($points)];
            $gap = Angle::positiveDeg($next - $azimuth);
            // Between two points neither is exceeded; a gap is level.
            $between = $gap > self::WIDEST_GAP_DEG ? [$altitude, 0.0, $nextAltitude] : [$altitude, $nextAltitude];
            for ($degree = (int) floor($azimuth), $last = (int) floor($azimuth + $gap); $degree <= $last; ++$degree) {
                $highest[$degree % 360] = max($highest[$degree % 360] ?? -90.0, ...$between);
                $lowest[$degree % 360] = min($lowest[$degree % 360] ?? 90.0, ...$between);
            }
        }

        return [$highest, $lowest];
    }
}
