<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook;

/** When an eclipse begins, is deepest and ends at a site, in seconds since 1970 (UTC). */
final readonly class EclipseTimes
{
    /** From first to last contact no eclipse lasts longer anywhere, nearly four hours (common practice, no source). */
    private const MOST_HOURS = 5;

    private function __construct(
        public float $c1S,
        public float $maximumS,
        public float $c4S,
    ) {}

    /** @throws LogbookException when they are out of order or farther apart than those of any eclipse */
    public static function of(float $c1S, float $maximumS, float $c4S): self
    {
        if ($c1S >= $maximumS || $maximumS >= $c4S) {
            throw LogbookException::contactsOutOfOrder();
        }
        if ($c4S - $c1S > self::MOST_HOURS * 3600) {
            throw LogbookException::tooLong(self::MOST_HOURS);
        }

        return new self($c1S, $maximumS, $c4S);
    }
}
