<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use DateTimeImmutable;
use DateTimeZone;

/** A run sheet as names and plain values, as the database and files have it; see docs/FORMATS.md. */
final class CueRecord
{
    private const INSTANT = 'Y-m-d\TH:i:s.v\Z';

    /**
     * @return array{id: string, kind: string, name: string, anchor: string, offset_s: int, clock_s: int|null, duration_s: int, who: string, where: string, crew: string, call: string, frozen_at: string|null}
     */
    public static function write(Cue $cue): array
    {
        return [
            'id' => $cue->id,
            'kind' => $cue->kind->value,
            'name' => $cue->name,
            'anchor' => $cue->anchor->value,
            'offset_s' => $cue->offsetS,
            'clock_s' => $cue->clockS,
            'duration_s' => $cue->durationS,
            'who' => $cue->who,
            'where' => $cue->where,
            'crew' => $cue->crew,
            'call' => $cue->call,
            'frozen_at' => $cue->frozenAt?->setTimezone(new DateTimeZone('UTC'))->format(self::INSTANT),
        ];
    }

    /** @param array{id: string, kind: string, name: string, anchor: string, offset_s: int, clock_s: int|null, duration_s: int, who: string, where: string, crew: string, call: string, frozen_at: string|null} $record */
    public static function read(array $record): Cue
    {
        return Cue::of(
            $record['id'],
            CueKind::from($record['kind']),
            $record['name'],
            Anchor::from($record['anchor']),
            $record['offset_s'],
            $record['clock_s'],
            $record['duration_s'],
            $record['who'],
            $record['where'],
            $record['crew'],
            $record['call'],
            $record['frozen_at'] === null ? null : new DateTimeImmutable($record['frozen_at']),
        );
    }
}
