<?php

declare(strict_types=1);

namespace Tests\Feature\Rules;

use App\Text\RuleWords;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Change;
use KeenShadow\Core\Rules\Disagreement;
use KeenShadow\Core\Rules\Effect;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** "May I use this?" and the rule book, as pages of an event. */
final class MayITest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    public function testAFewTapsToAnAnswer(): void
    {
        $this->get(route('rules.may', $this->event))->assertOk()->assertSee('Welding helmet')->assertSee(route('rules.may', [$this->event, 'item' => 'welding-helmet']));
        $this->get(route('rules.may', [$this->event, 'item' => 'welding-helmet']))->assertOk()->assertSee('Which kind, and which shade is stamped on it?')->assertSee('It darkens by itself');
        $this->get(route('rules.may', [$this->event, 'item' => 'welding-helmet', 'kind' => 'auto']))->assertOk()
            ->assertSeeInOrder(['Welding helmet', 'No', 'One that darkens by itself waits for an arc', 'It darkens by itself', 'What would make it allowed', 'Take checked eclipse glasses.', 'What is at risk', 'The rules that bear on it'])
            ->assertSee(route('rules.book', $this->event) . '#welding-fixed', false);
    }

    /** At a place in the path totality may be what is asked about; elsewhere nobody is asked, and it is said why. */
    public function testThePhaseAtThePlaceIsKnown(): void
    {
        $bare = fn(array $answers): string => (string) $this->get(route('rules.may', [$this->event, 'item' => 'bare-eyes', ...$answers]))->assertOk()->getContent();
        $this->event->update(['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid']);
        self::assertStringContainsString('In totality, between the calls', $bare([]));
        self::assertStringContainsString('Yes, if', $bare(['when' => 'totality', 'who' => 'adult']));
        self::assertStringContainsString('The event&#039;s policy allows this direct look.', $bare(['when' => 'totality', 'who' => 'adult']));
        $this->event->update(['lat' => 40.42, 'lon' => -3.7]);
        self::assertStringContainsString('at this place no totality can be used', $bare([]));
        self::assertStringContainsString('The smallest crescent burns the retina', $bare(['when' => 'totality', 'who' => 'adult']));
        $telescope = fn(array $answers): string => (string) $this->get(route('rules.may', [$this->event, 'item' => 'refractor', ...$answers]))->assertOk()->getContent();
        self::assertStringNotContainsString('Look into it in totality', $telescope([]));
        self::assertStringContainsString('What do you do with it', $telescope(['use' => 'look-totality', 'stand' => 'crew', 'who' => 'adult']));
        $this->event->update(['lat' => 36.53, 'lon' => -6.29]);
        self::assertStringContainsString('Look into it in totality', $telescope([]));
    }

    public function testAHelpersWordsFindIt(): void
    {
        $piece = $this->get(route('rules.may', [$this->event, 'q' => 'old slide film']), ['X-Requested-With' => 'XMLHttpRequest'])->assertOk();
        $piece->assertSee('Film, negatives, slides')->assertDontSee('Sunglasses')->assertDontSee('<html', false);
        $this->get(route('rules.may', [$this->event, 'q' => 'potato']))->assertOk()->assertSee('What it does not know it does not allow')->assertSee('Sunglasses');
    }

    /** @return array<string, array{array<string, mixed>}> */
    public static function nonsense(): array
    {
        return ['no such thing' => [['item' => 'potato']], 'no such answer' => [['item' => 'binocular', 'use' => 'potato']], 'an answer to nothing' => [['use' => 'look-none']], 'markup' => [['q' => '<b>x']]];
    }

    /** @param array<string, mixed> $query */
    #[DataProvider('nonsense')]
    public function testNonsenseAsksAgain(array $query): void
    {
        $this->get(route('rules.may', [$this->event, ...$query]))->assertOk()->assertSee('May I use this?')->assertDontSee('<b>x', false)->assertDontSee('verdict-word', false);
    }

    public function testALongWordIsRefusedAtItsField(): void
    {
        $this->get(route('rules.may', [$this->event, 'q' => str_repeat('x', 81)]))->assertRedirect(route('rules.may', $this->event))->assertSessionHasErrors('q');
        $this->get(route('rules.may', [$this->event, 'item' => ['x']]))->assertRedirect(route('rules.may', $this->event))->assertSessionHasErrors('item');
    }

    public function testTheWholeBookCanBeRead(): void
    {
        $book = $this->get(route('rules.book', $this->event))->assertOk();
        foreach (Standard::book()->rules as $rule) {
            $book->assertSee("id=\"{$rule->id}\"", false)->assertSee($rule->statement)->assertSee($rule->reason)->assertSee($rule->source->value);
        }
        foreach (Disagreement::cases() as $disagreement) {
            $book->assertSee("id=\"{$disagreement->value}\"", false)->assertSee($disagreement->matter())->assertSee($disagreement->choice());
            self::assertGreaterThan(1, count($disagreement->schools()));
        }
    }

    /** Whatever the book may tell somebody to change there are words for. */
    public function testEveryMendHasWords(): void
    {
        $told = 0;
        foreach (Standard::book()->rules as $rule) {
            foreach ([...($rule->effect === Effect::Allows ? $rule->where : []), ...$rule->needs, ...$rule->instead] as $condition) {
                if ($condition->part->canBeChanged() && $condition->unless === []) {
                    $words = RuleWords::change(new Change($condition->part, $condition->example()));
                    self::assertStringEndsWith('.', $words, "{$rule->id}: {$words}");
                    self::assertStringStartsNotWith('mends.', $words, $rule->id);
                    ++$told;
                }
            }
        }
        self::assertGreaterThan(40, $told);
    }

    public function testItIsReachedFromEveryPageOfAnEvent(): void
    {
        foreach (['sky.show', 'site.show', 'eyewear.index', 'viewers.index', 'rules.book'] as $page) {
            $this->get(route($page, $this->event))->assertOk()->assertSee(route('rules.may', $this->event));
        }
    }
}
