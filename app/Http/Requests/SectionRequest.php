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
