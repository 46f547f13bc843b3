<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\ValidationException;
use Ithys\Sump\InvalidSection;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\TypedSection;

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
            return TypedSection::read($this->typed(), $this->units());
        } catch (InvalidSection $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
