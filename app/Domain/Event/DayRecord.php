<?php

declare(strict_types=1);

namespace App\Domain\Event;

use DateTimeImmutable;

/** One line of an event's day as it stands in the log, of whatever kind. */
final readonly class DayRecord
{
    /**
     * @param string $what name of a call; blank where it was observed or is words alone
     * @param string|null $observed kind of what was observed
     * @param float|null $withinS how wrong its time may be; null where nobody knows
     * @param bool $isTyped from paper, afterwards
     * @param bool $isCalled to all, rather than said of somebody or observed
     * @param bool $canBeCorrected what was observed or remarked; a call is what it is
     * @param int|null $correctsId of the line that this one takes the place of
     */
    public function __construct(
        public int $id,
        public DateTimeImmutable $at,
        public string $what,
        public ?string $observed,
        public ?float $value,
        public string $words,
        public string $who,
        public ?float $withinS,
        public bool $isTyped,
        public ?int $correctsId,
        public bool $isTakenOut,
        public bool $isCalled,
        public bool $canBeCorrected,
    ) {}
}
