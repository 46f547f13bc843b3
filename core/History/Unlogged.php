<?php

declare(strict_types=1);

namespace Ithys\History;

/** Some days on which a routine went on, by all that is known, although nothing was logged of it. */
final readonly class Unlogged
{
    /** Intervals between acts from which some must have been missed, or the routine fell silent. */
    public const FROM = 1.5;

    /** Days that count as an interval where none is known. */
    public const LONG = 4.0;

    public function __construct(
        /** Days of the calendar. */
        public float $from,
        public float $to,
        /** What is taken to have been done beside the log. */
        public float $perDay,
        /** The routine on those days. */
        public Rate $rate,
    ) {
    }

    /** Whether it was silent for so long that it may have stopped. */
    public function isSilence(): bool
    {
        return $this->rate->known === Known::Presumed;
    }

    public function days(): float
    {
        return $this->to - $this->from;
    }
}
