<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Element;
use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Replaces some of the water, at once. */
final readonly class WaterChange implements Lever
{
    public function __construct(
        private ?float $litres = null,
        private ?float $share = null,
        /** What the new water holds, ppm; null for what is assumed. */
        private ?float $nitrate = null,
        private ?float $phosphate = null,
    ) {
    }

    public function turn(): int
    {
        return Turn::WATER_CHANGE;
    }

    public function act(Plant $plant): void
    {
        $share = min(1.0, $this->share ?? ($this->litres ?? 0.0) / $plant->basin->litres);
        $new = [
            $this->nitrate ?? $plant->parameters->value('new_no3'),
            $this->phosphate ?? $plant->parameters->value('new_po4'),
        ];
        $gone = [0.0, 0.0];
        $come = [0.0, 0.0];
        foreach (Element::cases() as $x => $element) {
            $gone[$x] = $share * ($plant->organic[$x] + $plant->inorganic[$x]
                + $plant->bacteria / $plant->carbonPer[$x]);
            $come[$x] = $share * $plant->basin->litres * $new[$x] / $element->ion();
            $plant->organic[$x] *= 1 - $share;
            $plant->inorganic[$x] = $plant->inorganic[$x] * (1 - $share) + $come[$x];
        }
        $plant->carbon *= 1 - $share;
        $plant->bacteria *= 1 - $share;
        $plant->out('water', ...$gone);
        $plant->in('new_water', ...$come);
    }
}
