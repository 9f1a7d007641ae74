<?php

declare(strict_types=1);

namespace App\Domain\Viewers;

use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Sunlight;
use KeenShadow\Core\Viewers\Light;

/** The light of an event: the Sun as wide as it is that day and as bright as it stands, in a clear sky, when most of it is covered and it is up. */
final class EventLight
{
    public static function of(LocalEclipse $here): Light
    {
        $view = $here->bestVisible();

        return Light::of(2 * 60 * $view->sunSemidiameterDeg(), Sunlight::directLux(Horizon::apparentAltitudeDeg($view->altitudeDeg())));
    }
}
