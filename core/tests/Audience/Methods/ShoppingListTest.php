<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Audience\Methods;

use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\GlassesSum;
use KeenShadow\Core\Audience\Group;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Methods\ShoppingList;
use PHPUnit\Framework\TestCase;

/** Quantities worked by hand from what each method takes (own judgement). */
final class ShoppingListTest extends TestCase
{
    public function testEachOfAClassBuildsABox(): void
    {
        self::assertSame(['box' => 24, 'foil' => 24, 'white_paper' => 24, 'pin' => 5, 'tape' => 3, 'knife' => 1], ShoppingList::of([[self::group(24), [Method::Box]]], false));
    }

    public function testWhatGoesFromGroupToGroupCountsOnceAndAllElseIsAdded(): void
    {
        $two = ShoppingList::of([[self::group(24), [Method::Box, Method::Projection]], [self::group(26), [Method::Box, Method::Projection]]], true);
        self::assertSame(['telescope' => 1, 'projection_screen' => 1, 'finder_caps' => 1, 'white_sheet' => 2, 'box' => 50, 'foil' => 50, 'white_paper' => 50, 'pin' => 11, 'tape' => 6, 'knife' => 1, 'marked_rope' => 1], $two);
    }

    /** All who look share one tray: 320 and 18 people are 338, not 32 pairs and 2. */
    public function testGlassesAreSharedByAll(): void
    {
        self::assertSame(['glasses' => GlassesSum::of(338, 20, 10, 5, 10)->needed()], ShoppingList::of([[self::group(320), [Method::Glasses]], [self::group(18), [Method::Glasses]]], false));
        self::assertSame([], ShoppingList::of([], true));
        self::assertSame([], ShoppingList::of([[self::group(20), []]], true));
    }

    public function testThereIsAStripForEachWhoSeesLittle(): void
    {
        $group = new Group(people: 30, band: AgeBand::Adult, spectacles: 0, seated: 0, lowVision: 3, peeks: false);
        self::assertSame(['phase_strip' => 3, 'felt' => 3, 'glue' => 1], ShoppingList::of([[$group, [Method::PhaseStrip]]], false));
    }

    /** Whatever is chosen, more people never need less of anything, and every method takes something. */
    public function testMorePeopleNeverNeedLess(): void
    {
        foreach (Method::cases() as $method) {
            foreach ([true, false] as $needsSheet) {
                $before = [];
                foreach ([1, 7, 8, 9, 40, 300] as $people) {
                    $now = ShoppingList::of([[self::group($people), [$method]]], $needsSheet);
                    self::assertNotSame([], $now, $method->value);
                    foreach ($before as $supply => $count) {
                        self::assertGreaterThanOrEqual($count, $now[$supply] ?? 0, "{$method->value} {$supply}");
                    }
                    $before = $now;
                }
            }
        }
    }

    private static function group(int $people): Group
    {
        return new Group(people: $people, band: AgeBand::Child, spectacles: 0, seated: 0, lowVision: 0, peeks: false);
    }
}
