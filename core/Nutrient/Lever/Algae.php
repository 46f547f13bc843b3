<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Culture;
use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Sets the light over a culture and adds to it; what is not given stays. */
final readonly class Algae implements Lever
{
    public function __construct(
        private string $culture,
        private ?float $watts = null,
        private ?float $hours = null,
        private ?float $daysPerWeek = null,
        private ?float $dim = null,
        private float $addGrams = 0.0,
    ) {
    }

    public function turn(): int
    {
        return Turn::ALGAE;
    }

    public function act(Plant $plant): void
    {
        $culture = $plant->cultures[$this->culture] ??= new Culture;
        $culture->watts = $this->watts ?? $culture->watts;
        $culture->hours = $this->hours ?? $culture->hours;
        $culture->daysPerWeek = $this->daysPerWeek ?? $culture->daysPerWeek;
        $culture->dim = $this->dim ?? $culture->dim;
        $culture->grams += $this->addGrams;
        $plant->in('algae_added', $this->addGrams * $plant->tissue[0], $this->addGrams * $plant->tissue[1]);
    }
}
