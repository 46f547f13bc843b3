<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\System;
use Illuminate\Validation\ValidationException;
use Ithys\Document\Refused;
use Ithys\Path\Styles\Room;
use Ithys\Path\Styles\RoomDocument;

/** The room around a tank as typed. */
final class RoomRequest extends DocumentRequest
{
    protected function document(): string
    {
        return 'room';
    }

    /** @throws ValidationException with the core's sentence at each field */
    public function room(System $system): Room
    {
        try {
            return RoomDocument::typed(
                array_filter($this->typed(), is_string(...)),
                $system->revisionAt(now())->tank()->assuming($system->assumptions()),
                $this->units(),
            );
        } catch (Refused $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
