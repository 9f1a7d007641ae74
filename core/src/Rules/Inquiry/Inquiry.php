<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules\Inquiry;

use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\RuleBook;
use KeenShadow\Core\Rules\Situation;

/** A few questions about one thing, each narrowed by the answers before, until the book can answer: at once where something is refused whatever else is so. */
final readonly class Inquiry
{
    /**
     * @param array<string, Choice> $given by the id of the question, in the order of the questions
     * @param Question|null $next null when there is nothing left to ask
     * @param list<Choice> $choices of it
     */
    private function __construct(
        public Item $item,
        public array $given,
        public Situation $situation,
        public ?Question $next,
        public array $choices,
        public Answer $answer,
    ) {}

    /**
     * @param array<string, string> $answers the ids of choices by those of questions; what fits no question is left aside
     * @param array<string, bool|float|string|list<string>|null> $known of the event, whatever is asked
     */
    public static function of(RuleBook $book, Item $item, array $answers, array $known = []): self
    {
        $situation = Situation::of($item->parts + $known);
        $given = [];
        foreach (Questions::all() as $question) {
            if (isset($given[$question->id]) || !$question->isOpen($situation) || $book->hear($situation)->broken !== []) {
                continue;
            }
            $choice = $question->choice($answers[$question->id] ?? '', $situation);
            if ($choice === null) {
                return new self($item, $given, $situation, $question, $question->choicesIn($situation), $book->ask($situation));
            }
            $given[$question->id] = $choice;
            $situation = Situation::of($choice->parts + $situation->told());
        }

        return new self($item, $given, $situation, null, [], $book->ask($situation));
    }
}
