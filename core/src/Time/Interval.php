<?php

declare(strict_types=1);

namespace KeenShadow\Core\Time;

/** From one moment to another, as Julian dates in UT. One that would end before it begins holds nothing and lasts less than nothing. */
final readonly class Interval
{
    private const DAY_SECONDS = 86400;

    public function __construct(
        public float $fromUt,
        public float $toUt,
    ) {}

    public function seconds(): float
    {
        return ($this->toUt - $this->fromUt) * self::DAY_SECONDS;
    }

    public function covers(float $julianDateUt): bool
    {
        return $julianDateUt >= $this->fromUt && $julianDateUt <= $this->toUt;
    }

    public function equals(self $other): bool
    {
        return $this->fromUt === $other->fromUt && $this->toUt === $other->toUt;
    }

    /** What both have. */
    public function common(self $other): self
    {
        return new self(max($this->fromUt, $other->fromUt), min($this->toUt, $other->toUt));
    }

    /**
     * What is left of it when others are taken away.
     *
     * @param list<self> $taken in order
     *
     * @return list<self> in order
     */
    public function without(array $taken): array
    {
        $left = [];
        $from = $this->fromUt;
        foreach ($taken as $other) {
            if ($other->toUt > $from && $other->fromUt < $this->toUt) {
                $left[] = new self($from, $other->fromUt);
                $from = $other->toUt;
            }
        }
        $left[] = new self($from, $this->toUt);

        return $left;
    }
}
