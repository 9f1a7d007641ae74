<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Sky\LunarContactName;
use KeenShadow\Core\Sky\LunarEclipse;
use KeenShadow\Core\Sky\LunarKind;
use KeenShadow\Core\Sky\LunarSearch;
use KeenShadow\Core\Sky\Observer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LunarSearchTest extends TestCase
{
    /**
     * Source: gamma and magnitude by Espenak & Meeus, Five Millennium Canon of Lunar Eclipses, NASA/TP-2009-214172 (from
     * memory); contacts in UT by swetest 2.10.03 -lunecl, whose rule for the shadow differs by some seconds.
     *
     * @return iterable<string, array{string, LunarKind, float, float, array<string, string>}>
     */
    public static function eclipses(): iterable
    {
        yield '2018' => ['2018-07-27', LunarKind::Total, 0.1168, 1.6087, ['P1' => '17:14:46', 'U1' => '18:24:29', 'U2' => '19:30:18', 'U3' => '21:13:13', 'U4' => '22:19:02', 'P4' => '23:28:43']];
        yield '2022' => ['2022-05-16', LunarKind::Total, -0.2532, 1.4137, ['P1' => '01:32:08', 'U1' => '02:27:53', 'U2' => '03:29:05', 'U3' => '04:54:01', 'U4' => '05:55:14', 'P4' => '06:50:53']];
        yield '2025' => ['2025-03-14', LunarKind::Total, 0.3484, 1.1784, ['U2' => '06:26:07', 'U3' => '07:31:27']];
        yield '2026' => ['2026-08-28', LunarKind::Partial, 0.4964, 0.9299, ['U1' => '02:33:53', 'U4' => '05:52:03']];
        yield '2028' => ['2028-01-12', LunarKind::Partial, 0.9817, 0.0662, ['U1' => '03:45:01', 'U4' => '04:41:15']];
    }

    /** @param array<string, string> $contacts */
    #[DataProvider('eclipses')]
    public function testAgreesWithTheCanonAndSwetest(string $date, LunarKind $kind, float $gamma, float $magnitude, array $contacts): void
    {
        $eclipse = $this->onDate($date);

        self::assertSame($kind, $eclipse->kind);
        self::assertEqualsWithDelta($gamma, $eclipse->gamma, 0.0001);
        self::assertEqualsWithDelta($magnitude, $eclipse->magnitude, 0.00015);
        foreach ($contacts as $name => $time) {
            $expected = (int) (new \DateTimeImmutable("{$date}T{$time}Z"))->format('U');
            self::assertEqualsWithDelta($expected, (int) $eclipse->time(LunarContactName::from($name))?->format('U'), 12, $name);
        }
    }

    /** Source: the Canon's counts (from memory), which swetest -lunecl gives as well. */
    public function testCountsOfTwoCenturies(): void
    {
        $counts = [];
        foreach ((new LunarSearch())->inYears(1901, 2100) as $eclipse) {
            $key = ($eclipse->date() < '2001' ? '20 ' : '21 ') . $eclipse->kind->value;
            $counts[$key] = ($counts[$key] ?? 0) + 1;
        }
        ksort($counts);

        self::assertSame(['20 partial' => 65, '20 penumbral' => 83, '20 total' => 81, '21 partial' => 57, '21 penumbral' => 86, '21 total' => 85], $counts);
    }

    /** Source: swetest -lunecl names the place with the Moon in the zenith at the maximum of 2018-07-27: 56°10′35″ E, 18°58′11″ S. */
    public function testMoonInTheZenith(): void
    {
        $eclipse = $this->onDate('2018-07-27');
        $place = $eclipse->zenithPlace();

        self::assertEqualsWithDelta(56.176, $place['lonDeg'], 0.02);
        self::assertEqualsWithDelta(-18.970, $place['latDeg'], 0.02);
        self::assertEqualsWithDelta(90, $eclipse->moonAltitudeDeg(LunarContactName::Maximum, Observer::at($place['latDeg'], $place['lonDeg'])), 0.1);
        self::assertLessThan(0, $eclipse->moonAltitudeDeg(LunarContactName::Maximum, Observer::at(40, -120)));
    }

    private function onDate(string $date): LunarEclipse
    {
        foreach ((new LunarSearch())->inYears((int) $date, (int) $date) as $eclipse) {
            if ($eclipse->date() === $date) {
                return $eclipse;
            }
        }
        self::fail("no lunar eclipse on {$date}");
    }
}
