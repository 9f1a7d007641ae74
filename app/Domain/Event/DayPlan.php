<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** What is planned for an event's day. */
final readonly class DayPlan
{
    /**
     * @param list<DayLine> $lines in order of time
     * @param list<DayDuty> $duties in order of time
     */
    public function __construct(public array $lines, public array $duties) {}
}
