<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Cards;

use KeenShadow\Core\Rules\Inquiry\Choice;
use KeenShadow\Core\Rules\Inquiry\Inquiry;
use KeenShadow\Core\Rules\Inquiry\Item;
use KeenShadow\Core\Rules\Inquiry\Items;
use KeenShadow\Core\Rules\RuleBook;

/** All cards that the rule book makes: every way to an answer about everything that helpers ask about, in every circumstance. None is kept as a list. */
final readonly class Deck
{
    /** @param array<string, Card> $cards by id */
    private function __construct(public array $cards) {}

    public static function of(RuleBook $book): self
    {
        $cards = [];
        foreach (Items::all() as $item) {
            foreach (self::ways($book, $item, []) as $inquiry) {
                foreach (Circumstance::cases() as $circumstance) {
                    $card = self::card($book, $inquiry, $circumstance);
                    $cards += $card === null ? [] : [$card->id => $card];
                }
            }
        }

        return new self($cards);
    }

    /** @return Card|null one of them, made alone; null where there is none of that name any more */
    public static function find(RuleBook $book, string $id): ?Card
    {
        $parts = explode('~', $id);
        $item = Items::named($parts[0]);
        $circumstance = Circumstance::tryFrom($parts[count($parts) - 1]);
        if ($item === null || $circumstance === null) {
            return null;
        }
        $answers = [];
        foreach (array_slice($parts, 1, -1) as $part) {
            [$question, $choice] = [...explode('.', $part, 2), ''];
            $answers[$question] = $choice;
        }
        $inquiry = Inquiry::of($book, $item, $answers);
        $card = $inquiry->next === null ? self::card($book, $inquiry, $circumstance) : null;

        return $card?->id === $id ? $card : null;
    }

    /** @return array<string, array{difficulty: int, answer: string, duties: list<string>}> what a deal goes by, as plain data that can be kept */
    public function index(): array
    {
        return array_map(static fn(Card $card): array => [
            'difficulty' => $card->difficulty(),
            'answer' => $card->answer->permission->value,
            'duties' => array_values(array_map(static fn(Duty $duty): string => $duty->value, array_filter(Duty::cases(), static fn(Duty $duty): bool => $duty->wants($card)))),
        ], $this->cards);
    }

    /**
     * @param array<string, string> $answers
     *
     * @return iterable<Inquiry> with nothing left to ask
     */
    private static function ways(RuleBook $book, Item $item, array $answers): iterable
    {
        $inquiry = Inquiry::of($book, $item, $answers);
        if ($inquiry->next === null) {
            yield $inquiry;

            return;
        }
        foreach ($inquiry->choices as $choice) {
            yield from self::ways($book, $item, $answers + [$inquiry->next->id => $choice->id]);
        }
    }

    /** @param Inquiry $inquiry with nothing left to ask */
    private static function card(RuleBook $book, Inquiry $inquiry, Circumstance $circumstance): ?Card
    {
        $situation = $circumstance->of($inquiry->situation);
        $given = array_map(static fn(string $question, Choice $choice): string => "{$question}.{$choice->id}", array_keys($inquiry->given), $inquiry->given);

        return $situation === null ? null : new Card(implode('~', [$inquiry->item->id, ...$given, $circumstance->value]), $inquiry->item, array_values($inquiry->given), $circumstance, $situation, $book->ask($situation));
    }
}
