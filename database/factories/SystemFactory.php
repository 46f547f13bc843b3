<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\System;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

/** @extends Factory<System> */
final class SystemFactory extends Factory
{
    protected $model = System::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Test tank'];
    }

    /** A tank of 200 L working volume, owned by the keeper. */
    public function ownedBy(User $user): self
    {
        return $this->afterCreating(function (System $system) use ($user): void {
            $system->members()->attach($user, ['role' => 'owner']);
            $tank = new Tank(
                Display::volume(200),
                new BesideDisplay(0, 0),
                new Ground(0, 0),
                new Conditions(35, 25),
                1400,
                TurnoverSchool::Moderate,
            );
            $system
                ->revisions()
                ->create(['user_id' => $user->id, 'in_force_from' => '2020-01-01', 'document' => $tank->toArray()]);
        });
    }
}
