<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Light;

/** How a light meter was held. */
enum Sensor: string
{
    /** Lying, its face to the zenith. */
    case Flat = 'flat';
    /** Turned to the Sun all the time. */
    case Turned = 'turned';
}
