<?php

declare(strict_types=1);

namespace Ithys\Learning;

use Ithys\History\Timeline\Observed;
use Ithys\Journal\Reading\Parameter;

/** How far a reading may be off, and how far the model, ppm. All figures are estimates of ours. */
final class Kit
{
    /** Days over which the model forgets how it was off. */
    public const MEMORY = 42.0;

    /** Step from which a kit counts as coarse; noise and share of the reading of a fine one and of a coarse one. */
    private const KITS = [
        'no3' => [2.0, [0.3, 0.06], [1.0, 0.12]],
        'po4' => [0.03, [0.012, 0.05], [0.02, 0.1]],
    ];

    /** Share of the level, and least. */
    private const MODEL = ['no3' => [0.14, 0.3], 'po4' => [0.12, 0.008]];

    /** Variance of a reading. */
    public static function variance(Observed $reading): float
    {
        [$coarse, $fine, $other] = self::KITS[$reading->parameter->value] ?? self::KITS['no3'];
        [$noise, $share] = $reading->step >= $coarse ? $other : $fine;

        // All that is known of one below a limit is that it is not above: it tells less than a figure does.
        return $reading->step ** 2 / 12 + $noise ** 2 + ($share * $reading->level) ** 2
            + ($reading->limit === null ? 0.0 : $reading->limit ** 2);
    }

    /** Standard deviation of the model at a level. */
    public static function model(Parameter $parameter, float $level): float
    {
        [$share, $least] = self::MODEL[$parameter->value] ?? self::MODEL['no3'];

        return $share * max(0.0, $level) + $least;
    }
}
