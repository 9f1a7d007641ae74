<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Logbook;

use DateTimeImmutable;
use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Light\ClearSky;
use KeenShadow\Core\Logbook\Light\LightCurve;
use KeenShadow\Core\Logbook\Light\Sensor;
use KeenShadow\Core\Logbook\Series;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LimbDarkening;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\Sunlight;
use KeenShadow\Core\Sky\SunTrack;
use PHPUnit\Framework\TestCase;

/** Light beside what a clear sky gives: limb darkening after a sum over points (reference/make_reference.py), logs made up with a known haze and cloud. */
final class LightCurveTest extends TestCase
{
    public function testLightThatIsTakenAway(): void
    {
        $rows = array_slice(array_map(static fn(string $line): array => array_map(floatval(...), explode(',', $line)), explode("\n", trim((string) file_get_contents(__DIR__ . '/reference/light.csv')))), 1);
        self::assertCount(27, $rows);
        foreach ($rows as [$ratio, $separation, $covered]) {
            self::assertEqualsWithDelta($covered, LimbDarkening::covered($ratio, $separation), 1e-5, "{$ratio} at {$separation}");
        }
        self::assertSame([1.0, 0.0], [LimbDarkening::covered(1.0, 0.0), LimbDarkening::covered(1.06, 2.06)]);
    }

    public function testACloudlessLogAgreesAndACloudShows(): void
    {
        [$sky, $times] = self::cadiz(Sensor::Flat);
        // A meter that reads a tenth too low, in haze that takes a fifth: one factor for both.
        $log = self::log($times, static fn(float $atS): float => 0.72 * $sky->luxAt($atS));
        $curve = LightCurve::of($log, $times, $sky);
        self::assertEqualsWithDelta(0.72, $curve->factor, 1e-6);
        self::assertSame([1.0, true], [$curve->clearShare, $curve->isClear()]);
        self::assertEqualsWithDelta($curve->measured->values, $curve->expected->values, 1e-3);

        $clouded = LightCurve::of(self::log($times, static fn(float $atS): float => (abs($atS - $times->maximumS - 1800) < 1200 ? 0.5 : 1.0) * 0.72 * $sky->luxAt($atS)), $times, $sky);
        self::assertFalse($clouded->isClear());
        self::assertEqualsWithDelta(1 - 40 / (($times->c4S - $times->c1S) / 60), $clouded->clearShare, 0.03);
    }

    public function testWithoutReadingsOutsideItSaysNothing(): void
    {
        [$sky, $times] = self::cadiz(Sensor::Turned);
        $curve = LightCurve::of(self::log($times, $sky->luxAt(...))->between($times->c1S + 60, $times->c4S - 60), $times, $sky);
        self::assertSame([null, null, null], [$curve->factor, $curve->clearShare, $curve->isClear()]);
    }

    /** What lies flat gets the sine of the altitude; nothing in totality, and the whole Sun before it. */
    public function testTheSunsAltitudeCounts(): void
    {
        [$flat, $times] = self::cadiz(Sensor::Flat);
        [$turned] = self::cadiz(Sensor::Turned);
        // 37.44° high at the maximum (Sky/reference).
        self::assertEqualsWithDelta(sin(deg2rad(37.46)), $flat->uneclipsedLuxAt($times->maximumS) / $turned->uneclipsedLuxAt($times->maximumS), 0.01);
        self::assertSame(0.0, $flat->luxAt($times->maximumS));
        self::assertEqualsWithDelta(Sunlight::directLux(37.46), $turned->uneclipsedLuxAt($times->maximumS), 400);
        self::assertSame($turned->uneclipsedLuxAt($times->c1S - 60), $turned->luxAt($times->c1S - 60));
    }

    /** @param callable(float): float $lux */
    private static function log(EclipseTimes $times, callable $lux): Series
    {
        $atS = range($times->c1S - 3600, $times->c4S + 3600, 60.0);

        return Series::of($atS, array_map($lux, $atS));
    }

    /** @return array{ClearSky, EclipseTimes} the eclipse of 2 August 2027 at Cádiz */
    private static function cadiz(Sensor $sensor): array
    {
        $day = new DateTimeImmutable('2027-08-02 00:00 UTC');
        $eclipse = (new EclipseSearch())->onDate('2027-08-02');
        $at = static fn(string $time): float => (float) (new DateTimeImmutable("2027-08-02 {$time} UTC"))->getTimestamp();

        return [
            new ClearSky(SunTrack::over($eclipse, Observer::at(36.53, -6.29, 0.0), $day->modify('+5 hours'), $day->modify('+14 hours')), $sensor),
            EclipseTimes::of($at('07:40:46'), $at('08:46:53'), $at('09:59:37')),
        ];
    }
}
