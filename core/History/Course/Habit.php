<?php

declare(strict_types=1);

namespace Ithys\History\Course;

use DateTimeImmutable;
use Ithys\Journal\Entry;

/** Something that is done again and again: how often, and how much each time. */
final readonly class Habit
{
    public function __construct(
        /** Days; null where it is not done. */
        public ?float $every,
        public float $amount = 1.0,
    ) {
    }

    /**
     * As it was done of late.
     *
     * @param  list<Entry>  $recent  in order of time
     * @param  float  $back  days that they go back
     * @param  callable(Entry): ?float  $amount  null for what is something else
     */
    public static function of(array $recent, DateTimeImmutable $now, float $back, callable $amount): self
    {
        $days = $amounts = [];
        foreach ($recent as $entry) {
            $one = $amount($entry);
            if ($one !== null) {
                $days[] = $entry->daysAfter($now);
                $amounts[] = $one;
            }
        }
        $n = count($days);
        if ($n < 2) {
            return new self($n === 0 ? null : $back / 2, $amounts[0] ?? 0.0);
        }
        sort($amounts);

        return new self(max(0.5, ($days[$n - 1] - $days[0]) / ($n - 1)), $amounts[intdiv($n, 2)]);
    }

    /** @return list<float> the days on which it is done, from a day on */
    public function days(float $from, float $days): array
    {
        $times = [];
        for ($day = $this->every ?? INF; $day <= $days; $day += $this->every) {
            $times[] = $from + $day;
        }

        return $times;
    }
}
