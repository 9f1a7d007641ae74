<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Plan;

use KeenShadow\Core\Geometry\PlanLines;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\SiteException;

/**
 * One thing on a site plan, upright on level ground.
 *
 * Its height is the top of an obstacle, the upper edge of an opening, and at a place the height of the eye, of the
 * mirror or of the middle of the screen. A tree is a cylinder as wide as its crown: it never hides less than the tree.
 */
final readonly class Thing
{
    public const FARTHEST_M = 2000.0;
    public const MOST_HEIGHT_M = 300.0;
    public const MOST_RADIUS_M = 50.0;
    public const LONGEST_NAME = 60;
    /** A crown's circle as a polygon around it, 2 % too wide at its corners. */
    private const CROWN_SIDES = 16;
    private const SAME_POINT_M = 0.01;

    /** @var list<PlanPoint> its outline on the ground */
    public array $corners;
    /** The middle of its points: where its name is written. */
    public PlanPoint $middle;
    /** No corner is farther from the middle. */
    public float $reachM;
    /** Whether its corners go round clockwise as seen from above; of no meaning for a line. */
    public bool $isClockwise;
    /** @var list<array{PlanPoint, PlanPoint}> the walls it has on the ground, each from one corner to the next */
    public array $edges;

    /**
     * @param list<PlanPoint> $points corners of an area, ends and bends of a line, the one point of a tree or a place
     * @param float $radiusM of a tree, 0 otherwise
     * @param float $sillM lower edge of an opening, 0 otherwise
     */
    private function __construct(
        public ThingKind $kind,
        public string $name,
        public array $points,
        public float $heightM,
        public float $radiusM,
        public float $sillM,
    ) {
        $this->corners = $kind === ThingKind::Tree
            ? array_map(fn(int $i): PlanPoint => $points[0]->travel(360 * $i / self::CROWN_SIDES, $this->crownM()), range(0, self::CROWN_SIDES - 1))
            : $points;
        $east = $north = $reach = $turning = 0.0;
        foreach ($points as $point) {
            $east += $point->eastM;
            $north += $point->northM;
        }
        $this->middle = new PlanPoint($east / count($points), $north / count($points));
        foreach ($this->corners as $corner) {
            $reach = max($reach, $this->middle->distanceM($corner));
        }
        $this->reachM = $reach;
        $this->edges = PlanLines::edges($this->corners, $kind->shape() === Shape::Area || $kind->shape() === Shape::Round);
        foreach ($this->edges as [$a, $b]) {
            $turning += PlanLines::side($points[0], $a, $b);
        }
        $this->isClockwise = $turning < 0;
    }

    /**
     * @param list<PlanPoint> $points
     *
     * @throws SiteException when a number is out of range or the points make no such thing
     */
    public static function of(ThingKind $kind, string $name, array $points, ?float $heightM = null, float $radiusM = 0.0, ?float $sillM = null): self
    {
        $height = $heightM ?? $kind->usualHeightM();
        $sill = $kind->isOpening() ? $sillM ?? $kind->usualSillM() : 0.0;
        $radius = $kind === ThingKind::Tree ? $radiusM : 0.0;
        self::within('height_m', 'height_m', $name, $height, 0, self::MOST_HEIGHT_M);
        self::within('sill_m', 'sill_m', $name, $sill, 0, self::MOST_HEIGHT_M);
        if ($kind === ThingKind::Tree) {
            self::within('radius_m', 'radius_m', $name, $radius, 0.1, self::MOST_RADIUS_M);
        }
        if ($kind->isOpening() && $sill >= $height) {
            throw SiteException::upsideDown($name);
        }
        self::checkPoints($kind, $name, $points);

        return new self($kind, $name, $points, $kind->isGround() ? 0.0 : $height, $radius, $sill);
    }

    /**
     * One that {@see of} has made before and that was kept since: what was checked then is not checked again.
     *
     * @param list<PlanPoint> $points
     */
    public static function kept(ThingKind $kind, string $name, array $points, float $heightM, float $radiusM, float $sillM): self
    {
        return new self($kind, $name, $points, $heightM, $radiusM, $sillM);
    }

    /**
     * A wall or a tree as it is measured from a place: a wall stands square to the direction of its middle.
     *
     * @param float $bearingDeg true bearing of its middle
     * @param float $distanceM to its middle
     * @param float|null $topM its height above the ground, or null when the angle up to its top was measured
     * @param float $topDeg that angle, from the eye at the place
     *
     * @throws SiteException
     */
    public static function sighted(ThingKind $kind, string $name, self $from, float $bearingDeg, float $distanceM, float $widthM, ?float $topM, float $topDeg): self
    {
        $middle = $from->at()->travel($bearingDeg, $distanceM);
        $top = $topM ?? max(0.0, $from->heightM + $distanceM * tan(deg2rad($topDeg)));

        return $kind === ThingKind::Tree
            ? self::of($kind, $name, [$middle], $top, $widthM / 2)
            : self::of($kind, $name, [$middle->travel($bearingDeg - 90, $widthM / 2), $middle->travel($bearingDeg + 90, $widthM / 2)], $top);
    }

    public function at(): PlanPoint
    {
        return $this->points[0];
    }

    /** Whether a point lies inside its outline (ray crossing; Hormann & Agathos, Computational Geometry 20 (2001) 131). */
    public function contains(PlanPoint $point): bool
    {
        if ($this->kind->shape() !== Shape::Area) {
            return $this->kind === ThingKind::Tree && $this->at()->distanceM($point) < $this->crownM();
        }
        if ($this->middle->distanceM($point) > $this->reachM) {
            return false;
        }
        $inside = false;
        foreach ($this->edges as [$a, $b]) {
            if (($a->northM > $point->northM) !== ($b->northM > $point->northM)
                && $point->eastM < $a->eastM + ($b->eastM - $a->eastM) * ($point->northM - $a->northM) / ($b->northM - $a->northM)) {
                $inside = !$inside;
            }
        }

        return $inside;
    }

    /**
     * The same thing moved, for one that is being dragged.
     *
     * @param list<PlanPoint> $points
     */
    public function withPoints(array $points): self
    {
        return self::of($this->kind, $this->name, $points, $this->heightM, $this->radiusM, $this->sillM);
    }

    /** Radius of the circle through the corners of the polygon that stands for a crown. */
    private function crownM(): float
    {
        return $this->radiusM / cos(M_PI / self::CROWN_SIDES);
    }

    /** @param list<PlanPoint> $points */
    private static function checkPoints(ThingKind $kind, string $name, array $points): void
    {
        [$least, $most] = [$kind->leastPoints(), $kind->mostPoints()];
        if (count($points) < $least || count($points) > $most) {
            throw SiteException::pointCount($name, count($points), $least, $most);
        }
        foreach ($points as $point) {
            self::within('points', 'east_m', $name, $point->eastM, -self::FARTHEST_M, self::FARTHEST_M);
            self::within('points', 'north_m', $name, $point->northM, -self::FARTHEST_M, self::FARTHEST_M);
        }
        if ($least > 1 && max([0.0, ...array_map(static fn(PlanPoint $p): float => $p->distanceM($points[0]), $points)]) < self::SAME_POINT_M) {
            throw SiteException::samePoint($name);
        }
        if ($kind->shape() === Shape::Area && self::crossesItself($points)) {
            throw SiteException::crossesItself($name);
        }
    }

    /**
     * From west to east: an edge can only cross those that begin before it ends.
     *
     * @param list<PlanPoint> $points
     */
    private static function crossesItself(array $points): bool
    {
        $edges = PlanLines::edges($points, true);
        $west = array_map(static fn(array $edge): float => min($edge[0]->eastM, $edge[1]->eastM), $edges);
        asort($west);
        $order = array_keys($west);
        foreach ($order as $rank => $i) {
            [$a, $b] = $edges[$i];
            $east = max($a->eastM, $b->eastM);
            for ($next = $rank + 1; isset($order[$next]) && $west[$order[$next]] <= $east; ++$next) {
                [$c, $d] = $edges[$order[$next]];
                // Neighbours share a corner.
                if ($b !== $c && $d !== $a && PlanLines::cross($a, $b, $c, $d)) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function within(string $field, string $what, string $name, float $value, float $least, float $most): void
    {
        if (!is_finite($value) || $value < $least || $value > $most) {
            throw SiteException::outOfRange($field, $what, $value, $least, $most, $name);
        }
    }
}
