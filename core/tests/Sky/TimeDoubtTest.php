<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Sky\TimeDoubt;
use KeenShadow\Core\Time\DeltaT;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How far a contact may be off: whatever clock and place are, as long as they are within their own doubt, it moves no farther than is said. */
final class TimeDoubtTest extends TestCase
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
    public function testNoClockAndNoPlaceWithinTheirDoubtMoveAContactFarther(string $date, float $lat, float $lon): void
    {
        mt_srand(crc32($date . $lat));
        $eclipse = (new EclipseSearch())->onDate($date);
        $observer = Observer::at($lat, $lon);
        $contacts = $eclipse->circumstances($observer)->contacts();
        self::assertNotEmpty($contacts);
        foreach (TimeDoubt::ofContacts($eclipse, $observer, $contacts) as $i => $doubt) {
            $name = $contacts[$i]->name;
            for ($k = 0; $k < 12; ++$k) {
                $deltaT = DeltaT::given($eclipse->deltaT->seconds + self::share() * $eclipse->deltaT->doubtSeconds);
                $moved = self::contact($eclipse, $observer, $name, $deltaT);
                if ($moved === null) {
                    self::assertFalse($doubt->isSureToHappen, "{$name->value}: it may not happen at all");
                    continue;
                }
                self::assertLessThanOrEqual($doubt->deltaTSeconds * self::CURVED + 0.01, self::secondsBetween($contacts[$i], $moved), "{$name->value} with another clock");

                $way = self::share() * M_PI;
                $elsewhere = Observer::at(
                    $lat + TimeDoubt::POSITION_M / self::METRES_PER_DEGREE * cos($way),
                    $lon + TimeDoubt::POSITION_M / self::METRES_PER_DEGREE * sin($way) / cos(deg2rad($lat)),
                );
                $moved = self::contact($eclipse, $elsewhere, $name, $eclipse->deltaT);
                if ($moved === null) {
                    self::assertFalse($doubt->isSureToHappen, "{$name->value}: it may not happen at all");
                    continue;
                }
                self::assertLessThanOrEqual($doubt->positionSeconds * self::CURVED + 0.01, self::secondsBetween($contacts[$i], $moved), "{$name->value} 100 m away");
            }
        }
    }

    /** The limb's share is none at maximum; the parts in quadrature are never more than their sum, never less than the largest. */
    public function testThePartsAddUp(): void
    {
        $eclipse = (new EclipseSearch())->onDate('2027-08-02');
        $observer = Observer::at(36.53, -6.29);
        foreach ($eclipse->circumstances($observer)->contacts() as $contact) {
            $doubt = TimeDoubt::of($eclipse, $observer, $contact);
            $parts = [$doubt->deltaTSeconds, $doubt->limbSeconds, $doubt->clockSeconds, $doubt->positionSeconds];
            self::assertSame($contact->name === ContactName::Maximum ? 0.0 : 3.0, $doubt->limbSeconds);
            self::assertSame(0.9, $doubt->clockSeconds);
            self::assertEqualsWithDelta(array_sum($parts), $doubt->worstSeconds(), 1e-9);
            self::assertGreaterThanOrEqual(max($parts), $doubt->seconds());
            self::assertLessThanOrEqual($doubt->worstSeconds(), $doubt->seconds());
            self::assertTrue($doubt->isSureToHappen);
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
        $sure = static fn(float $lat): bool => TimeDoubt::of($eclipse, Observer::at($lat, -6.29), self::contact($eclipse, Observer::at($lat, -6.29), ContactName::C2, $eclipse->deltaT) ?? self::fail('no totality'))->isSureToHappen;
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
