<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Sump\Tray\Tray;

/** What stands in a sump: its baffles, its devices and its trays. */
final readonly class Inside
{
    /** @var list<Baffle> from inlet to return */
    public array $baffles;

    /**
     * @param  list<Baffle>  $baffles
     * @param  list<Placed>  $placed
     * @param  list<Tray>  $trays
     */
    public function __construct(array $baffles, public array $placed = [], public array $trays = [])
    {
        usort($baffles, static fn (Baffle $a, Baffle $b): int => $a->atMm <=> $b->atMm);
        $this->baffles = $baffles;
    }
}
