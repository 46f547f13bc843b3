<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Another flow through a vessel of media from now on. */
final readonly class VesselFlow implements Lever
{
    public function __construct(private string $vessel, private ?float $litresPerHour)
    {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        foreach ($plant->charges as $charge) {
            if ($charge->vessel === $this->vessel) {
                $charge->flow = $this->litresPerHour;
            }
        }
    }
}
