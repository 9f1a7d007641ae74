<?php

declare(strict_types=1);

namespace App\Pages\Rules;

use App\Pages\Event\EventFrame;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Inquiry\Choice;
use KeenShadow\Core\Rules\Inquiry\Inquiry;
use KeenShadow\Core\Rules\Inquiry\Item;

/** One thing, what was answered of it, and the next question or the answer of the book. */
final readonly class MayIPage
{
    /**
     * @param bool $hasNoTotality whether this event's place has none that can be used, which is taken for granted
     * @param list<array{words: string, url: string}> $steps what was answered, each with the way back to before it
     * @param list<array{words: string, url: string}> $choices of the next question; none where the book answers
     */
    private function __construct(
        public Inquiry $inquiry,
        public bool $hasNoTotality,
        public array $steps,
        public array $choices,
    ) {}

    /** @param array<string, string> $answers ids of choices by those of questions */
    public static function of(EventFrame $frame, Item $item, array $answers): self
    {
        $inquiry = Inquiry::of(Standard::book(), $item, $answers, $frame->knownToTheBook());
        $url = static fn(array $given): string => route('rules.may', [$frame->event, 'item' => $item->id, ...$given]);
        $given = array_map(static fn(Choice $choice): string => $choice->id, $inquiry->given);
        $steps = [];
        foreach (array_keys($given) as $i => $question) {
            $steps[] = ['words' => __($inquiry->given[$question]->words), 'url' => $url(array_slice($given, 0, $i))];
        }
        $next = $inquiry->next;

        return new self(
            $inquiry,
            $frame->hasNoTotality(),
            $steps,
            $next === null ? [] : array_map(static fn(Choice $choice): array => ['words' => __($choice->words), 'url' => $url([...$given, $next->id => $choice->id])], $inquiry->choices),
        );
    }
}
