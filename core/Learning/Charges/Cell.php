<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

/** One way in which a charge may have gone, with how probable it is beforehand. */
final readonly class Cell
{
    /**
     * @param  float  $capacity  times what its medium holds, as a log
     * @param  float  $speed  times how fast water reaches it, as a log
     * @param  float  $prior  log of how probable it is
     */
    public function __construct(public float $capacity, public float $speed, public float $prior, public Run $run)
    {
    }
}
