<?php

declare(strict_types=1);

namespace App\Domain\Event;

use DateTimeImmutable;

/** One timed line of an event's plan, for whoever goes by it on the day. */
final readonly class DayLine
{
    /**
     * @param string $id that it keeps
     * @param string $kind in a word
     * @param string $time on the place's clock
     * @param DateTimeImmutable $to the same as from for a moment
     * @param string $who whom it takes
     * @param string $crew what the crew is told
     * @param string $call what is called out; empty where nothing is
     * @param string $clouds what becomes of it when they are called: goes_on, falls_away, only_then
     * @param bool $onlyFiltersOff whether it is done and called only while filters may be off by the clock of the screen that calls it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public string $time,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
        public string $who,
        public string $where,
        public string $crew,
        public string $call,
        public string $clouds,
        public bool $onlyFiltersOff,
    ) {}

    /** The same without whom it takes. */
    public function ofNobody(): self
    {
        return new self(id: $this->id, name: $this->name, kind: $this->kind, time: $this->time, from: $this->from, to: $this->to, who: '', where: $this->where, crew: $this->crew, call: $this->call, clouds: $this->clouds, onlyFiltersOff: $this->onlyFiltersOff);
    }
}
