<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

/** A charge run by the day, from the day it went in. */
final readonly class Run
{
    /**
     * @param  list<float>  $takes  mg by day
     * @param  list<float>  $shares  of what a fresh one would take, over the week before, by day
     * @param  ?int  $exhausted  days after it went in; null where it is not within the time that is run
     * @param  float  $fresh  mg a day that a fresh one would take at the end
     * @param  float  $room  mg that it can hold at the level of the end
     * @param  bool  $isBypassed  whether water bypasses it by the end
     * @param  float  $reach  times the contact it should have, at the end
     */
    public function __construct(
        public array $takes,
        public array $shares,
        public float $held,
        public ?int $exhausted,
        public float $fresh,
        public float $room,
        public bool $isBypassed,
        public float $reach,
    ) {
    }
}
