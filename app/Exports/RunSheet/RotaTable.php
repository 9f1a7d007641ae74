<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Domain\RunSheet\WrittenRota;
use App\Domain\RunSheet\WrittenSheet;
use App\Domain\RunSheet\WrittenStint;
use App\Exports\CsvLine;
use App\Text\Iso;
use DateTimeImmutable;
use DateTimeZone;

/** Turns and duties as rows: CSV, or a part of the run sheet's JSON. Helpers are named, and nothing else is said of them. See docs/FORMATS.md. */
final class RotaTable
{
    public const KEYS = ['begins', 'ends', 'local', 'what', 'who', 'station', 'place'];

    public static function csv(WrittenSheet $sheet, WrittenRota $rota): string
    {
        return CsvLine::of(self::KEYS) . implode('', array_map(static fn(array $row): string => CsvLine::of(array_values($row)), self::rows($sheet, $rota)));
    }

    /** @return list<array<string, string>> in order of time */
    public static function rows(WrittenSheet $sheet, WrittenRota $rota): array
    {
        $rows = [...array_map(static fn(WrittenStint $s): array => [$s, 'turn'], $rota->turns), ...array_map(static fn(WrittenStint $s): array => [$s, 'duty'], $rota->duties)];
        usort($rows, static fn(array $a, array $b): int => [$a[0]->from, $a[1], $a[0]->who] <=> [$b[0]->from, $b[1], $b[0]->who]);

        return array_map(static fn(array $row): array => array_combine(self::KEYS, [self::instant($row[0]->from), self::instant($row[0]->to), $sheet->clock->minute($row[0]->from), $row[1], $row[0]->who, $row[0]->station, $row[0]->place]), $rows);
    }

    private static function instant(DateTimeImmutable $moment): string
    {
        return Iso::instant($moment->setTimezone(new DateTimeZone('UTC')));
    }
}
