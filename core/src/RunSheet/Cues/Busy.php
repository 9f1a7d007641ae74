<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use DateTimeImmutable;

/** Somebody who has a duty, at which no cue should want them. */
final readonly class Busy
{
    /** @param string $what the duty, as people call it */
    public function __construct(public string $who, public string $what, public DateTimeImmutable $from, public DateTimeImmutable $to) {}

    public function clashesWith(PlacedCue $placed): bool
    {
        return mb_strtolower($this->who) === mb_strtolower($placed->cue->who) && $placed->begins !== null && $placed->begins < $this->to && $this->from < max($placed->begins->modify('+1 second'), $placed->ends);
    }
}
