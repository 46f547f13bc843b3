<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use DateTimeImmutable;
use Illuminate\Validation\ValidationException;
use Ithys\Document\Refused;
use Ithys\Water\Tank;
use Ithys\Water\TankDocument;

/** A tank as typed; the core reads the figures and words what is wrong with them. */
final class TankRequest extends DocumentRequest
{
    private const LONGEST_NAME = 80;

    protected function document(): string
    {
        return 'tank';
    }

    public function name(): string
    {
        return trim($this->fields()['name'] ?? '');
    }

    /** @throws ValidationException with a sentence at each field, that of the name too where the tank is saved */
    public function tank(): Tank
    {
        $problems = match (true) {
            $this->routeIs('*.preview') => [],
            $this->name() === '' => ['name' => 'Give the tank a name.'],
            mb_strlen($this->name()) > self::LONGEST_NAME => [
                'name' => 'A name of at most '.self::LONGEST_NAME.' characters is enough.',
            ],
            default => [],
        };
        try {
            $tank = TankDocument::typed($this->fields(), $this->units());
        } catch (Refused $invalid) {
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

        return $user instanceof User ? PastDay::read($this->fields()['since'] ?? '', $user, 'since') : null;
    }

    /** @return array<string, string> what is no text counts as not typed */
    private function fields(): array
    {
        return array_filter($this->typed(), is_string(...));
    }
}
