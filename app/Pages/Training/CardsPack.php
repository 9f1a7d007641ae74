<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Text\RuleWords;
use App\Text\TrainingWords;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Training\Cards\Card;
use KeenShadow\Core\Training\Cards\Deal;
use KeenShadow\Core\Training\Cards\Deck;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\Cards\Pile;
use KeenShadow\Core\Training\Record\Attempt;
use KeenShadow\Core\Training\Record\Exercise;
use KeenShadow\Core\Training\Record\Judge;

/** A deal of cards with the book's answers, as a device keeps it: it works without a network. */
final class CardsPack
{
    private const OF_EACH = 24;
    /** So many of the last answers say where somebody stands. */
    private const HISTORY = 60;

    /**
     * @param array<string, array{difficulty: int, answer: string, duties: list<string>}> $index of the deck
     * @param list<Attempt> $attempts of the person, in order of time
     *
     * @return array{dealt: array<int, list<string>>, cards: array<string, array<string, mixed>>, history: list<array{string, bool}>, rules: array<string, mixed>}
     */
    public static function of(Duty $duty, array $index, int $seed, array $attempts, Judge $judge): array
    {
        $history = [];
        foreach ($attempts as $attempt) {
            $right = $attempt->exercise === Exercise::Card && $attempt->duty === $duty ? $judge->isRight($attempt) : null;
            if ($right !== null) {
                $history[] = [$attempt->about, $right];
            }
        }
        $history = array_slice($history, -self::HISTORY);
        $dealt = Deal::of($index, $duty, $seed, self::OF_EACH);
        $cards = [];
        foreach (array_unique([...array_merge(...array_values($dealt)), ...array_column($history, 0)]) as $id) {
            $card = Deck::find($judge->book, $id);
            $cards += $card === null ? [] : [$id => self::card($card)];
        }

        return [
            'dealt' => $dealt,
            'cards' => $cards,
            'history' => $history,
            'rules' => ['gaps' => Pile::GAPS, 'harder' => Pile::RIGHT_FOR_HARDER, 'easier' => Pile::WRONG_FOR_EASIER, 'hardest' => Card::HARDEST],
        ];
    }

    /** @return array<string, mixed> */
    private static function card(Card $card): array
    {
        return [
            'thing' => __($card->item->name),
            'facts' => TrainingWords::facts($card),
            'level' => $card->difficulty(),
            'answer' => $card->answer->permission->value,
            'word' => __($card->answer->permission->word()),
            'reason' => RuleWords::sentence($card->answer->reason),
            'conditions' => array_map(RuleWords::sentence(...), $card->answer->conditions),
            'do' => RuleWords::sentence($card->answer->do),
            'rule' => $card->answer->rules[0]->id ?? '',
            'path' => self::path($card),
        ];
    }

    /** @return list<string> what the light meets, from the Sun on */
    private static function path(Card $card): array
    {
        $get = static fn(Part $part): string => is_string($value = $card->situation->get($part)) ? $value : '';
        $filter = $get(Part::Filter);
        $isFront = in_array($get(Part::At), ['front', 'thread'], true);
        $instrument = $get(Part::Instrument);
        $shown = $filter === '' || $filter === 'none' ? [] : ['filter'];

        return [
            $get(Part::Phase) === 'total' ? 'corona' : 'sun',
            ...($isFront ? $shown : []),
            ...($instrument === '' || $instrument === 'none' ? [] : [in_array($instrument, ['camera', 'phone'], true) ? 'camera' : (str_contains($instrument, 'mirror') && !str_contains($instrument, 'closed') ? 'mirror' : 'tube')]),
            ...($get(Part::Look) === 'pinhole_screen' || $get(Part::Look) === 'through_pinhole' ? ['hole'] : []),
            ...($isFront ? [] : $shown),
            match ($get(Part::Look)) {
                'projected', 'pinhole_screen' => 'screen',
                'camera', 'screen_of_device' => 'display',
                default => 'eye',
            },
        ];
    }
}
