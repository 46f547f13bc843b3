<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Animals that grow, by their weight. */
final readonly class Stock implements Lever
{
    public function __construct(private float $grams, private float $growthPerWeek = 0.0)
    {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        $plant->feeding->stock($this->grams, $this->growthPerWeek, $plant->day);
    }
}
