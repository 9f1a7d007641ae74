<?php

declare(strict_types=1);

namespace App\Domain\Logbook;

use App\Models\Logbook\InstrumentLog;
use KeenShadow\Core\Logbook\Series;
use KeenShadow\Core\Logbook\Temperature\Drop;

/** What one instrument says of an eclipse: its curves around it, and what follows from them. */
final readonly class Measured
{
    /**
     * @param array<string, Series> $curves by Quantity, one reading a minute or as often as there are any, from two hours before to two and a half after and on to the whole hour
     * @param Drop|null $drop null where it has no temperature
     * @param Series|null $baseline of the temperature, null where there is none
     * @param Series|null $expectedLight under a clear sky, null where it has no light or too little outside the eclipse
     * @param float|null $lightFactor haze, surroundings and the meter itself
     * @param float|null $clearShare of the minutes of the eclipse
     */
    public function __construct(
        public InstrumentLog $log,
        public int $readings,
        public float $fromS,
        public float $toS,
        public array $curves,
        public ?Drop $drop,
        public ?Series $baseline,
        public ?Series $expectedLight,
        public ?float $lightFactor,
        public ?float $clearShare,
    ) {}
}
