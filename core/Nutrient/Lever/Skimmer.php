<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Sets the skimmer; what is not given stays. */
final readonly class Skimmer implements Lever
{
    public function __construct(
        private ?bool $isOn = null,
        /** Of the organics that turn over. */
        private ?float $share = null,
        private ?float $offHoursPerDay = null,
    ) {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        $plant->skimmerOn = $this->isOn ?? $plant->skimmerOn;
        $plant->skimmerShare = $this->share ?? $plant->skimmerShare;
        $plant->skimmerOffHours = $this->offHoursPerDay ?? $plant->skimmerOffHours;
    }
}
