<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\ValidationException;
use Ithys\Assumption\Assumption;
use Ithys\Assumption\Overlay;
use Ithys\Document\OverlayDocument;
use Ithys\Document\Refused;

/** What one tank takes instead of a default, as typed. */
final class OverlayRequest extends DocumentRequest
{
    protected function document(): string
    {
        return 'overlay';
    }

    /** @throws ValidationException with the core's sentence at each field */
    public function overlay(Assumption $assumption): Overlay
    {
        try {
            return OverlayDocument::typed($this->typed(), $assumption, $this->units());
        } catch (Refused $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
