<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use Ithys\Media\Medium;

/** A charge as it was put in, by the journal. */
final readonly class Placed
{
    public function __construct(
        /** As the model calls it. */
        public string $charge,
        public Medium $medium,
        public float $grams,
        /** The mark of its item of the path, or a name of its own. */
        public string $vessel,
        /** Days from the start. */
        public float $from,
        /** Null while it is in. */
        public ?float $to,
        /** The entry of the journal. */
        public int $entry,
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
            $this->vessel,
            $this->from,
            $day,
            $this->entry,
            $this->litresPerHour,
        );
    }
}
