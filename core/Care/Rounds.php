<?php

declare(strict_types=1);

namespace Ithys\Care;

use DateTimeZone;
use Ithys\Assumption\AssumptionKind;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\ChoreWord\ChoreWord;
use Ithys\Journal\Entry;
use Ithys\Path\Item;
use Ithys\Path\Path;
use Ithys\Quantity\Text;

/**
 * What is to be done on a tank and when: a pure reading of its path, its journal, its plan and the day. Doing a chore
 * is an entry of the journal; there is no second list.
 */
final readonly class Rounds
{
    /** Days within which a heavier chore takes the place of the lighter one that it includes. */
    private const SAME_WEEK = 3;

    /**
     * @param  list<Round>  $all
     * @param  list<Task>  $renewals  due on one day, whatever the routine
     */
    private function __construct(
        public array $all,
        /** An interval that the last acts say does not fit; null where they do not. */
        public ?Proposal $proposal,
        private Plan $plan,
        public array $renewals = [],
    ) {
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     * @param  array<string, float>  $every  days from one act to the next as routines go now, by chore; INF for one
     *   that was stopped
     * @param  DateTimeZone  $zone  whose days are counted
     * @param  bool  $isReactorFilled  whether a medium is in a reactor, so that its outlet says something
     */
    public static function of(
        array $entries,
        ?Path $path,
        Assumptions $assumptions,
        array $every,
        DateTimeZone $zone,
        int $today,
        bool $isReactorFilled,
        ?Plan $plan = null,
    ): self {
        $plan ??= Plan::of();
        $acts = self::acts($entries);
        $rounds = [];
        $proposal = null;
        foreach (Chore::cases() as $chore) {
            $kinds = ChoreSpec::kinds($chore);
            $items = $kinds === [] || $path === null
                ? []
                : array_map(static fn (Item $one): string => $one->id, $path->itemsOf(...$kinds));
            if (($kinds !== [] && $items === []) || ($chore === Chore::Outlet && ! $isReactorFilled)) {
                continue;
            }
            $interval = self::interval($chore, $assumptions, $every[$chore->value] ?? null);
            [$last, $due, $entry] = self::dates($acts[$chore->value] ?? [], $zone, $interval, $today, $plan);
            $isStopped = ($every[$chore->value] ?? 0.0) === INF;
            $rounds[] = new Round(
                $chore,
                $items,
                $interval,
                $assumptions->value("minutes-{$chore->value}"),
                $last,
                $isStopped ? null : $due,
                $entry,
            );
            if ($chore === Chore::Sock) {
                $proposal = Proposal::bySoiling($acts[$chore->value] ?? [], $zone, $interval->days);
            }
        }

        return new self(self::grouped($rounds), $proposal, $plan);
    }

    /**
     * @param  list<Task>  $renewals  media by the forecast of their charges, and days of trials
     * @param  array<string, bool>  $low  whether it stays below its target, by parameter that stays outside it
     * @param  ?string  $reason  why the interval of the socks was chosen as it is
     */
    public function with(array $renewals, array $low = [], ?string $reason = null): self
    {
        $socks = $this->find(Chore::Sock)?->interval;
        $other = $socks === null ? null : Proposal::byNutrients($low, $socks);
        // Where sock and water want opposite things, nothing is proposed.
        $proposal = $this->proposal === null || $other?->isLonger() === ! $this->proposal->isLonger()
            ? ($this->proposal === null ? $other : null)
            : $this->proposal;

        // Taken for this reason, it is given time to show.
        return new self($this->all, $proposal?->because === $reason ? null : $proposal, $this->plan, $renewals);
    }

    /** @return list<Task> that are due, the latest first, then in the order of the path */
    public function due(int $today): array
    {
        return self::byDay(array_filter(
            [...$this->all, ...$this->renewals],
            static fn (Task $one): bool => $one->due() !== null && $one->due() <= $today
                && ! ($one instanceof Round && $one->with !== null),
        ));
    }

    /** @return list<Round> that were done today */
    public function done(int $today): array
    {
        return array_values(array_filter($this->all, static fn (Round $one): bool => $one->isDone($today)));
    }

    /** @return list<Task> that are due later, the next first */
    public function later(int $today): array
    {
        return self::byDay(array_filter(
            [...$this->all, ...$this->renewals],
            static fn (Task $one): bool => $one->due() > $today,
        ));
    }

    /** @return list<Round> of which nothing is known: never logged, or stopped */
    public function unknown(): array
    {
        return array_values(array_filter($this->all, static fn (Round $one): bool => $one->due === null));
    }

    public function find(Chore $chore): ?Round
    {
        foreach ($this->all as $one) {
            if ($one->chore === $chore) {
                return $one;
            }
        }

        return null;
    }

    /**
     * The days ahead, if each task is done on its day.
     *
     * @return list<list<Task>> from today on, by day
     */
    public function ahead(int $today, int $days): array
    {
        /** @var array<string, list<int>> $on */
        $on = [];
        foreach ($this->all as $one) {
            for ($day = max($one->due ?? PHP_INT_MAX, $today); $day < $today + $days;) {
                $on[$one->chore->value][] = $day;
                $day = $this->plan->workday($day + $one->interval->days, $day);
            }
        }
        $includes = [];
        foreach ($this->all as $one) {
            $included = ChoreSpec::includes($one->chore);
            $includes += $included === null ? [] : [$included->value => $on[$one->chore->value] ?? []];
        }
        $ahead = array_fill(0, $days, []);
        foreach ($this->all as $one) {
            foreach ($on[$one->chore->value] ?? [] as $day) {
                $isIncluded = array_filter(
                    $includes[$one->chore->value] ?? [],
                    static fn (int $other): bool => abs($other - $day) <= self::SAME_WEEK,
                );
                if ($isIncluded === []) {
                    $ahead[$day - $today][] = $one;
                }
            }
        }
        foreach ($this->renewals as $one) {
            $further = $one instanceof TrialDay ? $one->further() : [];
            foreach ([max($one->due() ?? PHP_INT_MAX, $today), ...$further] as $day) {
                if ($day >= $today && $day < $today + $days) {
                    $ahead[$day - $today][] = $one;
                }
            }
        }

        return $ahead;
    }

    /**
     * @param  list<Entry>  $entries  in order of time
     * @return array<string, list<Entry>> what did each chore, and words on it
     */
    private static function acts(array $entries): array
    {
        $acts = [];
        foreach ($entries as $entry) {
            $word = $entry->payload instanceof ChoreWord ? $entry->payload->chore : null;
            $chore = $word ?? ChoreSpec::of($entry->payload);
            if ($chore !== null) {
                $acts[$chore->value][] = $entry;
            }
            $included = $word === null && $chore !== null ? ChoreSpec::includes($chore) : null;
            if ($included !== null) {
                $acts[$included->value][] = $entry;
            }
        }

        return $acts;
    }

    /**
     * Where a heavier chore is due within the same days as the lighter one that it includes, it takes its place.
     *
     * @param  list<Round>  $rounds
     * @return list<Round>
     */
    private static function grouped(array $rounds): array
    {
        $heavier = [];
        foreach ($rounds as $one) {
            $included = ChoreSpec::includes($one->chore);
            $heavier += $included === null || $one->due === null ? [] : [$included->value => $one];
        }

        return array_map(static function (Round $one) use ($heavier): Round {
            $other = $heavier[$one->chore->value] ?? null;

            return $other === null || $one->due === null || abs($other->due - $one->due) > self::SAME_WEEK
                ? $one
                : new Round(
                    $one->chore,
                    $one->items,
                    $one->interval,
                    $one->minutes,
                    $one->last,
                    $one->due,
                    $one->entry,
                    $other->chore,
                );
        }, $rounds);
    }

    /**
     * @param  array<Task>  $tasks
     * @return list<Task>
     */
    private static function byDay(array $tasks): array
    {
        usort($tasks, static fn (Task $a, Task $b): int => $a->due() <=> $b->due());

        return $tasks;
    }

    private static function interval(Chore $chore, Assumptions $assumptions, ?float $every): Interval
    {
        $chosen = $assumptions->of("care-{$chore->value}");
        if ($chosen->overlay !== null) {
            $days = max(1, (int) round($chosen->value));

            return new Interval($days, Basis::Chosen, Text::of(
                'Every {days}, your choice: {why}',
                days: self::days($days),
                why: $chosen->overlay->reason,
            ));
        }
        if ($every !== null && is_finite($every) && $every > 0.0) {
            $days = max(1, (int) round($every));

            return new Interval(
                $days,
                Basis::Routine,
                Text::of('Every {days}, as you did it of late', days: self::days($days)),
            );
        }
        $days = max(1, (int) round($chosen->value));

        return new Interval($days, Basis::Practice, Text::of(
            $chosen->kind === AssumptionKind::Practice ? 'Every {days}, common practice' : 'Every {days}, our estimate',
            days: self::days($days),
        ));
    }

    /**
     * @param  list<Entry>  $acts  of one chore and words on it, in order of time
     * @return array{?int, ?int, ?int} last, due, and the entry that did it last
     */
    private static function dates(
        array $acts,
        DateTimeZone $zone,
        Interval $interval,
        int $today,
        Plan $plan,
    ): array {
        // What was chosen and never logged is wanted from now on.
        [$last, $due, $by] = [null, $interval->basis === Basis::Chosen ? $today : null, null];
        foreach ($acts as $entry) {
            $one = $entry->payload;
            $day = CalendarDay::of($entry->at, $zone);
            if ($day > $today) {
                break;
            }
            if (! $one instanceof ChoreWord) {
                [$last, $due, $by] = [$day, $day + $interval->days, $entry->id];
            } elseif ($one->isFine) {
                $due = $day + max(1, (int) ceil($interval->days / 2));
            } else {
                $due = max($due ?? $day, $day) + $interval->days;
            }
        }

        return [$last, $due === null ? null : $plan->workday($due, $last), $by];
    }

    private static function days(int $days): string
    {
        return $days === 1 ? 'day' : "{$days} days";
    }
}
