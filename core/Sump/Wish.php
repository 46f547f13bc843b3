<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Quantity\Text;
use Ithys\Sump\Tray\Tray;

/** Parts that together do what a keeper wants of a sump, with their place and size. */
final readonly class Wish
{
    /**
     * @param  list<Baffle>  $baffles  in one chamber
     * @param  list<Tray>  $trays
     */
    public function __construct(
        /** What is wanted, as a button says it. */
        public Text $label,
        /** The chamber they part: what stands in it stays before them, but for the pump of the return. */
        public int $chamber,
        public array $baffles,
        public array $trays = [],
    ) {
    }

    /** The section with them, and with what stands behind them in its chamber as counted then. */
    public function in(Section $section): Section
    {
        $more = count($this->baffles);
        $last = count($section->inside->baffles);
        $moved = fn (int $chamber, bool $isPump = false): int => $chamber > $this->chamber
            || ($isPump && $chamber === $this->chamber && $chamber === $last)
                ? $chamber + $more
                : $chamber;

        return new Section(
            $section->vessel,
            new Inside(
                [...$section->inside->baffles, ...$this->baffles],
                array_map(
                    static fn (Placed $one): Placed => $one->inChamber(
                        $moved($one->chamber, $one->kind === DeviceKind::Pump),
                    ),
                    $section->inside->placed,
                ),
                [
                    ...array_map(
                        static fn (Tray $one): Tray => $one->inChamber($moved($one->chamber)),
                        $section->inside->trays,
                    ),
                    ...$this->trays,
                ],
                $section->inside->rear,
            ),
            $section->water,
            $section->drainDown,
            $section->cabinet,
            $section->assumptions,
            $section->front,
        );
    }
}
