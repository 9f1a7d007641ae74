<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** One rule that spoke: how it comes out, why, what to do, and what the rule stands on. Its sentences are keys by which a translation is found. */
final readonly class Finding
{
    /**
     * @param string $rule id of the rule in the book, or of the measure, that it comes from
     * @param array<string, string|float|list<string>|null> $values what stands for each :word in the reason and the next step; a
     *     name of what stands in front of the Sun is null for the far horizon
     */
    public function __construct(
        public Level $level,
        public string $reason,
        public string $nextStep,
        public Source $source,
        public string $rule,
        public array $values = [],
    ) {}

    /** @param array<string, string|float|list<string>|null> $values as above */
    public static function measured(Measure $by, Level $level, string $reason, string $nextStep, array $values = []): self
    {
        return new self($level, $reason, $nextStep, $by->source(), $by->value, $values);
    }
}
