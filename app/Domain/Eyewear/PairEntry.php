<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use Carbon\CarbonImmutable;
use KeenShadow\Core\Eyewear\PairFault;

/** What a device sends of one pair: what was found, or that an entry of before is taken back. */
final readonly class PairEntry
{
    /**
     * @param string $uuid made by the device
     * @param list<PairFault> $faults
     * @param string|null $voids UUID of the entry that is taken back
     * @param CarbonImmutable|null $seenAt by the server's clock, as far as the device told
     */
    public function __construct(
        public string $uuid,
        public int $tag,
        public array $faults,
        public ?string $voids,
        public ?CarbonImmutable $seenAt,
    ) {}
}
