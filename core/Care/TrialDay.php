<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Quantity\Text;

/** A day on which a trial is read, or something is switched in it. */
final readonly class TrialDay implements Task
{
    /**
     * @param  int  $due  day
     * @param  int  $day  of the trial
     */
    public function __construct(
        public int $trial,
        /** Under which it is listed. */
        public int $system,
        private string $question,
        private int $due,
        private int $day,
        private float $minutes,
        /** What is switched, such as "Rubble: switch on"; null where it is read. */
        private ?string $switch = null,
        /** @var list<int> days after it on which the same is planned */
        private array $further = [],
    ) {
    }

    public function key(): string
    {
        return "trial {$this->trial}".($this->switch === null ? '' : " switch {$this->day}");
    }

    public function label(): string
    {
        return $this->switch ?? 'Read the trial';
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

    /** @return list<int> days after it on which the same is planned */
    public function further(): array
    {
        return $this->further;
    }
}
