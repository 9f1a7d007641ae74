<?php

declare(strict_types=1);

namespace App\Pages\Sky;

use App\Models\Event;
use App\Text\Clock;
use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\HorizonCrossing;
use KeenShadow\Core\Sky\LocalCircumstances;
use KeenShadow\Core\Sky\LocalSolver;
use KeenShadow\Core\Sky\LocalView;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Sky\SunPath;
use KeenShadow\Core\Time\JulianDate;

/** An event's eclipse at the event's place: the one way from the model to the core, for every page of the event. */
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
        public Clock $clock,
    ) {}

    public static function of(Event $event, Eclipses $eclipses): self
    {
        return self::seenFrom(
            $eclipses->onDate($event->eclipse_date->format('Y-m-d')),
            $event->observer(),
            new DateTimeZone($event->timezone),
            $eclipses->ephemeris,
        );
    }

    public static function seenFrom(SolarEclipse $eclipse, Observer $observer, DateTimeZone $zone, Ephemeris $ephemeris): self
    {
        $circumstances = $eclipse->circumstances($observer);
        $midnight = $circumstances->maximum->time()->setTimezone($zone)->setTime(0, 0);
        // An eclipse across local midnight: its sunrise or sunset may be on the other day.
        $path = SunPath::over(min($midnight, $circumstances->first()->time()), max($midnight->modify('+1 day'), $circumstances->last()->time()), $observer, $eclipse->deltaT, $ephemeris);

        return new self($eclipse, $observer, $circumstances, $path->crossings(), $zone, Clock::during($zone, $circumstances->first()->time(), $circumstances->last()->time()));
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

    /**
     * What to do with filters here.
     *
     * @param list<array{float, float}> $hiddenUt when the Sun is behind something on the site, Julian dates in UT; none over a level horizon
     */
    public function filters(array $hiddenUt = []): Filters
    {
        return Filters::of($this->eclipse, $this->observer, $this->circumstances, $hiddenUt);
    }

    public function local(DateTimeImmutable $moment): DateTimeImmutable
    {
        return $moment->setTimezone($this->zone);
    }
}
