<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Models\Event;

/** Who has not passed what their duty asks for; the room of training knows. */
interface UntrainedHelpers
{
    /** @return array<int, list<string>> by the number of the helper: words of the run sheet for what they have not passed yet */
    public function of(Event $event): array;
}
