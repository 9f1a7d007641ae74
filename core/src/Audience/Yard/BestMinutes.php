<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Yard;

use KeenShadow\Core\Sky\LocalEclipse;

/** When a crowd is to be done: the best ten minutes are those around the maximum, as far as the Sun is up then. */
final readonly class BestMinutes
{
    private const HALF_S = 300.0;

    /**
     * All in seconds from the first contact.
     *
     * @param float $bestS the maximum, or the best moment with the Sun up
     */
    private function __construct(
        public float $fromS,
        public float $bestS,
        public float $toS,
        public float $endS,
    ) {}

    /** @return self|null null where the Sun is down all the while */
    public static function of(LocalEclipse $here): ?self
    {
        $begin = (float) $here->begins()->format('U.u');
        $best = $here->bestVisible();
        $bestS = (float) $best->time()->format('U.u') - $begin;
        $endS = (float) $here->ends()->format('U.u') - $begin;

        return $best->isSunUp() ? new self(max(0.0, $bestS - self::HALF_S), $bestS, min($endS, $bestS + self::HALF_S), $endS) : null;
    }
}
