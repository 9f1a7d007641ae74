<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** What the book says of a situation. */
final readonly class Answer
{
    /**
     * @param list<string> $conditions what must be so first, of all that nobody has told
     * @param list<Rule> $rules all that bear on it, the weightiest first
     * @param list<Danger> $dangers
     * @param string $reason of the rule that decides; blank where a question does
     * @param string $do what to do now
     * @param list<Change> $mend the smallest change that would make it allowed, where it is not and there is one
     * @param string|null $question that must be answered before anything is allowed
     */
    public function __construct(
        public Permission $permission,
        public array $conditions,
        public array $rules,
        public array $dangers,
        public string $reason,
        public string $do,
        public array $mend = [],
        public ?string $question = null,
    ) {}
}
