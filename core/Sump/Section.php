<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumptions;

/** A sump under its tank, from inlet to return. */
final readonly class Section
{
    /** Defaults as its tank has them. */
    public Assumptions $assumptions;

    public function __construct(
        public Vessel $vessel,
        public Inside $inside,
        public SumpWater $water,
        public DrainDown $drainDown,
        public Cabinet $cabinet = new Cabinet,
        ?Assumptions $assumptions = null,
    ) {
        $this->assumptions = $assumptions ?? Assumptions::standard();
    }

    /** @return non-empty-list<Chamber> from inlet to return */
    public function chambers(): array
    {
        $chambers = [];
        $from = 0.0;
        $width = $this->vessel->widthMm;
        foreach ($this->inside->baffles as $i => $baffle) {
            $chambers[] = new Chamber($i, $from, max($from, $baffle->atMm), $width);
            $from = max($from, $baffle->endMm());
        }
        $chambers[] = new Chamber(count($this->inside->baffles), $from, max($from, $this->vessel->lengthMm), $width);

        return $chambers;
    }

    /** The chamber of the return pump. */
    public function returnChamber(): Chamber
    {
        $chambers = $this->chambers();

        return $chambers[count($chambers) - 1];
    }

    /** Litres between the walls and up to the rim, baffles taken off. */
    public function rimLitres(): float
    {
        return $this->litresPerMm() * $this->vessel->heightMm;
    }

    public function litresPerMm(): float
    {
        return array_sum(array_map(static fn (Chamber $chamber): float => $chamber->litresPerMm(), $this->chambers()));
    }
}
