<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;
use App\Models\User;
use Illuminate\Database\Query\Builder;

/** What was written down on an event's day itself, rehearsals left out; the room of the day has it. */
interface DayRecords
{
    /** @return list<DayRecord> in order of time, also those that another has taken the place of */
    public function of(Event $event): array;

    /** How many lines stand, as a question that goes with others. */
    public function count(Event $event): Builder;

    /** @param list<NewRecord> $records all of them, or none; one that is there already is left alone */
    public function add(Event $event, array $records, User $by): void;
}
