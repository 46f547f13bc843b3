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

    /** @param  float  $share  of all that lies in it */
    public function interval(float $share = 0.95): Interval
    {
        $beyond = (1 - $share) / 2;

        return new Interval($this->estimate(), $this->quantile($beyond), $this->quantile(1 - $beyond));
    }

    private function probability(float $figure): float
    {
        return $this->at($figure)[0];
    }

    /** @return array{float, float} what lies below a figure, and how densely it lies there */
    private function at(float $figure): array
    {
        $below = $dense = $weights = 0.0;
        foreach ($this->parts as ['weight' => $weight, 'estimate' => $estimate, 'error' => $error, 'freedom' => $df]) {
            if ($weight >= self::NEGLIGIBLE) {
                $t = StudentT::withDegreesOfFreedom($df);
                $off = ($figure - $estimate) / $error;
                $below += $weight * $t->probability($off);
                $dense += $weight * $t->density($off) / $error;
                $weights += $weight;
            }
        }

        return [$below / $weights, $dense / $weights];
    }

    /** By Newton's steps, halved wherever they leave the bracket. */
    private function quantile(float $probability): float
    {
        $spread = sqrt($this->variance());
        $figure = $this->estimate() + ($probability < 0.5 ? -2 : 2) * $spread;
        [$low, $high] = [-INF, INF];
        for ($turn = 0; $turn < 100; $turn++) {
            [$below, $dense] = $this->at($figure);
            $excess = $below - $probability;
            if (abs($excess) < 1e-9) {
                return $figure;
            }
            $excess < 0.0 ? $low = $figure : $high = $figure;
            // No step is wider than a spread: far out in a tail the density says nothing.
            $step = max(-$spread, min($spread, $excess / max($dense, 1e-300)));
            $next = $figure - $step;
            $next = $next > $low && $next < $high ? $next : ($low + $high) / 2;
            if (abs($next - $figure) <= 1e-9 * $spread) {
                return $next;
            }
            $figure = $next;
        }

        return $figure;
    }
}
