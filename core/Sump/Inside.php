<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Sump\Rear\RearWall;
use Ithys\Sump\Tray\Tray;

/** What stands in a sump, or in the chambers behind a display: baffles, devices and trays. */
final readonly class Inside
{
    /** @var list<Baffle> from inlet to return */
    public array $baffles;

    /**
     * @param  list<Baffle>  $baffles
     * @param  list<Placed>  $placed
     * @param  list<Tray>  $trays
     * @param  ?RearWall  $rear  between the display and chambers behind it; null for a sump
     */
    public function __construct(
        array $baffles,
        public array $placed = [],
        public array $trays = [],
        public ?RearWall $rear = null,
    ) {
        usort($baffles, static fn (Baffle $a, Baffle $b): int => $a->atMm <=> $b->atMm);
        $this->baffles = $baffles;
    }
}
