<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use UnitEnum;

/**
 * A while during which something stays the same.
 *
 * @template-covariant T of UnitEnum
 */
final readonly class StateInterval
{
    /** @param T $state */
    public function __construct(
        public UnitEnum $state,
        public SunPosition $from,
        public SunPosition $to,
    ) {}
}
