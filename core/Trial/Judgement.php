<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Quantity\Text;
use Ithys\Statistics\Groups;

/**
 * What a trial shows: the level at its end and the mean over its time, arm against arm. It is judged once, after its
 * last planned day; an earlier look is refused, so that no look can be lucky.
 */
final readonly class Judgement
{
    /**
     * @param  list<Outcome>  $outcomes  of each parameter; empty where there is no verdict
     * @param  list<string>  $left  units that do not count, with the reason
     */
    private function __construct(
        /** Why there is no verdict; null where there is one. */
        public ?Text $withheld,
        public array $outcomes,
        public array $left,
    ) {
    }

    /**
     * @param  array<string, int>  $placed  arm by unit
     * @param  int  $today  day of the trial; the day it ended where it has
     */
    public static function of(TrialPlan $plan, array $placed, Sheet $sheet, int $today, bool $hasEnded = false): self
    {
        $withheld = self::tooEarly($plan, $today, $hasEnded)
            ?? self::unread($plan, array_keys($placed), $sheet);
        if ($withheld !== null) {
            return new self($withheld, [], []);
        }
        $left = $ends = $means = [];
        foreach ($plan->reads as $n => $read) {
            [$ends[$n], $means[$n], $out] = self::perUnit($plan, $read, $placed, $sheet);
            array_push($left, ...$out);
            if (array_filter($ends[$n], static fn (array $one): bool => count($one) < 2) !== []) {
                return new self(Text::wrap(
                    'Not clear: an arm has fewer than two units that were read to the end.',
                ), [], array_values(array_unique($left)));
            }
        }

        return new self(
            null,
            self::outcomes($plan, $ends, $means, new Leads($plan, $placed, $sheet)),
            array_values(array_unique($left)),
        );
    }

    private static function tooEarly(TrialPlan $plan, int $today, bool $hasEnded): ?Text
    {
        $last = $plan->setup->lastDay();

        return match (true) {
            ! $plan->mayTell() => Text::wrap(
                'Not clear: with one unit per arm, a quirk of the unit looks like an effect. Plan two or more.',
            ),
            $today < $last => TooEarly::says($last, $today, $hasEnded),
            default => null,
        };
    }

    /** @param  list<string>  $units */
    private static function unread(TrialPlan $plan, array $units, Sheet $sheet): ?Text
    {
        $last = $plan->setup->lastDay();
        foreach ($plan->reads as $read) {
            foreach ($units as $unit) {
                if ($sheet->at($read->parameter, $unit, $last) === null) {
                    return Text::of(
                        'Read day {last} first: {unit} needs {parameter}, or “missing” with its reason.',
                        last: $last,
                        unit: $unit,
                        parameter: $read->parameter->label(),
                    );
                }
            }
        }

        return null;
    }

    /**
     * @param  array<string, int>  $placed
     * @return array{list<list<float>>, list<list<float>>, list<string>} levels at the end and means over time, by arm;
     *   units left out
     */
    private static function perUnit(TrialPlan $plan, TrialRead $read, array $placed, Sheet $sheet): array
    {
        $ends = $means = array_fill(0, count($plan->arms), []);
        $left = [];
        foreach ($placed as $unit => $arm) {
            $end = $sheet->end($plan, $read->parameter, $unit);
            if ($end === null) {
                $left[] = "{$unit}: ".$sheet->reason($read->parameter, $unit);

                continue;
            }
            $ends[$arm][] = $end;
            $means[$arm][] = self::meanOver($sheet->course($read->parameter, $unit));
        }

        return [$ends, $means, $left];
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
     * All pairs of all parameters at the end are one family for Holm, so that the whole trial tells a false difference
     * in at most one of twenty.
     *
     * @param  array<int, list<list<float>>>  $ends
     * @param  array<int, list<list<float>>>  $means
     * @return list<Outcome>
     */
    private static function outcomes(TrialPlan $plan, array $ends, array $means, Leads $leads): array
    {
        $family = self::family($plan, $ends);
        $shown = self::family($plan, $means);
        $each = intdiv(count($family), count($plan->reads));

        return array_map(static function (TrialRead $read, int $n) use ($plan, $ends, $leads, $family, $shown, $each) {
            $pair = static fn (Comparison $one): Pair => $one->pair(
                $plan,
                $leads->of($read, $one->one, $one->other),
            );

            return new Outcome(
                $read,
                array_map($pair, array_slice($family, $n * $each, $each)),
                array_map($pair, array_slice($shown, $n * $each, $each)),
                count($plan->arms) > 2 ? Groups::anova($ends[$n])['p'] ?? null : null,
                max([0.0, ...array_merge(...$ends[$n])]) <= $read->scatter->step / 2,
                (new PlannedPower($plan, $read))->smallest(),
            );
        }, $plan->reads, array_keys($plan->reads));
    }

    /**
     * @param  array<int, list<list<float>>>  $levels  by parameter and arm
     * @return list<Comparison> parameter by parameter
     */
    private static function family(TrialPlan $plan, array $levels): array
    {
        $found = [];
        foreach ($plan->reads as $n => $read) {
            for ($one = 1; $one < count($plan->arms); $one++) {
                for ($other = 0; $other < $one; $other++) {
                    $found[] = Comparison::of($one, $other, $levels[$n][$one], $levels[$n][$other], $read->scatter);
                }
            }
        }
        $adjusted = Groups::holm(array_map(static fn (Comparison $one): float => $one->p, $found));

        return array_map(static fn (Comparison $one, float $p): Comparison => $one->among($p), $found, $adjusted);
    }

    /** All that is told of it, in sentences. */
    public function says(): Text
    {
        return $this->withheld ?? Text::join(
            ' ',
            array_map(static fn (Outcome $one): Text => $one->says(), $this->outcomes),
        );
    }
}
