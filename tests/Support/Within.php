<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;
use RuntimeException;

/** Ends what hangs, with a sentence that says what it was. */
final class Within
{
    public static function seconds(int $seconds, string $what, Closure $does): void
    {
        pcntl_async_signals(true);
        pcntl_signal(SIGALRM, static fn () => throw new RuntimeException("{$what} hangs: over {$seconds} s."));
        pcntl_alarm($seconds);
        try {
            $does();
        } finally {
            pcntl_alarm(0);
            pcntl_signal(SIGALRM, SIG_DFL);
        }
    }
}
