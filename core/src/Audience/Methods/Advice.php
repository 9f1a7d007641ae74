<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Methods;

use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Permission;

/** One method for one group: what the rule book says of it, what speaks for and against it, and by when to begin. */
final readonly class Advice
{
    /**
     * @param Answer|null $answer null where nobody looks at anything
     * @param list<Reason> $reasons
     * @param int $score the higher the better; of a method that the book refuses it counts nothing
     * @param int|null $getDaysAhead by so many days before the event it must be ordered or built; null where it is at hand, or no more of it can be had in time
     */
    public function __construct(
        public Method $method,
        public ?Answer $answer,
        public array $reasons,
        public int $score,
        public ?int $getDaysAhead,
    ) {}

    /** By the rule book. */
    public function isRefused(): bool
    {
        return $this->answer?->permission === Permission::No;
    }

    public function has(Reason $reason): bool
    {
        return in_array($reason, $this->reasons, true);
    }
}
