<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use KeenShadow\Core\Geometry\PlanPoint;

/** Where a method is shown, as far as turns must know it. */
final readonly class Spot
{
    /** A turn shorter than that is not worth the way (own judgement). */
    private const LEAST_MIN = 10;
    private const MOST_MIN = 60;

    /**
     * @param string $method what it is known by
     * @param int $atOnce how many look at the same time
     * @param float $secondsEach a look with handing over
     * @param int $peoplePerHelper whom one helper can look after
     * @param PlanPoint|null $at where it stands; null while nobody has said
     * @param bool $isNeverAlone whether the rule book refuses it unattended
     */
    public function __construct(
        public string $method,
        public int $atOnce,
        public float $secondsEach,
        public int $peoplePerHelper,
        public ?PlanPoint $at,
        public bool $isNeverAlone = false,
    ) {}

    /**
     * How the station goes: as it is wished, else so that the largest group that comes can all have a look. Where each who looks has an adult of their own, no
     * more look at a time than there are adults, and the turn is as much longer.
     *
     * @param list<Party> $parties that take turns at it
     * @param int|null $helpers whom it may have at most; null where nobody is named yet
     */
    public function wish(StationWish $wish, array $parties, int $stepMin, ?int $helpers = null): StationWish
    {
        $largest = max([0, ...array_column($parties, 'people')]);
        $usual = max(1, (int) ceil($largest / $this->peoplePerHelper));
        $watching = max([0, ...array_map(fn(Party $p): int => min($p->people, $this->atOnce) - $p->adults, $this->watchedOf($parties))]);
        $crew = $wish->crew ?? max($usual, min($watching, $helpers ?? $watching));
        $minutes = $wish->minutes ?? self::onTheStep(min(self::MOST_MIN, max([self::LEAST_MIN, ...array_map(fn(Party $p): float => $p->people * $this->secondsEach / $this->lookingAtOnce($p, $crew) / 60, $parties)])), $stepMin);
        $capacity = $wish->capacity ?? max($largest, min($crew * $this->peoplePerHelper, (int) floor($minutes * 60 * $this->atOnce / $this->secondsEach)));

        return new StationWish($minutes, $capacity, $crew);
    }

    /**
     * How many look at a time at most where each of some group has an adult of their own; null where none does.
     *
     * @param list<Party> $parties that come to it
     */
    public function watchedAtOnce(array $parties, int $crew): ?int
    {
        $watched = $this->watchedOf($parties);

        return $watched === [] ? null : min(array_map(fn(Party $p): int => $this->lookingAtOnce($p, $crew), $watched));
    }

    private function lookingAtOnce(Party $party, int $crew): int
    {
        return in_array($this->method, $party->watched, true) ? max(1, min($this->atOnce, $crew + $party->adults)) : $this->atOnce;
    }

    /**
     * @param list<Party> $parties
     *
     * @return list<Party>
     */
    private function watchedOf(array $parties): array
    {
        return array_values(array_filter($parties, fn(Party $p): bool => in_array($this->method, $p->watched, true)));
    }

    /** Whole minutes from one to another at the pace of small children, 1 m/s; what takes less than one is part of the turn. */
    public function walkMin(self $other): int
    {
        return $this->at === null || $other->at === null ? 0 : (int) floor($this->at->distanceM($other->at) / 60);
    }

    private static function onTheStep(float $minutes, int $stepMin): int
    {
        return (int) ceil($minutes / $stepMin) * $stepMin;
    }
}
