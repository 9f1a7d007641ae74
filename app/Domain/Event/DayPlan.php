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

    /** The same with the duties of one alone. */
    public function of(string $who): self
    {
        return new self($this->lines, array_values(array_filter($this->duties, static fn(DayDuty $duty): bool => $duty->who === $who)));
    }
}
