<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\InvalidSection;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\TypedSection;

/** A sump as typed; the core reads it and words what is wrong with it. */
final class SectionRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['section' => ['required', 'array'], 'version' => ['nullable', 'integer']];
    }

    /** @throws InvalidSection with the core's sentence at each place */
    public function typed(): SumpDesign
    {
        $user = $this->user();
        $typed = $this->input('section');

        return TypedSection::read(is_array($typed) ? $typed : [], $user instanceof User ? $user->units : UnitSystem::Metric);
    }

    /** @throws ValidationException with the core's sentence at each place */
    public function design(): SumpDesign
    {
        try {
            return $this->typed();
        } catch (InvalidSection $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
