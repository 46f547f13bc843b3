<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\ValidationException;
use Ithys\Document\Refused;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;

/** A sump as typed. */
final class SectionRequest extends DocumentRequest
{
    protected function document(): string
    {
        return 'section';
    }

    /** @return array{?SumpDesign, array<string, string>} what can be read of it; a sentence where it cannot */
    public function partly(): array
    {
        // A drawing waits for a part that is being typed; a cut sheet goes without it.
        return SumpDocument::partly($this->typed(), $this->units(), ! $this->boolean('cuts'));
    }

    /** @throws ValidationException with the core's sentence at each place */
    public function design(): SumpDesign
    {
        try {
            return SumpDocument::typed($this->typed(), $this->units());
        } catch (Refused $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
