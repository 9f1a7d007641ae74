<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Kit;

use KeenShadow\Core\Photo\FilterDensity;
use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\PhotoException;

/** A filter for the Sun that a camera looks through. */
final readonly class FrontFilter
{
    /** @param float|null $openingMm where it leaves less free than the lens has */
    private function __construct(
        public FilterMake $make,
        public FilterSeat $seat,
        public Fixing $fixing,
        public ?float $openingMm,
    ) {}

    /** @throws PhotoException when the opening is out of range */
    public static function of(FilterMake $make, FilterSeat $seat, Fixing $fixing, ?float $openingMm = null): self
    {
        return new self($make, $seat, $fixing, $openingMm === null ? null : Measure::Opening->checked($openingMm));
    }

    public function density(): FilterDensity
    {
        return $this->make->density();
    }
}
