<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Quantity\Quantity;
use Ithys\Quantity\Unit;

/** A figure as written, with its unit where one was written. */
final readonly class WrittenAmount
{
    public function __construct(
        public float $number,
        public float $step,
        public ?Unit $unit,
        public bool $below,
        public bool $approximate,
        /** The figure as it stands in the line. */
        public string $written,
    ) {
    }

    public function in(?Unit $unit): self
    {
        return new self($this->number, $this->step, $unit, $this->below, $this->approximate, $this->written);
    }

    /** The one that "a" means. */
    public static function one(): self
    {
        return new self(1.0, 1.0, null, false, false, '1');
    }

    /** The amount in the base unit of its dimension; a bare figure takes the unit given. */
    public function base(Unit $bare): float
    {
        return Quantity::of($this->number, $this->unit ?? $bare)->base;
    }
}
