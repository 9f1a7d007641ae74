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
        private array $choices,
    ) {}

    /**
     * @param array<string, bool|string|list<string>|array{unless: string|list<string>}> $where as Condition::read has it
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

    /** @return list<Choice> that can be so: where there is no totality nobody is asked about it */
    public function choicesIn(Situation $situation): array
    {
        return array_values(array_filter($this->choices, static fn(Choice $c): bool => $situation->get(Part::FreeTotality) !== false || Situation::of($c->parts)->get(Part::FreeTotality) !== true));
    }

    public function choice(string $id, Situation $situation): ?Choice
    {
        foreach ($this->choicesIn($situation) as $choice) {
            if ($choice->id === $id) {
                return $choice;
            }
        }

        return null;
    }
}
