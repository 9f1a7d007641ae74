<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;
use App\Models\User;
use KeenShadow\Core\Refusal;

/** The run sheet, for a room that has lines for it. */
interface SheetCues
{
    /**
     * Puts lines on the sheet, in place of those of the same numbers.
     *
     * @param list<NewCue> $cues
     * @param list<string> $stale numbers of lines that are wanted no more
     *
     * @throws Refusal when the sheet takes no more
     */
    public function put(Event $event, array $cues, array $stale, User $by): void;
}
