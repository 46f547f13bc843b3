<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Jobs\LearnTank;
use App\Journal\Learning;
use App\Models\System;
use Illuminate\Console\Command;

/** Learns every tank that is not learned yet, so that no first visit of a fresh or restored copy waits for it. */
final class LearnTanks extends Command
{
    protected $signature = 'ithys:learn';

    protected $description = 'Learn from the readings of every tank now';

    public function handle(): int
    {
        foreach (System::query()->get() as $system) {
            (new Learning($system))->toArray()['isCurrent'] || LearnTank::dispatchSync($system->id);
        }

        return self::SUCCESS;
    }
}
