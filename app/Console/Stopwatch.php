<?php

declare(strict_types=1);

namespace App\Console;

/** Repeated timings of one piece of work, after one run to warm up. */
final readonly class Stopwatch
{
    private function __construct(public float $median, public float $p95)
    {
    }

    /** @param  callable(mixed...): void  $work */
    public static function milliseconds(int $runs, callable $work): self
    {
        $work();
        $times = [];
        for ($run = 0; $run < max(1, $runs); $run++) {
            $start = hrtime(true);
            $work();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return new self($times[intdiv(count($times), 2)], $times[(int) ceil(0.95 * count($times)) - 1]);
    }
}
