<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use KeenShadow\Core\RunSheet\Rota\Rota;
use KeenShadow\Core\RunSheet\Rota\RotaRecord;

/**
 * A run sheet as names and plain values.
 *
 * @phpstan-import-type CueRow from CueRecord
 * @phpstan-import-type RotaRow from RotaRecord
 *
 * @phpstan-type SheetRow array{opens_s: int|null, closes_s: int|null, cues: list<CueRow>, rota?: RotaRow}
 */
final class SheetRecord
{
    /** @return SheetRow */
    public static function write(Sheet $sheet): array
    {
        return ['opens_s' => $sheet->opensS, 'closes_s' => $sheet->closesS, 'cues' => array_values(array_map(CueRecord::write(...), $sheet->cues)), 'rota' => RotaRecord::write($sheet->rota)];
    }

    /** @param SheetRow $record */
    public static function read(array $record): Sheet
    {
        return Sheet::of(array_map(CueRecord::read(...), $record['cues']), $record['opens_s'], $record['closes_s'], isset($record['rota']) ? RotaRecord::read($record['rota']) : Rota::blank());
    }
}
