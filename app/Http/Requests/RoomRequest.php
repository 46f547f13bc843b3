<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\System;
use Illuminate\Validation\ValidationException;
use Ithys\Path\Styles\InvalidRoom;
use Ithys\Path\Styles\Room;
use Ithys\Path\Styles\TypedRoom;

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
            return TypedRoom::read(
                array_filter($this->typed(), is_string(...)),
                $system->revisionAt(now())->tank(),
                $this->units(),
            );
        } catch (InvalidRoom $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
