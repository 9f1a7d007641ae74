<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\PathPoint;
use KeenShadow\Core\Sky\ShadowPath;
use KeenShadow\Core\Sky\SunPath;
use KeenShadow\Core\Time\Interval;
use KeenShadow\Core\Time\JulianDate;
use PHPUnit\Framework\TestCase;

/** What the horizon leaves of an eclipse, against the Sun looked for every ten seconds and against its own rises and sets. */
final class SeenTest extends TestCase
{
    private const TEN_SECONDS = 10 / 3600;

    /** A property over the globe: the stretches are those in which a Sun that is looked for again and again is up. */
    public function testTheIntervalsWithTheSunUpAreThoseOfAClosePatrol(): void
    {
        $cuts = 0;
        foreach (['2026-08-12', '2021-06-10', '2003-11-23', '2028-01-26'] as $date) {
            $eclipse = (new EclipseSearch())->onDate($date);
            for ($i = 0; $i < 60; ++$i) {
                $c = $eclipse->circumstances(Observer::at(rad2deg(asin(1 - (2 * $i + 1) / 60)), fmod($i * 137.50776, 360) - 180));
                $begin = $c->contact(ContactName::C1)?->view;
                $end = $c->contact(ContactName::C4)?->view;
                if ($begin === null || $end === null) {
                    continue;
                }
                $intervals = $c->upBetween($begin, $end);
                $isUpAtAll = false;
                for ($h = self::TEN_SECONDS / 2; $begin->hours + $h < $end->hours; $h += 12 * self::TEN_SECONDS) {
                    $view = $begin->after($h);
                    $ut = $view->julianDateUt();
                    $isIn = array_filter($intervals, static fn(Interval $i): bool => $i->covers($ut)) !== [];
                    $isAtAnEnd = array_filter($intervals, static fn(Interval $i): bool => min(abs($ut - $i->fromUt), abs($ut - $i->toUt)) * 86400 < 1) !== [];
                    if (!$isAtAnEnd) {
                        self::assertSame($view->isSunUp(), $isIn, "{$date} place {$i}");
                    }
                    $isUpAtAll = $isUpAtAll || $view->isSunUp();
                }
                self::assertSame($isUpAtAll, $c->isSeen(), "{$date} place {$i}");
                $cuts += count($intervals) === 1 && !$intervals[0]->equals(new Interval($begin->julianDateUt(), $end->julianDateUt())) ? 1 : 0;
            }
        }
        self::assertGreaterThan(5, $cuts, 'some are cut by the horizon');
    }

    /** Two ways to one moment: the Sun's own path and the eclipse's view, where it sets eclipsed at Cádiz. */
    public function testAnIntervalEndsAtSunset(): void
    {
        $observer = Observer::at(36.53, -6.29);
        $eclipse = (new EclipseSearch())->onDate('2026-08-12');
        $c = $eclipse->circumstances($observer);
        $begin = $c->contact(ContactName::C1)?->view;
        $end = $c->contact(ContactName::C4)?->view;
        self::assertNotNull($begin);
        self::assertNotNull($end);
        $sunset = $c->upBetween($begin, $end)[0]->toUt;
        $crossings = SunPath::over($begin->time(), $end->time(), $observer, $eclipse->deltaT)->crossings();
        self::assertCount(1, $crossings);
        self::assertEqualsWithDelta(JulianDate::fromDateTime($crossings[0]->time), $sunset, 1 / 86400);
    }

    /** Along the path and straight on across its sunset end: total, cut by the horizon, partial, nothing; never back again. */
    public function testWhatIsSeenChangesInOrderAcrossTheSunset(): void
    {
        $eclipse = (new EclipseSearch())->onDate('2026-08-12');
        $path = ShadowPath::of($eclipse)->points;
        [$end, $before] = array_map(static fn(PathPoint $p): Vector3 => Vector3::fromSpherical(1.0, deg2rad($p->lonDeg), deg2rad($p->latDeg)), [$path[count($path) - 1], $path[count($path) - 3]]);
        $onward = $end->minus($before)->unit();
        $order = ['total', 'cut', 'partial', 'none'];
        $seen = [];
        for ($deg = -3.0; $deg < 20; $deg += 0.05) {
            $at = $end->plus($onward->times(deg2rad($deg)))->unit();
            $c = $eclipse->circumstances(Observer::at(rad2deg($at->latitudeRad()), rad2deg($at->longitudeRad())));
            $seen[] = match (true) {
                $c->seenKind() === LocalKind::Total => $c->isCentralPhaseCut() ? 'cut' : 'total',
                $c->seenKind() === LocalKind::Partial => 'partial',
                default => 'none',
            };
        }
        self::assertSame($order, array_values(array_unique($seen)));
        $sorted = $seen;
        usort($sorted, static fn(string $a, string $b): int => array_search($a, $order, true) <=> array_search($b, $order, true));
        self::assertSame($sorted, $seen, 'never back again');
    }
}
