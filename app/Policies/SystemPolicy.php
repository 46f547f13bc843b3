<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\System;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/**
 * A system belongs to its members; to a stranger it does not exist. Until roles are opened every ability is its
 * owner's.
 */
final class SystemPolicy
{
    /** Look at it. */
    public function read(User $user, System $system): Response
    {
        return $this->owns($user, $system);
    }

    /** Write what was read and done. */
    public function journal(User $user, System $system): Response
    {
        return $this->owns($user, $system);
    }

    /** Change tank, path and sump. */
    public function design(User $user, System $system): Response
    {
        return $this->owns($user, $system);
    }

    /** Put it in the bin. */
    public function own(User $user, System $system): Response
    {
        return $this->owns($user, $system);
    }

    private function owns(User $user, System $system): Response
    {
        return $system->members()->wherePivot('role', 'owner')->whereKey($user->id)->exists()
            ? Response::allow()
            : Response::denyAsNotFound();
    }
}
