<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Validation\ValidationException;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\Build\TypedBuild;
use Ithys\Sump\InvalidSection;

/** The record of a build as typed. */
final class BuildRequest extends DocumentRequest
{
    protected function document(): string
    {
        return 'build';
    }

    /** @throws ValidationException with the core's sentence at each place */
    public function record(): BuildRecord
    {
        $user = $this->user();
        $today = new DateTimeImmutable('today', $user instanceof User ? $user->zone() : new DateTimeZone('UTC'));
        try {
            return TypedBuild::read($this->typed(), $this->units(), $today);
        } catch (InvalidSection $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
