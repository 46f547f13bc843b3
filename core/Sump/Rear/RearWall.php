<?php

declare(strict_types=1);

namespace Ithys\Sump\Rear;

use Ithys\Flow\Weir;

/** Between a display and the chambers behind it: a wall with slots, the mouth of the return, the lid over it all. */
final readonly class RearWall
{
    public function __construct(
        /** Foot of the slots over the floor, mm: the water goes over it. */
        public float $crestMm,
        /** Upper end of the slots over the floor, mm. */
        public float $slotTopMm,
        /** Length of the slotted part along the wall, mm. */
        public float $slotsMm,
        /** Open share of that length. */
        public float $openShare,
        public float $thicknessMm,
        /** Mouth of the return in the display over the floor, mm; null while not given. */
        public ?float $nozzleMm = null,
        /** Underside of the lid over the floor, mm; null where there is none or it is not given. */
        public ?float $lidMm = null,
    ) {
    }

    /**
     * Water through the slots between two levels over the floor, L/h: a weir up to where they end, and as much less
     * above it as would go over an edge there.
     */
    public function flow(float $displayMm, float $behindMm): float
    {
        $slots = new Weir($this->crestMm, $this->slotsMm * $this->openShare);
        $over = static fn (float $edgeMm): float => $slots->flow($displayMm - $edgeMm, $behindMm - $edgeMm);

        return max(0.0, $over($this->crestMm) - $over(max($this->crestMm, $this->slotTopMm)));
    }

    /** @return array<string, ?float> */
    public function toArray(): array
    {
        return [
            'crestMm' => $this->crestMm,
            'slotTopMm' => $this->slotTopMm,
            'slotsMm' => $this->slotsMm,
            'openShare' => $this->openShare,
            'thicknessMm' => $this->thicknessMm,
            'nozzleMm' => $this->nozzleMm,
            'lidMm' => $this->lidMm,
        ];
    }
}
