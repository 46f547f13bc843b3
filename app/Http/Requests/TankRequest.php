<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\InvalidTank;
use Ithys\Water\Tank;
use Ithys\Water\TypedTank;

/** A tank as typed; the core reads the figures and words what is wrong with them. */
final class TankRequest extends FormRequest
{
    private const FIELDS = ['shape', 'length', 'width', 'height', 'belowRim', 'volume', 'sump', 'plumbing', 'sand', 'rock', 'salinity', 'temperature', 'flow', 'school'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(self::FIELDS, ['nullable', 'string', 'max:60']),
            'name' => [$this->routeIs('tank.preview') ? 'nullable' : 'required', 'string', 'max:80'],
            'since' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give the tank a name.', 'name.max' => 'A name of at most 80 characters is enough.', 'since.date_format' => 'Write the day as 2026-03-04.'];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->value();
    }

    /** @throws ValidationException with the core's sentence at each field */
    public function tank(): Tank
    {
        $user = $this->user();
        try {
            return TypedTank::read(
                array_map(strval(...), array_filter($this->only(self::FIELDS), is_string(...))),
                $user instanceof User ? $user->units : UnitSystem::Metric,
            );
        } catch (InvalidTank $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }

    /** The day from which a changed tank holds, or null when the description is only put right. */
    public function since(): ?DateTimeImmutable
    {
        $user = $this->user();

        return $user instanceof User ? PastDay::read($this->string('since')->value(), $user, 'since') : null;
    }
}
