<?php

declare(strict_types=1);

namespace App\Exports\Eyewear;

use App\Exports\CsvLine;
use App\Models\Event;
use App\Models\Eyewear\PairCheck;
use App\Text\Iso;

/** Every inspection that was ever entered of an organisation's lots, with those that were taken back: the record, to prove it later. */
final class ChecksTable
{
    private const COLUMNS = ['entry', 'lot', 'tag', 'event', 'occasion', 'found', 'taken_back', 'corrects', 'checked_by', 'checked_at', 'received_at'];

    /** @return iterable<int, string> line by line, for a record may be long */
    public static function lines(Event $event): iterable
    {
        yield CsvLine::of(self::COLUMNS);
        $checks = PairCheck::query()->with(['checker', 'lot:id,label', 'event:id,title'])->whereHas('lot', static fn($lots) => $lots->where('organisation_id', $event->organisation_id));
        foreach ($checks->lazyById(1000) as $check) {
            yield CsvLine::of([
                $check->id, $check->lot->label, $check->tag, $check->event->title, $check->occasion->value, $check->faults->pluck('value')->implode(' '), $check->is_void, $check->corrects_id, $check->checker->name,
                Iso::instant($check->checked_at), Iso::instant($check->received_at),
            ]);
        }
    }
}
