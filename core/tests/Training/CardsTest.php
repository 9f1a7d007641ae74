<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Training;

use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Inquiry\Choice;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Permission;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Training\Cards\Card;
use KeenShadow\Core\Training\Cards\Circumstance;
use KeenShadow\Core\Training\Cards\Deal;
use KeenShadow\Core\Training\Cards\Deck;
use KeenShadow\Core\Training\Cards\Duty;
use KeenShadow\Core\Training\Cards\Pile;
use PHPUnit\Framework\TestCase;

/** "Is this safe?" cards that the rule book makes, and in which order they come. */
final class CardsTest extends TestCase
{
    private static ?Deck $deck = null;

    private static function deck(): Deck
    {
        return self::$deck ??= Deck::of(Standard::book());
    }

    /** Asked again, each alone, the book says what the card says; and a thousand of them there are. */
    public function testEveryCardsAnswerIsTheBooks(): void
    {
        $book = Standard::book();
        self::assertGreaterThan(1000, count(self::deck()->cards));
        foreach (self::deck()->cards as $card) {
            $answer = $book->ask(Situation::of($card->situation->told()));
            self::assertEquals($answer, $card->answer, $card->id);
            self::assertEquals($card, Deck::find($book, $card->id));
            self::assertNull($answer->question, "{$card->id} leaves something decisive open");
        }
        foreach (['', 'no-such-card', 'sunglasses', 'sunglasses~ring~ring', 'camera~none', 'camera~use.moon~none', 'sunglasses~use.look~none'] as $none) {
            self::assertNull(Deck::find($book, $none), $none);
        }
    }

    /** Of two cards of which one knows all that the other does and more, never one says yes and the other no; and no two look the same. */
    public function testNoTwoCardsContradict(): void
    {
        $byItem = $faces = $told = [];
        foreach (self::deck()->cards as $card) {
            $byItem[$card->item->id][] = $card;
            $told[$card->id] = array_map(json_encode(...), $card->situation->told());
            $face = implode('|', [$card->item->name, ...array_map(static fn(Choice $c): string => $c->words, $card->facts), $card->circumstance->value]);
            self::assertArrayNotHasKey($face, $faces, $card->id);
            $faces[$face] = true;
        }
        $compared = 0;
        foreach ($byItem as $cards) {
            foreach ($cards as $less) {
                foreach ($cards as $more) {
                    if ($less !== $more && array_diff_assoc($told[$less->id], $told[$more->id]) === []) {
                        self::assertNotSame([Permission::Yes, Permission::No], [$less->answer->permission, $more->answer->permission], "{$less->id} and {$more->id}");
                        ++$compared;
                    }
                }
            }
        }
        self::assertGreaterThan(100, $compared);
    }

    /** A book without a rule makes other cards: of those for which it alone spoke the answer changes. */
    public function testWithoutARuleTheCardsChange(): void
    {
        $changed = [];
        foreach (['welding-shade', 'glasses-with-optics', 'kept-on', 'eyepiece-filters', 'policy-indirect-only'] as $rule) {
            $other = Deck::of(Standard::book()->without($rule));
            $changed[$rule] = count(array_filter($other->cards, static fn(Card $card): bool => !isset(self::deck()->cards[$card->id]) || json_encode(self::deck()->cards[$card->id]->answer) !== json_encode($card->answer)))
                + count(array_diff_key(self::deck()->cards, $other->cards));
        }
        self::assertSame([], array_keys($changed, 0, true));
    }

    /** What tempts to another answer changes none to the better: neither a low Sun nor a ring, and a policy only to the worse. */
    public function testACircumstanceIsNoExcuse(): void
    {
        $rank = static fn(Permission $p): int => (int) array_search($p, [Permission::No, Permission::If, Permission::Yes], true);
        $seen = [];
        foreach (self::deck()->cards as $card) {
            $plain = self::deck()->cards[substr($card->id, 0, -strlen($card->circumstance->value)) . Circumstance::None->value];
            self::assertLessThanOrEqual($rank($plain->answer->permission), $rank($card->answer->permission), $card->id);
            $seen[$card->circumstance->value] = true;
        }
        self::assertCount(4, $seen);
    }

    /** Each has a deal of their own, the same for the same number, with yes, if and no in turn, and nothing of what they never do. */
    public function testADealForEachDuty(): void
    {
        foreach (Duty::cases() as $duty) {
            $dealt = Deal::of(self::deck()->index(), $duty, 11, 30);
            self::assertSame($dealt, Deal::of(self::deck()->index(), $duty, 11, 30));
            self::assertNotSame($dealt, Deal::of(self::deck()->index(), $duty, 12, 30));
            foreach ($dealt as $difficulty => $ids) {
                self::assertLessThanOrEqual(30, count($ids));
                self::assertSame($ids, array_values(array_unique($ids)));
                foreach ($ids as $id) {
                    self::assertSame($difficulty, self::deck()->cards[$id]->difficulty());
                    self::assertTrue($duty->wants(self::deck()->cards[$id]));
                }
            }
            $answers = array_map(static fn(string $id): string => self::deck()->cards[$id]->answer->permission->value, array_merge(...$dealt));
            self::assertLessThan(0.75 * count($answers), count(array_keys($answers, 'no', true)), $duty->value);
        }
        foreach (array_merge(...Deal::of(self::deck()->index(), Duty::Checker, 3, 50)) as $id) {
            self::assertSame('direct', self::deck()->cards[$id]->situation->get(Part::Look));
        }
    }

    /** By hand: a wrong one comes back after three others, right then after eight, then after twenty, then no more. */
    public function testWhatWasWrongComesBack(): void
    {
        $dealt = [1 => array_map(static fn(int $i): string => "c{$i}", range(1, 60))];
        $pile = Pile::fresh();
        $order = [];
        for ($i = 0; $i < 45; ++$i) {
            $id = $pile->next($dealt);
            self::assertNotNull($id);
            $order[] = $id;
            // The first is answered wrong once.
            $pile = $pile->answered($id, $i > 0);
        }
        self::assertSame([0, 4, 13, 34], array_keys($order, 'c1', true));
        self::assertCount(42, array_unique($order));
    }

    /** Four right in a row make it harder, two wrong easier; at the ends it stays. */
    public function testItGetsHarderWithSuccess(): void
    {
        $pile = Pile::fresh();
        foreach (range(1, 4) as $i) {
            $pile = $pile->answered("a{$i}", true);
        }
        self::assertSame(2, $pile->level);
        self::assertSame('b2', $pile->next([1 => ['b1'], 2 => ['b2'], 3 => ['b3']]));
        self::assertSame(1, $pile->answered('x', false)->answered('y', false)->level);
        self::assertSame(1, $pile->answered('x', false)->answered('y', false)->answered('z', false)->answered('w', false)->level);
        foreach (range(5, 40) as $i) {
            $pile = $pile->answered("a{$i}", true);
        }
        self::assertSame(Card::HARDEST, $pile->level);
        self::assertNull(Pile::fresh()->answered('only', true)->next([1 => ['only']]));
    }
}
