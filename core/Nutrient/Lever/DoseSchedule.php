<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Organic carbon dosed a day from now on. */
final readonly class DoseSchedule implements Lever
{
    public function __construct(private string $source, private float $millilitresPerDay)
    {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        $plant->feeding->doses($this->source, $this->millilitresPerDay);
    }
}
