<?php

declare(strict_types=1);

namespace Ithys\Flow;

/**
 * Water into the open mouth of an upright pipe: over its edge as over a weir while it is shallow, through it as through
 * a hole when it is deep; at each head the lesser of the two. Approximate.
 */
final readonly class Standpipe
{
    /** @param  float  $coefficient  of discharge of its mouth as a hole */
    public function __construct(public float $diameterMm, private float $coefficient)
    {
    }

    /** Flow at a head over its mouth, L/h. */
    public function flow(float $headMm): float
    {
        return min(
            Weir::clear(M_PI * $this->diameterMm)->flow($headMm),
            Orifice::flow((M_PI * ($this->diameterMm / 1000) ** 2) / 4, $headMm, $this->coefficient),
        );
    }

    /** Head over its mouth that carries a flow, mm; as good as endless where a metre of water does not. */
    public function head(float $litresPerHour): float
    {
        return $this->flow(1000.0) < $litresPerHour
            ? INF
            : Bisection::root(fn (float $headMm): float => $this->flow($headMm) - $litresPerHour, 0.0, 1000.0);
    }
}
