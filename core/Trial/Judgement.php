<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Statistics\Groups;
use Ithys\Statistics\TPower;
use Ithys\Statistics\Welch;

/**
 * What a trial shows: the level at its end and the mean over its time, arm against arm. It is judged once, after its
 * last planned day; an earlier look is refused, so that no look can be lucky.
 */
final readonly class Judgement
{
    /** Days of readings in a row on which an arm is ahead, so that it led. */
    private const LED = 3;

    /** A unit counts at the end where it was read on one of the last planned days. */
    private const LAST = 2;

    /**
     * @param  list<Pair>  $end  levels at the end
     * @param  list<Pair>  $mean  means over the time
     * @param  ?float  $anova  p of all arms at the end; null for two arms
     * @param  list<string>  $left  units that do not count, with the reason
     */
    private function __construct(
        /** Why there is no verdict; null where there is one. */
        public ?Text $withheld,
        public array $end,
        public array $mean,
        public ?float $anova,
        public array $left,
    ) {
    }

    /**
     * @param  array<string, int>  $placed  arm by unit
     * @param  array<string, array<int, TrialReading>>  $sheet  readings by unit and day
     * @param  int  $today  day of the trial
     */
    public static function of(TrialPlan $plan, array $placed, array $sheet, int $today): self
    {
        $last = $plan->setup->lastDay();
        $withheld = match (true) {
            ! $plan->mayTell() => Text::wrap(
                'Not clear: with one unit an arm, a quirk of the unit looks like an effect. Plan two or more.',
            ),
            $today < $last => Text::of(
                'It is judged after day {last}, as planned; today is day {today}. Looking early would make chance look '
                    .'like an effect.',
                last: $last,
                today: max(0, $today),
            ),
            array_filter(
                array_keys($placed),
                static fn (string $unit): bool => ! isset($sheet[$unit][$last]),
            ) !== [] => Text::of(
                'Read day {last} first: each unit needs a reading, or “missing” with its reason.',
                last: $last,
            ),
            default => null,
        };
        if ($withheld !== null) {
            return new self($withheld, [], [], null, []);
        }
        [$ends, $means, $left] = self::perUnit($plan, $placed, $sheet);
        foreach ([$ends, $means] as $arms) {
            if (array_filter($arms, static fn (array $one): bool => count($one) < 2) !== []) {
                return new self(Text::wrap(
                    'Not clear: an arm has fewer than two units that were read to the end.',
                ), [], [], null, $left);
            }
        }

        return new self(
            null,
            self::pairs($plan, $ends, $placed, $sheet),
            self::pairs($plan, $means, $placed, $sheet),
            count($plan->arms) > 2 ? Groups::anova($ends)['p'] ?? null : null,
            $left,
        );
    }

    /**
     * @param  array<string, int>  $placed
     * @param  array<string, array<int, TrialReading>>  $sheet
     * @return array{list<list<float>>, list<list<float>>, list<string>} levels at the end and means over time, by arm;
     *   units left out
     */
    private static function perUnit(TrialPlan $plan, array $placed, array $sheet): array
    {
        $days = $plan->setup->days();
        $final = array_slice($days, -self::LAST);
        $ends = $means = array_fill(0, count($plan->arms), []);
        $left = [];
        foreach ($placed as $unit => $arm) {
            $course = self::course($sheet[$unit] ?? []);
            $at = array_intersect(array_keys($course), $final);
            if ($at === []) {
                $why = array_filter(array_map(
                    static fn (TrialReading $one): string => $one->missing,
                    $sheet[$unit] ?? [],
                ));
                $left[] = "{$unit}: ".($why === [] ? 'not read at the end' : end($why));

                continue;
            }
            $ends[$arm][] = $course[max($at)];
            $means[$arm][] = self::meanOver($course);
        }

        return [$ends, $means, $left];
    }

    /**
     * @param  array<int, TrialReading>  $readings  by day
     * @return array<int, float> levels by day, in order
     */
    private static function course(array $readings): array
    {
        $course = array_filter(
            array_map(static fn (TrialReading $one): ?float => $one->level(), $readings),
            static fn (?float $one): bool => $one !== null,
        );
        ksort($course);

        return $course;
    }

    /**
     * The area under the curve by trapezoids, over its time.
     *
     * @param  array<int, float>  $course  by day, in order
     */
    public static function meanOver(array $course): float
    {
        $days = array_keys($course);
        $levels = array_values($course);
        $area = 0.0;
        for ($n = 1; $n < count($days); $n++) {
            $area += ($days[$n] - $days[$n - 1]) * ($levels[$n] + $levels[$n - 1]) / 2;
        }
        $span = $days === [] ? 0 : end($days) - $days[0];

        return $span > 0 ? $area / $span : $levels[0] ?? 0.0;
    }

    /**
     * @param  list<list<float>>  $arms
     * @param  array<string, int>  $placed
     * @param  array<string, array<int, TrialReading>>  $sheet
     * @return list<Pair>
     */
    private static function pairs(TrialPlan $plan, array $arms, array $placed, array $sheet): array
    {
        $found = $chances = [];
        for ($one = 1; $one < count($arms); $one++) {
            for ($other = 0; $other < $one; $other++) {
                $welch = Welch::of($arms[$one], $arms[$other]);
                $exchange = Groups::exchange($arms[$one], $arms[$other]);
                // Where the units are few the exchange of units tells; it assumes nothing of their scatter.
                $found[] = [$one, $other, $welch, $exchange];
                $chances[] = $welch->p ?? 1.0;
            }
        }
        $adjusted = Groups::holm($chances);

        return array_map(static fn (array $each, float $p): Pair => new Pair(
            $plan->arms[$each[0]],
            $plan->arms[$each[1]],
            Welch::mean($arms[$each[0]]) - Welch::mean($arms[$each[1]]),
            $each[2] === null ? null : [$each[2]->low, $each[2]->high],
            $p,
            $each[3],
            $p < TPower::ALPHA,
            self::led($plan, $each[0], $each[1], $placed, $sheet),
        ), $found, $adjusted);
    }

    /**
     * The longest stretch of days on which one arm was ahead of the other.
     *
     * @param  array<string, int>  $placed
     * @param  array<string, array<int, TrialReading>>  $sheet
     * @return ?array{int, int} first and last day; null where none led for long
     */
    private static function led(TrialPlan $plan, int $one, int $other, array $placed, array $sheet): ?array
    {
        $best = null;
        $run = [];
        $side = 0;
        foreach ($plan->setup->days() as $day) {
            $levels = [[], []];
            foreach ($placed as $unit => $arm) {
                $level = ($sheet[$unit][$day] ?? null)?->level();
                if ($level !== null && ($arm === $one || $arm === $other)) {
                    $levels[$arm === $one ? 0 : 1][] = $level;
                }
            }
            $welch = Welch::of($levels[0], $levels[1]);
            $now = $welch !== null && $welch->p < TPower::ALPHA ? ($welch->difference > 0.0 ? 1 : -1) : 0;
            $run = $now !== 0 && $now === $side ? [...$run, $day] : ($now === 0 ? [] : [$day]);
            $side = $now;
            $best = count($run) >= self::LED && count($run) > count($best ?? []) ? $run : $best;
        }

        return $best === null ? null : [$best[0], $best[count($best) - 1]];
    }

    /** The headline of the trial. */
    public function says(TrialPlan $plan): Text
    {
        if ($this->withheld !== null) {
            return $this->withheld;
        }
        $clear = array_values(array_filter($this->end, static fn (Pair $one): bool => $one->isClear));
        if ($clear !== []) {
            return Text::join(' ', array_map(static fn (Pair $one): Text => $one->says(), $clear));
        }
        $smallest = $plan->smallest();
        $led = array_values(array_filter($this->end, static fn (Pair $one): bool => $one->led !== null));

        return Text::join(' ', [
            Text::of('{parameter!}: no clear effect at the end.', parameter: $plan->parameter->label()),
            ...array_map(static fn (Pair $one): Text => $one->ledSays(), $led),
            ...$smallest === null ? [] : [Text::of(
                'The plan could not have shown less than {smallest}, if units scatter as you expected.',
                smallest: Quantity::base(Quantity::significant($smallest, 2), $plan->parameter->dimension()),
            )],
        ]);
    }
}
