<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Day;

use DateTimeZone;
use KeenShadow\Core\Day\DayTable;
use KeenShadow\Core\Day\LookAround;
use KeenShadow\Core\Day\LookSpan;
use KeenShadow\Core\Geometry\Vector3;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\EarthOrientation;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\ShadowCourse;
use KeenShadow\Core\Time\Interval;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What there is to see in totality, as long as it lasts. */
final class LookAroundTest extends TestCase
{
    /** @param list<string> $looks */
    #[TestWith([14.0, ['corona']], 'the warning takes all but four seconds')]
    #[TestWith([22.0, ['corona']])]
    #[TestWith([30.0, ['corona', 'horizon']])]
    #[TestWith([44.0, ['corona', 'horizon', 'planets', 'quiet']])]
    #[TestWith([55.0, ['corona', 'horizon', 'planets', 'quiet', 'corona_again']])]
    #[TestWith([400.0, ['corona', 'horizon', 'planets', 'quiet', 'corona_again']])]
    public function testAsMuchAsFits(float $seconds, array $looks): void
    {
        $table = self::totality($seconds);
        $spans = LookAround::of($table);
        self::assertSame($looks, array_map(static fn(LookSpan $s): string => $s->look->value, $spans));
        $calls = $table->filterCalls();
        self::assertEqualsWithDelta($calls['may_come_off'], $spans[0]->fromS, 1e-6, 'nobody looks before');
        self::assertEqualsWithDelta($calls['warning'], $spans[count($spans) - 1]->toS, 1e-4, 'nobody looks when it is called');
        foreach ($spans as $i => $span) {
            self::assertTrue($i === 0 || abs($spans[$i - 1]->toS - $span->fromS) < 1e-6, 'one after the other');
            self::assertGreaterThanOrEqual(min($span->look->leastSeconds(), $seconds - 10) - 1e-4, $span->toS - $span->fromS);
            self::assertTrue($span->look->isCorona() || $span->toS - $span->fromS <= $span->look->mostSeconds() + 1e-4);
        }
    }

    public function testNothingWhereFiltersStayOn(): void
    {
        $here = self::here('2027-08-02', 40.42, -3.7);
        self::assertSame([], LookAround::of(DayTable::of($here, Filters::forPlace($here), 0.1)));
    }

    /**
     * Over the sea to the west at Cádiz and on along Africa's coast; from the Atlantic and the north-west in Castile (maps of the
     * paths of 2027 and 2026, Espenak & Meeus, from memory).
     */
    #[TestWith(['2027-08-02', 36.53, -6.29, 260.0, 285.0])]
    #[TestWith(['2026-08-12', 42.34, -3.70, 285.0, 320.0])]
    public function testWhereTheShadowComesFrom(string $date, float $lat, float $lon, float $least, float $most): void
    {
        $course = ShadowCourse::over(self::here($date, $lat, $lon));
        self::assertNotNull($course);
        self::assertTrue($course->comesFromDeg >= $least && $course->comesFromDeg <= $most, (string) $course->comesFromDeg);
        self::assertEqualsWithDelta(fmod($course->comesFromDeg + 180, 360), $course->goesToDeg(), 1e-9);
    }

    public function testNoTotalityNoShadow(): void
    {
        self::assertNull(ShadowCourse::over(self::here('2027-08-02', 40.42, -3.7)));
    }

    /** The Sun by this way stands where the eclipse's own has it: but for its parallax of 9″. */
    public function testDirectionsAgreeWithTheSuns(): void
    {
        $here = self::here('2027-08-02', 36.53, -6.29);
        $view = $here->circumstances->maximum;
        $deltaT = $here->eclipse->deltaT->seconds;
        $jd = $view->julianDateUt();
        $orientation = EarthOrientation::at($jd + $deltaT / 86400);
        $sun = (new Ephemeris())->sunKm($jd + $deltaT / 86400, $orientation)->unit();
        $bearing = Bearing::of($sun, $here->observer, $jd, $deltaT);
        self::assertEqualsWithDelta([$view->azimuthDeg(), $view->altitudeDeg()], [$bearing->azimuthDeg, $bearing->altitudeDeg], 0.003);
        self::assertEqualsWithDelta(90.0, Bearing::of(new Vector3(0, 0, 1), Observer::at(89.9999, 0), $jd, $deltaT)->altitudeDeg, 0.001, 'the pole at the pole');
    }

    private static function totality(float $seconds): DayTable
    {
        $here = self::here('2027-08-02', 25.7, 32.6);
        $whole = Filters::forPlace($here);
        self::assertNotNull($whole->offUt);
        $seen = new Interval($whole->offUt, $whole->offUt + $seconds / 86400);
        $filters = Filters::forPlace($here, $seconds >= 360 ? [] : [new Interval($seen->toUt, $seen->toUt + 1)]);

        return DayTable::of($here, $filters, 0.0);
    }

    private static function here(string $date, float $lat, float $lon): LocalEclipse
    {
        return LocalEclipse::seenFrom((new EclipseSearch())->onDate($date), Observer::at($lat, $lon, 0), new DateTimeZone('UTC'), new Ephemeris());
    }
}
