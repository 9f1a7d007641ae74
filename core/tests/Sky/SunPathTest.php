<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SunPath;
use KeenShadow\Core\Tests\ReferenceTable;
use KeenShadow\Core\Time\DeltaT;
use PHPUnit\Framework\TestCase;

final class SunPathTest extends TestCase
{
    /**
     * Source: swetest 2.10.03 -rise (reference/make_reference.py). It computes refraction from pressure and temperature
     * instead of a flat 34′, which is a few seconds.
     */
    public function testRiseAndSet(): void
    {
        foreach (ReferenceTable::read(__DIR__ . '/reference/sunrise.csv') as $row) {
            $crossings = $this->day($row['date'], (float) $row['lat'], (float) $row['lon'])->crossings();
            if ($row['rise_s'] === '') {
                self::assertSame([], $crossings, "{$row['place']}: polar day");
                continue;
            }
            $seconds = [];
            foreach ($crossings as $crossing) {
                $seconds[$crossing->isRise ? 'rise_s' : 'set_s'] = (int) $crossing->time->format('U') - (int) (new DateTimeImmutable("{$row['date']}T00:00Z"))->format('U');
            }
            self::assertEqualsWithDelta((float) $row['rise_s'], $seconds['rise_s'] ?? null, 8, $row['place']);
            self::assertEqualsWithDelta((float) $row['set_s'], $seconds['set_s'] ?? null, 8, $row['place']);
        }
    }

    /** Two ways to the same number: parabolas through three places of the Sun, and the Besselian elements. */
    public function testAgreesWithTheEclipsesOwnView(): void
    {
        $eclipse = (new EclipseSearch())->onDate('2026-08-12');
        $path = $this->day('2026-08-12', 36.53, -6.29);
        foreach ($eclipse->circumstances(Observer::at(36.53, -6.29))->contacts() as $contact) {
            self::assertEqualsWithDelta($contact->view->altitudeDeg(), $path->altitudeDeg($contact->view->julianDateUt()), 0.001);
            self::assertEqualsWithDelta($contact->view->azimuthDeg(), $path->azimuthDeg($contact->view->julianDateUt()), 0.001);
        }
    }

    /** Source: Bennett, Journal of Navigation 35 (1982) 255: R = cot(h + 7.31/(h + 4.4)) for apparent altitude h. */
    public function testRefractionAgreesWithBennett(): void
    {
        for ($true = 0.0; $true <= 90; $true += 2.5) {
            $apparent = Horizon::apparentAltitudeDeg($true);
            $bennettMinutes = 1 / tan(deg2rad($apparent + 7.31 / ($apparent + 4.4)));
            self::assertEqualsWithDelta($bennettMinutes, Horizon::refractionDeg($true) * 60, 0.15, "at {$true}°");
        }
        self::assertSame(0.0, Horizon::refractionDeg(-5.0));
    }

    private function day(string $date, float $lat, float $lon): SunPath
    {
        $begin = new DateTimeImmutable("{$date}T00:00Z");

        return SunPath::over($begin, $begin->modify('+1 day'), Observer::at($lat, $lon), DeltaT::inYear((float) substr($date, 0, 4) + 0.5));
    }
}
