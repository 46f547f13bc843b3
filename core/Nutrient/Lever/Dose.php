<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** One dose of organic carbon, which the tank takes in over a day. */
final readonly class Dose implements Lever
{
    public function __construct(private string $source, private float $millilitres)
    {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        $plant->feeding->dose($this->source, $this->millilitres, $plant->day);
    }
}
