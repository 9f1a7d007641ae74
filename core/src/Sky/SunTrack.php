<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Time\JulianDate;

/**
 * The Sun over one site while an eclipse lasts and a while before and after.
 *
 * One track serves the whole site: a hundred metres turn the Sun by 0.000 9° and move the contacts by a few tenths of
 * a second, far less than a wall is known.
 */
final class SunTrack
{
    private readonly LocalSolver $solver;

    /** @var array<int, non-empty-list<SunPosition>> positions that were asked for before, by their distance in milliseconds: every spot asks for the same */
    private array $asked = [];

    private function __construct(
        private readonly SolarEclipse $eclipse,
        private readonly Observer $observer,
        public readonly float $beginUt,
        public readonly float $endUt,
    ) {
        $this->solver = new LocalSolver($eclipse->elements);
    }

    public static function over(SolarEclipse $eclipse, Observer $observer, DateTimeImmutable $begin, DateTimeImmutable $end): self
    {
        return new self($eclipse, $observer, JulianDate::fromDateTime($begin), JulianDate::fromDateTime($end));
    }

    public function at(float $julianDateUt): SunPosition
    {
        return SunPosition::of($this->solver->viewAtUt($this->observer, $this->eclipse->deltaT, $julianDateUt));
    }

    public function atTime(DateTimeImmutable $moment): SunPosition
    {
        return $this->at(JulianDate::fromDateTime($moment));
    }

    /** Fraction of the Sun's light that is taken away. */
    public function lightCoveredAt(float $julianDateUt): float
    {
        return $this->solver->viewAtUt($this->observer, $this->eclipse->deltaT, $julianDateUt)->lightCovered();
    }

    /** @return non-empty-list<SunPosition> from the beginning to the end, evenly spaced, no farther apart than asked */
    public function positions(float $stepSeconds): array
    {
        return $this->asked[(int) round($stepSeconds * 1000)] ??= $this->evenly($stepSeconds);
    }

    /** @return non-empty-list<SunPosition> */
    private function evenly(float $stepSeconds): array
    {
        $steps = max(1, (int) ceil(($this->endUt - $this->beginUt) * 86400 / $stepSeconds));
        $positions = [$this->at($this->beginUt)];
        for ($i = 1; $i <= $steps; ++$i) {
            $positions[] = $this->at($this->beginUt + ($this->endUt - $this->beginUt) * $i / $steps);
        }

        return $positions;
    }
}
