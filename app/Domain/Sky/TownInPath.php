<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use DateTimeZone;

/** A town from which an eclipse is total or annular. */
final readonly class TownInPath
{
    /** @param string $zoneName IANA name */
    public function __construct(
        public string $name,
        public float $lat,
        public float $lon,
        public string $zoneName,
    ) {}

    public function zone(): DateTimeZone
    {
        return new DateTimeZone($this->zoneName);
    }
}
