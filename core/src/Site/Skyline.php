<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site;

use KeenShadow\Core\Geometry\Angle;

/**
 * What bounds the sky for one eye: obstacles and far horizon as an altitude against azimuth.
 *
 * A wall from p to q, seen from the eye in direction u, is met at the distance (p × (q − p)) / (u × (q − p)); it reaches
 * up to atan((height − eye) / distance). Of several the highest counts.
 */
final readonly class Skyline
{
    /** Whatever reaches this close to the zenith is overhead. */
    private const OVERHEAD_DEG = 90.0;

    /**
     * @param list<WallSeen> $walls
     * @param array<int, list<int>> $byDegree walls that can be met in each whole degree of azimuth
     * @param array<int, float> $ceilings altitude that none of them exceeds there
     * @param string|null $cover name of what the eye stands under
     */
    private function __construct(
        private array $walls,
        private array $byDegree,
        private array $ceilings,
        private HorizonProfile $horizon,
        public ?string $cover,
    ) {}

    /**
     * @param list<Thing> $obstacles
     * @param float $grownM by how much each is taken to be higher, nearer and wider, for the doubt
     * @param AzimuthSpan|null $within the only directions that will be looked in, null for all round
     */
    public static function from(PlanPoint $point, float $eyeM, array $obstacles, HorizonProfile $horizon, float $grownM = 0.0, ?AzimuthSpan $within = null): self
    {
        $walls = $byDegree = $ceilings = [];
        $cover = null;
        foreach ($obstacles as $obstacle) {
            $above = $obstacle->heightM + ($obstacle->heightM > 0 ? $grownM : 0.0) - $eyeM;
            if ($above <= 0 || $within?->mayMeet($point, $obstacle, $grownM) === false) {
                continue;
            }
            if ($obstacle->contains($point)) {
                $cover ??= $obstacle->name;
            }
            // Of a closed outline only the walls that look to the eye are met first.
            $near = $obstacle->kind === ThingKind::Wall ? 0 : ($obstacle->isClockwise ? 1 : -1);
            foreach ($obstacle->edges as [$a, $b]) {
                if ($near * PlanLines::side($a, $b, $point) < 0) {
                    continue;
                }
                $wall = WallSeen::from($point, $a, $b, $above, $obstacle->name, $grownM);
                if ($wall === null) {
                    continue;
                }
                $index = count($walls);
                $walls[] = $wall;
                for ($deg = (int) floor($wall->fromDeg), $last = (int) floor($wall->fromDeg + $wall->widthDeg); $deg <= $last; ++$deg) {
                    $degree = ($deg + 720) % 360;
                    $byDegree[$degree][] = $index;
                    $ceilings[$degree] = max($ceilings[$degree] ?? 0.0, $wall->highestDeg);
                }
            }
        }

        return new self($walls, $byDegree, $ceilings, $horizon, $cover);
    }

    /** Nothing but a level horizon. */
    public static function level(): self
    {
        return new self([], [], [], HorizonProfile::level(), null);
    }

    /** Apparent altitude of the edge of the sky. */
    public function altitudeDegAt(float $azimuthDeg): float
    {
        if ($this->cover !== null) {
            return self::OVERHEAD_DEG;
        }
        $azimuth = Angle::positiveDeg($azimuthDeg);
        $steepest = 0.0;
        foreach ($this->byDegree[(int) $azimuth] ?? [] as $index) {
            $slope = $this->walls[$index]->slopeAt($azimuth);
            $steepest = $slope > $steepest ? $slope : $steepest;
        }
        $near = $steepest > 0 ? rad2deg(atan($steepest)) : -self::OVERHEAD_DEG;

        return $near >= $this->horizon->highestDeg ? $near : max($near, $this->horizon->altitudeDegAt($azimuth));
    }

    /** What bounds the sky there: an obstacle's name, or null for the far horizon. */
    public function boundAt(float $azimuthDeg): ?string
    {
        if ($this->cover !== null) {
            return $this->cover;
        }
        $azimuth = Angle::positiveDeg($azimuthDeg);
        $steepest = tan(deg2rad(max(0.0, $this->horizon->altitudeDegAt($azimuth))));
        $name = null;
        foreach ($this->byDegree[(int) $azimuth] ?? [] as $index) {
            $slope = $this->walls[$index]->slopeAt($azimuth);
            if ($slope > $steepest) {
                $steepest = $slope;
                $name = $this->walls[$index]->name;
            }
        }

        return $name;
    }

    /**
     * How much of the Sun's disc stands above the skyline. It is tried at seven places across the disc, both limbs
     * among them: upright edges and level ones are met exactly, slanting ones within a small part of the disc.
     */
    public function sightOf(SunPlace $sun): Sight
    {
        if ($this->cover !== null) {
            return Sight::Hidden;
        }
        if ($sun->altitudeDeg - $sun->semidiameterDeg > $this->ceilingDegAbout($sun)) {
            return Sight::Clear;
        }
        $clear = $covered = true;
        foreach ([0.0, -1.0, 1.0, -0.7, 0.7, -0.35, 0.35] as $across) {
            $half = $sun->semidiameterDeg * sqrt(1 - $across ** 2);
            $edge = $this->altitudeDegAt($sun->azimuthDeg + $across * $sun->semidiameterDeg / max(0.01, cos(deg2rad($sun->altitudeDeg))));
            $clear = $clear && $edge <= $sun->altitudeDeg - $half;
            $covered = $covered && $edge >= $sun->altitudeDeg + $half;
            if (!$clear && !$covered) {
                return Sight::Partly;
            }
        }

        return $clear ? Sight::Clear : Sight::Hidden;
    }

    /** An altitude that nothing exceeds within a degree of the Sun's azimuth; most looks need no closer one. */
    private function ceilingDegAbout(SunPlace $sun): float
    {
        $degree = (int) Angle::positiveDeg($sun->azimuthDeg);
        // Near the zenith the disc is wider than a degree of azimuth.
        if ($sun->altitudeDeg > 60) {
            return self::OVERHEAD_DEG;
        }

        return max($this->horizon->highestDeg, $this->ceilings[($degree + 359) % 360] ?? 0.0, $this->ceilings[$degree] ?? 0.0, $this->ceilings[($degree + 1) % 360] ?? 0.0);
    }

    /** What stands before the Sun, or null for the far horizon. */
    public function boundBefore(SunPlace $sun): ?string
    {
        $highest = -90.0;
        $name = null;
        foreach ([0.0, -1.0, 1.0, -0.7, 0.7] as $across) {
            $azimuth = $sun->azimuthDeg + $across * $sun->semidiameterDeg / max(0.01, cos(deg2rad($sun->altitudeDeg)));
            $altitude = $this->altitudeDegAt($azimuth);
            if ($altitude > $highest) {
                $highest = $altitude;
                $name = $this->boundAt($azimuth);
            }
        }

        return $name;
    }

    /** How far the lower limb stands above the skyline, in degrees; negative when something is before the Sun. */
    public function marginDeg(SunPlace $sun): float
    {
        return $sun->altitudeDeg - $sun->semidiameterDeg - $this->altitudeDegAt($sun->azimuthDeg);
    }

    /** @return list<WallSeen> farthest first, as they are painted */
    public function walls(): array
    {
        $walls = $this->walls;
        usort($walls, static fn(WallSeen $a, WallSeen $b): int => $b->nearestM <=> $a->nearestM);

        return $walls;
    }
}
