<?php

declare(strict_types=1);

namespace App\Devices\Logbook;

/** How the simulated logger can misbehave. */
enum LogFault: string
{
    case None = 'none';
    /** Gusts eight times as strong. */
    case Noise = 'noise';
    /** Half an hour without readings around the minimum. */
    case Gap = 'gap';
    /** The thermometer wanders. */
    case Drift = 'drift';
    /** Times without a zone, an hour off. */
    case Zone = 'zone';
}
