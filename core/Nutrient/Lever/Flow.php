<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Sets the flow, volumes an hour; what is not given stays. */
final readonly class Flow implements Lever
{
    public function __construct(private ?float $turnover = null, private ?float $displayTurnover = null)
    {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        $plant->turnover = $this->turnover ?? $plant->turnover;
        $plant->displayTurnover = $this->displayTurnover ?? $plant->displayTurnover;
    }
}
