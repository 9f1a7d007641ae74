<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** One rule that spoke: how it comes out, why, what to do, and what the rule stands on. */
final readonly class Finding
{
    /** @param array<string, string> $names what stands for each :word in the reason and the next step */
    public function __construct(
        public Level $level,
        public string $reason,
        public string $nextStep,
        public Source $source,
        public array $names = [],
    ) {}
}
