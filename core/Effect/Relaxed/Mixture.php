<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

use Ithys\Statistics\StudentT;

/** What several models together say of one figure: Student's t of each, by their weights (Hoeting et al. 1999). */
final readonly class Mixture
{
    private const NEGLIGIBLE = 1e-4;

    /** @param  non-empty-list<array{weight: float, estimate: float, error: float, freedom: int}>  $parts */
    public function __construct(private array $parts)
    {
    }

    public function estimate(): float
    {
        return array_sum(array_map(
            static fn (array $part): float => $part['weight'] * $part['estimate'],
            $this->parts,
        )) / array_sum(array_column($this->parts, 'weight'));
    }

    public function variance(): float
    {
        $square = $weights = 0.0;
        foreach ($this->parts as ['weight' => $weight, 'estimate' => $estimate, 'error' => $error, 'freedom' => $df]) {
            // Of Student's t; one of so few degrees has none, and is taken for three.
            $square += $weight * ($estimate ** 2 + $error ** 2 * max(3, $df) / (max(3, $df) - 2));
            $weights += $weight;
        }

        return max(1e-300, $square / $weights - $this->estimate() ** 2);
    }

    /** Twice the share on the side of nothing that has less: how easily nothing would look like this. */
    public function chance(): float
    {
        $below = $this->probability(0.0);

        return 2 * min($below, 1 - $below);
    }

    public function interval(): Interval
    {
        return new Interval($this->estimate(), $this->quantile(0.025), $this->quantile(0.975));
    }

    private function probability(float $figure): float
    {
        $sum = $weights = 0.0;
        foreach ($this->parts as ['weight' => $weight, 'estimate' => $estimate, 'error' => $error, 'freedom' => $df]) {
            if ($weight >= self::NEGLIGIBLE) {
                $sum += $weight * StudentT::withDegreesOfFreedom($df)->probability(($figure - $estimate) / $error);
                $weights += $weight;
            }
        }

        return $sum / $weights;
    }

    /** By false position, with the Illinois rule so that neither end sticks. */
    private function quantile(float $probability): float
    {
        $spread = max(array_column($this->parts, 'error'));
        $middle = $this->estimate();
        $low = $middle - 2 * $spread;
        $high = $middle + 2 * $spread;
        for ($reach = 2 * $spread; $this->probability($low) > $probability; $reach *= 2) {
            $low -= $reach;
        }
        for ($reach = 2 * $spread; $this->probability($high) < $probability; $reach *= 2) {
            $high += $reach;
        }
        $atLow = $this->probability($low) - $probability;
        $atHigh = $this->probability($high) - $probability;
        $side = 0;
        for ($turn = 0; $turn < 60 && $high - $low > 1e-7 * $spread; $turn++) {
            $next = $atHigh - $atLow <= 0.0
                ? ($low + $high) / 2
                : ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            $at = $this->probability($next) - $probability;
            if (abs($at) < 1e-8) {
                return $next;
            }
            if ($at > 0.0) {
                [$high, $atHigh] = [$next, $at];
                $atLow = $side === 1 ? $atLow / 2 : $atLow;
                $side = 1;
            } else {
                [$low, $atLow] = [$next, $at];
                $atHigh = $side === -1 ? $atHigh / 2 : $atHigh;
                $side = -1;
            }
        }

        return ($low + $high) / 2;
    }
}
