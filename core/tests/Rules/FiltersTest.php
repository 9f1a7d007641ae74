<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Rules;

use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\FilterAdvice;
use KeenShadow\Core\Rules\FilterReason;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\Radii;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\Interval;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The one rule about filters. What it may say is common practice, no source: only totality is free, only between C2 and C3. */
final class FiltersTest extends TestCase
{
    private const C2 = 2461619.8;
    private const SECOND = 1 / 86400;

    /**
     * The whole space: every kind × edge × guard × horizon × skyline, the unknown among them.
     *
     * @return iterable<string, array{LocalKind|null, bool|null, float|null, list<Interval>|null, list<Interval>|null}>
     */
    public static function situations(): iterable
    {
        $kinds = ['unknown' => null, 'none' => LocalKind::None, 'partial' => LocalKind::Partial, 'annular' => LocalKind::Annular, 'total' => LocalKind::Total];
        $edges = ['inside' => false, 'near the edge' => true, 'edge unknown' => null];
        $guards = ['120 s' => 120.0, '9 s' => 9.0, 'C3 before C2' => -5.0, 'unsure' => null];
        $up = ['up' => [[-60, 300]], 'down' => [], 'rises late' => [[90, 300]], 'sets early' => [[-60, 20]], 'up for 5 s' => [[50, 55]], 'horizon unknown' => null];
        $hidden = ['clear' => [], 'behind' => [[-60, 300]], 'behind the begin' => [[-60, 60]], 'behind the middle' => [[40, 60]], 'gaps of 5 s' => [[-60, 55], [60, 300]], 'skyline unknown' => null];
        foreach ($kinds as $kindName => $kind) {
            foreach ($edges as $edgeName => $edge) {
                foreach ($guards as $guardName => $seconds) {
                    foreach ($up as $upName => $upSeconds) {
                        foreach ($hidden as $hiddenName => $hiddenSeconds) {
                            yield "{$kindName}, {$edgeName}, {$guardName}, {$upName}, {$hiddenName}" => [$kind, $edge, $seconds, self::days($upSeconds), self::days($hiddenSeconds)];
                        }
                    }
                }
            }
        }
    }

    public function testOverTheWholeMatrixOnlySeenGuardedTotalityIsFree(): void
    {
        $free = $cases = 0;
        foreach (self::situations() as $what => [$kind, $edge, $seconds, $up, $hidden]) {
            $guardOn = $seconds === null ? null : self::C2 + $seconds * self::SECOND;
            $filters = Filters::decide($kind, $edge, $seconds === null ? null : self::C2, $guardOn, $up, $hidden);
            ++$cases;
            foreach (['indirect_only' => false, 'glasses' => true, 'mixed' => true, null => true] as $policy => $allows) {
                $people = $filters->under($policy === '' ? null : $policy, Standard::book());
                self::assertSame($allows && $filters->mayComeOff(), $people->mayComeOff(), "{$what}, {$policy}");
                self::assertSame($people->mayComeOff() ? [$filters->offUt, $filters->onUt] : [null, null], [$people->offUt, $people->onUt]);
                self::assertSame(!$allows && $filters->mayComeOff() ? FilterReason::Policy : $filters->reason, $people->reason);
            }
            self::assertSame($filters->mayComeOff(), $filters->reason === FilterReason::Totality, $what);
            self::assertSame($filters->mayComeOff(), $filters->offUt !== null && $filters->onUt !== null, $what);
            if ($filters->advice === FilterAdvice::StayOn) {
                self::assertSame(FilterAdvice::StayOn, $filters->at(self::C2 + 60 * self::SECOND), $what);
                continue;
            }
            ++$free;
            self::assertNotNull($filters->offUt, $what);
            self::assertNotNull($filters->onUt, $what);
            self::assertSame([LocalKind::Total, false, 120.0], [$kind, $edge, $seconds], $what);
            self::assertNotNull($up, $what);
            self::assertNotNull($hidden, $what);
            self::assertGreaterThanOrEqual(self::C2, $filters->offUt, $what);
            self::assertLessThanOrEqual($guardOn, $filters->onUt, $what);
            // Every second of it is seen, and there are enough of them.
            for ($t = $filters->offUt + self::SECOND / 2; $t < $filters->onUt; $t += self::SECOND) {
                self::assertTrue(self::isIn($t, $up) && !self::isIn($t, $hidden), $what);
                self::assertSame(FilterAdvice::MayComeOff, $filters->at($t), $what);
            }
            self::assertGreaterThanOrEqual(Filters::LEAST_SECONDS - 0.001, ($filters->onUt - $filters->offUt) * 86400, $what);
            self::assertSame(FilterAdvice::StayOn, $filters->at($filters->onUt), $what);
            self::assertSame(FilterAdvice::StayOn, $filters->at($filters->offUt - self::SECOND), $what);
        }
        self::assertSame(5 * 3 * 4 * 6 * 6, $cases);
        // By hand: up (clear, behind the begin, behind the middle) and rises late or sets early (the same, but for what the begin hides from the early).
        self::assertSame(8, $free);
    }

    /** @return iterable<string, array{LocalKind|null, bool|null, float|null, list<array{int, int}>|null, list<array{int, int}>|null, FilterReason}> */
    public static function reasons(): iterable
    {
        $all = [[-60, 300]];
        yield 'no eclipse' => [LocalKind::None, false, null, [], [], FilterReason::NoEclipse];
        yield 'partial near the edge' => [LocalKind::Partial, true, null, $all, [], FilterReason::Partial];
        yield 'a ring' => [LocalKind::Annular, false, 120, $all, [], FilterReason::Annular];
        yield 'total by night' => [LocalKind::Total, false, 120, [], [], FilterReason::BelowHorizon];
        yield 'total by night near the edge' => [LocalKind::Total, true, 120, [], [], FilterReason::BelowHorizon];
        yield 'total near the edge' => [LocalKind::Total, true, 120, $all, [], FilterReason::NearEdge];
        yield 'nine seconds' => [LocalKind::Total, false, 9, $all, [], FilterReason::TooShort];
        yield 'up for five' => [LocalKind::Total, false, 120, [[50, 55]], [], FilterReason::TooShort];
        yield 'behind the gym' => [LocalKind::Total, false, 120, $all, $all, FilterReason::Hidden];
        yield 'kind not known' => [null, false, 120, $all, [], FilterReason::Unknown];
        yield 'skyline not known' => [LocalKind::Total, false, 120, $all, null, FilterReason::Unknown];
        yield 'free' => [LocalKind::Total, false, 120, $all, [], FilterReason::Totality];
    }

    /**
     * @param list<array{int, int}>|null $up
     * @param list<array{int, int}>|null $hidden
     */
    #[DataProvider('reasons')]
    public function testTheReasonIsTheOneThatWeighsMost(?LocalKind $kind, ?bool $edge, ?float $seconds, ?array $up, ?array $hidden, FilterReason $reason): void
    {
        $filters = Filters::decide($kind, $edge, $seconds === null ? null : self::C2, $seconds === null ? null : self::C2 + $seconds * self::SECOND, self::days($up), self::days($hidden));

        self::assertSame($reason, $filters->reason);
    }

    /**
     * Places where kind and advice part. That totality lies below the horizon there, or the edge within 5 km, was found
     * with an independent reference (swetest's places, ERFA's frames).
     *
     * @return iterable<string, array{string, float, float, FilterReason, LocalKind, LocalKind}> date, place, reason, kind, kind seen
     */
    public static function places(): iterable
    {
        yield 'total after sunset, Tunisia' => ['2026-08-12', 37.27, 9.87, FilterReason::BelowHorizon, LocalKind::Total, LocalKind::Partial];
        yield 'total by night, Magadan' => ['2043-04-09', 59.56, 150.80, FilterReason::BelowHorizon, LocalKind::Total, LocalKind::Partial];
        yield 'near the edge, Cádiz' => ['2027-08-02', 36.72, -6.0, FilterReason::NearEdge, LocalKind::Total, LocalKind::Total];
        yield 'inside, Cádiz' => ['2027-08-02', 36.53, -6.29, FilterReason::Totality, LocalKind::Total, LocalKind::Total];
        yield 'deep partial, Cádiz' => ['2026-08-12', 36.53, -6.29, FilterReason::Partial, LocalKind::Partial, LocalKind::Partial];
        yield 'a ring, Cádiz' => ['2028-01-26', 36.53, -6.29, FilterReason::Annular, LocalKind::Annular, LocalKind::Annular];
        yield 'nothing, the far south' => ['2027-08-02', -80, 100, FilterReason::NoEclipse, LocalKind::None, LocalKind::None];
    }

    #[DataProvider('places')]
    public function testAtPlaces(string $date, float $lat, float $lon, FilterReason $reason, LocalKind $kind, LocalKind $seen): void
    {
        $observer = Observer::at($lat, $lon);
        $eclipse = (new EclipseSearch())->onDate($date);
        $c = $eclipse->circumstances($observer);

        self::assertSame([$kind, $seen, $reason], [$c->kind, $c->seenKind(), Filters::of($eclipse, $observer, $c)->reason]);
    }

    public function testTheMarginsAreTheUncertaintiesAndTheHandsTime(): void
    {
        $observer = Observer::at(36.53, -6.29);
        $eclipse = (new EclipseSearch())->onDate('2027-08-02');
        $c = $eclipse->circumstances($observer);
        $filters = Filters::of($eclipse, $observer, $c);
        $seconds = static fn(ContactName $name, ?float $ut): float => (($ut ?? NAN) - ($c->contact($name)?->view->julianDateUt() ?? NAN)) * 86400;

        // 3 s of limb, 0.9 s between UTC and UT1, some tenths for ΔT and 100 m of place; 3 s for the hand.
        self::assertEqualsWithDelta(4.2, $seconds(ContactName::C2, $filters->offUt), 0.3);
        self::assertEqualsWithDelta(-7.2, $seconds(ContactName::C3, $filters->onUt), 0.3);
        self::assertFalse($filters->isCut);
    }

    public function testALargerMoonOrAUncertainClockNeverOpensTheWindow(): void
    {
        $observer = Observer::at(36.53, -6.29);
        $oneK = (new EclipseSearch())->onDate('2027-08-02')->withRadii(Radii::oneK());
        self::assertSame(FilterReason::TooShort, Filters::of($oneK, $observer, $oneK->circumstances($observer))->reason);

        // 2186: ΔT is known to some two minutes, and both ends of this totality hang on it.
        $late = (new EclipseSearch())->onDate('2186-07-16');
        $aside = Observer::at($late->latDeg + 1.0, $late->lonDeg);
        $c = $late->circumstances($aside);
        self::assertGreaterThan(150, $c->durationSeconds());
        self::assertSame(FilterReason::TooShort, Filters::of($late, $aside, $c)->reason);
        // With a ΔT that the user vouches for, the window is there.
        $known = $late->circumstances($aside, DeltaT::given($late->deltaT->seconds));
        self::assertTrue(Filters::of($late, $aside, $known)->mayComeOff());
    }

    /** A property over the globe and all kinds: free only where it is total, the Sun up, and well inside C2–C3. */
    public function testOverTheGlobe(): void
    {
        $free = 0;
        foreach (['2026-08-12', '2027-08-02', '2028-01-26', '2031-11-14', '2043-04-09'] as $date) {
            $eclipse = (new EclipseSearch())->onDate($date);
            foreach ($this->placesNear($eclipse) as $observer) {
                $c = $eclipse->circumstances($observer);
                $filters = Filters::of($eclipse, $observer, $c);
                if (!$filters->mayComeOff()) {
                    continue;
                }
                ++$free;
                self::assertSame([LocalKind::Total, LocalKind::Total, false], [$c->kind, $c->seenKind(), $c->isNearEdgeOfPath()]);
                $c2 = $c->contact(ContactName::C2);
                $c3 = $c->contact(ContactName::C3);
                self::assertNotNull($c2);
                self::assertNotNull($c3);
                self::assertNotNull($filters->offUt);
                self::assertNotNull($filters->onUt);
                self::assertGreaterThan($c2->view->julianDateUt() + 3 * self::SECOND, $filters->offUt);
                self::assertLessThan($c3->view->julianDateUt() - 6 * self::SECOND, $filters->onUt);
                foreach ([$filters->offUt, ($filters->offUt + $filters->onUt) / 2, $filters->onUt] as $ut) {
                    $view = $c->maximum->after(($ut - $c->maximum->julianDateUt()) * 24);
                    self::assertSame(1.0, $view->obscuration());
                    self::assertGreaterThan(-0.9, $view->altitudeDeg());
                }
            }
        }
        self::assertGreaterThan(20, $free);
    }

    /** @return iterable<Observer> */
    private function placesNear(SolarEclipse $eclipse): iterable
    {
        for ($i = 0; $i < 400; ++$i) {
            yield Observer::at(
                max(-90, min(90, $eclipse->latDeg + fmod($i * 7.13, 16) - 8)),
                fmod($eclipse->lonDeg + fmod($i * 61.7, 80) - 40 + 540, 360) - 180,
            );
        }
    }

    /**
     * @param list<array{float|int, float|int}>|null $seconds
     *
     * @return list<Interval>|null
     */
    private static function days(?array $seconds): ?array
    {
        return $seconds === null ? null : array_map(static fn(array $s): Interval => new Interval(self::C2 + $s[0] * self::SECOND, self::C2 + $s[1] * self::SECOND), $seconds);
    }

    /** @param list<Interval> $intervals */
    private static function isIn(float $ut, array $intervals): bool
    {
        return array_filter($intervals, static fn(Interval $i): bool => $i->covers($ut)) !== [];
    }
}
