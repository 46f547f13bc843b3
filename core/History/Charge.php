<?php

declare(strict_types=1);

namespace Ithys\History;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\MediaCharge\Terms;
use Ithys\Journal\MediaRemoval\MediaRemoval;
use Ithys\Media\Medium;

/** One filling of a medium in one vessel, from the moment it went in to the moment it came out. */
final readonly class Charge
{
    private function __construct(
        /** Its entry in the journal; where it is not saved yet, its place among those asked about. */
        public int $entry,
        public MediaCharge $filling,
        public DateTimeImmutable $from,
        /** Null while it is in. */
        public ?DateTimeImmutable $to = null,
        public ?ChargeEnd $end = null,
    ) {
    }

    /**
     * Every charge, in order of time. A fresh one takes the place of the same medium in the same vessel, unless it tops
     * that up.
     *
     * @param  iterable<Entry>  $entries  in order of time
     * @return list<self>
     */
    public static function all(iterable $entries): array
    {
        $charges = [];
        $number = 0;
        foreach ($entries as $entry) {
            $payload = $entry->payload;
            if (! $payload instanceof MediaCharge && ! $payload instanceof MediaRemoval) {
                continue;
            }
            foreach ($charges as $n => $one) {
                if ($one->isIn() && $one->endsBy($payload)) {
                    $charges[$n] = new self($one->entry, $one->filling, $one->from, $entry->at, match (true) {
                        $payload instanceof MediaRemoval => ChargeEnd::TakenOut,
                        default => ChargeEnd::Renewed,
                    });
                }
            }
            if ($payload instanceof MediaCharge) {
                $charges[] = new self($entry->id ?? --$number, $payload, $entry->at);
            }
        }

        return $charges;
    }

    /**
     * Those of them that are in at a moment.
     *
     * @param  list<self>  $charges
     * @return list<self>
     */
    public static function in(array $charges, ?DateTimeImmutable $at = null): array
    {
        return array_values(array_filter($charges, static fn (self $one): bool => $one->isIn($at)));
    }

    /** Whether it is in: still, or at a moment. */
    public function isIn(?DateTimeImmutable $at = null): bool
    {
        return $at === null ? $this->to === null : $this->from <= $at && ($this->to === null || $this->to > $at);
    }

    public function medium(): Medium
    {
        return $this->filling->medium;
    }

    /** Where it meets the water; a bag where nothing says it. */
    public function place(): Place
    {
        return $this->filling->place ?? Place::Bag;
    }

    /** The mark of its item of the path, or a name of its own for a vessel that is not on it. */
    public function vessel(): string
    {
        return $this->filling->item ?? "{$this->place()->value} {$this->medium()->value}";
    }

    /** Its vessel in words; empty where nobody said it. */
    public function where(): string
    {
        return $this->filling->itemName ?? $this->filling->place->value ?? '';
    }

    /** What it weighs; by the density of its medium where it was measured by volume. */
    public function grams(Assumptions $assumptions): float
    {
        return $this->filling->weight($assumptions);
    }

    /** Of the time that it is in, on how much it is in the water. */
    public function share(): float
    {
        return $this->filling->daysPerWeek / Terms::WEEK;
    }

    /** Days that it was in, up to a moment while it still is. */
    public function days(DateTimeImmutable $now): float
    {
        return (($this->to ?? $now)->getTimestamp() - $this->from->getTimestamp()) / 86_400;
    }

    /** What the log takes for taking it out. */
    public function removal(): MediaRemoval
    {
        return MediaRemoval::from($this->filling);
    }

    private function endsBy(MediaCharge|MediaRemoval $next): bool
    {
        return match (true) {
            $this->medium() !== $next->medium => false,
            $next instanceof MediaRemoval => $next->isFrom($this->filling),
            $next->isTopUp => false,
            default => (new self(0, $next, $this->from))->vessel() === $this->vessel(),
        };
    }
}
