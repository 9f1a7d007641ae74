<?php

declare(strict_types=1);

namespace App\Exports\Sky;

use App\Exports\CsvLine;
use App\Models\Event;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\LocalEclipse;

/** An event's circumstances as CSV: one row with the columns of docs/FORMATS.md. */
final class ContactsTable
{
    public static function of(Event $event, LocalEclipse $here, Filters $filters): string
    {
        $record = CircumstancesRecord::of($event->title, $here->eclipse->date(), $here->observer, $here->circumstances, $filters);

        return CsvLine::of(CircumstancesRecord::KEYS) . CsvLine::of(array_values($record));
    }
}
