<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Validation\ValidationException;
use Ithys\Document\Refused;
use Ithys\Sump\Build\BuildDocument;
use Ithys\Sump\Build\BuildRecord;

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
            return BuildDocument::typed($this->typed(), $this->units(), $today);
        } catch (Refused $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
