<?php

declare(strict_types=1);

namespace Ithys\Trial;

/** By how much readings of equal units differ: by the steps of the kit, and by the units themselves. */
final readonly class Scatter
{
    /** Rounding to steps scatters by a twelfth of their square. */
    private const ROUNDING = 12.0;

    public function __construct(
        /** Of the kit, in ppm. */
        public float $step,
        /** Standard deviation that units of an arm are expected to show at the end, ppm. */
        public float $units,
    ) {
    }

    /** The same with a finer kit. */
    public function finer(float $times): self
    {
        return new self($this->step / $times, $this->units);
    }

    /** Variance that rounding alone makes. */
    public function least(): float
    {
        return $this->step ** 2 / self::ROUNDING;
    }

    /** Standard deviation of a reading of a unit, ppm. */
    public function whole(): float
    {
        return sqrt($this->units ** 2 + $this->least());
    }
}
