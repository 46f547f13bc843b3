<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Quantity\Text;

/** A medium that is to be renewed, by the forecast of its charge. */
final readonly class MediumRenewal implements Task
{
    /**
     * @param  int  $entry  of the charge
     * @param  int  $likely  day
     * @param  ?int  $soonest  day; null where the forecast has no range
     * @param  list<string>  $items  of the path that it is in
     */
    public function __construct(
        public int $entry,
        private string $medium,
        private int $likely,
        private ?int $soonest,
        private ?int $latest,
        private float $minutes,
        private array $items,
        /** Day of work on which it is done; null for the likely day itself. */
        private ?int $due = null,
    ) {
    }

    public function key(): string
    {
        return "media {$this->entry}";
    }

    public function label(): string
    {
        return "Renew {$this->medium}";
    }

    public function due(): int
    {
        return $this->due ?? $this->likely;
    }

    public function minutes(): float
    {
        return $this->minutes;
    }

    public function why(): Text
    {
        $written = CalendarDay::written(...);

        return Text::of(
            $this->soonest === null || $this->latest === null
                ? 'By the forecast of its charge: exhausted about {likely}'
                : 'By the forecast of its charge: exhausted about {likely} ({soonest} to {latest})',
            likely: $written($this->likely),
            soonest: $written($this->soonest ?? 0),
            latest: $written($this->latest ?? 0),
        );
    }

    public function items(): array
    {
        return $this->items;
    }
}
