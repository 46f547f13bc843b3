<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

/**
 * What a kit tells apart. It belongs to the kit, not to how a figure was written: a kit in steps of 5 shows 10 and 15,
 * whoever types them.
 *
 * Source: the method for calibration that ships with the project, section 8, item 2.
 */
final class KitStep
{
    /** Steps that kits have, ppm, the coarsest first; common practice. */
    private const STEPS = [
        'no3' => [50, 25, 10, 5, 2, 1, 0.5, 0.25, 0.2, 0.1],
        'po4' => [0.5, 0.25, 0.1, 0.05, 0.03, 0.02, 0.01, 0.005, 0.002, 0.001],
    ];

    /** Figures that tell it where three of them differ, where two do, and where all are one. */
    private const TELL = [1 => 4, 2 => 12, 3 => 8];

    /**
     * @param  list<float>  $figures  read with one kit, ppm; those below its limit left out
     * @param  float  $written  the finest step that they were written with
     */
    public static function of(Parameter $parameter, array $figures, float $written): float
    {
        $steps = self::STEPS[$parameter->value] ?? [];
        // A kit that shows nothing says nothing of its steps.
        $figures = array_values(array_filter($figures, static fn (float $one): bool => $one > 0.0));
        $different = count(array_unique(array_map(static fn (float $one): string => sprintf('%.6f', $one), $figures)));
        if ($different === 0 || count($figures) < self::TELL[min(3, $different)]) {
            return $written;
        }
        if ($different === 1) {
            return max($written, $figures[0]);
        }
        foreach ($steps as $step) {
            $isOf = array_filter(
                $figures,
                static fn (float $one): bool => abs($one / $step - round($one / $step)) > 1e-6,
            ) === [];
            if ($isOf) {
                return max($written, (float) $step);
            }
        }

        return $written;
    }
}
