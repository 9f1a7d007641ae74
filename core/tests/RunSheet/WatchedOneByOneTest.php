<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\Group;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\RunSheet\Rota\Party;
use KeenShadow\Core\RunSheet\Rota\Spot;
use KeenShadow\Core\RunSheet\Rota\StationWish;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Who looks with an adult of their own, and how many helpers that takes (common practice, no source: one adult watches one child). */
final class WatchedOneByOneTest extends TestCase
{
    /**
     * Children of 9 to 12 with glasses: one adult for each who looks, of the helpers or of those who come with them. Worked by hand: 30 children, ten pairs, 30 s
     * each. Ten helpers: 30·30/10 s, at least 10 min; two adults come along: eight helpers; of three stations with six helpers this one has two, so four look
     * at a time: 30·30/4 s = 3.75 min; alone 15 min. Grown-ups need one helper.
     *
     * @param list<string> $watched
     */
    #[TestWith([30, [], 0, null, 10, 10, 10])]
    #[TestWith([30, ['glasses'], 0, null, 10, 10, 10])]
    #[TestWith([30, ['glasses'], 2, null, 8, 10, 10])]
    #[TestWith([30, ['glasses'], 2, 2, 2, 10, 4])]
    #[TestWith([30, ['glasses'], 0, 1, 1, 15, 1])]
    #[TestWith([60, ['glasses'], 0, 1, 2, 15, 2])]
    #[TestWith([4, ['glasses'], 9, null, 1, 10, 10])]
    public function testChildrenAreWatchedOneByOne(int $people, array $watched, int $adults, ?int $helpers, int $crew, int $minutes, int $atOnce): void
    {
        $spot = new Spot('glasses', 10, 30.0, 30, null);
        $party = new Party('g1', $people, ['glasses'], $watched, $adults);
        $wish = $spot->wish(new StationWish(), [$party], 5, $helpers);

        self::assertSame([$watched === [] ? 1 : $crew, $minutes], [$wish->crew, $wish->minutes]);
        self::assertSame($watched === [] ? null : $atOnce, $spot->watchedAtOnce([$party], $wish->crew ?? 0));
    }

    /** What the book asks for by age: each child of 9 to 12 who looks directly is watched, nobody else, and at no image. */
    public function testTheBookSaysWhoIsWatchedOneByOne(): void
    {
        $group = static fn(AgeBand $band, int $adults = 0): Group => new Group(people: 30, band: $band, spectacles: 0, seated: 0, lowVision: 0, peeks: false, adults: $adults);
        foreach (Method::cases() as $method) {
            foreach (AgeBand::cases() as $band) {
                $isWatched = $band === AgeBand::Child && in_array($method, [Method::Glasses, Method::Banner, Method::Telescope], true);
                self::assertSame($isWatched, $method->isWatchedEach(Standard::book(), $group($band), null), "{$method->value} {$band->value}");
            }
        }
        $helpers = static fn(Method $method, AgeBand $band, int $adults = 0): int => $method->helpersFor(Standard::book(), $group($band, $adults), null);
        self::assertSame([10, 6, 1, 1], [$helpers(Method::Glasses, AgeBand::Child), $helpers(Method::Glasses, AgeBand::Child, 4), $helpers(Method::Glasses, AgeBand::Adult), $helpers(Method::Card, AgeBand::Child)]);
    }
}
