<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Models\Event;
use App\Models\User;
use App\Pages\Event\KeptPages;
use KeenShadow\Core\Training\Cards\Duty;

/** The cards, to be practised in a queue or on a bus. */
final class KeptCards implements KeptPages
{
    public function of(Event $event, User $user): array
    {
        return array_map(static fn(Duty $duty): string => route('training.cards', [$event, $duty->value], false), Duty::cases());
    }
}
