<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Auth\KeeperPassword;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Str;
use Symfony\Component\Console\Question\Question;

/** For the keeper who has forgotten the password: whoever may run commands on the machine sets a new one. */
final class ResetPassword extends Command
{
    protected $signature = 'keeper:password {email : The address the keeper signs in with}';

    protected $description = 'Set a new password for a keeper who has forgotten theirs';

    public function handle(): int
    {
        $keeper = User::query()->where('email', Str::lower((string) $this->argument('email')))->first();
        if ($keeper === null) {
            $this->error('No keeper signs in with that address.');

            return self::FAILURE;
        }
        // Blanks at its ends belong to a password.
        $password = $this->output->askQuestion((new Question('New password'))->setHidden(true)->setTrimmable(false));
        $problem = (new KeeperPassword([$keeper->name, $keeper->email]))->problem(
            is_string($password) ? $password : '',
        );
        if ($problem !== null) {
            $this->error($problem);

            return self::FAILURE;
        }
        $keeper->update(['password' => $password]);
        $this->info("{$keeper->name} has a new password; other devices are signed out.");

        return self::SUCCESS;
    }
}
