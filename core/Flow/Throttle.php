<?php

declare(strict_types=1);

namespace Ithys\Flow;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;

/**
 * A gate valve that is partly closed: its loss coefficient by how far it is open.
 *
 * Between the handbook's four settings the logarithm of the coefficient runs straight.
 */
final readonly class Throttle
{
    /** The least opening that can be set, as a share. */
    public const LEAST = 0.05;

    /** @var array{array{float, float}, array{float, float}, array{float, float}, array{float, float}} share open, K */
    public array $settings;

    public function __construct(Assumptions $assumptions)
    {
        $this->settings = [
            [0.25, $assumptions->value(Assumed::ValveQuarter)],
            [0.5, $assumptions->value(Assumed::ValveHalf)],
            [0.75, $assumptions->value(Assumed::ValveMost)],
            [1.0, Fitting::GateValve->loss($assumptions)],
        ];
    }

    /** Loss coefficient K of a valve that is open by a share, in velocity heads. */
    public function loss(float $open): float
    {
        $open = min(1.0, max(self::LEAST, $open));
        // Below a quarter the first piece goes on.
        $i = min(2, max(0, (int) ceil(4 * $open) - 2));
        [$share, $loss] = $this->settings[$i];

        return exp(log($loss) + ($open - $share) * 4 * (log($this->settings[$i + 1][1]) - log($loss)));
    }

    /** How far it has to be opened to cost this much, as a share; null where even the least opening does not. */
    public function openFor(float $loss): ?float
    {
        return $loss > $this->loss(self::LEAST)
            ? null
            : Bisection::root(fn (float $open): float => $loss - $this->loss($open), self::LEAST, 1.0);
    }
}
