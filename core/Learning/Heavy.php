<?php

declare(strict_types=1);

namespace Ithys\Learning;

/**
 * Errors with heavy tails: a reading that the others do not believe is given a wider error.
 *
 * Source: the method for calibration that ships with the project, section 8, item 5; Lange, Little and Taylor 1989.
 */
final class Heavy
{
    /** Degrees of freedom of Student's t. */
    private const FREEDOM = 4;

    private const ROUNDS = 3;

    /** Squared errors from which a reading is a slip. */
    private const SLIP = 9.0;

    /**
     * @param  list<float>  $variances  of the noise of each
     * @param  callable(list<float>): list<array{float, float}>  $others  with such factors: by how much each stands off
     *   what the others say, and the variance of that without its own noise
     * @return list<float> on the variances, from 1 on
     */
    public static function factors(array $variances, callable $others): array
    {
        $factors = array_fill(0, count($variances), 1.0);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $factors = array_map(static function (array $one, float $noise): float {
                [$off, $variance] = $one;
                $square = $off ** 2 / ($variance + $noise);
                $factor = max(1.0, ($square + self::FREEDOM) / (self::FREEDOM + 1));

                return $square > self::SLIP ? max($factor, $off ** 2 / (2 * $noise)) : $factor;
            }, $others($factors), $variances);
        }

        return $factors;
    }
}
