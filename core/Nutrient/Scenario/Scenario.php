<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Scenario;

use Ithys\Nutrient\Act;
use Ithys\Nutrient\Basin;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Simulation;
use Ithys\Nutrient\Start;

/** A tank, how it starts and what is done to it: all that a run of the model needs. */
final readonly class Scenario
{
    /** @param  list<Act>  $acts */
    public function __construct(
        public string $name,
        public float $days,
        public Basin $basin,
        public Start $start,
        public Parameters $parameters,
        public array $acts,
    ) {
    }

    public function simulation(float $tolerance = 1e-6): Simulation
    {
        return new Simulation($this->basin, $this->start, $this->parameters, $this->acts, $tolerance);
    }
}
