<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

/** A state and how long it lasts, in seconds since 1970 (UTC): from its beginning to just before its end. */
final readonly class DaySpan
{
    public function __construct(public DayState $state, public float $fromS, public float $toS) {}
}
