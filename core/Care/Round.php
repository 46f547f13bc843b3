<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Journal\ChoreWord\Chore;
use Ithys\Quantity\Text;

/** A chore of one tank: how often, when it was done last and when it is due. Days are those of {@see CalendarDay}. */
final readonly class Round implements Task
{
    /**
     * @param  list<string>  $items  of the path that it is of
     * @param  ?int  $last  day; null where it was never logged
     * @param  ?int  $due  day; null where that is not known: silence does not say that it is due
     * @param  ?int  $entry  that did it last
     * @param  ?Chore  $with  that takes its place when it is due next
     */
    public function __construct(
        public Chore $chore,
        public array $items,
        public Interval $interval,
        public float $minutes,
        public ?int $last,
        public ?int $due,
        public ?int $entry,
        public ?Chore $with = null,
    ) {
    }

    public function key(): string
    {
        return $this->chore->value;
    }

    public function label(): string
    {
        return $this->chore->label();
    }

    public function due(): ?int
    {
        return $this->due;
    }

    public function minutes(): float
    {
        return $this->minutes;
    }

    public function why(): Text
    {
        return $this->with === null ? $this->interval->why : Text::of(
            '{why}; this time {heavier} takes its place',
            why: $this->interval->why,
            heavier: mb_strtolower($this->with->label()),
        );
    }

    public function items(): array
    {
        return $this->items;
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
