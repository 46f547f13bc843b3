<?php

declare(strict_types=1);

namespace Ithys\Care;

use DateTimeZone;
use Ithys\Assumption\AssumptionKind;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\ChoreWord\Chore;
use Ithys\Journal\ChoreWord\ChoreWord;
use Ithys\Journal\Entry;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Path\Item;
use Ithys\Path\Path;
use Ithys\Quantity\Text;

/**
 * What is to be done on a tank and when: a pure reading of its path, its journal and the day. Doing a chore is an entry
 * of the journal; there is no second list.
 */
final readonly class Rounds
{
    /** Soiling from which a sock came out clogged, and up to which clean; by how much its interval changes. */
    private const CLOGGED = 4;

    private const CLEAN = 2;

    private const BY = 0.25;

    /** @param  list<Round>  $all */
    private function __construct(
        public array $all,
        /** An interval that the last acts say does not fit; null where they do not. */
        public ?Proposal $proposal,
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
    ): self {
        $acts = [];
        foreach ($entries as $entry) {
            $chore = $entry->payload instanceof ChoreWord ? $entry->payload->chore : ChoreSpec::of($entry->payload);
            if ($chore !== null) {
                $acts[$chore->value][] = $entry;
            }
        }
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
            [$last, $due, $entry] = self::dates($acts[$chore->value] ?? [], $zone, $interval, $today);
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
                $proposal = self::proposal($acts[$chore->value] ?? [], $zone, $interval->days);
            }
        }

        return new self($rounds, $proposal);
    }

    /** @return list<Round> that are due, the latest first, then in the order of the path */
    public function due(int $today): array
    {
        $due = array_filter($this->all, static fn (Round $one): bool => $one->isDue($today));
        usort($due, static fn (Round $a, Round $b): int => $a->due <=> $b->due);

        return $due;
    }

    /** @return list<Round> that were done today */
    public function done(int $today): array
    {
        return array_values(array_filter($this->all, static fn (Round $one): bool => $one->isDone($today)));
    }

    /** @return list<Round> that are due later, the next first */
    public function later(int $today): array
    {
        $later = array_filter($this->all, static fn (Round $one): bool => $one->due !== null && $one->due > $today);
        usort($later, static fn (Round $a, Round $b): int => $a->due <=> $b->due);

        return $later;
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
     * The days ahead, if each chore is done on its day.
     *
     * @return list<list<Round>> from today on, by day
     */
    public function ahead(int $today, int $days): array
    {
        $ahead = array_fill(0, $days, []);
        foreach ($this->all as $one) {
            for ($day = max($one->due ?? PHP_INT_MAX, $today); $day < $today + $days; $day += $one->interval->days) {
                $ahead[$day - $today][] = $one;
            }
        }

        return $ahead;
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

        return [$last, $due, $by];
    }

    /** @param  list<Entry>  $entries */
    private static function proposal(array $entries, DateTimeZone $zone, int $interval): ?Proposal
    {
        $seen = [];
        $before = null;
        foreach ($entries as $entry) {
            if ($entry->payload instanceof SockChange) {
                $day = CalendarDay::of($entry->at, $zone);
                if ($before !== null && $entry->payload->soiling !== null && $day > $before) {
                    $seen[] = [$entry->payload->soiling, $day - $before];
                }
                $before = $day;
            }
        }
        $last = array_slice($seen, -2);
        if (count($last) < 2) {
            return null;
        }
        [[$one, $first], [$other, $second]] = $last;
        $by = max(1, (int) round(self::BY * $interval));
        if (min($one, $other) >= self::CLOGGED && max($first, $second) <= $interval && $interval > 1) {
            // Under the gaps that it rests on, so that it is not proposed again once it is taken.
            $days = max(1, min($interval - $by, max($first, $second) - 1));

            return new Proposal(Chore::Sock, $interval, $days, 'the last two came out clogged');
        }
        if (max($one, $other) <= self::CLEAN && min($first, $second) >= $interval) {
            $days = max($interval + $by, min($first, $second) + 1);

            return new Proposal(Chore::Sock, $interval, $days, 'the last two came out clean');
        }

        return null;
    }

    private static function days(int $days): string
    {
        return $days === 1 ? 'day' : "{$days} days";
    }
}
