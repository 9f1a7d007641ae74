<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Inquiry;

use KeenShadow\Core\Rules\Condition;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Situation;

/** What is asked of somebody who holds a thing in the hand, and when. */
final readonly class Question
{
    /**
     * @param list<Condition> $where it is asked
     * @param list<Choice> $choices
     */
    private function __construct(
        public string $id,
        public string $words,
        private array $where,
        private Part $about,
        public array $choices,
    ) {}

    /**
     * @param array<string, string|list<string>> $where as Condition::read has it
     * @param Part $about it is asked only while this is unknown
     * @param list<Choice> $choices
     */
    public static function of(string $id, string $words, array $where, Part $about, array $choices): self
    {
        return new self($id, $words, Condition::read($where), $about, $choices);
    }

    public function isOpen(Situation $situation): bool
    {
        return $situation->get($this->about) === null && Condition::allHold($this->where, $situation) === true;
    }

    public function choice(string $id): ?Choice
    {
        foreach ($this->choices as $choice) {
            if ($choice->id === $id) {
                return $choice;
            }
        }

        return null;
    }
}
