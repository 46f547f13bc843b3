<?php

declare(strict_types=1);

namespace Ithys\Target;

use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Between which levels a school wants one parameter. */
final readonly class TargetBand
{
    /** Levels in the base unit of the parameter; a keeper who crosses them has them put in order. */
    public float $low;

    public float $high;

    public function __construct(public Parameter $parameter, float $low, float $high)
    {
        $this->low = min($low, $high);
        $this->high = max($low, $high);
    }

    public function says(): Text
    {
        return Text::of(
            '{nutrient} {low} to {high}',
            nutrient: $this->parameter->label(),
            low: Quantity::ppm($this->low),
            high: Quantity::ppm($this->high),
        );
    }
}
