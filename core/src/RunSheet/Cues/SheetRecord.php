<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

/** A run sheet as names and plain values. */
final class SheetRecord
{
    /** @return array{opens_s: int|null, closes_s: int|null, cues: list<array{id: string, kind: string, name: string, anchor: string, offset_s: int, clock_s: int|null, duration_s: int, who: string, where: string, crew: string, call: string, frozen_at: string|null}>} */
    public static function write(Sheet $sheet): array
    {
        return ['opens_s' => $sheet->opensS, 'closes_s' => $sheet->closesS, 'cues' => array_values(array_map(CueRecord::write(...), $sheet->cues))];
    }

    /** @param array{opens_s: int|null, closes_s: int|null, cues: list<array{id: string, kind: string, name: string, anchor: string, offset_s: int, clock_s: int|null, duration_s: int, who: string, where: string, crew: string, call: string, frozen_at: string|null}>} $record */
    public static function read(array $record): Sheet
    {
        return Sheet::of(array_map(CueRecord::read(...), $record['cues']), $record['opens_s'], $record['closes_s']);
    }
}
