<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\Health;
use Illuminate\Console\Command;

/** Looks whether the data file is whole, as at every start. */
final class CheckData extends Command
{
    protected $signature = 'ithys:check';

    protected $description = 'Look whether the data file is whole';

    public function handle(): int
    {
        if (Health::check()) {
            $this->info('The data file is whole.');

            return self::SUCCESS;
        }
        $this->getOutput()->getErrorStyle()->writeln('<error>'.Health::sentence().'</error>');

        return self::FAILURE;
    }
}
