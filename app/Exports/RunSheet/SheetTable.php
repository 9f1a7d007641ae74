<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Domain\RunSheet\WrittenRota;
use App\Domain\RunSheet\WrittenSheet;
use App\Exports\CsvLine;
use App\Text\FilterWords;
use App\Text\Iso;
use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\RunSheet\Cues\CueNote;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;

/** A run sheet as rows: CSV, or one JSON document. See docs/FORMATS.md. */
final class SheetTable
{
    public const KEYS = ['begins', 'ends', 'local', 'kind', 'name', 'anchor', 'offset_s', 'clock_s', 'duration_s', 'frozen', 'who', 'where', 'crew', 'call', 'clouds', 'needs', 'eyes', 'notes'];

    public static function csv(WrittenSheet $sheet): string
    {
        return CsvLine::of(self::KEYS) . implode('', array_map(
            static fn(array $row): string => CsvLine::of(array_map(static fn(string|int|bool|array|null $cell): string|int|bool|null => is_array($cell) ? implode(' ', $cell) : $cell, array_values($row))),
            self::rows($sheet),
        ));
    }

    public static function json(WrittenSheet $sheet, WrittenRota $rota): string
    {
        return json_encode([
            'event' => $sheet->event->title,
            'place' => ['name' => $sheet->event->place_name, 'lat' => $sheet->event->lat, 'lon' => $sheet->event->lon, 'height_m' => $sheet->event->height_m, 'timezone' => $sheet->event->timezone],
            'eclipse' => $sheet->here->eclipse->date(),
            'filters' => ['off' => self::instant($sheet->filterCues?->off), 'warning' => self::instant($sheet->filterCues?->warning), 'on' => self::instant($sheet->filterCues?->on), 'rule' => FilterWords::caution($sheet->filters, $sheet->clock)],
            'cues' => self::rows($sheet),
            'people' => RotaTable::rows($sheet, $rota),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION) . "\n";
    }

    /** @return list<array<string, string|int|bool|list<string>|null>> */
    private static function rows(WrittenSheet $sheet): array
    {
        $clock = $sheet->clock;

        return array_map(static fn(PlacedCue $p): array => array_combine(self::KEYS, [
            self::instant($p->begins),
            self::instant($p->ends),
            $p->begins === null ? null : $clock->second($p->begins),
            $p->cue->kind->value,
            $p->cue->name,
            $p->cue->anchor->value,
            $p->cue->offsetS,
            $p->cue->clockS,
            $p->cue->durationS,
            $p->cue->frozenAt !== null,
            $p->cue->who,
            $p->cue->where,
            $p->cue->crew,
            $p->cue->call,
            $p->cue->underClouds()->value,
            $p->cue->needs->value ?? null,
            $p->cue->eyes->value ?? null,
            array_map(static fn(CueNote $note): string => $note->value, $p->notes),
        ]), $sheet->cues);
    }

    private static function instant(?DateTimeImmutable $moment): ?string
    {
        return $moment === null ? null : Iso::instant($moment->setTimezone(new DateTimeZone('UTC')));
    }
}
