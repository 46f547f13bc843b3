<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Takes algae out: so many g dry, or a share. */
final readonly class Harvest implements Lever
{
    public function __construct(
        private string $culture,
        private ?float $gramsDry = null,
        private ?float $share = null,
    ) {
    }

    public function turn(): int
    {
        return Turn::HARVEST;
    }

    public function act(Plant $plant): void
    {
        $culture = $plant->cultures[$this->culture] ?? throw InvalidLever::notThere('culture', $this->culture);
        $grams = min($culture->grams, $this->gramsDry ?? ($this->share ?? 0.0) * $culture->grams);
        $culture->grams -= $grams;
        $plant->out('harvested', $grams * $plant->tissue[0], $grams * $plant->tissue[1]);
    }
}
