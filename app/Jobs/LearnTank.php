<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Journal\FitShelf;
use App\Journal\Learning;
use App\Models\System;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;
use Ithys\History\Timeline\Missing;
use Ithys\Learning\TooFewReadings;
use Ithys\Nutrient\InvalidLever;
use Throwable;

/** Learns from the readings of one tank, and forecasts its charges, while its pages show what was learned before. */
final class LearnTank implements ShouldQueue
{
    use Dispatchable, Queueable;

    public int $tries = 3;

    /** @var list<int> seconds before the next try */
    public array $backoff = [30, 120];

    public int $timeout = 300;

    public function __construct(private readonly int $system)
    {
    }

    public function handle(): void
    {
        $system = System::query()->find($this->system);
        if ($system === null) {
            return;
        }
        $learning = new Learning($system);
        $learning->begins();
        try {
            (new FitShelf($system))->learn(now()->toDateTimeImmutable());
            $learning->ended();
        } catch (Missing|TooFewReadings|InvalidLever $problem) {
            // More tries learn no more: the journal itself lacks something.
            $learning->ended($problem->getMessage());
        }
    }

    public function failed(?Throwable $fault): void
    {
        $fault === null || report($fault);
        $system = System::query()->find($this->system);
        $system === null ?: (new Learning($system))->ended(
            'Learning failed three times. What you see is from before; Ithys tries again with your next entry.',
        );
    }
}
