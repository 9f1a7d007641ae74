<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Rules;

use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Inquiry\Inquiry;
use KeenShadow\Core\Rules\Inquiry\Item;
use KeenShadow\Core\Rules\Inquiry\Items;
use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Permission;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** "May I use this?": every thing, through every answer that may be tapped. */
final class InquiryTest extends TestCase
{
    /** The thing itself is one more. */
    private const MOST_TAPS = 3;

    /** @return iterable<string, array{string, string|null}> */
    public static function things(): iterable
    {
        foreach (Items::all() as $item) {
            yield "{$item->id}, where it is partial" => [$item->id, 'partial'];
            yield "{$item->id}, where it is total" => [$item->id, null];
        }
    }

    #[DataProvider('things')]
    public function testEveryWayEndsWithAnAnswerInAFewTaps(string $id, ?string $phase): void
    {
        $item = Items::named($id) ?? self::fail($id);
        $ways = self::ways($item, [], ['phase' => $phase, 'policy' => 'mixed']);
        self::assertNotSame([], $ways);
        foreach ($ways as $taps) {
            $inquiry = Inquiry::of(Standard::book(), $item, $taps, ['phase' => $phase, 'policy' => 'mixed']);
            $way = "{$id} " . json_encode($taps, JSON_THROW_ON_ERROR);
            self::assertNull($inquiry->next);
            self::assertLessThanOrEqual(self::MOST_TAPS, count($taps), $way);
            self::assertNull($inquiry->answer->question, "nothing is left to ask: {$way}");
            // Nobody is told yes who was told nothing of a filter, the times or who looks.
            $isAtTheSun = in_array($inquiry->situation->get(Part::Look), ['direct', 'through_optics'], true);
            if ($isAtTheSun && $inquiry->answer->permission === Permission::Yes) {
                self::assertArrayHasKey('who', $taps, $way);
            }
        }
    }

    /** @return iterable<string, array{string, list<string>}> what a helper may say, the things in order */
    public static function searches(): iterable
    {
        yield 'helmet' => ['helmet', ['welding-helmet']];
        yield 'old slide film' => ['old slide film', ['film']];
        yield 'binoculars with glasses' => ['binoculars with glasses', ['binocular']];
        yield 'mylar balloon' => ['mylar balloon', ['foil']];
        yield 'phone' => ['phone', ['phone']];
        yield 'a plural' => ['Slides', ['film']];
        yield 'CD' => ['CD', ['disc']];
        yield 'x-ray' => ['X-Ray', ['x-ray']];
        yield 'the begin of a word' => ['telesc', ['refractor', 'newtonian', 'closed-mirror', 'solar-telescope', 'telescope-filter', 'eyepiece-filter']];
        yield 'nothing of that name' => ['potato', []];
        yield 'nothing' => ['  ', array_map(static fn(Item $i): string => $i->id, Items::all())];
    }

    /** @param list<string> $found */
    #[DataProvider('searches')]
    public function testThingsAreFoundByAHelpersWords(string $search, array $found): void
    {
        self::assertSame($found, array_map(static fn(Item $i): string => $i->id, Items::found($search)));
    }

    public function testTheRightThingsAreRefusedAtOnce(): void
    {
        foreach (Items::noFilters() as $item) {
            $inquiry = Inquiry::of(Standard::book(), $item, [], ['phase' => 'partial']);
            self::assertSame([null, Permission::No], [$inquiry->next, $inquiry->answer->permission], $item->id);
        }
    }

    public function testWhatFitsNoQuestionIsLeftAside(): void
    {
        $item = Items::named('eclipse-glasses') ?? self::fail();
        $inquiry = Inquiry::of(Standard::book(), $item, ['state' => 'perfect', 'use' => 'look-none', 'who' => 'adult'], ['phase' => 'partial']);
        self::assertSame('state', $inquiry->next?->id);
        self::assertSame([], $inquiry->given);
    }

    /**
     * @param array<string, string> $taps
     * @param array<string, string|null> $known
     *
     * @return list<array<string, string>> all ways to an answer
     */
    private static function ways(Item $item, array $taps, array $known): array
    {
        $inquiry = Inquiry::of(Standard::book(), $item, $taps, $known);
        if ($inquiry->next === null) {
            return [$taps];
        }
        $ways = [];
        foreach ($inquiry->choices as $choice) {
            array_push($ways, ...self::ways($item, $taps + [$inquiry->next->id => $choice->id], $known));
        }

        return $ways;
    }
}
