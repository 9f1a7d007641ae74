<?php

declare(strict_types=1);

namespace App\Pages\Rules;

use App\Models\Event;
use App\Models\User;
use App\Pages\Event\KeptPages;

/** "May I use this?" with all its answers. */
final class KeptBook implements KeptPages
{
    public function of(Event $event, User $user): array
    {
        return [route('rules.pocket', $event, false)];
    }
}
