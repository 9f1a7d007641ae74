<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** What may be written down as observed; the logbook knows. */
interface WhatIsLogged
{
    /** @return list<LoggedKind> */
    public function kinds(): array;

    /** Why it cannot be, in words; blank where it can. */
    public function refusal(string $kind, ?float $value, string $words): string;
}
