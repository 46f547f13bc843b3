<?php

declare(strict_types=1);

namespace Ithys\History;

/** What changed in a routine: steps of the amount and the interval, starts, stops and pauses. */
final class Changes
{
    /** Days after the beginning of the journal that make a first act a start. */
    private const LATE = 14.0;

    private const INTERVALS = 3;

    /** Days within which steps one way are one ramp, and a step of both amount and interval is one. */
    private const RAMP = 21;

    private const TOGETHER = 10;

    /** Days without that are told as a pause. */
    private const PAUSE = 7;

    /** Acts on a side under which a change is perhaps one. */
    private const FEW = 5;

    public static function isStart(int $first, float $begin, Pattern $pattern): bool
    {
        return $first - $begin >= max(self::LATE, self::INTERVALS * $pattern->often->stretches[0]->mean);
    }

    /**
     * @param  non-empty-list<DayActs>|list<DayActs>  $acts
     * @return list<Change> in order of time
     */
    public static function of(
        array $acts,
        Statements $said,
        Pattern $pattern,
        float $begin,
        float $now,
        bool $asks,
    ): array {
        $amounts = self::ramps(self::amounts($acts, $pattern));
        $intervals = self::ramps(self::intervals($acts, $pattern));
        $changes = [
            ...$amounts,
            ...array_filter($intervals, static fn (Change $one): bool => array_filter(
                $amounts,
                static fn (Change $other): bool => abs($other->day - $one->day) <= self::TOGETHER,
            ) === []),
            ...self::stated($said),
        ];
        if (self::isStart($acts[0]->day, $begin, $pattern)) {
            $day = $acts[0]->day;
            $amount = exp($pattern->amounts->stretches[0]->mean);
            $changes[] = new Change($day, Change::START, 0.0, $amount, [$day, $day], $day);
        }
        if ($asks) {
            $last = $acts[count($acts) - 1]->day;
            $changes[] = new Change(
                $last + $pattern->current->interval,
                Change::SILENCE,
                $pattern->current->rate->perDay,
                0.0,
                [$last, $now],
                $last + $pattern->current->interval,
            );
        }
        usort($changes, static fn (Change $a, Change $b): int => $a->day <=> $b->day);

        return $changes;
    }

    /** @return list<Change> */
    public static function stated(Statements $said): array
    {
        $changes = array_map(
            static fn (float $day): Change => new Change($day, Change::STOP, 1.0, 0.0, [$day, $day], $day),
            $said->stops,
        );
        foreach ($said->none as [$from, $until]) {
            if ($until - $from >= self::PAUSE) {
                $changes[] = new Change($from, Change::STOP, 1.0, 0.0, [$from, $from], $from);
                $changes[] = new Change($until, Change::START, 0.0, 1.0, [$until, $until], $until);
            }
        }

        return $changes;
    }

    /**
     * @param  list<DayActs>  $acts
     * @return list<Change>
     */
    private static function amounts(array $acts, Pattern $pattern): array
    {
        $changes = [];
        $all = $pattern->amounts->stretches;
        for ($at = 1; $at < count($all); $at++) {
            $changes[] = new Change(
                $acts[$all[$at]->first]->day,
                Change::AMOUNT,
                exp($all[$at - 1]->mean),
                exp($all[$at]->mean),
                $pattern->amounts->dates[$at - 1],
                $acts[$all[$at]->first]->day,
                isPerhaps: min($all[$at - 1]->count(), $all[$at]->count()) < self::FEW,
            );
        }

        return $changes;
    }

    /**
     * @param  list<DayActs>  $acts
     * @return list<Change>
     */
    private static function intervals(array $acts, Pattern $pattern): array
    {
        $changes = [];
        $all = $pattern->often->stretches;
        for ($at = 1; $at < count($all); $at++) {
            $day = $acts[$all[$at]->first]->day;
            $changes[] = new Change(
                $day,
                Change::INTERVAL,
                $all[$at - 1]->mean,
                $all[$at]->mean,
                [$day, $day],
                $day,
                isPerhaps: min($all[$at - 1]->count(), $all[$at]->count()) < self::FEW,
            );
        }

        return $changes;
    }

    /**
     * Steps one way that follow each other closely are one change.
     *
     * @param  list<Change>  $steps  of one kind, in order
     * @return list<Change>
     */
    private static function ramps(array $steps): array
    {
        $changes = [];
        $lastStep = -INF;
        foreach ($steps as $step) {
            $before = end($changes);
            $since = $step->day - $lastStep;
            $lastStep = $step->day;
            if ($before instanceof Change && $since <= self::RAMP
                && ($step->to > $step->from) === ($before->to > $before->from)) {
                array_pop($changes);
                $step = new Change(
                    $before->day,
                    $before->what,
                    $before->from,
                    $step->to,
                    $before->between,
                    $step->day,
                    $before->isPerhaps,
                );
            }
            $changes[] = $step;
        }

        return $changes;
    }
}
