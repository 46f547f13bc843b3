<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\System;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

/** A database file for one benchmark, so that no keeper's data is touched. */
final readonly class ScratchDatabase
{
    public const PASSWORD = 'bench-password';

    private function __construct(public string $path, public System $system, public User $keeper)
    {
    }

    public static function make(): self
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'ithys-bench');
        config(['database.connections.sqlite.database' => $path]);
        DB::purge('sqlite');
        Artisan::call('migrate', ['--force' => true]);
        $keeper = User::query()->create([
            'name' => 'Bench',
            'email' => 'bench@ithys.example',
            'password' => self::PASSWORD,
            'timezone' => 'Europe/Berlin',
            'units' => UnitSystem::Metric,
        ]);
        $system = System::query()->create(['name' => 'Bench tank']);
        $system->members()->attach($keeper, ['role' => 'owner']);
        $system->revisions()->create([
            'in_force_from' => '2000-01-01',
            'document' => (new Tank(
                Display::volume(300),
                new BesideDisplay(0, 0),
                new Ground(0, 0),
                new Conditions(35, 25),
                2000,
                TurnoverSchool::Moderate,
            ))->toArray(),
        ]);

        return new self($path, $system, $keeper);
    }

    public function drop(): void
    {
        DB::purge('sqlite');
        array_map(static fn (string $file): bool => unlink($file), glob($this->path.'*') ?: []);
    }
}
