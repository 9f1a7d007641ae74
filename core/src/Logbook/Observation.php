<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook;

/** One thing observed: a number, words or both, as its kind asks. */
final readonly class Observation
{
    private function __construct(
        public ObservationKind $kind,
        public ?float $value,
        public string $words,
    ) {}

    /** @throws LogbookException when the kind asks for a number or words that are not there, or the number cannot be */
    public static function of(ObservationKind $kind, ?float $value, string $words): self
    {
        if ($kind->isMeasured()) {
            if ($value === null) {
                throw LogbookException::noNumber($kind);
            }
            if (!is_finite($value) || $value < $kind->least() || $value > $kind->most()) {
                throw LogbookException::strangeNumber($kind, $value);
            }
            if ($kind->isCounted() && floor($value) !== $value) {
                throw LogbookException::notCounted($kind, $value);
            }
        }
        if ($kind->needsWords() && $words === '') {
            throw LogbookException::noWords($kind);
        }

        return new self($kind, $kind->isMeasured() ? $value : null, $words);
    }
}
