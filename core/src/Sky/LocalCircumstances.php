<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Bisection;
use KeenShadow\Core\Geometry\Ellipsoid;
use KeenShadow\Core\Time\Interval;

/**
 * An eclipse at one place: its kind there and its contacts. The horizon is left out of account; each contact's view
 * tells whether the Sun is up.
 */
final readonly class LocalCircumstances
{
    /** Inside this distance from the umbra's edge the Moon's uneven limb decides (some kilometres on the ground). */
    private const EDGE_RADII = 5 / Ellipsoid::EQUATOR_KM;
    private const HORIZON_STEP_HOURS = 30 / 3600;
    /** The Sun climbs or sinks no faster; so far from the horizon it need not be looked for there. */
    private const CLIMB_DEG_PER_HOUR = 15.1;
    private const CROSSING_HOURS = 0.1 / 3600;

    /** @param array<string, Contact> $contacts by ContactName value, in order of time; empty where there is none */
    public function __construct(
        public LocalKind $kind,
        public LocalView $maximum,
        private array $contacts,
    ) {}

    public function contact(ContactName $name): ?Contact
    {
        return $this->contacts[$name->value] ?? null;
    }

    /** @return list<Contact> in order of time */
    public function contacts(): array
    {
        return array_values($this->contacts);
    }

    /** Where the eclipse begins: C1; where there is none, the least distance. */
    public function first(): LocalView
    {
        return $this->contact(ContactName::C1)->view ?? $this->maximum;
    }

    /** Where it ends: C4; where there is none, the least distance. */
    public function last(): LocalView
    {
        return $this->contact(ContactName::C4)->view ?? $this->maximum;
    }

    /** Length of totality or annularity in seconds, null outside the path. */
    public function durationSeconds(): ?float
    {
        $begin = $this->contact(ContactName::C2);
        $end = $this->contact(ContactName::C3);

        return $begin === null || $end === null ? null : ($end->view->hours - $begin->view->hours) * 3600;
    }

    /** Whether any of the eclipse is above the level horizon. */
    public function isSeen(): bool
    {
        return $this->seenKind() !== LocalKind::None;
    }

    /**
     * What is seen of it over a level horizon: totality or a ring only if the Sun is up for some of it, else a partial
     * eclipse, and none while the Sun is down all along.
     */
    public function seenKind(): LocalKind
    {
        if ($this->isUpAmong(ContactName::C2, ContactName::C3)) {
            return $this->kind;
        }

        return $this->isUpAmong(ContactName::C1, ContactName::C4) ? LocalKind::Partial : LocalKind::None;
    }

    /** Whether the Sun is down for some of the totality or the ring. */
    public function isCentralPhaseCut(): bool
    {
        $begin = $this->contact(ContactName::C2)?->view;
        $end = $this->contact(ContactName::C3)?->view;

        if ($begin === null || $end === null) {
            return false;
        }
        $up = $this->upBetween($begin, $end);

        return count($up) !== 1 || !$up[0]->equals(new Interval($begin->julianDateUt(), $end->julianDateUt()));
    }

    /**
     * The intervals between two moments during which the Sun is above a level horizon (upper limb, 34′ of refraction), to
     * a tenth of a second. One that begins and ends within half a minute may be missed.
     *
     * @return list<Interval> in order
     */
    public function upBetween(LocalView $begin, LocalView $end): array
    {
        $intervals = [];
        $from = $begin->isSunUp() ? $begin : null;
        for ($now = $begin; $now->hours < $end->hours; $now = $next) {
            $fromHorizonDeg = abs($now->altitudeDeg() - Horizon::riseSetAltitudeDeg($now->sunSemidiameterDeg()));
            $step = max(self::HORIZON_STEP_HOURS, $fromHorizonDeg / self::CLIMB_DEG_PER_HOUR);
            $next = $now->hours + $step < $end->hours ? $now->after($step) : $end;
            if ($next->isSunUp() !== $now->isSunUp()) {
                $crossing = self::crossing($now, $next);
                if ($from !== null) {
                    $intervals[] = new Interval($from->julianDateUt(), $crossing->julianDateUt());
                }
                $from = $from === null ? $crossing : null;
            }
        }
        if ($from !== null) {
            $intervals[] = new Interval($from->julianDateUt(), $end->julianDateUt());
        }

        return $intervals;
    }

    /** Whether the Sun is up at some moment from one contact to another; false where they do not happen. */
    private function isUpAmong(ContactName $first, ContactName $last): bool
    {
        $begin = $this->contact($first)?->view;
        $end = $this->contact($last)?->view;

        return $begin !== null && $end !== null
            && ($begin->isSunUp() || $end->isSunUp() || $this->maximum->isSunUp() || $this->upBetween($begin, $end) !== []);
    }

    /** Where the Sun rises or sets between two moments at one of which it is up. */
    private static function crossing(LocalView $before, LocalView $after): LocalView
    {
        $length = $after->hours - $before->hours;
        [$up, $down] = $before->isSunUp() ? [0.0, $length] : [$length, 0.0];

        return $before->after(Bisection::edge(static fn(float $hours): bool => $before->after($hours)->isSunUp(), $up, $down, self::CROSSING_HOURS));
    }

    /** Whether limb and position could decide between inside and outside the path. */
    public function isNearEdgeOfPath(): bool
    {
        return $this->kind !== LocalKind::None
            && abs($this->maximum->depthInUmbra()) < self::EDGE_RADII;
    }
}
