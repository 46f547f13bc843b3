<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Ithys\Quantity\Dimension;

/** What is known of a parameter beforehand. All figures are in the base unit of its dimension. */
final readonly class ParameterFacts
{
    /**
     * @param  float  $perElement  mass of the ion that holds one mass unit of its element; 1 where it has no basis
     * @param  array{float, float}  $believable  least and most that can still be a reef tank and not a slip of the pen
     * @param  array{float, float}  $usual  what a tank that lives has; common practice, generously drawn
     * @param  float  $resolution  the step an ordinary kit tells apart; an estimate from memory
     * @param  float  $axisTop  the least that the top of its axis stands for
     * @param  int  $decimals  that its figures are told apart by
     */
    public function __construct(
        public string $label,
        public Dimension $dimension,
        public float $perElement,
        public array $believable,
        public array $usual,
        public float $resolution,
        public float $axisTop,
        public int $decimals,
    ) {
    }
}
