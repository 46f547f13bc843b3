<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Lever;

use Ithys\Nutrient\Basin;
use Ithys\Nutrient\Lever;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Turn;

/**
 * Another volume of water or amount of rock from now on. Levels stay as they are: water that comes in has them, and
 * water that goes takes them along; a change of water that goes with it is a lever of its own.
 */
final readonly class Refit implements Lever
{
    public function __construct(private Basin $basin)
    {
    }

    public function turn(): int
    {
        return Turn::SETTING;
    }

    public function act(Plant $plant): void
    {
        $ground = $plant->ground();
        $water = $this->basin->litres / $plant->basin->litres - 1;
        [$n, $p] = [0.0, 0.0];
        foreach ([&$plant->inorganic, &$plant->organic] as &$pair) {
            [$n, $p] = [$n + $water * $pair[0], $p + $water * $pair[1]];
            $pair = [(1 + $water) * $pair[0], (1 + $water) * $pair[1]];
        }
        unset($pair);
        $n += $water * $plant->bacteria / $plant->carbonPer[0];
        $p += $water * $plant->bacteria / $plant->carbonPer[1];
        $plant->carbon *= 1 + $water;
        $plant->bacteria *= 1 + $water;
        $plant->basin = $this->basin;
        $rock = $ground > 0.0 ? $plant->rock * $plant->ground() / $ground : $plant->rock;
        $p += $rock - $plant->rock;
        $plant->rock = $rock;
        $plant->in('refit', $n, $p);
    }
}
