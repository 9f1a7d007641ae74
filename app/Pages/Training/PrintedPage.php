<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Domain\Event\EventFacts;
use App\Domain\Training\SiteNumbers;
use App\Models\Training\QueueCard;
use App\Text\TrainingWords;

/** What there is to print, the deck for the queue, and what can be shown. */
final readonly class PrintedPage
{
    /**
     * @param list<array{name: string, about: string, route: string, print: string|null}> $prints
     * @param string $placeholders words that may stand in braces, with what they are here
     * @param list<array{question: string, answer: string, needs: string, isPrinted: bool, card: QueueCard}> $cards
     * @param list<array{name: string, what: string, materials: list<string>, steps: list<string>}> $demonstrations
     */
    private function __construct(public array $prints, public string $placeholders, public array $cards, public array $demonstrations) {}

    public static function of(EventFacts $facts): self
    {
        $numbers = SiteNumbers::of($facts);

        return new self(
            self::prints(),
            implode(', ', array_map(static fn(string $word): string => isset($numbers[$word]) ? "{{$word}} = {$numbers[$word]}" : __(':word: not here', ['word' => "{{$word}}"]), SiteNumbers::WORDS)),
            array_map(static fn(QueueCard $card): array => self::card($card, $numbers), QueueCard::deckOf($facts->event)),
            Demonstrations::of($facts->event),
        );
    }

    /** @return list<array{name: string, about: string, route: string, print: string|null}> */
    private static function prints(): array
    {
        $row = static fn(string $name, string $about, string $route, ?string $print = null): array => ['name' => $name, 'about' => $about, 'route' => $route, 'print' => $print];

        return [
            $row(__('Handout for families'), __('two sides of one sheet, turned over the short edge, folded once'), 'training.handout', 'folded'),
            $row(__('Handout in large print'), __('18 pt'), 'training.handout', 'large'),
            $row(__('Handout in plain language'), __('short sentences, 14 pt'), 'training.handout', 'plain'),
            $row(__('Letter to parents'), __('with how people look at this event'), 'training.letter'),
            $row(__('Signs for the stations'), __('one sheet each'), 'training.signs'),
            $row(__('The Sun here, to feel'), __('the phases in true size, to be cut out or raised'), 'audience.strip.sheet'),
            $row(__('To be shown'), __('demonstrations with what they need and their steps'), 'training.demonstrations'),
            $row(__('Who has passed what'), __('of the crew, each duty'), 'training.crew.print'),
            $row(__('Cards for whoever waits'), __('four to a sheet, turned over the long edge'), 'training.queue.print'),
        ];
    }

    /**
     * @param array<string, string> $numbers
     *
     * @return array{question: string, answer: string, needs: string, isPrinted: bool, card: QueueCard}
     */
    private static function card(QueueCard $card, array $numbers): array
    {
        $filled = SiteNumbers::onCard($card, $numbers);

        return ['question' => $filled['question'] ?? $card->question, 'answer' => $filled['answer'] ?? $card->answer, 'needs' => TrainingWords::needs($card->needs), 'isPrinted' => $filled !== null, 'card' => $card];
    }
}
