<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Which unit has which arm, by lot: the same for the same seed. */
final class Placement
{
    /** @return array<string, int> number of the arm, by unit ("1", "2" ...) in the order they stand */
    public static function of(TrialPlan $plan, int $seed): array
    {
        $arms = [];
        foreach (array_keys($plan->arms) as $arm) {
            array_push($arms, ...array_fill(0, $plan->setup->units, $arm));
        }
        $drawn = (new Randomizer(new Mt19937($seed)))->shuffleArray($arms);
        $placed = [];
        foreach ($drawn as $n => $arm) {
            $placed['U'.($n + 1)] = $arm;
        }

        return $placed;
    }
}
