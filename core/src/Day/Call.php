<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

/** Something that was called out for all, at a moment. */
final readonly class Call
{
    /** @param float $atS seconds since 1970 (UTC) */
    public function __construct(public CallKind $kind, public float $atS) {}
}
