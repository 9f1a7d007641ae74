<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Cues;

use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Rules\Gaze;
use KeenShadow\Core\RunSheet\Fields;
use KeenShadow\Core\RunSheet\RunSheetException;

/**
 * A cue as names and plain values, as the database and files have it; see docs/FORMATS.md.
 *
 * @phpstan-type CueRow array{id: string, kind: string, name: string, anchor: string, offset_s: int, clock_s: int|null, duration_s: int, who: string, where: string, crew: string, call: string, frozen_at: string|null, clouds?: string|null, needs?: string|null, eyes?: string|null}
 */
final class CueRecord
{
    private const INSTANT = 'Y-m-d\TH:i:s.v\Z';

    /** @return CueRow */
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
            'clouds' => $cue->clouds?->value,
            'needs' => $cue->needs?->value,
            'eyes' => $cue->eyes?->value,
        ];
    }

    /**
     * A cue as a file has it; what it may leave out is blank, and it hangs on its anchor.
     *
     * @throws RunSheetException naming the field
     */
    public static function ofFile(Fields $fields, string $id): Cue
    {
        $text = static fn(string $key): string => $fields->has($key) && !$fields->isBlank($key) ? $fields->text($key) : '';
        $clouds = $fields->has('clouds') && !$fields->isBlank('clouds') ? $fields->word('clouds', Clouds::class) : null;
        $usual = Cue::of(
            $id,
            $fields->word('kind', CueKind::class),
            $fields->text('name'),
            $fields->word('anchor', Anchor::class),
            $fields->has('offset_s') ? $fields->signed('offset_s') : 0,
            $fields->has('clock_s') ? $fields->whole('clock_s', 0) : null,
            $fields->has('duration_s') ? $fields->whole('duration_s', 0) : 0,
            $text('who'),
            $text('where'),
            $text('crew'),
            $text('call'),
            needs: $fields->has('needs') && !$fields->isBlank('needs') ? $fields->word('needs', CueNeed::class) : null,
            eyes: $fields->has('eyes') && !$fields->isBlank('eyes') ? $fields->word('eyes', Gaze::class) : null,
        );

        return $clouds === null || $clouds === $usual->underClouds() ? $usual : $usual->under($clouds);
    }

    /** @param CueRow $record */
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
            isset($record['clouds']) ? Clouds::from($record['clouds']) : null,
            isset($record['needs']) ? CueNeed::from($record['needs']) : null,
            isset($record['eyes']) ? Gaze::from($record['eyes']) : null,
        );
    }
}
