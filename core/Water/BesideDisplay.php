<?php

declare(strict_types=1);

namespace Ithys\Water;

/** Water of a system that does not stand in its display, litres. */
final readonly class BesideDisplay
{
    public function __construct(
        /** In the sump at its running lines; 0 without a sump. */
        public float $sumpLitres,
        /** In pipes, canister and reactors. */
        public float $plumbingLitres,
        /** In further tanks on the same sump; it comes with the path in force, not with the description. */
        public float $furtherTankLitres = 0.0,
    ) {
    }

    public function litres(): float
    {
        return $this->sumpLitres + $this->plumbingLitres + $this->furtherTankLitres;
    }
}
