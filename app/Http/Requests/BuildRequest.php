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
        try {
            return BuildDocument::typed($this->typed(), $this->units(), $this->today());
        } catch (Refused $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }

    /** @return array{?BuildRecord, array<string, string>} what can be read of it; a sentence where it cannot */
    public function partly(): array
    {
        return BuildDocument::partly($this->typed(), $this->units(), $this->today());
    }

    private function today(): DateTimeImmutable
    {
        $user = $this->user();

        $zone = $user instanceof User ? $user->zone() : new DateTimeZone('UTC');

        return now($zone)->startOfDay()->toDateTimeImmutable();
    }
}
