<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Days on which more or less is fed than planned; single meals stay as they are. */
final readonly class FeedException implements Lever
{
    public function __construct(private float $days, private float $times)
    {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        $plant->feeding->exception($this->days, $this->times, $plant->day);
    }
}
