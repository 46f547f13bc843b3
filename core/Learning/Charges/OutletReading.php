<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use Ithys\Journal\Outlet\Outlet;

/**
 * Phosphate before and after a reactor, with what the test and the flow leave open.
 *
 * Source: the method for charges that ships with the project, items 5 and 8; the errors are estimates of ours.
 */
final readonly class OutletReading
{
    /** Noise of a phosphate test, ppm, its share of the reading, and the step it is read to. */
    private const NOISE = 0.012;

    private const SHARE = 0.05;

    private const STEP = 0.004;

    /** Of what the model says is removed, that it may be off by beside. */
    private const MODEL = 0.25;

    /** Times the flow that is described, and how likely each is: ln normal with a spread of 0.35. */
    private const FLOWS = [0.5, 0.71, 1.0, 1.41, 2.0];

    private const FLOW_SPREAD = 0.35;

    public function __construct(
        public int $day,
        private float $in,
        private float $out,
        /** L a day through the reactor. */
        private float $flow,
    ) {
    }

    public static function of(int $day, Outlet $outlet, float $litresPerDay): self
    {
        return new self($day, $outlet->in, $outlet->out, $litresPerDay);
    }

    /** mg a day that the readings say, of either sign. */
    public function reads(): float
    {
        return $this->flow * ($this->in - $this->out);
    }

    /** mg a day that so many readings can tell apart at a flow and a level. */
    public static function resolves(float $litresPerDay, float $ppm, int $readings): float
    {
        return $litresPerDay * sqrt((2 * self::NOISE ** 2 + 2 * (self::SHARE * $ppm) ** 2) / max(1, $readings));
    }

    /**
     * How well readings agree with what a run removes then, as a log likelihood with heavy tails.
     *
     * @param  list<self>  $readings
     * @param  list<float>  $takes  mg a day, at each
     */
    public static function logLikelihood(array $readings, array $takes): float
    {
        $logs = [];
        foreach (self::FLOWS as $times) {
            $log = -log($times) ** 2 / (2 * self::FLOW_SPREAD ** 2);
            foreach ($readings as $n => $one) {
                $drop = min($takes[$n] / max(1e-9, $times * $one->flow), $one->in + 0.01);
                $variance = 2 * self::NOISE ** 2 + (self::SHARE * $one->in) ** 2 + (self::SHARE * $one->out) ** 2
                    + 2 * self::STEP ** 2 / 3 + (self::MODEL * $drop) ** 2;
                $log -= log($variance) / 2
                    + 2.5 * log(1 + ($one->in - $one->out - $drop) ** 2 / (4 * $variance));
            }
            $logs[] = $log;
        }
        $most = max($logs);

        return $most + log(array_sum(array_map(static fn (float $log): float => exp($log - $most), $logs)));
    }
}
