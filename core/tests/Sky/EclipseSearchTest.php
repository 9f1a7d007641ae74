<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Sky\EclipseKind;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\SkyException;
use KeenShadow\Core\Time\JulianDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EclipseSearchTest extends TestCase
{
    /**
     * Source: Espenak & Meeus, Five Millennium Canon of Solar Eclipses, NASA/TP-2006-214141 (from memory).
     *
     * @return iterable<string, array{string, EclipseKind, string, float, float, int, float, float}>
     */
    public static function canon(): iterable
    {
        yield '1999' => ['1999-08-11', EclipseKind::Total, '11:04:09', 0.5062, 1.0286, 143, 45.1, 24.3];
        yield '2019' => ['2019-07-02', EclipseKind::Total, '19:24:08', -0.6466, 1.0459, 273, -17.4, -109.0];
        yield '2023a' => ['2023-04-20', EclipseKind::Hybrid, '04:17:56', -0.3952, 1.0132, 76, -9.6, 125.8];
        yield '2023b' => ['2023-10-14', EclipseKind::Annular, '18:00:41', 0.3753, 0.9520, 317, 11.4, -83.1];
        yield '2024' => ['2024-04-08', EclipseKind::Total, '18:18:29', 0.3431, 1.0566, 268, 25.3, -104.1];
        yield '2026' => ['2026-08-12', EclipseKind::Total, '17:47:06', 0.8977, 1.0386, 138, 65.2, -25.2];
        yield '2027' => ['2027-08-02', EclipseKind::Total, '10:07:50', 0.1421, 1.0790, 383, 25.5, 33.2];
        yield '2028a' => ['2028-01-26', EclipseKind::Annular, '15:08:59', 0.3901, 0.9208, 627, 3.0, -51.5];
        yield '2028b' => ['2028-07-22', EclipseKind::Total, '02:56:40', -0.6056, 1.0560, 310, -15.6, 126.7];
        yield '2030' => ['2030-11-25', EclipseKind::Total, '06:51:37', -0.3867, 1.0468, 224, -43.6, 71.2];
    }

    #[DataProvider('canon')]
    public function testAgreesWithTheCanon(
        string $date,
        EclipseKind $kind,
        string $greatestTt,
        float $gamma,
        float $magnitude,
        int $seconds,
        float $latDeg,
        float $lonDeg,
    ): void {
        $eclipse = (new EclipseSearch())->onDate($date);

        self::assertSame($date, $eclipse->date());
        self::assertSame($kind, $eclipse->kind);
        $expected = JulianDate::fromDateTime(new \DateTimeImmutable("{$date}T{$greatestTt}Z"));
        self::assertEqualsWithDelta(0, ($eclipse->greatestJulianDateTt() - $expected) * 86400, 1.0);
        self::assertEqualsWithDelta($gamma, $eclipse->gamma, 0.0001);
        self::assertEqualsWithDelta($magnitude, $eclipse->magnitude, 0.0001);
        self::assertEqualsWithDelta($seconds, $eclipse->durationSeconds(), 1.5);
        self::assertEqualsWithDelta($latDeg, $eclipse->latDeg, 0.1);
        self::assertEqualsWithDelta($lonDeg, $eclipse->lonDeg, 0.1);
    }

    /** Source: the same Canon's counts for two centuries and its 687 eclipses of 1900–2199 (from memory). */
    public function testFindsAllEclipsesOfThreeCenturies(): void
    {
        $count = ['20' => [], '21' => []];
        $all = 0;
        $perYear = [];
        foreach ((new EclipseSearch())->inYears(1900, 2199) as $eclipse) {
            ++$all;
            $year = (int) substr($eclipse->date(), 0, 4);
            $perYear[$year] = ($perYear[$year] ?? 0) + 1;
            if ($year >= 1901 && $year <= 2100) {
                $century = $year <= 2000 ? '20' : '21';
                $count[$century][$eclipse->kind->value] = ($count[$century][$eclipse->kind->value] ?? 0) + 1;
            }
        }
        ksort($count['20']);
        ksort($count['21']);

        self::assertSame(687, $all);
        self::assertSame(['annular' => 73, 'hybrid' => 6, 'partial' => 78, 'total' => 71], $count['20']);
        self::assertSame(['annular' => 72, 'hybrid' => 7, 'partial' => 77, 'total' => 68], $count['21']);
        // Common practice, no source: two to five solar eclipses a year.
        self::assertCount(300, $perYear);
        self::assertGreaterThanOrEqual(2, min($perYear));
        self::assertLessThanOrEqual(5, max($perYear));
    }

    /** @return iterable<string, array{string, string}> */
    public static function datesWithoutAnswer(): iterable
    {
        yield 'no eclipse' => ['2027-08-05', 'no_eclipse {"date":"2027-08-05"}'];
        yield 'a new Moon without one' => ['2027-07-04', 'no_eclipse'];
        yield 'no such day' => ['2027-02-30', 'not_a_date'];
        yield 'other order' => ['2/8/2027', 'not_a_date'];
        yield 'too early' => ['1899-12-03', '1900'];
        yield 'too late' => ['2200-04-14', '2199'];
    }

    #[DataProvider('datesWithoutAnswer')]
    public function testSaysWhyThereIsNoAnswer(string $date, string $message): void
    {
        $this->expectException(SkyException::class);
        $this->expectExceptionMessage($message);
        (new EclipseSearch())->onDate($date);
    }
}
