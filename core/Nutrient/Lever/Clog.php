<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** A stage that lets more through for the rest of its turn. */
final readonly class Clog implements Lever
{
    public function __construct(private string $stage, private float $times)
    {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        $stage = $plant->stages[$this->stage] ?? throw InvalidLever::notThere('stage', $this->stage);
        $stage->clogged = $this->times;
    }
}
