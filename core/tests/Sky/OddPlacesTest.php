<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LocalCircumstances;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SunPath;
use KeenShadow\Core\Time\DeltaT;
use PHPUnit\Framework\TestCase;

/** Places and days where clocks, poles and horizons make trouble. */
final class OddPlacesTest extends TestCase
{
    public function testAtThePoleEveryLongitudeGivesTheSame(): void
    {
        $times = array_map(
            fn(int $lon): string => $this->time($this->at('2021-06-10', 90, $lon), ContactName::Maximum)->format('H:i:s'),
            [-180, -73, 0, 42, 180],
        );

        self::assertCount(1, array_unique($times));
        self::assertSame(LocalKind::Annular, $this->at('2021-06-10', 90, 0)->kind, 'the ring of June 2021 passed over the pole');
    }

    /** All of the Sun is covered just where the eclipse is total, on both sides of its limits; where beads still shine it is a little less. */
    public function testAllIsCoveredInTotalityAlone(): void
    {
        $kinds = [];
        foreach (range(36700, 36800, 5) as $thousandths) {
            $c = $this->at('2027-08-02', $thousandths / 1000, -6.13);
            $kinds[] = $c->kind;
            self::assertSame($c->kind === LocalKind::Total, $c->maximum->obscuration() === 1.0, "{$thousandths}");
            foreach ([ContactName::C2, ContactName::C3] as $name) {
                self::assertEqualsWithDelta(1.0, $c->contact($name)?->view->obscuration() ?? 1.0, 0.0, "{$thousandths}");
            }
        }
        self::assertContains(LocalKind::Total, $kinds);
        self::assertContains(LocalKind::Partial, $kinds);
    }

    public function testThePolarDayHasNoSunset(): void
    {
        $day = new DateTimeImmutable('2021-06-10T00:00Z');
        self::assertSame([], SunPath::over($day, $day->modify('+1 day'), Observer::at(82.5, -62.3), DeltaT::inYear(2021.4))->crossings());
        self::assertTrue($this->at('2021-06-10', 82.5, -62.3)->maximum->isSunUp());
    }

    public function testBothSidesOfTheDateLineAreOnePlace(): void
    {
        $west = $this->at('2028-07-22', -43.9, 180.0);
        $east = $this->at('2028-07-22', -43.9, -180.0);

        self::assertEqualsWithDelta($west->maximum->julianDateUt(), $east->maximum->julianDateUt(), 1e-9);
        self::assertEqualsWithDelta($west->maximum->azimuthDeg(), $east->maximum->azimuthDeg(), 1e-6);
    }

    /** On 12 August 2026 the Moon meets the midnight Sun over Taymyr: C1 on one local day, C4 on the next. */
    public function testAnEclipseAcrossLocalMidnight(): void
    {
        $c = $this->at('2026-08-12', 78.0, 100.0);
        $zone = new DateTimeZone('Asia/Krasnoyarsk');

        self::assertSame('2026-08-12 23:12', $this->time($c, ContactName::C1)->setTimezone($zone)->format('Y-m-d H:i'));
        self::assertSame('2026-08-13 00:57', $this->time($c, ContactName::C4)->setTimezone($zone)->format('Y-m-d H:i'));
        self::assertTrue($c->maximum->isSunUp());
    }

    /** An eclipse is found from either UTC date that it touches. */
    public function testAnEclipseAcrossMidnightInUtc(): void
    {
        self::assertSame('2000-07-31', (new EclipseSearch())->onDate('2000-07-31')->date());
        self::assertSame('2000-07-31', (new EclipseSearch())->onDate('2000-07-30')->date(), 'it begins on the 30th, UTC');
    }

    /** Europe puts its clocks forward on 29 March 2025 to 30 March; Greenland did on the evening of the eclipse itself. */
    public function testAChangeToSummerTimeOnTheDay(): void
    {
        $c = $this->at('2025-03-29', 64.18, -51.72);
        $zone = new DateTimeZone('America/Nuuk');

        self::assertSame('-02:00', $this->time($c, ContactName::C1)->setTimezone($zone)->format('P'));
        // IANA: at 01:00 UTC on 30 March 2025, 23:00 local on the 29th, the clocks of Nuuk went forward to −1 h.
        self::assertSame('2025-03-30 00:30 -01:00', (new DateTimeImmutable('2025-03-30T01:30Z'))->setTimezone($zone)->format('Y-m-d H:i P'));
        $midnight = $this->time($c, ContactName::Maximum)->setTimezone($zone)->setTime(0, 0);
        self::assertSame(23 * 3600, $midnight->modify('+1 day')->getTimestamp() - $midnight->getTimestamp());
    }

    public function testFourThousandMetresAreFelt(): void
    {
        $low = $this->at('2019-07-02', -30.2, -70.0, 0);
        $high = $this->at('2019-07-02', -30.2, -70.0, 4000);
        $shift = fn(ContactName $name): float => abs((float) $this->time($low, $name)->format('U.u') - (float) $this->time($high, $name)->format('U.u'));

        self::assertGreaterThan(1.0, $shift(ContactName::C2));
        self::assertLessThan(10.0, $shift(ContactName::C2));
        self::assertNotEqualsWithDelta($low->durationSeconds(), $high->durationSeconds(), 0.05);
    }

    /** The ring of 10 June 2021 rose over Lake Superior: at its southern end the Sun comes up inside annularity. */
    public function testSunriseDuringAnnularity(): void
    {
        $eclipse = (new EclipseSearch())->onDate('2021-06-10');
        $found = null;
        for ($lat = 46.0; $lat < 52.0 && $found === null; $lat += 0.1) {
            for ($lon = -95.0; $lon < -78.0; $lon += 0.1) {
                $c = $eclipse->circumstances(Observer::at($lat, $lon));
                $begin = $c->contact(ContactName::C2);
                $end = $c->contact(ContactName::C3);
                if ($c->kind === LocalKind::Annular && $begin !== null && $end !== null && !$begin->view->isSunUp() && $end->view->isSunUp()) {
                    $found = [$lat, $lon, $begin->time(), $end->time()];
                    break;
                }
            }
        }
        self::assertNotNull($found);
        [$lat, $lon, $begin, $end] = $found;
        $rises = SunPath::over($begin->modify('-3 hours'), $begin->modify('+3 hours'), Observer::at($lat, $lon), $eclipse->deltaT)->crossings();
        self::assertCount(1, $rises);
        self::assertTrue($rises[0]->isRise);
        self::assertGreaterThan($begin, $rises[0]->time);
        self::assertLessThan($end, $rises[0]->time);
    }

    private function at(string $date, float $lat, float $lon, float $height = 0.0): LocalCircumstances
    {
        return (new EclipseSearch())->onDate($date)->circumstances(Observer::at($lat, $lon, $height));
    }

    private function time(LocalCircumstances $c, ContactName $name): DateTimeImmutable
    {
        return $c->contact($name)?->time() ?? self::fail("no {$name->value}");
    }
}
