<?php

declare(strict_types=1);

namespace App\Domain\Logbook;

use App\Models\Logbook\InstrumentLog;
use KeenShadow\Core\Logbook\Series;

/** What the file of an instrument says; imports know how to read it. */
interface LoggedSeries
{
    /** @return array<string, Series> by Quantity, in its unit; a long log by the minute */
    public function of(InstrumentLog $log): array;
}
