<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site;

use UnitEnum;

/**
 * A while during which something stays the same.
 *
 * @template-covariant T of UnitEnum
 */
final readonly class Run
{
    /** @param T $state */
    public function __construct(
        public UnitEnum $state,
        public SunPlace $from,
        public SunPlace $to,
    ) {}
}
