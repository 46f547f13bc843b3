<?php

declare(strict_types=1);

namespace Ithys\Flow;

/**
 * A gate valve that is partly closed: its loss coefficient by how far it is open.
 *
 * Between the handbook's four settings the logarithm of the coefficient runs straight. The values are estimates from
 * memory.
 */
final class Throttle
{
    /** Share open => K in velocity heads. */
    public const LOSS = [[0.25, 24.0], [0.5, 4.5], [0.75, 0.9], [1.0, 0.2]];

    /** The least opening that can be set, as a share. */
    public const LEAST = 0.05;

    /** Loss coefficient K of a valve that is open by a share, in velocity heads. */
    public static function loss(float $open): float
    {
        $open = min(1.0, max(self::LEAST, $open));
        // Below a quarter the first piece goes on.
        $i = min(2, max(0, (int) ceil(4 * $open) - 2));
        [$share, $loss] = self::LOSS[$i];

        return exp(log($loss) + ($open - $share) * 4 * (log(self::LOSS[$i + 1][1]) - log($loss)));
    }

    /** How far it has to be opened to cost this much, as a share; null where even the least opening does not. */
    public static function openFor(float $loss): ?float
    {
        return $loss > self::loss(self::LEAST)
            ? null
            : Bisection::root(static fn (float $open): float => $loss - self::loss($open), self::LEAST, 1.0);
    }
}
