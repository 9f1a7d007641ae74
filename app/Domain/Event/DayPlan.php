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

    /** The same with what concerns one alone: of the others not even their names. */
    public function of(string $who): self
    {
        return new self(array_map(static fn(DayLine $line): DayLine => mb_strtolower($line->who) === mb_strtolower($who) ? $line : $line->ofNobody(), $this->lines), array_values(array_filter($this->duties, static fn(DayDuty $duty): bool => $duty->who === $who)));
    }
}
