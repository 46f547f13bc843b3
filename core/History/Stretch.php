<?php

declare(strict_types=1);

namespace Ithys\History;

/** Acts or gaps that follow each other at one level. */
final readonly class Stretch
{
    /**
     * @param  int  $first  index of the first
     * @param  float  $mean  of acts the mean of the logarithms, of gaps the days from one act to the next
     */
    public function __construct(public int $first, public int $last, public float $mean)
    {
    }

    public function count(): int
    {
        return $this->last - $this->first + 1;
    }

    public function holds(int $index): bool
    {
        return $index >= $this->first && $index <= $this->last;
    }
}
