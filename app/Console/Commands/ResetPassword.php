<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use Illuminate\Validation\Rules\Password;

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
        $password = (string) $this->secret('New password');
        if (Validator::make(['password' => $password], ['password' => ['required', Password::defaults()]])->fails()) {
            $this->error('Choose a password of at least 10 characters.');

            return self::FAILURE;
        }
        $keeper->update(['password' => $password]);
        $this->info("{$keeper->name} has a new password; other devices are signed out.");

        return self::SUCCESS;
    }
}
