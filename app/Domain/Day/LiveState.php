<?php

declare(strict_types=1);

namespace App\Domain\Day;

use App\Models\Day\DayEntry;
use App\Models\Day\Rehearsal;
use App\Models\Event;
use App\Text\Clock;
use Illuminate\Support\Facades\Date;

/** What a screen asks for again and again: what is new in the log, whether its plan still holds, and whether there is a rehearsal. */
final class LiveState
{
    /**
     * @param int $since the number of the last entry that the screen has
     *
     * @return array{now: int, stamp: string, entries: list<array<string, mixed>>, rehearsal: array<string, mixed>|null} moments in milliseconds since 1970
     */
    public static function of(Event $event, int $since, Writer $for): array
    {
        $log = DayLog::of($event);
        $running = $log->running();

        return [
            'now' => Clock::ms(Date::now()),
            'stamp' => DayStamp::of($event),
            'entries' => array_values($log->since($since, $for)->map(self::entry(...))->all()),
            'rehearsal' => $running === null ? null : self::rehearsal($running),
        ];
    }

    /** @return array<string, mixed> */
    private static function entry(DayEntry $entry): array
    {
        return ['id' => $entry->id, 'uuid' => $entry->uuid, 'kind' => $entry->kind->value, 'about' => $entry->about, 'text' => $entry->text, 'observed' => $entry->observed, 'value' => $entry->value, 'who' => $entry->who, 'made' => Clock::ms($entry->made_at), 'rehearsal' => $entry->rehearsal?->uuid];
    }

    /** @return array<string, mixed> */
    private static function rehearsal(Rehearsal $rehearsal): array
    {
        return ['uuid' => $rehearsal->uuid, 'from' => Clock::ms($rehearsal->from_at), 'begun' => Clock::ms($rehearsal->begun_at), 'speed' => $rehearsal->speed];
    }
}
