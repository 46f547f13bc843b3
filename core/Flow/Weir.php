<?php

declare(strict_types=1);

namespace Ithys\Flow;

/**
 * Water over a baffle of full width: the suppressed rectangular weir.
 *
 * Kindsvater and Carter 1957 as in ISO 1438 and the USBR Water Measurement Manual: Q = Ce (2/3) sqrt(2g) (b + kb) (h +
 * kh)^1.5 with Ce = 0.602 + 0.075 h/P, kh = 1 mm, kb = -0.9 mm. Where the water below stands over the crest, Villemonte
 * 1947 takes its part off.
 */
final readonly class Weir
{
    /** Standard gravity, m/s². */
    public const GRAVITY = 9.80665;

    /** The least head the formula is proven for, mm. */
    public const PROVEN_HEAD = 30.0;

    private const HEAD_CORRECTION = 0.001;

    private const WIDTH_CORRECTION = -0.0009;

    /**
     * @param  float  $crestMm  height of the crest over the floor in front of it
     * @param  float  $widthMm  width the water has; for a comb the open share of it
     */
    public function __construct(public float $crestMm, public float $widthMm)
    {
    }

    /** An edge so high over the floor before it that nothing is left of the correction for a shallow approach. */
    public static function clear(float $widthMm): self
    {
        return new self(400.0, $widthMm);
    }

    /** Flow at a head over the crest, L/h; with a head below over the same crest when the weir is drowned, mm. */
    public function flow(float $headMm, float $headBelowMm = 0.0): float
    {
        if ($headMm <= 0.0) {
            return 0.0;
        }
        $head = $headMm / 1000;
        $discharge = 0.602 + (0.075 * $headMm) / max($this->crestMm, 1.0);
        $free
            = (($discharge * 2) / 3)
            * sqrt(2 * self::GRAVITY)
            * max($this->widthMm / 1000 + self::WIDTH_CORRECTION, 0.0)
            * ($head + self::HEAD_CORRECTION) ** 1.5;
        $drowned = $headBelowMm <= 0.0 ? 1.0 : max(0.0, 1 - ($headBelowMm / $headMm) ** 1.5) ** 0.385;

        return $free * $drowned * 3.6e6;
    }

    /** Head over the crest that carries a flow freely, mm. */
    public function head(float $litresPerHour): float
    {
        return Bisection::root(fn (float $headMm): float => $this->flow($headMm) - $litresPerHour, 0.0, 2000.0);
    }
}
