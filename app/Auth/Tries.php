<?php

declare(strict_types=1);

namespace App\Auth;

use Closure;
use Illuminate\Cache\Lock;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/**
 * Tries at a password, a minute. A try is counted before it is made: many at once get no more of them than one after
 * another.
 */
final readonly class Tries
{
    private const SECONDS = 60;

    /** @param  array<string, int>  $limits  tries allowed, by whose they are; the first is the account's own */
    public function __construct(private array $limits)
    {
    }

    /** @throws ValidationException when there were too many */
    public function count(string $field): void
    {
        $wait = $this->alone(function (): int {
            foreach ($this->limits as $whose => $most) {
                if (RateLimiter::tooManyAttempts($whose, $most)) {
                    return RateLimiter::availableIn($whose);
                }
            }
            array_map(
                static fn (string $whose): int => RateLimiter::hit($whose, self::SECONDS),
                array_keys($this->limits),
            );

            return 0;
        });
        if ($wait > 0) {
            throw ValidationException::withMessages([
                $field => "Too many wrong tries. Wait {$wait} seconds and try again.",
            ]);
        }
    }

    /** The try was right: the account starts anew, and it does not count against the network. */
    public function forgive(): void
    {
        $this->alone(function (): int {
            foreach (array_keys($this->limits) as $i => $whose) {
                $i === 0 ? RateLimiter::clear($whose) : RateLimiter::decrement($whose, self::SECONDS);
            }

            return 0;
        });
    }

    /** @param  Closure(): int  $work */
    private function alone(Closure $work): int
    {
        $lock = Cache::lock('tries', 10);
        $wait = $lock instanceof Lock ? $lock->betweenBlockedAttemptsSleepFor(10)->block(10, $work) : $work();

        return is_int($wait) ? $wait : 0;
    }
}
