<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Photo;

use KeenShadow\Core\Photo\PartialSeries;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\PlannedShot;
use KeenShadow\Core\Photo\Settings;
use KeenShadow\Core\Photo\Shot;
use KeenShadow\Core\Photo\ShotList;
use KeenShadow\Core\Photo\When;
use KeenShadow\Core\Photo\Wish;
use KeenShadow\Core\Rules\FilterAdvice;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Time\Interval;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Shots in totality: only while the one rule lets filters be off, and no more than half of that. */
final class ShotListTest extends TestCase
{
    private const C2 = 2461619.95;
    private const HAND_S = 4.0;

    /** Whatever is known and unknown of a place: with the filter to stay on nothing is planned, else every frame lies well inside. */
    public function testNoShotWithoutFilterIsPlannedBesideTheRule(): void
    {
        $planned = 0;
        $all = [new Interval(self::C2 - 1, self::C2 + 1)];
        foreach ([null, ...LocalKind::cases()] as $kind) {
            foreach ([null, false, true] as $isNearEdge) {
                foreach ([null, 0.0, 12.0, 30.0, 170.0] as $totalityS) {
                    foreach ([null, [], $all, [$this->stretch(20, 120)]] as $up) {
                        foreach ([null, [], $all, [$this->stretch(60, 90)]] as $hidden) {
                            $filters = Filters::decide($kind, $isNearEdge, $totalityS === null ? null : self::C2, $totalityS === null ? null : self::C2 + $totalityS / 86400, $up, $hidden);
                            foreach ([null, 0.0, 40.0, 500.0] as $clearS) {
                                $planned += $this->assertInside($filters, ShotList::of($this->settings(), $this->wishes(), $filters, self::HAND_S, $clearS));
                            }
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(0, $planned);
    }

    /** Every five minutes from fifty before to an hour after, a while of it behind a roof; by hand 18 from −50 to 35 and one at 60. The one in totality is left out where the filter is off then, and only there. */
    #[TestWith([160.0, 18])]
    #[TestWith([15.0, 19])]
    public function testPartialPhasesAreTakenWithTheFilterOn(float $freeS, int $pictures): void
    {
        $filters = $this->totality($freeS);
        $list = ShotList::of($this->settings(), $this->wishes(), $filters, self::HAND_S);
        $maximumUt = self::C2 + 80 / 86400;
        $seen = [new Interval($maximumUt - 50 / 1440 - 1e-6, $maximumUt + 39 / 1440), new Interval($maximumUt + 59 / 1440, $maximumUt + 60.01 / 1440)];
        $moments = PartialSeries::moments($maximumUt, $seen, 300, $list);
        self::assertCount($pictures, $moments);
        foreach ($moments as $ut) {
            self::assertTrue($list->isFilterOn($ut));
            self::assertEqualsWithDelta(0.0, fmod(abs($ut - $maximumUt) * 1440 + 2.5, 5.0) - 2.5, 1e-4);
        }
        self::assertSame($pictures === 19, in_array($maximumUt, $moments, true));
    }

    private function assertInside(Filters $filters, ShotList $list): int
    {
        foreach (range(-30, 200, 5) as $second) {
            $ut = self::C2 + ($second + 0.5) / 86400;
            self::assertTrue($list->isFilterOn($ut) || $filters->at($ut) === FilterAdvice::MayComeOff);
        }
        if (!$filters->mayComeOff()) {
            self::assertSame([[], null, null, 3], [$list->shots, $list->offUt, $list->onUt, count($list->left)]);
            self::assertSame($filters->reason, $list->reason);

            return 0;
        }
        self::assertCount(3, [...$list->shots, ...$list->left]);
        $from = (float) $filters->offUt + self::HAND_S / 86400 - 1e-9;
        foreach ($list->shots as $shot) {
            self::assertGreaterThanOrEqual($from, $shot->fromUt);
            self::assertLessThanOrEqual((float) $filters->onUt - self::HAND_S / 86400 + 1e-9, $shot->toUt);
            $from = $shot->toUt - 1e-9;
        }
        self::assertLessThanOrEqual(((float) $filters->onUt - (float) $filters->offUt) * 86400 / 2 + 1e-4, $list->spentS);

        return count($list->shots);
    }

    /** By hand, f/8 and ISO 200: beads 5 × (1/12800 + 0.5), corona 3 + 4 × (0.0025 + 1) + 4 × (0.16 + 1), the other beads as the first: 2.5004, 11.65, 2.5004 s. */
    public function testShotsStandWhereTheyAreWished(): void
    {
        $list = ShotList::of($this->settings(), $this->wishes(), $this->totality(160), self::HAND_S);
        self::assertSame([], $list->left);
        self::assertSame(['beads', 'corona', 'beads again'], array_map(static fn(PlannedShot $shot): string => $shot->wish->name, $list->shots));
        $seconds = static fn(float $ut): float => round(($ut - self::C2) * 86400, 2);
        self::assertEqualsWithDelta([4.0, 6.5, 6.5, 18.15, 153.5, 156.0], array_merge(...array_map(static fn(PlannedShot $shot): array => [$seconds($shot->fromUt), $seconds($shot->toUt)], $list->shots)), 0.011);
        self::assertEqualsWithDelta(2 * 4 + 2 * 2.5004 + 11.65, $list->spentS, 0.001);
        self::assertEqualsWithDelta([0.0, 160.0], [$seconds((float) $list->offUt), $seconds((float) $list->onUt)], 0.01);
    }

    /**
     * By hand: half of the time less eight seconds for the hand; the last wish gives way first, by frames; as a whole where once of each is too much, and then the others are whole again.
     *
     * @param list<int> $frames
     */
    #[TestWith([50.0, [5, 4, 5]])]
    #[TestWith([48.0, [5, 4, 3]])]
    #[TestWith([44.0, [5, 3, 1]])]
    #[TestWith([32.0, [4, 1, 1]])]
    #[TestWith([26.0, [5]])]
    #[TestWith([17.0, []])]
    public function testWhatDoesNotFitIsShortenedThenLeftOut(float $freeS, array $frames): void
    {
        $list = ShotList::of($this->settings(), $this->wishes(), $this->totality($freeS), self::HAND_S);
        self::assertSame($frames, array_map(static fn(PlannedShot $shot): int => $shot->wish->shots[0]->frames, $list->shots));
    }

    /** Clouds until the last 40 s: half of those, and the filter comes off no sooner. */
    public function testTheListForTheLastSeconds(): void
    {
        $filters = $this->totality(160);
        $list = ShotList::of($this->settings(), $this->wishes(), $filters, self::HAND_S, 40.0);
        self::assertEqualsWithDelta(120.0, ((float) $list->offUt - self::C2) * 86400, 0.01);
        self::assertLessThanOrEqual(20.0, $list->spentS);
        self::assertNotSame([], $list->shots);
        self::assertEquals(ShotList::of($this->settings(), $this->wishes(), $filters, self::HAND_S), ShotList::of($this->settings(), $this->wishes(), $filters, self::HAND_S, 1000.0));
    }

    #[TestWith([0.0])]
    #[TestWith([61.0])]
    #[TestWith([NAN])]
    public function testAHandTakesItsTime(float $handS): void
    {
        $this->expectException(PhotoException::class);
        ShotList::of($this->settings(), [], $this->totality(100), $handS);
    }

    private function settings(): Settings
    {
        return Settings::of(8, 200);
    }

    /** @return list<Wish> */
    private function wishes(): array
    {
        return [
            Wish::of('beads', When::First, [Shot::of(12, 5, 0.5, 'shots[0]')]),
            Wish::of('corona', When::Between, [Shot::of(7, 4, 1, 'shots[0]'), Shot::of(1, 4, 1, 'shots[0]')], 3),
            Wish::of('beads again', When::Last, [Shot::of(12, 5, 0.5, 'shots[0]')]),
        ];
    }

    private function totality(float $freeS): Filters
    {
        return Filters::decide(LocalKind::Total, false, self::C2, self::C2 + $freeS / 86400, [new Interval(self::C2 - 1, self::C2 + 1)], []);
    }

    private function stretch(float $fromS, float $toS): Interval
    {
        return new Interval(self::C2 + $fromS / 86400, self::C2 + $toS / 86400);
    }
}
