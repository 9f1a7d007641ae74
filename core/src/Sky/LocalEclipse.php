<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Time\JulianDate;

/** One eclipse at one place with a clock on the wall: its circumstances, and the sunrise or sunset that goes with them. */
final readonly class LocalEclipse
{
    /** What is drawn and computed before the eclipse begins and after it ends. */
    private const MARGIN = '40 minutes';

    /** @param list<HorizonCrossing> $crossings sunrise and sunset of the local day of the maximum, or while the eclipse lasts */
    private function __construct(
        public SolarEclipse $eclipse,
        public Observer $observer,
        public LocalCircumstances $circumstances,
        public array $crossings,
        public DateTimeZone $zone,
    ) {}

    public static function seenFrom(SolarEclipse $eclipse, Observer $observer, DateTimeZone $zone, Ephemeris $ephemeris): self
    {
        $circumstances = $eclipse->circumstances($observer);
        $midnight = $circumstances->maximum->time()->setTimezone($zone)->setTime(0, 0);
        // An eclipse across local midnight: its sunrise or sunset may be on the other day.
        $path = SunPath::over(min($midnight, $circumstances->first()->time()), max($midnight->modify('+1 day'), $circumstances->last()->time()), $observer, $eclipse->deltaT, $ephemeris);

        return new self($eclipse, $observer, $circumstances, $path->crossings(), $zone);
    }

    /** The view at any instant near the eclipse. */
    public function at(DateTimeImmutable $moment): LocalView
    {
        return (new LocalSolver($this->eclipse->elements))
            ->viewAtUt($this->observer, $this->eclipse->deltaT, JulianDate::fromDateTime($moment));
    }

    public function begins(): DateTimeImmutable
    {
        return $this->circumstances->first()->time();
    }

    public function ends(): DateTimeImmutable
    {
        return $this->circumstances->last()->time();
    }

    public function spanBegins(): DateTimeImmutable
    {
        return $this->begins()->modify('-' . self::MARGIN);
    }

    public function spanEnds(): DateTimeImmutable
    {
        return $this->ends()->modify('+' . self::MARGIN);
    }

    /** The sunrise or sunset that cuts the eclipse, if one does; of several the one with the most covered. */
    public function cutBy(): ?HorizonCrossing
    {
        $cuts = array_filter($this->crossings, fn(HorizonCrossing $crossing): bool => $crossing->time > $this->begins() && $crossing->time < $this->ends());
        usort($cuts, fn(HorizonCrossing $a, HorizonCrossing $b): int => $this->at($b->time)->obscuration() <=> $this->at($a->time)->obscuration());

        return $cuts[0] ?? null;
    }

    /** The maximum, or the sunrise or sunset that cuts the eclipse when the Sun is down at the maximum. */
    public function bestVisible(): LocalView
    {
        $cut = $this->circumstances->maximum->isSunUp() ? null : $this->cutBy();

        return $cut === null ? $this->circumstances->maximum : $this->at($cut->time);
    }

    public function local(DateTimeImmutable $moment): DateTimeImmutable
    {
        return $moment->setTimezone($this->zone);
    }
}
