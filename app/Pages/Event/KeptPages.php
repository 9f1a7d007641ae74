<?php

declare(strict_types=1);

namespace App\Pages\Event;

use App\Models\Event;
use App\Models\User;

/** A room that has pages which must work on the day without a network; who has some stands in AppServiceProvider. */
interface KeptPages
{
    /** @return list<string> addresses without a host, which this person may see */
    public function of(Event $event, User $user): array;
}
