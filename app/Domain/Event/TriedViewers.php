<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;
use App\Models\Viewers\Viewer;

/** What is on record of an event's viewers; the room of the viewers has it. */
interface TriedViewers
{
    /** @return array<int, string> names by number */
    public function labels(Event $event): array;

    /** @return list<RecordLine> how one was tried on ordinary days, in order of time */
    public function record(Viewer $viewer): array;
}
