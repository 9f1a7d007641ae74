<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Sky\SunPosition;

/** A while during which something stands in front of the Sun, from the first touch of the disc to the last. */
final readonly class Obstruction
{
    /**
     * @param list<string|null> $by what stands there, in order; null is the far horizon
     * @param SunPosition|null $hiddenFrom when the whole disc is gone first, null when some of it stays
     * @param bool $isCutAtBegin whether it was so already when the track begins
     */
    public function __construct(
        public SunPosition $from,
        public SunPosition $to,
        public ?SunPosition $hiddenFrom,
        public array $by,
        public bool $isCutAtBegin,
        public bool $isCutAtEnd,
    ) {}

    public function covers(float $julianDateUt): bool
    {
        return $julianDateUt >= $this->from->julianDateUt && $julianDateUt <= $this->to->julianDateUt;
    }

    public function overlaps(self $other): bool
    {
        return $this->from->julianDateUt <= $other->to->julianDateUt && $other->from->julianDateUt <= $this->to->julianDateUt;
    }

    public function seconds(): float
    {
        return ($this->to->julianDateUt - $this->from->julianDateUt) * 86400;
    }
}
