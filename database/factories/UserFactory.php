<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;
use Ithys\Quantity\UnitSystem;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => 'Keeper '.Str::random(4),
            'email' => Str::lower(Str::random(10)).'@keepers.example',
            'password' => 'a-long-password',
            'timezone' => 'Europe/Berlin',
            'units' => UnitSystem::Metric,
        ];
    }
}
