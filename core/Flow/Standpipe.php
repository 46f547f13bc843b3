<?php

declare(strict_types=1);

namespace Ithys\Flow;

use Ithys\Assumption\Assumptions;

/**
 * Water into the open mouth of an upright pipe: over its edge as over a weir while it is shallow, through it as through a hole when it is
 * deep; at each head the lesser of the two. Approximate.
 */
final readonly class Standpipe
{
    /** A mouth that stands clear leaves nothing of the correction for a shallow approach, mm. */
    private const HIGH_CREST = 400.0;

    public function __construct(public float $diameterMm)
    {
    }

    /** Flow at a head over its mouth, L/h. */
    public function flow(float $headMm): float
    {
        $over = (new Weir(self::HIGH_CREST, M_PI * $this->diameterMm))->flow($headMm);
        $through = $headMm <= 0.0 ? 0.0 : Assumptions::orificeCoefficient()->value * M_PI * ($this->diameterMm / 1000) ** 2 / 4 * sqrt(2 * Weir::GRAVITY * $headMm / 1000) * 3.6e6;

        return min($over, $through);
    }

    /** Head over its mouth that carries a flow, mm; as good as endless where a metre of water does not. */
    public function head(float $litresPerHour): float
    {
        return $this->flow(1000.0) < $litresPerHour ? INF : Bisection::root(fn (float $headMm): float => $this->flow($headMm) - $litresPerHour, 0.0, 1000.0);
    }
}
