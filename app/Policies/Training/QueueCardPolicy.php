<?php

declare(strict_types=1);

namespace App\Policies\Training;

use App\Models\Training\QueueCard;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Members see their organisation's deck. */
final class QueueCardPolicy
{
    public function view(User $user, QueueCard $card): Response
    {
        return $user->organisation_id === $card->organisation_id ? Response::allow() : Response::denyAsNotFound();
    }
}
