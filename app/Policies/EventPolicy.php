<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Event;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Members see their organisation's events; organisers plan them. Of another organisation's nobody learns that they exist. */
final class EventPolicy
{
    public function viewAny(): bool
    {
        return true;
    }

    public function view(User $user, Event $event): Response
    {
        return $user->organisation_id === $event->organisation_id ? Response::allow() : Response::denyAsNotFound();
    }

    public function create(User $user): bool
    {
        return $user->role->mayPlan();
    }

    public function update(User $user, Event $event): Response
    {
        $seen = $this->view($user, $event);

        return $seen->denied() || $user->role->mayPlan()
            ? $seen
            : Response::deny(__('Only an organiser may change an event.'));
    }
}
