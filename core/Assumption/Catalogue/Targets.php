<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;

/** The levels that each school of keepers wants, as we guess them: no practitioner gives figures. */
final class Targets
{
    /** Lowest and highest nitrate, then phosphate, ppm. */
    private const FIGURES = [
        'very-low' => ['Very low nutrient', [0.5, 3.0], [0.01, 0.04]],
        'balanced' => ['Balanced', [3.0, 10.0], [0.03, 0.1]],
        'heavy-in-out' => ['Heavy in, heavy out', [5.0, 20.0], [0.05, 0.15]],
    ];

    /** @return list<Assumption> */
    public static function all(): array
    {
        $all = [];
        foreach (self::FIGURES as $school => [$name, $nitrate, $phosphate]) {
            foreach (['no3' => ['nitrate', $nitrate, 100.0], 'po4' => ['phosphate', $phosphate, 2.0]] as $key => $of) {
                [$what, $ends, $most] = $of;
                foreach (['low' => ['lowest', $ends[0]], 'high' => ['highest', $ends[1]]] as $end => [$word, $value]) {
                    $all[] = Assumption::estimate(
                        "target-{$school}-{$key}-{$end}",
                        "{$name}: {$word} {$what}",
                        $value,
                        Dimension::Concentration,
                        'Our estimate, from memory; keepers of this school give no figures. Set your own.',
                        0.0,
                        $most,
                    );
                }
            }
        }

        return $all;
    }
}
