<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use PHPUnit\Framework\Attributes\DataProvider;

/** sky:eclipses, sky:sun and the CSV of sky:circumstances, run as people run them, with no database. */
final class CommandsTest extends CommandTestCase
{
    public function testEclipsesOfASpan(): void
    {
        $run = $this->artisan(['sky:eclipses', '--from=2027', '--to=2028']);

        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $records = $this->records($run);
        self::assertSame(['2027-02-06', '2027-08-02', '2028-01-26', '2028-07-22'], array_column($records, 'date'));
        self::assertSame(['annular', 'total', 'annular', 'total'], array_column($records, 'type'));
        self::assertSame(['date', 'type', 'greatest_tt', 'greatest_ut', 'gamma', 'magnitude', 'lat', 'lon', 'duration_s', 'delta_t_s'], array_keys($records[0]));
        // Source: Five Millennium Canon of Solar Eclipses (from memory).
        self::assertSame('2027-08-02T10:07:50.147', $records[1]['greatest_tt']);
        self::assertEqualsWithDelta(383, $records[1]['duration_s'], 1.5);
    }

    public function testLunarEclipsesOfASpan(): void
    {
        $records = $this->records($this->artisan(['sky:eclipses', '--lunar', '--from=2028', '--to=2028']));

        self::assertSame([['2028-01-12', 'partial'], ['2028-07-06', 'partial'], ['2028-12-31', 'total']], array_map(static fn(array $r): array => [$r['date'], $r['type']], $records));
    }

    public function testSunriseSunsetAndPlaceOfTheSun(): void
    {
        $run = $this->artisan(['sky:sun', '-'], "date,lat,lon,height_m,time\n2027-08-02,36.53,-6.29,10,08:46:52\n2026-06-12,69.65,18.96,5,\n2027-08-02,36.53,-6.29,10,8 o'clock\n2027-02-30,0,0,0,\n");

        self::assertSame(1, $run->getExitCode());
        [$day, $polar, $clock, $date] = $this->records($run);
        // Source: swetest -rise gives 05:31:59.4 and 19:30:25.9 with its own refraction (core/tests/Sky/reference).
        self::assertStringStartsWith('2027-08-02T05:31:57', self::text($day, 'sunrise'));
        self::assertStringStartsWith('2027-08-02T19:30:28', self::text($day, 'sunset'));
        self::assertEqualsWithDelta(37.437, $day['altitude_deg'], 0.002);
        self::assertEqualsWithDelta(37.459, $day['apparent_altitude_deg'], 0.002);
        self::assertSame([null, null], [$polar['sunrise'], $polar['sunset']]);
        self::assertArrayNotHasKey('altitude_deg', $polar);
        self::assertStringContainsString('column time', self::text($clock, 'error'));
        self::assertStringContainsString('not a date', self::text($date, 'error'));
    }

    public function testCircumstancesAsCsv(): void
    {
        $run = $this->artisan(['sky:circumstances', '-', '--format=csv'], "name,date,lat,lon,height_m\n\"Cadiz, \"\"bay\"\"\",2027-08-02,36.53,-6.29,10\n,2027-08-02,99,0,0\n");

        self::assertSame(1, $run->getExitCode());
        $lines = explode("\r\n", $run->getOutput());
        self::assertStringStartsWith('name,date,lat', $lines[0]);
        self::assertStringEndsWith('filters_off,filters_on,error', $lines[0]);
        self::assertStringStartsWith('"Cadiz, ""bay""",2027-08-02,36.53,-6.29,10,', $lines[1]);
        self::assertStringContainsString('latitude', $lines[2]);
        self::assertSame(substr_count($lines[0], ','), substr_count(str_replace('"Cadiz, ""bay"""', '', $lines[1]), ','));
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function refusals(): iterable
    {
        yield 'a year that is none' => [['sky:eclipses', '--from=soon'], 'soon'];
        yield 'too late' => [['sky:eclipses', '--to=2500'], '2199'];
        yield 'backwards' => [['sky:eclipses', '--from=2050', '--to=2000'], '1900'];
        yield 'a format that is none' => [['sky:circumstances', '-', '--format=xml'], 'jsonl, csv'];
        yield 'no file' => [['sky:sun', 'nowhere.csv'], 'cannot be read'];
    }

    /** @param list<string> $arguments */
    #[DataProvider('refusals')]
    public function testRefusesWhatCannotBeMeant(array $arguments, string $message): void
    {
        $run = $this->artisan($arguments, "date,lat,lon,height_m\n");

        self::assertSame(2, $run->getExitCode());
        self::assertStringContainsString($message, $run->getErrorOutput());
        self::assertSame('', $run->getOutput());
    }
}
