<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Panel\Material;
use Ithys\Sump\Tray\Tray;

/** A sump from inlet to return, by its inner size, its baffles and what stands in it. */
final readonly class Section
{
    /** @var list<Baffle> from inlet to return */
    public array $baffles;

    /**
     * @param  list<Baffle>  $baffles
     * @param  list<Placed>  $placed
     * @param  list<Tray>  $trays
     */
    public function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $heightMm,
        public float $wallMm,
        array $baffles,
        /** Water over the floor in the chamber of the return while running, mm. */
        public float $returnLevelMm,
        /** Water over the floor below which the pump sucks air, mm. */
        public float $pumpMinimumMm,
        public DrainDown $drainDown,
        public ?float $evaporationLitresADay = null,
        public ?float $reservoirLitres = null,
        /** Clear height from the floor of the sump to the top of the cabinet, mm. */
        public ?float $cabinetMm = null,
        /** Whether the water runs to the left on the drawing. */
        public bool $toTheLeft = false,
        public array $placed = [],
        public Material $material = Material::Glass,
        /** Whether a brace or rim holds the top edges of the walls. */
        public bool $braced = false,
        public array $trays = [],
        /** Thickness of the bottom, mm; that of the walls where it is not given. */
        public ?float $bottomMm = null,
        /** Whether the bottom is held at its edges only, by a rim or frame, instead of lying flat on its whole area. */
        public bool $bottomOnEdges = false,
    ) {
        usort($baffles, static fn (Baffle $a, Baffle $b): int => $a->atMm <=> $b->atMm);
        $this->baffles = $baffles;
    }

    /** @return non-empty-list<Chamber> from inlet to return */
    public function chambers(): array
    {
        $chambers = [];
        $from = 0.0;
        foreach ($this->baffles as $i => $baffle) {
            $chambers[] = new Chamber($i, $from, max($from, $baffle->atMm), $this->widthMm);
            $from = max($from, $baffle->endMm());
        }
        $chambers[] = new Chamber(count($this->baffles), $from, max($from, $this->lengthMm), $this->widthMm);

        return $chambers;
    }

    /** Litres between the walls and up to the rim, baffles taken off. */
    public function rimLitres(): float
    {
        return $this->litresPerMm() * $this->heightMm;
    }

    public function litresPerMm(): float
    {
        return array_sum(array_map(static fn (Chamber $chamber): float => $chamber->litresPerMm(), $this->chambers()));
    }
}
