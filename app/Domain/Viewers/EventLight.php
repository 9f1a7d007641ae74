<?php

declare(strict_types=1);

namespace App\Domain\Viewers;

use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Sunlight;
use KeenShadow\Core\Viewers\Light;

/** The light of an event: the Sun as wide as it is that day and as bright as it stands, in a clear sky, when most of it is covered and it is up; where it is down all the while, as bright as on another day. */
final class EventLight
{
    public static function of(LocalEclipse $here): Light
    {
        $view = $here->bestVisible();
        $lux = Sunlight::directLux(Horizon::apparentAltitudeDeg($view->altitudeDeg()));

        return Light::of(2 * 60 * $view->sunSemidiameterDeg(), $lux > 0 ? $lux : Light::SUN_LX);
    }
}
