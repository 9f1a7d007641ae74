<?php

declare(strict_types=1);

namespace App\Policies\Eyewear;

use App\Models\Eyewear\Supplier;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Organisers keep their organisation's register. */
final class SupplierPolicy
{
    public function create(User $user): bool
    {
        return $user->role->mayPlan();
    }

    public function update(User $user, Supplier $supplier): Response
    {
        return match (true) {
            $user->organisation_id !== $supplier->organisation_id => Response::denyAsNotFound(),
            $user->role->mayPlan() => Response::allow(),
            default => Response::deny(__('Only an organiser may change the register of suppliers.')),
        };
    }
}
