<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Stopwatch;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Ithys\Effect\ChangeEffect;
use Ithys\Effect\Question;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Media\Medium;

/** Times a verdict in the core over ten years of readings every other day, with every reading in its window. */
final class BenchVerdict extends Command
{
    protected $signature = 'bench:verdict {--runs=20}';

    protected $description = 'Time a verdict over ten years of readings every other day';

    public function handle(): int
    {
        $start = new DateTimeImmutable('2016-01-01 20:00Z');
        $journal = [];
        for ($day = 0; $day < 3653; $day++) {
            $at = $start->modify("+{$day} days");
            if ($day % 2 === 0) {
                $journal[] = new Entry($at, Reading::of(Parameter::Nitrate, 8 + sin($day / 9), step: 0.1));
                $journal[] = new Entry($at, Reading::of(Parameter::Phosphate, 0.08 + sin($day / 7) / 90, step: 0.01));
            }
            if ($day % 7 === 3) {
                $journal[] = new Entry($at, WaterChange::of(30));
            }
        }
        $change = new Entry($start->modify('+1826 days'), MediaCharge::grams(Medium::Resin, 90), 1);
        $journal[] = $change;
        usort($journal, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
        $now = $start->modify('+3653 days');
        $runs = (int) $this->option('runs');
        $time = static fn (int $window): Stopwatch => Stopwatch::milliseconds($runs, static function () use (
            $change,
            $journal,
            $now,
            $window,
        ): void {
            ChangeEffect::judge(
                new Question($change, Parameter::Nitrate, 300, $now, $window),
                $journal,
            );
        });
        $times = $time(3653);
        $usual = $time(42);
        $list = Stopwatch::milliseconds(max(1, intdiv($runs, 4)), static function () use ($journal, $now): void {
            for ($n = 1; $n <= 20; $n++) {
                $one = new Entry($now->modify('-'.(60 + 18 * $n).' days'), SkimmerSwitch::of($n % 2 === 0), -$n);
                $around = array_values(array_filter(
                    $journal,
                    static fn (Entry $entry): bool => abs($entry->daysAfter($one->at)) <= 42,
                ));
                foreach (Parameter::nutrients() as $parameter) {
                    ChangeEffect::judge(new Question($one, $parameter, 300, $now, 42), $around);
                }
            }
        });
        $this->line(sprintf('a list of 20 changes, of both nutrients: median %.0f ms', $list->median));
        $this->line(
            sprintf(
                'verdict over all %s entries of ten years: median %.1f ms, p95 %.1f ms',
                number_format(count($journal)),
                $times->median,
                $times->p95,
            ),
        );
        $this->line(
            sprintf('the same journal, 42 days on each side: median %.1f ms, p95 %.1f ms', $usual->median, $usual->p95),
        );

        return self::SUCCESS;
    }
}
