<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\PlanLines;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;

/** The walls around one eye, found by the stretches of azimuth in which they can be met: whole degrees, or tenths where there are very many. */
final readonly class WallsAround
{
    private const MANY = 500;

    /**
     * @param list<WallSeen> $walls the one that rises highest first, so that a look may stop where none can rise above what it has found
     * @param int $perDegree stretches to a degree
     * @param array<int, list<int>> $byStretch numbers of the walls in each
     * @param array<int, float> $ceilings altitude that none of them exceeds in each whole degree
     * @param string|null $cover name of what the eye stands under
     */
    private function __construct(
        private array $walls,
        private int $perDegree,
        private array $byStretch,
        private array $ceilings,
        public ?string $cover,
    ) {}

    public static function none(): self
    {
        return new self([], 1, [], [], null);
    }

    /**
     * @param list<Thing> $obstacles
     * @param float $grownM by how much each is taken to be higher, nearer and wider, for the uncertainty
     * @param AzimuthSpan|null $within the only directions that will be looked in, null for all round
     */
    public static function from(PlanPoint $point, float $eyeM, array $obstacles, float $grownM, ?AzimuthSpan $within): self
    {
        $walls = [];
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
                $wall = $near * PlanLines::side($a, $b, $point) < 0 ? null : WallSeen::from($point, $a, $b, $above, $obstacle->name, $grownM);
                if ($wall !== null) {
                    $walls[] = $wall;
                }
            }
        }

        usort($walls, static fn(WallSeen $a, WallSeen $b): int => $b->highestSlope <=> $a->highestSlope);
        $perDegree = count($walls) > self::MANY ? 10 : 1;

        return new self($walls, $perDegree, ...self::sorted($walls, $perDegree), cover: $cover);
    }

    /** The greatest tangent of an altitude that a wall reaches at an azimuth from 0 to 360; 0 where there is none. */
    public function steepestAt(float $azimuthDeg): float
    {
        $steepest = 0.0;
        foreach ($this->byStretch[(int) ($azimuthDeg * $this->perDegree)] ?? [] as $index) {
            if ($this->walls[$index]->highestSlope <= $steepest) {
                break;
            }
            $slope = $this->walls[$index]->slopeAt($azimuthDeg);
            $steepest = $slope > $steepest ? $slope : $steepest;
        }

        return $steepest;
    }

    /** The name of the wall that reaches highest there, and above a tangent; null where none does. */
    public function nameAbove(float $azimuthDeg, float $steepest): ?string
    {
        $name = null;
        foreach ($this->byStretch[(int) ($azimuthDeg * $this->perDegree)] ?? [] as $index) {
            if ($this->walls[$index]->highestSlope <= $steepest) {
                break;
            }
            $slope = $this->walls[$index]->slopeAt($azimuthDeg);
            if ($slope > $steepest) {
                $steepest = $slope;
                $name = $this->walls[$index]->name;
            }
        }

        return $name;
    }

    /** An altitude that nothing exceeds in that whole degree of azimuth. */
    public function ceilingDeg(float $azimuthDeg): float
    {
        return $this->ceilings[(int) Angle::positiveDeg($azimuthDeg)] ?? 0.0;
    }

    /** @return iterable<WallSeen> each wall that can be met between two azimuths, once */
    public function within(float $fromDeg, float $toDeg): iterable
    {
        $seen = [];
        $all = 360 * $this->perDegree;
        for ($stretch = (int) floor($fromDeg * $this->perDegree), $last = min((int) floor($toDeg * $this->perDegree), $stretch + $all - 1); $stretch <= $last; ++$stretch) {
            foreach ($this->byStretch[($stretch + 2 * $all) % $all] ?? [] as $index) {
                if (!isset($seen[$index])) {
                    $seen[$index] = true;
                    yield $this->walls[$index];
                }
            }
        }
    }

    /** @return list<WallSeen> farthest first, as they are painted */
    public function farthestFirst(): array
    {
        $walls = $this->walls;
        usort($walls, static fn(WallSeen $a, WallSeen $b): int => $b->nearestM <=> $a->nearestM);

        return $walls;
    }

    /**
     * @param list<WallSeen> $walls
     *
     * @return array{array<int, list<int>>, array<int, float>} their numbers in each stretch and the highest altitude in each degree
     */
    private static function sorted(array $walls, int $perDegree): array
    {
        $byStretch = $ceilings = [];
        $all = 360 * $perDegree;
        foreach ($walls as $index => $wall) {
            $toDeg = $wall->fromDeg + $wall->widthDeg;
            for ($stretch = (int) floor($wall->fromDeg * $perDegree), $last = (int) floor($toDeg * $perDegree); $stretch <= $last; ++$stretch) {
                $byStretch[($stretch + 2 * $all) % $all][] = $index;
            }
            for ($degree = (int) floor($wall->fromDeg), $last = (int) floor($toDeg); $degree <= $last; ++$degree) {
                $ceilings[($degree + 720) % 360] = max($ceilings[($degree + 720) % 360] ?? 0.0, $wall->highestDeg);
            }
        }

        return [$byStretch, $ceilings];
    }
}
