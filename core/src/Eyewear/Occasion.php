<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use DateTimeImmutable;

/** For what a pair is looked over: when it comes, for a rehearsal, on the day. A look for a later occasion counts for an earlier one, never the other way round. */
enum Occasion: string
{
    case Arrival = 'arrival';
    case Rehearsal = 'rehearsal';
    case Day = 'day';

    public function countsFor(self $other): bool
    {
        return $this->rank() >= $other->rank();
    }

    /** The one that is next: from the day on it is the day itself. */
    public static function next(DateTimeImmutable $now, DateTimeImmutable $day): self
    {
        return $now->format('Y-m-d') < $day->format('Y-m-d') ? self::Arrival : self::Day;
    }

    private function rank(): int
    {
        return match ($this) {
            self::Arrival => 0,
            self::Rehearsal => 1,
            self::Day => 2,
        };
    }
}
