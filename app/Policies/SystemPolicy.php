<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\System;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A system belongs to its members; to a stranger it does not exist. */
final class SystemPolicy
{
    public function view(User $user, System $system): Response
    {
        return $this->owns($user, $system);
    }

    public function update(User $user, System $system): Response
    {
        return $this->owns($user, $system);
    }

    public function delete(User $user, System $system): Response
    {
        return $this->owns($user, $system);
    }

    private function owns(User $user, System $system): Response
    {
        return $system->members()->wherePivot('role', 'owner')->whereKey($user->id)->exists() ? Response::allow() : Response::denyAsNotFound();
    }
}
