<?php

declare(strict_types=1);

namespace Ithys\Effect;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge;
use Ithys\Quantity\UnitSystem;
use Ithys\Water\Nutrient;

/** What is asked: did this change move this nutrient, by the readings within so many days of it? */
final readonly class Question
{
    /** @var float the smallest change worth knowing, as a share of the level over four weeks */
    public float $wantedShare;

    /**
     * @param  Entry  $change  the lever change that is judged
     * @param  float  $litres  working volume on the day of the change
     * @param  int  $windowDays  days looked at on each side
     * @param  list<DateTimeImmutable>  $tankChanges  days on which a new description of the tank or a new path came
     *   into force
     */
    public function __construct(
        public Entry $change,
        public Nutrient $nutrient,
        public float $litres,
        public DateTimeImmutable $now,
        /** Units of what is said. */
        public UnitSystem $units,
        public int $windowDays = 56,
        ?float $wantedShare = null,
        public array $tankChanges = [],
    ) {
        $this->wantedShare = $wantedShare ?? Assumptions::wantedShare()->value;
    }

    public function covers(Entry $entry): bool
    {
        return abs($entry->daysAfter($this->change->at)) <= $this->windowDays && $entry->at <= $this->now;
    }

    public function isChange(Entry $entry): bool
    {
        return $entry->id === null ? $entry == $this->change : $entry->id === $this->change->id;
    }

    /** Whether another charge of a phosphate medium still changes this nutrient around the change. */
    public function isWearing(Entry $entry): bool
    {
        if (
            $this->nutrient !== Nutrient::Phosphate
            || ! ($entry->payload instanceof MediaCharge)
            || ! $entry->payload->medium->bindsPhosphate()
        ) {
            return false;
        }
        $day = $entry->daysAfter($this->change->at);

        return $day >= -Assumptions::mediaWear()->value
            && $day <= $this->windowDays
            && $entry->at <= $this->now
            && ! $this->isChange($entry);
    }
}
