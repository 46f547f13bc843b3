<?php

declare(strict_types=1);

namespace Ithys\Assumption;

/** What a default may be set to, in the base unit of its dimension. */
final readonly class Range
{
    public function __construct(public float $least, public float $most)
    {
    }

    public function holds(float $value): bool
    {
        return $value >= $this->least && $value <= $this->most;
    }
}
