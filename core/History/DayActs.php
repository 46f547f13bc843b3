<?php

declare(strict_types=1);

namespace Ithys\History;

/** What was logged of a routine on one calendar day, all together. */
final readonly class DayActs
{
    /**
     * @param  int  $day  of the keeper's calendar, counted so that its remainder by seven is its weekday
     * @param  float  $amount  above zero, in the unit of the lever
     * @param  int  $count  how many entries
     */
    public function __construct(public int $day, public float $amount, public int $count = 1)
    {
    }
}
