<?php

declare(strict_types=1);

namespace App\Pages\Rules;

use App\Pages\Event\EventFrame;
use KeenShadow\Core\Rules\Answer;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Inquiry\Inquiry;
use KeenShadow\Core\Rules\Inquiry\Item;
use KeenShadow\Core\Rules\RuleBook;

/** One thing with all ways to an answer about it: a question with what may be said to it, or the answer of the book. */
final readonly class PocketNode
{
    /**
     * @param string $words of the thing, or of the choice that leads here
     * @param string $question empty where the book answers
     * @param list<self> $choices
     * @param Answer|null $answer where there is no question
     */
    private function __construct(public string $words, public string $question, public array $choices, public ?Answer $answer) {}

    public static function of(EventFrame $frame, Item $item): self
    {
        return self::after(Standard::book(), $item, [], $frame->knownToTheBook(), __($item->name));
    }

    /**
     * @param array<string, string> $answers
     * @param array{phase: string|null, policy: string|null} $known
     */
    private static function after(RuleBook $book, Item $item, array $answers, array $known, string $words): self
    {
        $inquiry = Inquiry::of($book, $item, $answers, $known);
        $next = $inquiry->next;
        if ($next === null) {
            return new self($words, '', [], $inquiry->answer);
        }
        $choices = [];
        foreach ($inquiry->choices as $choice) {
            $choices[] = self::after($book, $item, $answers + [$next->id => $choice->id], $known, __($choice->words));
        }

        return new self($words, __($next->words), $choices, null);
    }
}
