<?php

declare(strict_types=1);

namespace App\Drawings\Event;

/** A labelled place on the shadow ribbon. */
final readonly class RibbonMark
{
    public function __construct(
        public float $xPercent,
        public string $label,
        /** As it is read there: a time, or that the Sun is down. */
        public string $time,
        /** Where one mark stands for a stretch of time: its other end. */
        public string $until = '',
        public string $untilTime = '',
    ) {}
}
