<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Steps;

/** One step is done before another, and the rule for whose sake. */
final readonly class Before
{
    public function __construct(
        public string $first,
        public string $then,
        public string $rule,
    ) {}
}
