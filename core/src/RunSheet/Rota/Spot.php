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
     * How the station goes: as it is wished, else so that the largest group that comes can all have a look.
     *
     * @param int $largest people
     */
    public function wish(StationWish $wish, int $largest, int $stepMin): StationWish
    {
        $minutes = $wish->minutes ?? self::onTheStep(min(self::MOST_MIN, max(self::LEAST_MIN, $largest * $this->secondsEach / $this->atOnce / 60)), $stepMin);
        $crew = $wish->crew ?? max(1, (int) ceil($largest / $this->peoplePerHelper));
        $capacity = $wish->capacity ?? max($largest, min($crew * $this->peoplePerHelper, (int) floor($minutes * 60 * $this->atOnce / $this->secondsEach)));

        return new StationWish($minutes, $capacity, $crew);
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
