<?php

declare(strict_types=1);

namespace App\Policies\Eyewear;

use App\Models\Eyewear\Lot;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Members see their organisation's glasses; organisers keep the papers; organisers and checkers inspect pairs. */
final class LotPolicy
{
    public function view(User $user, Lot $lot): Response
    {
        return $user->organisation_id === $lot->organisation_id ? Response::allow() : Response::denyAsNotFound();
    }

    public function create(User $user): bool
    {
        return $user->role->mayPlan();
    }

    /** Hands pairs out and takes them back, and writes down what was destroyed. */
    public function count(User $user): bool
    {
        return $user->role->mayCheckGlasses();
    }

    public function update(User $user, Lot $lot): Response
    {
        $seen = $this->view($user, $lot);

        return $seen->denied() || $user->role->mayPlan()
            ? $seen
            : Response::deny(__('Only an organiser may change the papers of a lot.'));
    }

    public function check(User $user, Lot $lot): Response
    {
        $seen = $this->view($user, $lot);

        return $seen->denied() || $user->role->mayCheckGlasses()
            ? $seen
            : Response::deny(__('Only trained checkers may inspect pairs.'));
    }
}
