<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\Build\TypedBuild;
use Ithys\Sump\InvalidSection;

/** The record of a build as typed; the core reads it and words what is wrong with it. */
final class BuildRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['build' => ['required', 'array'], 'version' => ['nullable', 'integer']];
    }

    /** @throws InvalidSection with the core's sentence at each place */
    public function typed(): BuildRecord
    {
        $user = $this->user();
        $typed = $this->input('build');
        $today = new DateTimeImmutable('today', $user instanceof User ? $user->zone() : new DateTimeZone('UTC'));

        return TypedBuild::read(is_array($typed) ? $typed : [], $user instanceof User ? $user->units : UnitSystem::Metric, $today);
    }

    /** @throws ValidationException with the core's sentence at each place */
    public function record(): BuildRecord
    {
        try {
            return $this->typed();
        } catch (InvalidSection $invalid) {
            throw ValidationException::withMessages($invalid->problems);
        }
    }
}
