<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** What is planned for the day of an event; the room of the run sheet knows. */
interface DayPlans
{
    public function of(EventFacts $facts): DayPlan;
}
