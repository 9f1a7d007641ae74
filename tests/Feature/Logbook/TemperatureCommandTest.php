<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Sky\CommandTestCase;

/** `php artisan logbook:temperature`: tables as loggers write them, one JSON object, exit status, with no database. The sums are checked in core. */
final class TemperatureCommandTest extends CommandTestCase
{
    private const CONTACTS = ['--c1=2027-08-02T07:40:46Z', '--max=2027-08-02T08:46:53Z', '--c4=2027-08-02T09:59:37Z'];

    public function testADropIsMeasured(): void
    {
        [$status, $json] = $this->drop(self::table());
        self::assertSame(0, $status);
        self::assertSame(['drop_k', 'drop_uncertainty_k', 'minimum_at', 'lag_s', 'baseline', 'verdict', 'why'], array_keys($json));
        self::assertSame('good', $json['verdict']);
        self::assertEqualsWithDelta(4.0, $json['drop_k'], 0.1);
        self::assertEqualsWithDelta(strtotime('2027-08-02T08:56:53Z'), strtotime(self::text($json, 'minimum_at')), 60);
        self::assertEqualsWithDelta(600, $json['lag_s'], 60);
        self::assertIsArray($json['baseline']);
        self::assertEqualsWithDelta([100.8, 81.0], [$json['baseline']['before_min'], $json['baseline']['after_min']], 1.0);
        self::assertNotSame('', $json['why']);
    }

    /** Whatever the verdict is, the status is 0. */
    public function testNoDropIsSaidAsWell(): void
    {
        [$status, $json] = $this->drop(self::table(depthK: 0.0));
        self::assertSame([0, 'none', null, null, 'No drop beyond its uncertainty.'], [$status, $json['verdict'], $json['minimum_at'], $json['lag_s'], $json['why']]);
        [$status, $json] = $this->drop("time,temperature_c\n2027-08-01T08:00:00Z,21\n");
        self::assertSame([0, 'none', null, null, ['before_min' => 0, 'after_min' => 0, 'rms_k' => null]], [$status, $json['verdict'], $json['drop_k'], $json['drop_uncertainty_k'], $json['baseline']]);
    }

    /** @return iterable<string, array{string}> one and the same log */
    public static function files(): iterable
    {
        yield 'no zone is UTC' => [str_replace('Z,', ',', self::table())];
        yield 'an offset' => [(string) preg_replace_callback('/T(\d\d)(.{6})Z/', static fn(array $m): string => sprintf('T%02d%s+02:00', (int) $m[1] + 2, $m[2]), self::table())];
        yield 'a blank, fractions, CRLF, BOM' => ["\u{FEFF}" . strtr(self::table(), ['T' => ' ', 'Z' => '.000Z', "\n" => "\r\n"])];
        yield 'semicolons and decimal commas' => [strtr(self::table(), ['.' => ',', ',' => ';'])];
        yield 'other columns, capitals' => ["Id,TIME,Temperature_C,humidity\n" . implode("\n", array_map(static fn(string $line): string => "7,{$line},55", array_slice(explode("\n", trim(self::table())), 1))) . "\n"];
        yield 'basic form' => [(string) preg_replace('/(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d):(\d\d)Z/', '$1$2$3T$4$5$6Z', self::table())];
        yield 'backwards' => ["time,temperature_c\n" . implode("\n", array_reverse(array_slice(explode("\n", trim(self::table())), 1)))];
    }

    #[DataProvider('files')]
    public function testTablesAsLoggersWriteThem(string $text): void
    {
        [, $expected] = $this->drop(self::table());
        [$status, $json] = $this->drop($text);
        self::assertSame(0, $status);
        self::assertSame($expected, $json);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'empty' => ['', 'The file is empty'];
        yield 'a header alone' => ["time,temperature_c\n", 'no readings'];
        yield 'no time' => ["when,temperature_c\n2027-08-02T08:00:00Z,21\n", 'time,temperature_c'];
        yield 'no temperature' => ["time,temp\n2027-08-02T08:00:00Z,21\n", 'time,temperature_c'];
        yield 'a time without a date' => ["time,temperature_c\n2027-08-02T08:00:00Z,21\n08:01:00,21\n", 'Line 3, column time: "08:01:00" has no date.'];
        yield 'a date without a time' => ["time,temperature_c\n2027-08-02,21\n", 'Line 2, column time'];
        yield 'no such day' => ["time,temperature_c\n2027-02-30T08:00:00Z,21\n", 'Line 2, column time: "2027-02-30T08:00:00Z" is no time with a date.'];
        yield 'minute 61' => ["time,temperature_c\n2027-08-02T08:61:00Z,21\n", 'Line 2, column time'];
        yield 'day or month first' => ["time,temperature_c\n02/08/2027 08:00,21\n", 'Line 2, column time'];
        yield 'a word' => ["time,temperature_c\n2027-08-02T08:00:00Z,warm\n", 'Line 2, column temperature_c: "warm" is not a number.'];
        yield 'a blank' => ["time,temperature_c\n2027-08-02T08:00:00Z,\n", 'Line 2, column temperature_c: empty.'];
        yield 'not a number' => ["time,temperature_c\n2027-08-02T08:00:00Z,NaN\n", 'Line 2, column temperature_c'];
        yield 'a code for nothing' => ["time,temperature_c\n2027-08-02T08:00:00Z,21\n2027-08-02T08:01:00Z,-999\n", 'Line 3, column temperature_c: -999 lies outside -100 to 100'];
        yield 'a cell more' => ["time,temperature_c\n2027-08-02T08:00:00Z,21,3\n", 'Line 2: 3 cells'];
    }

    #[DataProvider('unreadable')]
    public function testWhatCannotBeReadSaysWhere(string $text, string $words): void
    {
        $process = $this->artisan(['logbook:temperature', '-', ...self::CONTACTS], $text);
        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertStringContainsString($words, $process->getErrorOutput());
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function contacts(): iterable
    {
        yield 'none' => [[], '--c1'];
        yield 'a time alone' => [['--c1=07:40:46', self::CONTACTS[1], self::CONTACTS[2]], '--c1: "07:40:46" has no date.'];
        yield 'out of order' => [['--c1=2027-08-02T09:40:46Z', self::CONTACTS[1], self::CONTACTS[2]], 'First contact comes before the maximum'];
        yield 'another day' => [[self::CONTACTS[0], self::CONTACTS[1], '--c4=2027-08-03T09:59:37Z'], 'no eclipse lasts longer'];
    }

    /** @param list<string> $options */
    #[DataProvider('contacts')]
    public function testContactsThatMakeNoSenseAreRefused(array $options, string $words): void
    {
        $process = $this->artisan(['logbook:temperature', '-', ...$options], self::table());
        self::assertSame([2, ''], [$process->getExitCode(), $process->getOutput()]);
        self::assertStringContainsString($words, $process->getErrorOutput());
    }

    /** From six to half past eleven, a reading a minute: 20 °C and a degree an hour, less a bell of 4 K ten minutes after the maximum. */
    private static function table(float $depthK = 4.0): string
    {
        $table = "time,temperature_c\n";
        $deepest = strtotime('2027-08-02T08:56:53Z');
        for ($at = strtotime('2027-08-02T06:00:00Z'); $at <= strtotime('2027-08-02T11:40:00Z'); $at += 60) {
            $table .= sprintf("%s,%.2f\n", gmdate('Y-m-d\TH:i:s\Z', $at), 20 + ($at - $deepest) / 3600 - $depthK * exp(-0.5 * (($at - $deepest) / 1560) ** 2));
        }

        return $table;
    }

    /** @return array{int|null, array<string, mixed>} */
    private function drop(string $text): array
    {
        $process = $this->artisan(['logbook:temperature', '-', ...self::CONTACTS], $text);

        return [$process->getExitCode(), $this->records($process)[0]];
    }
}
