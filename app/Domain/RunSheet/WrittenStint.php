<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use DateTimeImmutable;

/** A group or a helper at a station, for whatever goes out of the house. */
final readonly class WrittenStint
{
    /**
     * @param string $id that it keeps
     * @param string $who as they are called
     * @param string $method of the station
     * @param string $station as it is called
     * @param string $place where it stands; empty where nobody has said
     */
    public function __construct(
        public string $id,
        public string $who,
        public string $method,
        public string $station,
        public string $place,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
    ) {}
}
