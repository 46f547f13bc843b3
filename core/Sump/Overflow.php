<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\Weir;

/** The edge over which the display runs into its overflow. */
final readonly class Overflow
{
    /** @param  float  $openShare  share of its length between the teeth of a comb; 1 without teeth */
    public function __construct(public float $lengthMm, public float $openShare = 1.0)
    {
    }

    /** How high the display stands over the crest while the return runs, mm. */
    public function headMm(float $litresPerHour): float
    {
        return Weir::clear($this->lengthMm * $this->openShare)->head($litresPerHour);
    }
}
