<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\Weir;

/** The edge over which the display runs into its overflow. */
final readonly class Overflow
{
    /** A crest this high over the floor of the display leaves nothing of the correction for a shallow approach, mm. */
    private const HIGH_CREST = 400.0;

    /** @param  float  $openShare  share of its length between the teeth of a comb; 1 without teeth */
    public function __construct(public float $lengthMm, public float $openShare = 1.0)
    {
    }

    /** How high the display stands over the crest while the return runs, mm. */
    public function headMm(float $litresPerHour): float
    {
        return (new Weir(self::HIGH_CREST, $this->lengthMm * $this->openShare))->head($litresPerHour);
    }
}
