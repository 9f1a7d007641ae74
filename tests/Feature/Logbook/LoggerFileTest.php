<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Domain\Logbook\Reading;
use App\Imports\ImportFaults;
use App\Imports\Logbook\LoggerFile;
use DateTimeZone;
use KeenShadow\Core\Logbook\DateOrder;
use KeenShadow\Core\Logbook\Quantity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Tables as loggers write them: heads, times, zones, units and decimals, each worked out by hand. */
final class LoggerFileTest extends TestCase
{
    /** @return iterable<string, array{string, string, DateOrder|null}> all of them one reading, 21.5 °C at 08:00:30 UTC on 2 August 2027 */
    public static function oneReading(): iterable
    {
        yield 'ISO 8601' => ["time,temperature_c\n2027-08-02T08:00:30Z,21.5\n", 'UTC', null];
        yield 'an offset goes before the zone' => ["time,temperature_c\n2027-08-02 10:00:30+02:00,21.5\n", 'Asia/Tokyo', null];
        yield 'the zone that was asked for' => ["Timestamp,Temp\n2027-08-02 10:00:30,21.5\n", 'Europe/Madrid', null];
        yield 'the other side of the day' => ["Timestamp,Temp\n2027-08-01 22:00:30,21.5\n", 'Pacific/Honolulu', null];
        yield 'German' => ["Datum;Uhrzeit;Temperatur (°C)\n02.08.2027;10:00:30;21,5\n", 'Europe/Madrid', DateOrder::DayFirst];
        yield 'Spanish, in Windows-1252' => [mb_convert_encoding("Fecha;Hora;Temperatura (°C)\n2/8/2027;10:00:30;21,5\n", 'Windows-1252', 'UTF-8'), 'Europe/Madrid', DateOrder::DayFirst];
        yield 'American, Fahrenheit' => ["\"Date Time, GMT+02:00\",\"Temp, °F (LGR S/N: 1)\"\n08/02/27 10:00:30 AM,70.7\n", 'Europe/Madrid', DateOrder::MonthFirst];
        yield 'afternoon' => ["Date,Time,Temp (°C)\n8/2/2027,5:00:30 PM,21.5\n", 'Asia/Tokyo', DateOrder::MonthFirst];
        yield 'midnight is twelve' => ["Date,Time,Temp (°C)\n8/2/2027,12:00:30 AM,21.5\n", '-08:00', DateOrder::MonthFirst];
        yield 'Unix seconds, tabs' => ["timestamp\ttemperature_c\n1817193630\t21.5\n", 'Europe/Madrid', null];
        yield 'lines before the table, blank and equal heads' => ["\u{FEFF}Logger 7,,\nSerial,1234,\n\nNo,Date/Time,Temp °C,,\n1,2027/08/02 10:00:30,21.5,,\n", 'Europe/Madrid', null];
        yield 'fractions of seconds' => ["time,temperature_c\n2027-08-02T08:00:30.000Z,21.50\n", 'UTC', null];
    }

    #[DataProvider('oneReading')]
    public function testTheSameReadingWhateverItLooksLike(string $text, string $zone, ?DateOrder $order): void
    {
        $series = self::read($text, $zone, $order);
        self::assertSame([Quantity::Temperature->value], array_keys($series));
        self::assertEqualsWithDelta([21.5], $series['temperature']->values, 1e-9);
        self::assertSame('2027-08-02T08:00:30Z', gmdate('Y-m-d\TH:i:s\Z', (int) $series['temperature']->atS[0]));
    }

    public function testAClockThatWasAheadIsSetBack(): void
    {
        self::assertSame(strtotime('2027-08-02T07:58:00Z'), (int) self::read("time,temperature_c\n2027-08-02T08:00:30Z,21.5\n", 'UTC', null, 150)['temperature']->atS[0]);
        self::assertSame(strtotime('2027-08-02T08:03:00Z'), (int) self::read("time,temperature_c\n2027-08-02T08:00:30Z,21.5\n", 'UTC', null, -150)['temperature']->atS[0]);
    }

    public function testSeveralQuantitiesUnitsAndBlanks(): void
    {
        $series = self::read("time;temperature_c;Light (klux);pressure (kPa);humidity\n2027-08-02 08:00:00;21,5;95,2;101,32;40\n2027-08-02 08:01:00;;96,0;101,31;41\n", 'UTC', null);
        self::assertSame(['temperature', 'light', 'pressure'], array_keys($series));
        self::assertSame([1, 2, 2], array_values(array_map(static fn($s): int => $s->count(), $series)));
        self::assertEqualsWithDelta([95200.0, 96000.0], $series['light']->values, 1e-6);
        self::assertEqualsWithDelta([1013.2, 1013.1], $series['pressure']->values, 1e-6);
    }

    /** The file shows which comes first where it can; else it is asked. */
    public function testWhetherDayOrMonthComesFirst(): void
    {
        $atS = static fn(string $text): string => gmdate('m-d', (int) self::read($text, 'UTC', null)['temperature']->atS[0]);
        self::assertSame('08-02', $atS("time,temp\n2/8/2027 08:00,21\n31/8/2027 08:00,21\n"));
        self::assertSame('02-08', $atS("time,temp\n2/8/2027 08:00,21\n2/28/2027 08:00,21\n"));
        self::assertSame('08-08', $atS("time,temp\n8/8/2027 08:00,21\n"));
        self::assertSame(['“2/8/2027 08:00” can be read in two ways: say whether day or month comes first.'], self::faults("time,temp\n2/8/2027 08:00,21\n"));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ['', ['The file is empty.']];
        yield 'no heads' => ["a,b\n1,2\n", ['No line has a column of times and one of temperature, light or pressure. Name them time, temperature_c, light_lux, pressure_hpa. Found: a,b']];
        yield 'heads alone' => ["time,temp\n", ['There are no readings under the header.']];
        yield 'two bad lines, each named' => ["time,temp\n2027-08-02 08:00,21\n2027-08-02 08:01,warm\n08:02,21\n", ['Line 3, column temp: "warm" is not a number.', 'Line 4, column time: "08:02" has no date.']];
        yield 'after lines before the table' => ["Logger\n\ntime,temp\n2027-08-02 08:61,21\n", ['Line 4, column time: "2027-08-02 08:61" is no time with a date.']];
        yield 'a code for nothing' => ["time,temp\n2027-08-02 08:00,-127\n", ['Line 2, column temp: -127 lies outside -100 to 100; what a logger writes where it has no reading is left out of the table.']];
        yield 'an hour that the clocks leap over' => ["time,temp\n2027-03-28 02:30,9\n", ['Line 2, column time: "2027-03-28 02:30" is no time with a date.']];
    }

    /** @param list<string> $faults */
    #[DataProvider('unreadable')]
    public function testWhatCannotBeReadIsNamed(string $text, array $faults): void
    {
        self::assertSame($faults, self::faults($text, 'Europe/Madrid'));
    }

    /** @return array<string, \KeenShadow\Core\Logbook\Series> */
    private static function read(string $text, string $zone, ?DateOrder $order, int $aheadS = 0): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'log');
        file_put_contents($path, $text);
        try {
            return LoggerFile::read($path, new Reading(new DateTimeZone($zone), $order, $aheadS));
        } finally {
            unlink($path);
        }
    }

    /** @return list<string> */
    private static function faults(string $text, string $zone = 'UTC'): array
    {
        try {
            self::read($text, $zone, null);
        } catch (ImportFaults $e) {
            return $e->told();
        }
        self::fail('taken');
    }
}
