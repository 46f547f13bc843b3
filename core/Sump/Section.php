<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumptions;
use Ithys\Sump\Rear\Front;
use Ithys\Sump\Tray\OpeningKind;

/** A sump under its tank, or the chambers behind a display, from inlet to return. */
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
        /** What stands before chambers that are behind the display; null for a sump. */
        public ?Front $front = null,
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

    /** What a chamber is called by: what hangs or stands in it, or that it is the one of the return. */
    public function nameOf(Chamber $chamber): string
    {
        foreach ($this->inside->trays as $tray) {
            if ($tray->chamber === $chamber->index && $tray->canClog()) {
                return $tray->has(OpeningKind::Roller) ? 'roller' : 'socks';
            }
        }
        foreach ($this->inside->placed as $device) {
            if ($device->chamber === $chamber->index && $device->kind === DeviceKind::Skimmer) {
                return 'skimmer';
            }
        }

        if ($chamber->index === count($this->inside->baffles)) {
            return $this->front === null ? 'return' : 'pump';
        }
        if ($this->front?->basket?->use?->chamber === $chamber->index) {
            return 'basket';
        }
        $hung = [
            $this->inside->baffles[$chamber->index - 1] ?? null,
            $this->inside->baffles[$chamber->index],
        ];

        $isTrap = array_filter($hung, static fn (?Baffle $baffle): bool => $baffle?->hangs() === true) !== [];

        return $isTrap ? 'trap' : '';
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
