<?php

declare(strict_types=1);

namespace Ithys\History;

/** How a routine was done over its whole record: stretches of amounts and of intervals, and what goes on now. */
final readonly class Pattern
{
    /** Acts under which nothing is known. */
    private const FEWEST = 3;

    /** Weeks that days of rest are looked for in, and at least. */
    private const WEEKS = 12;

    private const WEEKS_LEAST = 4;

    /** Days between acts under which it is done daily. */
    private const DAILY = 1.6;

    /**
     * @param  non-empty-list<DayActs>  $acts
     * @param  list<?float>  $gaps
     */
    private function __construct(
        private array $acts,
        private array $gaps,
        private Manner $manner,
        public Amounts $amounts,
        public Gaps $often,
        /** @var list<int> days of a week, as days since 1970 modulo 7, on which it is not done */
        private array $rests,
        /** Share of the days of a week on which it is done, where it is done daily but on some; else 1. */
        public float $active,
        public Current $current,
    ) {
    }

    /**
     * @param  list<DayActs>  $acts  by day, one each
     * @return ?self null where there is too little to tell
     */
    public static function of(array $acts, Statements $said, Manner $manner, float $now): ?self
    {
        $gaps = self::gaps($acts, $said);
        $n = count($acts);
        if ($acts === [] || $n < self::FEWEST || array_filter($gaps, is_float(...)) === []) {
            return null;
        }
        $days = array_map(static fn (DayActs $one): int => $one->day, $acts);
        $change = log(max(26.0, 365 * $n / max(28, $days[$n - 1] - $days[0]))) + 1;
        $logs = array_map(static fn (DayActs $one): float => log($one->amount), $acts);
        $amounts = Amounts::of($logs, $days, $now, $change);
        $often = Gaps::of($gaps, $change);
        $last = $often->stretches[count($often->stretches) - 1];
        $rests = $last->mean < self::DAILY ? self::restDays($days) : [];
        $active = 1 - count($rests) / 7;

        return new self(
            $acts,
            $gaps,
            $manner,
            $amounts,
            $often,
            $rests,
            $active,
            new Current($acts, $gaps, $amounts, $often, $now, $change, $manner, $active),
        );
    }

    /**
     * @param  list<DayActs>  $acts
     * @return list<?float> days from each act to the next, without those stated to hold none; null across a stop
     */
    private static function gaps(array $acts, Statements $said): array
    {
        $gaps = [];
        for ($i = 1; $i < count($acts); $i++) {
            [$from, $to] = [$acts[$i - 1]->day, $acts[$i]->day];
            $gaps[] = $said->stopsWithin($from, $to)
                ? null
                : max(0.5, $to - $from - $said->noneWithin($from, $to));
        }

        return $gaps;
    }

    /**
     * On which days of a week it is not done, by the last weeks.
     *
     * @param  non-empty-list<int>  $days
     * @return list<int>
     */
    private static function restDays(array $days): array
    {
        $last = $days[count($days) - 1];
        $first = max($days[0], $last - 7 * self::WEEKS + 1);
        $weeks = ($last - $first + 1) / 7;
        if ($weeks < self::WEEKS_LEAST) {
            return [];
        }
        $logged = $all = array_fill(0, 7, 0);
        for ($day = $first; $day <= $last; $day++) {
            $all[($day % 7 + 7) % 7]++;
        }
        foreach ($days as $day) {
            $logged[($day % 7 + 7) % 7] += $day >= $first ? 1 : 0;
        }
        $rests = array_filter(range(0, 6), static fn (int $one): bool => $logged[$one] <= 0.1 * $all[$one]);
        $others = array_diff(range(0, 6), $rests);
        $share = array_sum(array_intersect_key($logged, array_flip($others)))
            / max(1, array_sum(array_intersect_key($all, array_flip($others))));

        return $share >= 0.6 && (1.05 - $share) ** $weeks < 0.01 ? array_values($rests) : [];
    }

    /** What went on from an act on; the latest stretch counts its acts by their age. */
    public function from(int $act): Rate
    {
        $amount = self::holding($this->amounts->stretches, $act);
        $often = self::holding($this->often->stretches, min($act, count($this->gaps) - 1));
        if ($amount === count($this->amounts->stretches) - 1 && $often === count($this->often->stretches) - 1) {
            $now = $this->current;

            return new Rate(
                $now->rate->perDay,
                min($now->real, $now->rate->perDay),
                $now->rate->perDay,
                Known::Logged,
                $now->interval,
            );
        }
        $stretch = $this->amounts->stretches[$amount];
        $each = 0.0;
        for ($i = $stretch->first; $i <= $stretch->last; $i++) {
            $each += Current::held(log($this->acts[$i]->amount), $stretch->mean, $this->amounts->spread);
        }
        $each *= Current::forgotten(array_slice($this->acts, $stretch->first, $stretch->count())) / $stretch->count();
        $gaps = $this->often->stretches[$often];
        $known = [];
        for ($i = $gaps->first; $i <= $gaps->last; $i++) {
            if (($this->often->parts[$i] ?? 0) > 0) {
                $known[] = (float) $this->gaps[$i];
            }
        }
        $on = $each / $gaps->mean;
        $real = $known === [] ? $on : min($on, $each * count($known) / array_sum($known));
        $mixed = $this->manner->done * $on + (1 - $this->manner->done) * $real;

        return new Rate($mixed, $real, $mixed, Known::Logged, $gaps->mean);
    }

    /** How many days between two are days of rest. */
    public function restsBetween(int $from, int $to): int
    {
        $count = 0;
        for ($day = $from + 1; $day < $to && $this->rests !== []; $day++) {
            $count += in_array(($day % 7 + 7) % 7, $this->rests, true) ? 1 : 0;
        }

        return $count;
    }

    /** Whether nothing was logged for so long after an act that nobody knows what was done. */
    public function isSilentAfter(int $act): bool
    {
        return in_array($act, $this->often->silences, true);
    }

    /** @param  list<Stretch>  $stretches */
    private static function holding(array $stretches, int $index): int
    {
        foreach ($stretches as $at => $stretch) {
            if ($index <= $stretch->last) {
                return $at;
            }
        }

        return count($stretches) - 1;
    }
}
