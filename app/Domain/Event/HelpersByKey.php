<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** Whose private address it is; the room of the run sheet knows. */
interface HelpersByKey
{
    /** Null where nobody has it. */
    public function find(string $dutyKey): ?KnownHelper;
}
