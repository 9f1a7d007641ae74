<?php

declare(strict_types=1);

namespace App\Domain\Day;

use App\Domain\Event\DayRecord;
use App\Domain\Event\DayRecords;
use App\Domain\Event\NewRecord;
use App\Models\Day\DayEntry;
use App\Models\EditConflict;
use App\Models\Event;
use App\Models\User;
use App\Text\DayWords;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\Day\EntryKind;

/** The log of the day, as other rooms read it and add to it. */
final class RecordsOfDay implements DayRecords
{
    public function of(Event $event): array
    {
        $entries = DayEntry::query()->where('event_id', $event->id)->whereNull('rehearsal_id')->orderBy('made_at')->orderBy('id')->get();

        return array_values(array_map(self::record(...), $entries->all()));
    }

    public function count(Event $event): Builder
    {
        return DayEntry::query()->where('event_id', $event->id)->whereNull('rehearsal_id')->where('is_taken_out', false)->notReplaced()->toBase()->selectRaw('count(*)');
    }

    public function add(Event $event, array $records, User $by): void
    {
        DB::transaction(static function () use ($event, $records, $by): void {
            DayLog::lock($event);
            foreach ($records as $record) {
                self::addOne(self::row($event, $record, $by));
            }
        });
    }

    /** @throws EditConflict when the line is there with something else in it */
    private static function addOne(DayEntry $row): void
    {
        $before = DayEntry::query()->where('uuid', $row->uuid)->first();
        $said = static fn(DayEntry $e): array => [$e->observed, $e->value, $e->text, $e->who, $e->made_at->getTimestamp(), $e->corrects_id, $e->is_taken_out];
        if ($before !== null && $said($before) !== $said($row)) {
            throw EditConflict::madeAlready();
        }
        if ($before === null) {
            $row->save();
        }
    }

    private static function row(Event $event, NewRecord $record, User $by): DayEntry
    {
        return new DayEntry([
            'uuid' => $record->uuid, 'event_id' => $event->id, 'kind' => EntryKind::Observation, 'observed' => $record->observed, 'value' => $record->value, 'text' => $record->words === '' ? null : $record->words,
            'made_by' => $by->id, 'who' => $record->who, 'made_at' => $record->at, 'typed_within_s' => $record->withinS, 'corrects_id' => $record->correctsId, 'is_taken_out' => $record->isTakenOut,
        ]);
    }

    private static function record(DayEntry $entry): DayRecord
    {
        return new DayRecord(
            id: $entry->id,
            at: $entry->made_at,
            what: $entry->kind === EntryKind::Observation ? '' : DayWords::kind($entry->kind),
            observed: $entry->observed,
            value: $entry->value,
            words: $entry->text ?? '',
            who: $entry->who,
            withinS: $entry->typed_within_s ?? ($entry->clock_uncertainty_ms === null ? null : $entry->clock_uncertainty_ms / 1000),
            isTyped: $entry->typed_within_s !== null,
            correctsId: $entry->corrects_id,
            isTakenOut: $entry->is_taken_out,
            canBeCorrected: $entry->canBeCorrected(),
            isCalled: $entry->kind->call() !== null || in_array($entry->kind, [EntryKind::Message, EntryKind::FilterOff], true),
        );
    }
}
