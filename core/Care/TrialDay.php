<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Quantity\Text;

/** A day on which all units of a trial are read. */
final readonly class TrialDay implements Task
{
    /**
     * @param  int  $due  day
     * @param  int  $day  of the trial
     */
    public function __construct(
        public int $trial,
        private string $question,
        private int $due,
        private int $day,
        private float $minutes,
    ) {
    }

    public function key(): string
    {
        return "trial {$this->trial}";
    }

    public function label(): string
    {
        return 'Read the trial';
    }

    public function due(): int
    {
        return $this->due;
    }

    public function minutes(): float
    {
        return $this->minutes;
    }

    public function why(): Text
    {
        return Text::of('{question} Day {day} of its plan', question: $this->question, day: $this->day);
    }

    public function items(): array
    {
        return [];
    }
}
