<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Kit;

/** What a camera stands on. */
final readonly class Mount
{
    /** @param bool $tracks whether it goes with the Sun */
    public function __construct(public bool $tracks) {}
}
