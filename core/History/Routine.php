<?php

declare(strict_types=1);

namespace Ithys\History;

/**
 * What goes on with one lever, by what was logged and said of it: food, organic carbon, water changes, socks.
 *
 * Method: the cheapest story. An act that does not fit the routine costs something, never more than a little; a change
 * costs more; a gap may hold acts that were not logged.
 */
final readonly class Routine
{
    /** Days and intervals of silence before it is asked about, and how likely so many skipped acts may be. */
    private const ASKED_AFTER = 10.0;

    private const ASKED_INTERVALS = 3;

    private const ASKED_LIKELY = 0.01;

    /** Days in which a silence comes to speak for a stop. */
    private const SILENCE = 42.0;

    private const YEAR = 365.0;

    /** Weight from which "it stopped" is a story of its own. */
    private const STORY = 0.1;

    /** Logged acts and days that come before a plan, and by what share they differ from it. */
    private const AGAINST_PLAN = 3;

    private const PLAN_DAYS = 7;

    private const PLAN_OFF = 0.1;

    private ?Pattern $pattern;

    /** Whether the silence at its end is to be asked about. */
    public bool $asks;

    /** How likely it has stopped without a word, 0 to 1. */
    public float $stopped;

    /**
     * @param  list<DayActs>  $acts  by day, one each
     * @param  float  $begin  day on which the journal begins
     * @param  float  $now  day; none of the acts is later
     * @param  Rate  $unknown  what is taken where nothing is known
     * @param  ?bool  $story  whether a silence at its end is taken for a stop; null for the likely mean
     */
    public function __construct(
        private array $acts,
        private Statements $said,
        private Manner $manner,
        private float $begin,
        private float $now,
        private Rate $unknown,
        ?bool $story = null,
    ) {
        $this->pattern = Pattern::of($acts, $said, $manner, $now);
        [$this->asks, $stopped] = $this->silence();
        $this->stopped = $this->asks && $story !== null ? (float) $story : $stopped;
    }

    /**
     * What goes on at a day, in the past or ahead.
     */
    public function at(float $day): Rate
    {
        $i = $this->lastAct($day);
        $act = $i === null ? -INF : (float) $this->acts[$i]->day;
        $stop = $this->said->lastStop($day);
        $plan = $this->said->lastPlan($day);
        if ($this->said->isNone($day) && $act < floor($day)) {
            return Rate::stated(0.0);
        }
        if ($stop !== null && $act < $stop && ($plan ?? -INF) < $stop) {
            return Rate::stated(0.0);
        }
        if ($plan !== null && $plan >= ($stop ?? -INF) && ! $this->isAgainst($plan, $day)) {
            return Rate::stated($this->said->plans[$plan]);
        }
        if ($this->pattern === null) {
            return $this->unknown;
        }
        if ($i === null) {
            return $this->beforeTheFirst($this->pattern);
        }
        if ($i === count($this->acts) - 1) {
            return $this->goesOn($this->pattern);
        }

        return $this->pattern->isSilentAfter($i) && ($this->said->lastSame($day) ?? -INF) <= $act
            ? $this->resumed($this->pattern->from($i))
            : $this->pattern->from($i);
    }

    /**
     * What goes on beside what is logged: acts that the log must have missed, and silence.
     *
     * @return list<Unlogged> in order of time, up to now
     */
    public function unlogged(): array
    {
        $all = [];
        foreach ($this->acts as $i => $act) {
            $next = $this->acts[$i + 1]->day ?? null;
            // A day that is not over may still bring its own.
            $end = (float) ($next ?? floor($this->now));
            $from = (float) $act->day + 1;
            $middle = ($act->day + $end) / 2;
            $rate = $this->at($next === null ? $this->now : $middle);
            $plan = $this->said->lastPlan($middle);
            $isPlanned = $plan !== null && $plan >= ($this->said->lastStop($middle) ?? -INF);
            if ($end <= $from || $rate->known === Known::Stated || $isPlanned) {
                continue;
            }
            $gap = $end - $act->day - $this->said->noneWithin((float) $act->day, $end)
                - ($this->pattern?->restsBetween($act->day, (int) ceil($end)) ?? 0);
            $every = $rate->every ?? Unlogged::LONG;
            if ($gap >= Unlogged::FROM * $every && $rate->perDay > 0.0) {
                $all[] = new Unlogged($from, $end, $rate->perDay * ($gap - $every) / ($end - $from), $rate);
            }
        }

        return $all;
    }

    /** How it went before it fell silent, if it did, and goes where it did not stop; null where that is not known. */
    public function usual(): ?Rate
    {
        return $this->pattern?->current->rate;
    }

    /** Days from one act to the next as it goes now; null where that is not known. */
    public function interval(): ?float
    {
        return $this->pattern?->current->interval;
    }

    /** @return list<Change> in order of time */
    public function changes(): array
    {
        return $this->pattern === null
            ? Changes::stated($this->said)
            : Changes::of($this->acts, $this->said, $this->pattern, $this->begin, $this->now, $this->asks);
    }

    /** @return array{bool, float} */
    private function silence(): array
    {
        $now = $this->pattern?->current;
        if ($now === null) {
            return [false, 0.0];
        }
        $last = $this->acts[count($this->acts) - 1]->day;
        $since = max($last, $this->said->lastSame($this->now) ?? $last);
        $days = $this->now - $since - $this->said->noneWithin($since, $this->now);
        if ($this->said->stopsWithin($since, $this->now) || ($this->said->lastPlan($this->now) ?? -INF) >= $last) {
            return [false, 0.0];
        }
        $interval = $this->pattern->active < 1.0 ? 1 / $this->pattern->active : $now->interval;
        $missed = (int) floor($days / ($interval * exp($this->pattern->often->spread)));
        $likely = $this->pattern->often->skips ** $missed;
        if ($missed < self::ASKED_INTERVALS || $days < self::ASKED_AFTER || $likely >= self::ASKED_LIKELY) {
            return [false, 0.0];
        }
        $lapsed = $this->manner->lapses * exp(-$days / self::SILENCE) + $likely * self::YEAR / $interval;

        return [true, $this->manner->stops / ($this->manner->stops + $lapsed)];
    }

    private function lastAct(float $day): ?int
    {
        [$low, $high] = [0, count($this->acts)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->acts[$middle]->day <= $day ? $low = $middle + 1 : $high = $middle;
        }

        return $low === 0 ? null : $low - 1;
    }

    /** Whether enough was logged under a plan, and else than it says. */
    private function isAgainst(int $plan, float $day): bool
    {
        $since = array_filter(
            $this->acts,
            static fn (DayActs $one): bool => $one->day >= $plan && $one->day <= $day,
        );
        $first = array_key_first($since);
        $last = array_key_last($since);
        if ($this->pattern === null || $first === null || count($since) < self::AGAINST_PLAN
            || $this->acts[$last]->day - $this->acts[$first]->day < self::PLAN_DAYS) {
            return false;
        }
        $logged = $this->pattern->from($last)->perDay;

        return abs($logged - $this->said->plans[$plan]) > self::PLAN_OFF * $this->said->plans[$plan];
    }

    private function beforeTheFirst(Pattern $pattern): Rate
    {
        $first = $pattern->from(0);

        return Changes::isStart($this->acts[0]->day, $this->begin, $pattern)
            ? new Rate(0.0, 0.0, $pattern->current->on, Known::Logged)
            : new Rate($first->perDay, min(0.0, $first->low), $first->high, Known::Unknown);
    }

    private function goesOn(Pattern $pattern): Rate
    {
        $rate = $pattern->current->rate;

        return ! $this->asks ? $rate : new Rate(
            $rate->perDay * (1 - $this->stopped),
            $this->stopped < self::STORY ? $rate->low : 0.0,
            $rate->high,
            Known::Presumed,
            $rate->every,
        );
    }

    /** In a silence that ended as it began. */
    private function resumed(Rate $rate): Rate
    {
        $stopped = $this->manner->stops / ($this->manner->stops + $this->manner->lapses);

        return new Rate($rate->perDay * (1 - $stopped), 0.0, $rate->perDay, Known::Presumed, $rate->every);
    }
}
