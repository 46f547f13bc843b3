<?php

declare(strict_types=1);

namespace Ithys\Effect;

use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\Entry;
use Ithys\Journal\Kind;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaRemoval\MediaRemoval;
use Ithys\Journal\Reading\Parameter;

/** What is asked: did this change move this nutrient, by the readings within so many days of it? */
final readonly class Question
{
    private const DAY = 86_400;

    /** Odds beforehand that a medium moves a nutrient which it is not known to move; our estimate. */
    private const UNKNOWN_TO_MOVE = 0.1;

    /** @var float the smallest change worth knowing, as a share of the level over four weeks */
    public float $wantedShare;

    /** Defaults as the tank has them. */
    public Assumptions $assumptions;

    /**
     * @param  Entry  $change  the lever change that is judged
     * @param  float  $litres  working volume on the day of the change
     * @param  int  $windowDays  days looked at on each side
     */
    public function __construct(
        public Entry $change,
        public Parameter $parameter,
        public float $litres,
        public DateTimeImmutable $now,
        public int $windowDays = 56,
        ?float $wantedShare = null,
        public AlsoChanged $also = new AlsoChanged,
        ?Assumptions $assumptions = null,
    ) {
        $this->assumptions = $assumptions ?? Assumptions::standard();
        $this->wantedShare = $wantedShare ?? $this->assumptions->value(Assumed::WantedShare);
    }

    public function covers(Entry $entry): bool
    {
        return $this->coversMoment($entry->at);
    }

    public function coversMoment(DateTimeImmutable $at): bool
    {
        $seconds = abs($at->getTimestamp() - $this->change->at->getTimestamp());

        return $seconds <= $this->windowDays * self::DAY && $at <= $this->now;
    }

    /** Days until a lever acts; 0 where it acts at once. */
    public function settlingDays(Kind $kind): float
    {
        return $this->settling($kind)->value ?? 0.0;
    }

    public function settling(Kind $kind): ?Assumption
    {
        $settling = $kind->lever()?->settling;

        return $settling === null ? null : $this->assumptions->of($settling);
    }

    /** Whether the change is a medium that is not known to move this nutrient. */
    public function isOfIdleMedium(): bool
    {
        $put = $this->change->payload;

        return ($put instanceof MediaCharge || $put instanceof MediaRemoval)
            && ! $put->medium->moves($this->parameter === Parameter::Phosphate);
    }

    /** Odds before anything is read that the change does something to this nutrient. */
    public function oddsBefore(): float
    {
        return $this->isOfIdleMedium() ? self::UNKNOWN_TO_MOVE : 1.0;
    }

    public function isChange(Entry $entry): bool
    {
        return $entry->id === null ? $entry == $this->change : $entry->id === $this->change->id;
    }

    /** Whether another charge of a phosphate medium still changes this nutrient around the change. */
    public function isWearing(Entry $entry): bool
    {
        if (
            $this->parameter !== Parameter::Phosphate
            || ! ($entry->payload instanceof MediaCharge)
            || ! $entry->payload->medium->bindsPhosphate()
        ) {
            return false;
        }
        $day = $entry->daysAfter($this->change->at);

        return $day >= -$this->assumptions->value(Assumed::MediaWear)
            && $day <= $this->windowDays
            && $entry->at <= $this->now
            && ! $this->isChange($entry);
    }
}
