<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** One rule that spoke: how it comes out, why, what to do, and what the rule stands on. Its sentences are keys by which a translation is found. */
final readonly class Finding
{
    /**
     * @param array<string, string|float|list<string>|null> $values what stands for each :word in the reason and the next step; a
     *     name of what stands in front of the Sun is null for the far horizon
     * @param string|null $rule id of the rule in the book that it comes from; null where it is a room's own measurement
     */
    public function __construct(
        public Level $level,
        public string $reason,
        public string $nextStep,
        public Source $source,
        public array $values = [],
        public ?string $rule = null,
    ) {}
}
