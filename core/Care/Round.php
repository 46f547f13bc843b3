<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Journal\ChoreWord\Chore;

/** A chore of one tank: how often, when it was done last and when it is due. Days are those of {@see CalendarDay}. */
final readonly class Round
{
    /**
     * @param  list<string>  $items  of the path that it is of
     * @param  ?int  $last  day; null where it was never logged
     * @param  ?int  $due  day; null where that is not known: silence does not say that it is due
     * @param  ?int  $entry  that did it last
     */
    public function __construct(
        public Chore $chore,
        public array $items,
        public Interval $interval,
        public float $minutes,
        public ?int $last,
        public ?int $due,
        public ?int $entry,
    ) {
    }

    public function isDone(int $today): bool
    {
        return $this->last === $today && ($this->due === null || $this->due > $today);
    }

    public function isDue(int $today): bool
    {
        return $this->due !== null && $this->due <= $today;
    }

    public function when(int $today): string
    {
        return self::told($this->due, $today);
    }

    /**
     * "due today", "2 days late", "tomorrow", "in 5 days".
     *
     * @param  ?int  $due  day; null where it is not known
     */
    public static function told(?int $due, int $today): string
    {
        $days = ($due ?? $today) - $today;

        return match (true) {
            $due === null => 'not logged yet',
            $days === 0 => 'due today',
            $days === -1 => '1 day late',
            $days < 0 => -$days.' days late',
            $days === 1 => 'tomorrow',
            default => "in {$days} days",
        };
    }
}
