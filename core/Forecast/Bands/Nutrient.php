<?php

declare(strict_types=1);

namespace Ithys\Forecast\Bands;

use Ithys\Journal\Reading\Parameter;

/**
 * What the bands are made with, nitrate and phosphate each: spreads of the log of a level, shares, and days.
 *
 * Source: the method for calibration that ships with the project, section 8, tried out on simulated tanks of other
 * physics. All are estimates of ours.
 */
final readonly class Nutrient
{
    /** @param  array<string, float>  $figures */
    private function __construct(public Parameter $parameter, private array $figures)
    {
    }

    public static function of(Parameter $parameter): self
    {
        return new self($parameter, $parameter === Parameter::Phosphate ? [
            'floor' => 0.008, 'spread' => 0.27, 'memory' => 70.0, 'jitter' => 0.11, 'steady' => 0.0,
            's0' => 0.16, 's1' => 0.26, 's2' => 0.34, 's3' => 0.32, 's4' => 0.20,
        ] : [
            'floor' => 0.3, 'spread' => 0.20, 'memory' => 55.0, 'jitter' => 0.075, 'steady' => 0.2,
            's0' => 0.08, 's1' => 0.20, 's2' => 0.28, 's3' => 0.55, 's4' => 0.32,
        ]);
    }

    public function figure(string $name): float
    {
        return $this->figures[$name];
    }

    /** A level on the scale that the bands are even on. */
    public function scale(float $ppm): float
    {
        return log(max(0.0, $ppm) + $this->figures['floor']);
    }

    /** ppm */
    public function back(float $scaled): float
    {
        return max(0.0, exp($scaled) - $this->figures['floor']);
    }
}
