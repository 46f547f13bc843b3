<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\System;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Path\Styles\InvalidRoom;
use Ithys\Path\Styles\Room;
use Ithys\Path\Styles\TypedRoom;
use Ithys\Quantity\UnitSystem;

/** The room around a tank as typed. */
final class RoomRequest extends FormRequest
{
    private const FIELDS = ['cabinetLength', 'cabinetWidth', 'cabinetHeight', 'budget', 'powerPrice', 'noise', 'spill', 'skill', 'drilled', 'look'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['room' => ['required', 'array'], 'version' => ['nullable', 'integer']];
    }

    /** @throws InvalidRoom */
    public function typed(System $system): Room
    {
        $user = $this->user();

        return TypedRoom::read(TypedTexts::of($this->input('room'), self::FIELDS), $system->revisionAt(now())->tank(), $user instanceof User ? $user->units : UnitSystem::Metric);
    }

    /** @throws ValidationException with the core's sentence at each field */
    public function room(System $system): Room
    {
        try {
            return $this->typed($system);
        } catch (InvalidRoom $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
