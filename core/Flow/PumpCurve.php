<?php

declare(strict_types=1);

namespace Ithys\Flow;

/**
 * How high a pump lifts at a flow: straight between points of its curve, or a parabola through the two figures on its
 * label.
 */
final readonly class PumpCurve
{
    /** @param  list<array{float, float}>  $points  flow in L/h and head in m, by rising flow */
    private function __construct(public array $points, private ?float $labelFlow)
    {
    }

    /**
     * @param  float  $litresPerHour  most flow, at no height
     * @param  float  $headMetres  most height, at no flow
     *
     * @throws InvalidCurve
     */
    public static function label(float $litresPerHour, float $headMetres): self
    {
        if ($litresPerHour <= 0.0 || $headMetres <= 0.0) {
            throw InvalidCurve::tooFewPoints();
        }

        return new self([[0.0, $headMetres], [$litresPerHour, 0.0]], $litresPerHour);
    }

    /**
     * @param  list<array{float, float}>  $points  flow in L/h and head in m
     *
     * @throws InvalidCurve
     */
    public static function through(array $points): self
    {
        usort($points, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if (count($points) < 2) {
            throw InvalidCurve::tooFewPoints();
        }
        for ($i = 1; $i < count($points); $i++) {
            if ($points[$i][0] <= $points[$i - 1][0] || $points[$i][1] >= $points[$i - 1][1]) {
                throw InvalidCurve::notFalling();
            }
        }

        return new self($points, null);
    }

    /** Head at a flow, m; beyond the points the last piece goes on. */
    public function head(float $litresPerHour): float
    {
        if ($this->labelFlow !== null) {
            return $this->points[0][1] * (1 - ($litresPerHour / $this->labelFlow) ** 2);
        }
        $last = count($this->points) - 1;
        for ($i = 1; $i < $last && $this->points[$i][0] < $litresPerHour; $i++) {
        }
        [[$flow0, $head0], [$flow1, $head1]] = [$this->points[$i - 1], $this->points[$i]];

        return $head0 + ($litresPerHour - $flow0) / ($flow1 - $flow0) * ($head1 - $head0);
    }
}
