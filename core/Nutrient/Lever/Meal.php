<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** One meal, which the tank takes in over a day. */
final readonly class Meal implements Lever
{
    public function __construct(private string $food, private float $grams)
    {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        $plant->feeding->meal($this->food, $this->grams, $plant->day);
    }
}
