<?php

declare(strict_types=1);

namespace Ithys\Flow;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;

/**
 * A run of pipe of one bore with its fittings.
 *
 * Darcy-Weisbach with the friction factor of Swamee and Jain 1976, laminar (64/Re) below a Reynolds number of 2000.
 */
final readonly class Pipe
{
    private const LAMINAR_BELOW = 2000.0;

    /** @param  float  $lossCoefficient  sum of K of all fittings, in velocity heads */
    public function __construct(
        public float $boreMm,
        public float $lengthMm,
        public float $lossCoefficient = 0.0,
        private ?float $roughnessMm = null,
    ) {
    }

    /** @param  array<string, int>  $fittings  how many of each, by {@see Fitting} */
    public static function with(float $boreMm, float $lengthMm, array $fittings, Assumptions $assumptions): self
    {
        $loss = 0.0;
        foreach ($fittings as $fitting => $count) {
            $loss += Fitting::from($fitting)->loss($assumptions) * $count;
        }

        return new self($boreMm, $lengthMm, $loss, $assumptions->value(Assumed::PvcRoughness));
    }

    /** The same with a loss more, in velocity heads. */
    public function losing(float $lossCoefficient): self
    {
        return new self($this->boreMm, $this->lengthMm, $this->lossCoefficient + $lossCoefficient, $this->roughnessMm);
    }

    /** Speed of the water, m/s. */
    public function speed(float $litresPerHour): float
    {
        return $litresPerHour / 3.6e6 / $this->areaSquareMetres();
    }

    /** @param  float  $viscosity  kinematic, m²/s */
    public function reynolds(float $litresPerHour, float $viscosity): float
    {
        return $this->speed($litresPerHour) * $this->boreMm / 1000 / $viscosity;
    }

    /** Darcy friction factor; 0 in standing water. */
    public function friction(float $litresPerHour, float $viscosity): float
    {
        $reynolds = $this->reynolds($litresPerHour, $viscosity);
        if ($reynolds <= 0.0) {
            return 0.0;
        }

        return $reynolds < self::LAMINAR_BELOW ? 64 / $reynolds
            : 0.25 / log10($this->roughness() / (3.7 * $this->boreMm) + 5.74 / $reynolds ** 0.9) ** 2;
    }

    /** Head lost in pipe and fittings, m. */
    public function headLoss(float $litresPerHour, float $viscosity): float
    {
        return (($this->friction($litresPerHour, $viscosity) * $this->lengthMm) / $this->boreMm
            + $this->lossCoefficient)
            * $this->velocityHead($litresPerHour);
    }

    /** Head that is in the speed of the water, m. */
    public function velocityHead(float $litresPerHour): float
    {
        return $this->speed($litresPerHour) ** 2 / (2 * Weir::GRAVITY);
    }

    /**
     * Flow that a difference in level drives through it when it runs full, L/h; the velocity head at its end is among
     * the losses when its outlet is.
     */
    public function flowAt(float $headMetres, float $viscosity): float
    {
        return Bisection::root(
            fn (float $litresPerHour): float => $this->headLoss($litresPerHour, $viscosity) - $headMetres,
            0.0,
            1e6,
        );
    }

    /** Water in it, L. */
    public function litres(): float
    {
        return $this->areaSquareMetres() * $this->lengthMm;
    }

    private function areaSquareMetres(): float
    {
        return M_PI * ($this->boreMm / 1000) ** 2 / 4;
    }

    private function roughness(): float
    {
        return $this->roughnessMm ?? Assumptions::standard()->value(Assumed::PvcRoughness);
    }
}
