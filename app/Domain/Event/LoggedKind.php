<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** Something that is observed, as it is offered on the day. */
final readonly class LoggedKind
{
    /**
     * @param string $unit of the number; blank where it has none
     * @param bool $isMeasured whether it is a number
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $unit,
        public bool $isMeasured,
    ) {}
}
