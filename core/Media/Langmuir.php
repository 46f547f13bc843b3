<?php

declare(strict_types=1);

namespace Ithys\Media;

/**
 * The Langmuir isotherm: how much a medium holds in balance with the water around it, q = qmax K C / (1 + K C).
 *
 * Source: Langmuir 1918, the usual description of phosphate on iron and aluminium media.
 */
final readonly class Langmuir
{
    /**
     * @param  float  $mostMgPerGram  qmax, the loading that no concentration exceeds
     * @param  float  $litresPerMg  K; half of qmax is reached at 1/K mg/L
     */
    public function __construct(private float $mostMgPerGram, private float $litresPerMg)
    {
    }

    /** Loading in mg/g in balance with a concentration in mg/L. */
    public function loading(float $mgPerLitre): float
    {
        $strength = $this->litresPerMg * max($mgPerLitre, 0.0);

        return $this->mostMgPerGram * $strength / (1 + $strength);
    }
}
