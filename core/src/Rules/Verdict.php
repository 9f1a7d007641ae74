<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** A judgement: the worst of what the rules found, with every finding that led to it. It supports a person; it does not certify. */
final readonly class Verdict
{
    /** @param list<Finding> $findings worst first; the first decided it */
    private function __construct(
        public Subject $subject,
        public Level $level,
        public array $findings,
    ) {}

    /**
     * @param list<Finding> $findings what the rules had to say against it; none is a yes
     * @param Finding $whenNothing what is said when no rule spoke against it
     */
    public static function of(Subject $subject, array $findings, Finding $whenNothing): self
    {
        if ($findings === []) {
            return new self($subject, $whenNothing->level, [$whenNothing]);
        }
        usort($findings, static fn(Finding $a, Finding $b): int => $b->level->isWorseThan($a->level) <=> $a->level->isWorseThan($b->level));

        return new self($subject, $findings[0]->level, $findings);
    }

    /** Id of the rule, or of the measure, that decided it. */
    public function rule(): string
    {
        return $this->findings[0]->rule;
    }

    public function word(): string
    {
        return $this->subject->word($this->level);
    }
}
