<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;

/** Between which ends what is read beside nitrate and phosphate usually lies; outside there is an alert. */
final class Bands
{
    /** What it is, its dimension, its ends, and within which they can be set. */
    private const FIGURES = [
        'nh4' => ['ammonia', Dimension::Concentration, [null, 0.1], [0.0, 5.0]],
        'temp' => ['temperature', Dimension::Temperature, [23.0, 28.0], [15.0, 35.0]],
        'sal' => ['salinity', Dimension::Salinity, [32.0, 37.0], [20.0, 42.0]],
        'alk' => ['alkalinity', Dimension::Alkalinity, [6.5, 12.0], [3.0, 20.0]],
        'ph' => ['pH', Dimension::Plain, [7.7, 8.6], [7.0, 9.2]],
    ];

    /** @return list<Assumption> */
    public static function all(): array
    {
        $all = [];
        foreach (self::FIGURES as $key => [$what, $dimension, $ends, [$least, $most]]) {
            foreach (['low' => ['lowest', $ends[0]], 'high' => ['highest', $ends[1]]] as $end => [$word, $value]) {
                if ($value !== null) {
                    $all[] = Assumption::estimate(
                        "band-{$key}-{$end}",
                        "Usual {$what}: {$word}",
                        $value,
                        $dimension,
                        'Common practice, from memory. Set your own where your animals want something else.',
                        $least,
                        $most,
                    );
                }
            }
        }

        return $all;
    }
}
