<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use DateTimeImmutable;
use RuntimeException;

/** A helper would be at two posts at once; nothing was written. */
final class DoubleBooking extends RuntimeException
{
    /** @param string|null $elsewhere the other event; null where both posts are of this one */
    public function __construct(
        public readonly string $helper,
        public readonly ?string $elsewhere,
        public readonly DateTimeImmutable $from,
        public readonly DateTimeImmutable $to,
    ) {
        parent::__construct('a helper would be at two posts at once');
    }
}
