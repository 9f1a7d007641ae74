<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

/** Something to look at, from when to when, in seconds since 1970 (UTC). */
final readonly class LookSpan
{
    public function __construct(public Look $look, public float $fromS, public float $toS) {}
}
