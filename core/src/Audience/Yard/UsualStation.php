<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Yard;

use KeenShadow\Core\Audience\Crowd\ServiceTime;
use KeenShadow\Core\Audience\Crowd\Station;
use KeenShadow\Core\Audience\GlassesSum;
use KeenShadow\Core\Audience\Methods\Method;

/** How it goes at the station of a method where nobody has said it otherwise (own judgement; glasses by the sum of those who share them). */
final class UsualStation
{
    /** Whether people queue for it: of some things each has one of their own. */
    public static function isFor(Method $method): bool
    {
        return !$method->isForEach();
    }

    /** @param int $people who go to it */
    public static function of(Method $method, int $people): Station
    {
        [$lookS, $handS] = match ($method) {
            Method::Glasses => [GlassesSum::USUAL['look_s'], GlassesSum::USUAL['hand_s']],
            Method::Banner => [20.0, 5.0],
            Method::Card => [30.0, 0.0],
            Method::Mirror, Method::Projection => [60.0, 5.0],
            Method::Telescope => [20.0, 10.0],
            Method::Box, Method::PhaseStrip => [120.0, 10.0],
        };
        $places = match ($method) {
            Method::Glasses => GlassesSum::usual(min(GlassesSum::MOST_PEOPLE, $people))->pairs(),
            Method::Box, Method::PhaseStrip => $people,
            default => $method->atOnce(),
        };

        return Station::of($method->value, max(1, min(Station::MOST_PLACES, $places)), ServiceTime::about($lookS, $lookS / 2), $handS);
    }
}
