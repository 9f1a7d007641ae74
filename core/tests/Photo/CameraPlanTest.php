<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Photo;

use KeenShadow\Core\Photo\Kit\FilterMake;
use KeenShadow\Core\Photo\Kit\FilterSeat;
use KeenShadow\Core\Photo\Kit\Fixing;
use KeenShadow\Core\Photo\Kit\Mount;
use KeenShadow\Core\Photo\Kit\Optics;
use KeenShadow\Core\Photo\Kit\OpticsBuild;
use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\Programme\CameraPlan;
use KeenShadow\Core\Photo\Programme\FilterState;
use KeenShadow\Core\Photo\Programme\Finder;
use KeenShadow\Core\Photo\Programme\Outfit;
use KeenShadow\Core\Photo\Programme\PartialPicture;
use KeenShadow\Core\Photo\Programme\Programme;
use KeenShadow\Core\Photo\Programme\SeenEclipse;
use KeenShadow\Core\Photo\Programme\Wanted;
use KeenShadow\Core\Photo\When;
use KeenShadow\Core\Rules\FilterAdvice;
use KeenShadow\Core\Rules\FilterReason;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Time\Interval;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a camera takes of an eclipse where it stands, and whether it may stand there. */
final class CameraPlanTest extends TestCase
{
    /** @return iterable<string, array{SeenEclipse, FilterReason, bool}> the last: whether anything is taken without a filter; two hands of 4 s are more than half of twelve seconds */
    public static function eclipses(): iterable
    {
        yield 'total' => [Cameras::seen('2027-08-02', 36.53, -6.29), FilterReason::Totality, true];
        yield '22 s at the edge of the path' => [Cameras::seen('2027-08-02', 36.74, -6.29), FilterReason::NearEdge, false];
        yield 'outside the path' => [Cameras::seen('2027-08-02', 37.2, -6.29), FilterReason::Partial, false];
        yield 'annular' => [Cameras::seen('2028-01-26', 36.53, -6.29), FilterReason::Annular, false];
        yield 'partial until sunset' => [Cameras::seen('2026-08-12', 36.53, -6.29), FilterReason::Partial, false];
        yield 'total with the Sun down' => [Cameras::seen('2026-08-12', 38.8, 9.0), FilterReason::BelowHorizon, false];
        $seen = Cameras::seen('2027-08-02', 36.53, -6.29);
        $middle = $seen->middle->julianDateUt;
        yield 'behind the gym all the while' => [Cameras::seen('2027-08-02', 36.53, -6.29, [new Interval($middle - 1, $middle + 1)]), FilterReason::Hidden, false];
        yield 'behind the gym in totality' => [Cameras::seen('2027-08-02', 36.53, -6.29, [new Interval($middle - 0.002, $middle + 0.002)]), FilterReason::Hidden, false];
        yield 'totality cut to twelve seconds' => [Cameras::seen('2027-08-02', 36.53, -6.29, [new Interval($middle - 1, (float) $seen->filters->onUt - 12 / 86400)]), FilterReason::Totality, false];
    }

    /** Whatever filter there is or is not, in whatever state, whoever watches: outside the called times nothing is taken without one, and nothing at all where the camera may not stand there. */
    #[DataProvider('eclipses')]
    public function testNothingIsTakenWithoutAFilterBesideTheRule(SeenEclipse $seen, FilterReason $reason, bool $isTaken): void
    {
        self::assertSame($reason, $seen->filters->reason);
        $free = 0;
        foreach ([null, ...FilterMake::cases()] as $make) {
            foreach (FilterSeat::cases() as $seat) {
                foreach ([Fixing::Screwed, Fixing::Loose] as $fixing) {
                    foreach ([null, Cameras::state(), new FilterState(['hole'], true, true)] as $state) {
                        foreach ([null, ...Finder::cases()] as $finder) {
                            foreach ([null, OpticsBuild::Lens, OpticsBuild::Refractor] as $build) {
                                $outfit = Cameras::outfit(['camera' => Cameras::camera(isPhone: $build === null), 'optics' => $build === null ? null : Optics::of($build, 600, 7.5), 'filter' => $make === null ? null : Cameras::filter($make, $seat, $fixing)]);
                                $plan = CameraPlan::of($outfit, Cameras::programme($finder, intervalS: 1800), $seen, $state, null);
                                $mayStand = $make !== null && $seat !== FilterSeat::BehindOptics && $fixing === Fixing::Screwed && $state?->flaws !== ['hole']
                                    && ($build === null || $make !== FilterMake::Glasses && $finder !== Finder::Open && $finder !== Finder::CappedFront
                                        && ($finder !== Finder::ThroughLens || $make === FilterMake::Visual))
                                    && ($build !== OpticsBuild::Refractor || $seat === FilterSeat::Front);
                                self::assertSame($mayStand, $plan->mayStand(), json_encode([$make, $seat, $fixing, $state, $finder, $build], JSON_THROW_ON_ERROR));
                                self::assertSame(!$mayStand, $plan->verdict()->level === Level::No);
                                $free += $this->assertTakesNothingBeside($plan, $mayStand);
                            }
                        }
                    }
                }
            }
        }
        self::assertSame($isTaken, $free > 0);
    }

    private function assertTakesNothingBeside(CameraPlan $plan, bool $mayStand): int
    {
        if (!$mayStand) {
            self::assertSame([[], [], []], [$plan->partial, $plan->totality->shots, $plan->clouded->shots]);
        }
        foreach ($plan->partial as $picture) {
            self::assertTrue($plan->totality->isFilterOn($picture->julianDateUt));
            self::assertNotSame([], array_filter($plan->seen->seen, static fn(Interval $i): bool => $i->covers($picture->julianDateUt)));
        }
        foreach ([...$plan->totality->shots, ...$plan->clouded->shots] as $shot) {
            foreach ([$shot->fromUt, $shot->toUt] as $ut) {
                self::assertSame(FilterAdvice::MayComeOff, $plan->seen->filters->at($ut));
            }
        }

        return count($plan->totality->shots);
    }

    /** @return iterable<string, array{CameraPlan, list<string>}> what speaks against it, by rule */
    public static function cameras(): iterable
    {
        $seen = Cameras::seen('2027-08-02', 36.53, -6.29);
        $plan = static fn(?Outfit $outfit = null, ?Programme $programme = null): CameraPlan => CameraPlan::of($outfit ?? Cameras::outfit(), $programme ?? Cameras::programme(), $seen, Cameras::state(), null);
        $still = Cameras::outfit(['mount' => new Mount(false)]);
        $short = Cameras::outfit(['mount' => new Mount(false), 'optics' => Optics::of(OpticsBuild::Refractor, 300, 7.5)]);
        yield 'in order' => [$plan(), []];
        yield 'nobody watches' => [$plan(programme: Cameras::programme(watchedBy: '')), ['camera-telescope-never-alone', 'sensor-only']];
        yield 'nobody has said of the finder' => [$plan(programme: Cameras::programme(finder: null)), ['no-sighting']];
        yield 'pushed on' => [$plan(Cameras::outfit(['filter' => Cameras::filter(fixing: Fixing::PushedOn), 'optics' => Optics::of(OpticsBuild::Lens, 300, 7.5), 'mount' => new Mount(true)])), ['held-against-wind']];
        // 600 mm: 9.7 pixels a second, and the corona at 4 radii takes 1.3 s; 11 mm of 14.9 leave room for a minute and a half.
        yield 'in the hand' => [$plan(Cameras::outfit(['mount' => null])), ['sensor-only', 'drift-of-the-image', 'sun-in-the-frame']];
        yield 'still' => [$plan($still), ['drift-of-the-image', 'sun-in-the-frame']];
        yield 'still, and half as long' => [$plan($short, Cameras::programme(wanted: [Wanted::of('inner corona', Phase::Corona01, null, 1, 1, When::First, 0)])), []];
        yield 'a lens twice as long' => [$plan(Cameras::outfit(['optics' => Optics::of(OpticsBuild::Newtonian, 2000, 10)])), ['sun-in-the-frame']];
        yield 'an ISO it has not' => [$plan(programme: Cameras::programme(isoFree: 50.0)), ['set-to-the-kit']];
        yield 'too bright for its steps' => [$plan(programme: Cameras::programme(isoFree: 400.0)), ['step-of-the-camera']];
        yield 'too much of it' => [$plan(programme: Cameras::programme(wanted: [Wanted::of('again and again', Phase::Corona2, null, 1, 25, When::Between, 60)])), ['time-at-the-camera']];
    }

    /** @param list<string> $rules */
    #[DataProvider('cameras')]
    public function testWhatSpeaksAgainstIt(CameraPlan $plan, array $rules): void
    {
        $found = array_values(array_unique(array_map(static fn(Finding $finding): string => $finding->rule, $plan->verdict()->findings)));
        sort($found);
        sort($rules);
        self::assertSame($rules === [] ? ['sensor-only'] : $rules, $found);
        self::assertSame($rules === [] ? Level::Yes : Level::Hold, $plan->verdict()->level);
        self::assertNotSame([], $plan->partial);
    }

    /** A filter that was not looked at today is pointed out on the day, and weeks before only one that never was. */
    #[TestWith([true, true, Level::Yes])]
    #[TestWith([false, true, Level::Hold])]
    #[TestWith([false, false, Level::Yes])]
    public function testAFilterIsHeldAgainstTheSunOnTheDay(bool $isToday, bool $isDue, Level $level): void
    {
        $plan = fn(?FilterState $state): CameraPlan => CameraPlan::of(Cameras::outfit(), Cameras::programme(), Cameras::seen('2027-08-02', 36.53, -6.29), $state, null);
        self::assertSame($level, $plan(new FilterState([], $isToday, $isDue))->verdict()->level);
        self::assertSame(Level::Hold, $plan(null)->verdict()->level);
    }

    /**
     * By hand, 37.5° high in the apparent sky: air mass 1.640 (Kasten & Young 1989) takes 0.21·0.640 of the light's logarithm, 0.194 stops. Behind a film
     * of density 4 at f/7.5 and ISO 100: 56.25/(100·2^(11 − 0.194)) = 1/3185 s; without filter beads at twice that of Q 12, corona at 1 radius 0.322 s.
     */
    public function testExposuresUnderTheSkyAsItIsThen(): void
    {
        $seen = Cameras::seen('2027-08-02', 36.53, -6.29);
        $plan = CameraPlan::of(Cameras::outfit(), Cameras::programme(), $seen, Cameras::state(), null);
        foreach ([[Phase::Partial, 1 / 3185], [Phase::Beads, 1 / 6370], [Phase::Corona1, 0.3218]] as [$phase, $seconds]) {
            self::assertEqualsWithDelta($seconds, (float) $plan->exposure($phase)?->seconds, 0.002 * $seconds);
        }
        // The real Q of the filter counts for the partial phases alone; a smaller opening of it is a larger f-number.
        $real = CameraPlan::of(Cameras::outfit(['filter' => Cameras::filter(openingMm: 40)]), Cameras::programme(), $seen, Cameras::state(), 10.0);
        self::assertEqualsWithDelta(2 * 4 / 3185, (float) $real->exposure(Phase::Partial)?->seconds, 0.00001);
        self::assertEquals($plan->exposure(Phase::Beads), $real->exposure(Phase::Beads));
    }

    /** In the evening the Sun sinks: the later, the longer. */
    public function testALowSunTakesLonger(): void
    {
        $plan = CameraPlan::of(Cameras::outfit(), Cameras::programme(), Cameras::seen('2026-08-12', 36.53, -6.29), Cameras::state(), null);
        $seconds = array_map(static fn(PartialPicture $picture): float => $picture->exposure->seconds, $plan->partial);
        $longer = $seconds;
        sort($longer);
        self::assertSame($longer, $seconds);
        self::assertGreaterThan(10.0, $seconds[count($seconds) - 1] / $seconds[0]);
    }

    /** By hand: 2·4 s for the hand, beads twice 5 frames to the card in 0.4 s each, a pause of 2 s and five frames of the corona; in all 16.0 s. */
    public function testWhatIsWishedTakesAsLongAsItsFrames(): void
    {
        $plan = CameraPlan::of(Cameras::outfit(), Cameras::programme(isoFree: 200.0), Cameras::seen('2027-08-02', 36.53, -6.29), Cameras::state(), null);
        self::assertEqualsWithDelta(16.0, $plan->wishedS(), 0.1);
        self::assertEqualsWithDelta($plan->wishedS(), $plan->totality->spentS, 1e-9);
        self::assertGreaterThan(150.0, $plan->freeS());
    }
}
