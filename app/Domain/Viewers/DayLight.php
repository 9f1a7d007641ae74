<?php

declare(strict_types=1);

namespace App\Domain\Viewers;

use App\Models\Event;
use DateTimeImmutable;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\SunPath;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;
use KeenShadow\Core\Viewers\Light;

/** The light of an ordinary day at an event's place: the Sun as wide as it is then. */
final readonly class DayLight
{
    public function __construct(private Ephemeris $ephemeris) {}

    /** @param DateTimeImmutable $day of which noon is taken; over a day the Sun's width changes by 0.02 % at most */
    public function on(DateTimeImmutable $day, Event $event): Light
    {
        $noon = $day->setTime(12, 0);
        $path = SunPath::over($noon->modify('-1 hour'), $noon->modify('+1 hour'), $event->observer(), DeltaT::atJulianDate(JulianDate::fromDateTime($noon)), $this->ephemeris);

        return Light::of(120 * $path->semidiameterDeg());
    }
}
