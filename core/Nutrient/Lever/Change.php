<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\InvalidLever;
use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Takes out what a stage holds, or a share of it; some may be spilled. */
final readonly class Change implements Lever
{
    public function __construct(public string $stage, private float $share = 1.0, private float $spilled = 0.0)
    {
    }

    public function turn(): int
    {
        return Turn::CHANGE;
    }

    public function act(Plant $plant): void
    {
        $stage = $plant->stages[$this->stage] ?? throw InvalidLever::notThere('stage', $this->stage);
        [$n, $p] = [$this->share * $stage->nitrogen, $this->share * $stage->phosphorus];
        $plant->out('changed', (1 - $this->spilled) * $n, (1 - $this->spilled) * $p);
        $plant->settled[0] += $this->spilled * $n;
        $plant->settled[1] += $this->spilled * $p;
        $stage->nitrogen -= $n;
        $stage->phosphorus -= $p;
        $stage->clogged = 1.0;
    }
}
