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
    private const FIELDS = ['name', 'since', 'shape', 'length', 'width', 'height', 'belowRim', 'volume', 'sump', 'plumbing', 'sand', 'rock', 'salinity', 'temperature', 'flow', 'school'];

    private const LONGEST_NAME = 80;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['tank' => ['required', 'array'], 'version' => ['nullable', 'integer']];
    }

    public function name(): string
    {
        return trim($this->typed()['name'] ?? '');
    }

    /** @throws ValidationException with a sentence at each field, that of the name too where the tank is saved */
    public function tank(): Tank
    {
        $user = $this->user();
        $problems = match (true) {
            $this->routeIs('*.preview') => [],
            $this->name() === '' => ['name' => 'Give the tank a name.'],
            mb_strlen($this->name()) > self::LONGEST_NAME => ['name' => 'A name of at most '.self::LONGEST_NAME.' characters is enough.'],
            default => [],
        };
        try {
            $tank = TypedTank::read($this->typed(), $user instanceof User ? $user->units : UnitSystem::Metric);
        } catch (InvalidTank $invalid) {
            $problems += $invalid->problems;
        }

        return isset($tank) && $problems === [] ? $tank : throw ValidationException::withMessages($problems);
    }

    /**
     * The day from which a changed tank holds, or null when the description is only put right.
     *
     * @throws ValidationException
     */
    public function since(): ?DateTimeImmutable
    {
        $user = $this->user();

        return $user instanceof User ? PastDay::read($this->typed()['since'] ?? '', $user, 'since') : null;
    }

    /** @return array<string, string> */
    private function typed(): array
    {
        return TypedTexts::of($this->input('tank'), self::FIELDS);
    }
}
