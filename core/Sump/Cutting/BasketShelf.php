<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

/** One shelf of a media basket and what lies on it, measured from the foot of the basket, mm. */
final readonly class BasketShelf
{
    /**
     * @param  list<array{layer: Layer, fromMm: float, toMm: float}>  $layers  in the order in which the water meets
     *   them
     */
    public function __construct(
        /** From 1 at the top. */
        public int $number,
        /** Underside of its ledges. */
        public float $ledgeMm,
        /** Upper face of its grid. */
        public float $gridMm,
        /** Where the next ledge, or the inlet, begins. */
        public float $topMm,
        /** What its pads leave for media, L. */
        public float $litres,
        public array $layers,
    ) {
    }
}
