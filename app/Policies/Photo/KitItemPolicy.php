<?php

declare(strict_types=1);

namespace App\Policies\Photo;

use App\Models\Photo\KitItem;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Members see their organisation's kit; organisers and checkers write it down, and whoever brings a piece changes their own; who looks over glasses looks over filters. */
final class KitItemPolicy
{
    public function create(User $user): bool
    {
        return $user->role->mayCheckGlasses();
    }

    public function view(User $user, KitItem $item): Response
    {
        return $user->organisation_id === $item->organisation_id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $user, KitItem $item): Response
    {
        $seen = $this->view($user, $item);

        return $seen->denied() || $user->role->mayPlan() || $item->owner_id === $user->id && $user->role->mayCheckGlasses()
            ? $seen
            : Response::deny(__('Only an organiser, or whose it is, may change a piece of kit.'));
    }

    public function check(User $user, KitItem $item): Response
    {
        $seen = $this->view($user, $item);

        return $seen->denied() || $user->role->mayCheckGlasses()
            ? $seen
            : Response::deny(__('Only trained checkers may look over filters.'));
    }
}
