<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Statistics\TPower;
use Ithys\Statistics\Welch;

/** Who was ahead for a time: told next to the verdict, and no claim. */
final readonly class Leads
{
    /** Days of readings in a row on which an arm is ahead, so that it led. */
    private const LED = 3;

    /** @param  array<string, int>  $placed  arm by unit */
    public function __construct(private TrialPlan $plan, private array $placed, private Sheet $sheet)
    {
    }

    /**
     * The longest stretch of days on which one arm was ahead of the other.
     *
     * @return ?array{int, int} first and last day; null where none led for long
     */
    public function of(TrialRead $read, int $one, int $other): ?array
    {
        $best = null;
        $run = [];
        $side = 0;
        $chance = TPower::ALPHA / $this->plan->comparisons();
        foreach ($this->plan->setup->days() as $day) {
            $levels = [$one => [], $other => []];
            foreach ($this->placed as $unit => $arm) {
                $level = $this->sheet->at($read->parameter, $unit, $day)?->level();
                if ($level !== null && isset($levels[$arm])) {
                    $levels[$arm][] = $level;
                }
            }
            $welch = Welch::of($levels[$one], $levels[$other], $read->scatter->least());
            $now = $welch !== null && $welch->p < $chance && abs($welch->difference) > $read->scatter->step
                ? $welch->difference <=> 0.0
                : 0;
            $run = $now !== 0 && $now === $side ? [...$run, $day] : ($now === 0 ? [] : [$day]);
            $side = $now;
            $best = count($run) >= self::LED && count($run) > count($best ?? []) ? $run : $best;
        }

        return $best === null ? null : [$best[0], $best[count($best) - 1]];
    }
}
