<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/** Takes out a share of what has settled. */
final readonly class Siphon implements Lever
{
    public function __construct(private float $share)
    {
    }

    public function turn(): int
    {
        return Turn::SIPHON;
    }

    public function act(Plant $plant): void
    {
        [$n, $p] = [$this->share * $plant->settled[0], $this->share * $plant->settled[1]];
        $plant->out('siphoned', $n, $p);
        $plant->settled[0] -= $n;
        $plant->settled[1] -= $p;
    }
}
