<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Sky\TimeUncertainty;
use KeenShadow\Core\Time\DeltaT;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How far a contact may be off: whatever clock and place are, as long as they are within their own uncertainty, it moves no farther than is said. */
final class TimeUncertaintyTest extends TestCase
{
    /** Beyond the linear: a contact near the path's edge moves a little faster the farther it is moved. */
    private const CURVED = 1.05;
    private const METRES_PER_DEGREE = 111195.0;

    /** Middle of the path, half an hour of twilight, near an edge, far north, a small bite, a far year. */
    #[TestWith(['2027-08-02', 36.53, -6.29])]
    #[TestWith(['2026-08-12', 41.65, -0.88])]
    #[TestWith(['2027-08-02', 36.68, -6.13])]
    #[TestWith(['2026-08-12', 75.0, -20.0])]
    #[TestWith(['2028-01-26', 36.5172, -6.2781])]
    #[TestWith(['2027-08-02', 64.1, -21.9])]
    #[TestWith(['2186-07-16', 7.4, -46.5])]
    public function testNoClockAndNoPlaceWithinTheirUncertaintyMoveAContactFarther(string $date, float $lat, float $lon): void
    {
        mt_srand(crc32($date . $lat));
        $eclipse = (new EclipseSearch())->onDate($date);
        $observer = Observer::at($lat, $lon);
        $contacts = $eclipse->circumstances($observer)->contacts();
        self::assertNotEmpty($contacts);
        foreach (TimeUncertainty::ofContacts($eclipse, $observer, $contacts) as $i => $uncertainty) {
            $name = $contacts[$i]->name;
            for ($k = 0; $k < 12; ++$k) {
                $deltaT = DeltaT::given($eclipse->deltaT->seconds + self::share() * $eclipse->deltaT->uncertaintySeconds);
                $moved = self::contact($eclipse, $observer, $name, $deltaT);
                if ($moved === null) {
                    self::assertFalse($uncertainty->isSureToHappen, "{$name->value}: it may not happen at all");
                    continue;
                }
                self::assertLessThanOrEqual($uncertainty->deltaTSeconds * self::CURVED + 0.01, self::secondsBetween($contacts[$i], $moved), "{$name->value} with another clock");

                $way = self::share() * M_PI;
                $elsewhere = Observer::at(
                    $lat + TimeUncertainty::POSITION_M / self::METRES_PER_DEGREE * cos($way),
                    $lon + TimeUncertainty::POSITION_M / self::METRES_PER_DEGREE * sin($way) / cos(deg2rad($lat)),
                );
                $moved = self::contact($eclipse, $elsewhere, $name, $eclipse->deltaT);
                if ($moved === null) {
                    self::assertFalse($uncertainty->isSureToHappen, "{$name->value}: it may not happen at all");
                    continue;
                }
                self::assertLessThanOrEqual($uncertainty->positionSeconds * self::CURVED + 0.01, self::secondsBetween($contacts[$i], $moved), "{$name->value} 100 m away");
            }
        }
    }

    /** The limb's share is none at maximum; the parts in quadrature are never more than their sum, never less than the largest. */
    public function testThePartsAddUp(): void
    {
        $eclipse = (new EclipseSearch())->onDate('2027-08-02');
        $observer = Observer::at(36.53, -6.29);
        foreach ($eclipse->circumstances($observer)->contacts() as $contact) {
            $uncertainty = TimeUncertainty::of($eclipse, $observer, $contact);
            $parts = [$uncertainty->deltaTSeconds, $uncertainty->limbSeconds, $uncertainty->clockSeconds, $uncertainty->positionSeconds];
            self::assertSame($contact->name === ContactName::Maximum ? 0.0 : 3.0, $uncertainty->limbSeconds);
            self::assertSame(0.9, $uncertainty->clockSeconds);
            self::assertEqualsWithDelta(array_sum($parts), $uncertainty->worstSeconds(), 1e-9);
            self::assertGreaterThanOrEqual(max($parts), $uncertainty->seconds());
            self::assertLessThanOrEqual($uncertainty->worstSeconds(), $uncertainty->seconds());
            self::assertTrue($uncertainty->isSureToHappen);
        }
    }

    /** On the edge itself totality hangs on a hundred metres: it is not sure to happen, and that is said. */
    public function testAtTheEdgeTotalityIsNotSure(): void
    {
        $eclipse = (new EclipseSearch())->onDate('2027-08-02');
        [$in, $out] = [36.6, 37.2];
        while ($out - $in > 1e-5) {
            $middle = ($in + $out) / 2;
            [$in, $out] = $eclipse->circumstances(Observer::at($middle, -6.29))->contact(ContactName::C2) === null ? [$in, $middle] : [$middle, $out];
        }
        $sure = static fn(float $lat): bool => TimeUncertainty::of($eclipse, Observer::at($lat, -6.29), self::contact($eclipse, Observer::at($lat, -6.29), ContactName::C2, $eclipse->deltaT) ?? self::fail('no totality'))->isSureToHappen;
        self::assertFalse($sure($in));
        self::assertFalse($sure($in - 50 / self::METRES_PER_DEGREE));
        self::assertTrue($sure($in - 0.05));
    }

    private static function contact(SolarEclipse $eclipse, Observer $observer, ContactName $name, DeltaT $deltaT): ?Contact
    {
        return $eclipse->circumstances($observer, $deltaT)->contact($name);
    }

    private static function secondsBetween(Contact $a, Contact $b): float
    {
        return abs($a->view->julianDateUt() - $b->view->julianDateUt()) * 86400;
    }

    private static function share(): float
    {
        return mt_rand(-1000, 1000) / 1000;
    }
}
