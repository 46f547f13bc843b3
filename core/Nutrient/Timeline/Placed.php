<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Timeline;

use Ithys\Journal\MediaCharge\Place;
use Ithys\Media\Medium;

/** A charge as it was put in, by the journal. */
final readonly class Placed
{
    public function __construct(
        /** As the model calls it. */
        public string $charge,
        public Medium $medium,
        public float $grams,
        public Place $place,
        /** The mark of its item of the path, or a name of its own. */
        public string $vessel,
        /** The item it is in, as it was called; null where none was named. */
        public ?string $in,
        /** Days from the start. */
        public float $from,
        /** Null while it is in. */
        public ?float $to,
        /** The entry of the journal. */
        public int $entry,
        /** Days that it is meant to stay; null where it stays until it is spent. */
        public ?float $days,
        /** L/h through its vessel; null where nothing says it. */
        public ?float $litresPerHour,
    ) {
    }

    public function until(float $day): self
    {
        return new self(
            $this->charge,
            $this->medium,
            $this->grams,
            $this->place,
            $this->vessel,
            $this->in,
            $this->from,
            $day,
            $this->entry,
            $this->days,
            $this->litresPerHour,
        );
    }
}
