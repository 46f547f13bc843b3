<?php

declare(strict_types=1);

namespace Ithys\Water;

/**
 * One well-mixed body of water with a steady input and a first-order loss, cut by water changes.
 *
 * Between events the answer is exact: dC/dt = F/V - kC gives C(t) = Ce + (C0 - Ce) exp(-kt), Ce = F/(Vk).
 * A reading taken at the same moment as a water change counts as taken before it.
 */
final readonly class MixedTank
{
    public function __construct(public float $litres, public float $mgPerLitre)
    {
    }

    /**
     * The tank after some days of steady input and loss.
     *
     * @param  float  $mgPerDay  input
     * @param  float  $perDay  first-order loss rate k, 0 or more
     */
    public function after(float $days, float $mgPerDay, float $perDay): self
    {
        $fed = $mgPerDay / $this->litres;
        // -expm1(-x)/x tends to 1 as the loss vanishes; the series keeps k = 0 and tiny k exact.
        $x = $perDay * $days;
        $share = abs($x) < 1e-12 ? 1.0 : -expm1(-$x) / $x;

        return new self($this->litres, $this->mgPerLitre * exp(-$x) + $fed * $days * $share);
    }

    /** The tank after a share of its water is replaced at once by water holding `$source` mg/L. */
    public function changed(float $share, float $source = 0.0): self
    {
        return new self($this->litres, $this->mgPerLitre * (1 - $share) + $share * $source);
    }

    public function mg(): float
    {
        return $this->litres * $this->mgPerLitre;
    }
}
