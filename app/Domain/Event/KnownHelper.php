<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** A helper without an account, known by the private address. */
final readonly class KnownHelper
{
    /** @param string $name as they are called */
    public function __construct(public int $id, public string $name, public int $organisationId) {}
}
