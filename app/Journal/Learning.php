<?php

declare(strict_types=1);

namespace App\Journal;

use App\Jobs\LearnTank;
use App\Models\System;
use Illuminate\Support\Facades\DB;

/** Whether a tank is being learned, waits for it, or cannot be: one job at a time for each. */
final readonly class Learning
{
    /** Seconds after a write, so that several of them are learned from together. */
    private const SETTLES = 8;

    /** Minutes after which a job that was queued is taken for lost, as after a copy was put back. */
    private const LOST = 10;

    private const LONGEST = 255;

    public function __construct(private System $system)
    {
    }

    /** Queues a job where what was learned rests on less than there is. */
    public function wanted(int $seconds = self::SETTLES): void
    {
        $row = $this->row();
        $queued = $row?->queued_at;
        if ($this->isDone() || ($queued !== null && Journal::moment($queued) > now()->subMinutes(self::LOST))) {
            return;
        }
        $this->note(['queued_at' => Journal::stamp(now())]);
        LearnTank::dispatch($this->system->id)->delay(now()->addSeconds($seconds));
    }

    /** What is written from now on asks for another job. */
    public function begins(): void
    {
        $this->note(['queued_at' => null, 'stamp' => $this->system->stamp]);
    }

    /** @param  ?string  $problem  a sentence that says why nothing was learned */
    public function ended(?string $problem = null): void
    {
        $this->note(['problem' => $problem === null ? null : mb_substr($problem, 0, self::LONGEST)]);
    }

    /** @return array{isCurrent: bool, madeAt: ?int, problem: ?string} as pages show it */
    public function toArray(): array
    {
        return [
            'isCurrent' => $this->isDone(),
            'madeAt' => (new FitShelf($this->system))->madeAt()?->getTimestamp(),
            'problem' => $this->row()?->problem,
        ];
    }

    /** Whether the journal as it is has been learned from, or was found to be too little. */
    private function isDone(): bool
    {
        $row = $this->row();

        return (new FitShelf($this->system))->isCurrent()
            || ($row?->problem !== null && $row->stamp === $this->system->stamp);
    }

    /** @param  array<string, ?string>  $values */
    private function note(array $values): void
    {
        DB::table('learning')->updateOrInsert(['system_id' => $this->system->id], $values);
    }

    /** @return ?object{queued_at: ?string, stamp: ?string, problem: ?string} */
    private function row(): ?object
    {
        /** @var ?object{queued_at: ?string, stamp: ?string, problem: ?string} */
        return DB::table('learning')->where('system_id', $this->system->id)->first();
    }
}
