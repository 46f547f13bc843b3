<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;

/** One sheet to be cut: its outline in mm from its lower left corner, and where it goes. */
final readonly class CutPanel
{
    /** @param  list<array{float, float}>  $outline  closed, counter-clockwise from the lower left */
    public function __construct(
        public string $id,
        public string $label,
        public float $widthMm,
        public float $heightMm,
        public float $thicknessMm,
        public array $outline,
        public string $note,
        /** From the inner face of the inlet wall to the near face of the panel, mm. */
        public float $insideMm,
        /** The same from the outer face of that wall, as a check on the tape, mm. */
        public float $outsideMm,
    ) {
    }

    /** Width, height and thickness as a workshop reads them. */
    public function size(UnitSystem $units): string
    {
        return implode(' x ', array_map(static fn (float $mm): string => ShopLength::format($mm, $units), [$this->widthMm, $this->heightMm, $this->thicknessMm]));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'label' => $this->label, 'widthMm' => $this->widthMm, 'heightMm' => $this->heightMm, 'thicknessMm' => $this->thicknessMm, 'note' => $this->note, 'insideMm' => $this->insideMm, 'outsideMm' => $this->outsideMm];
    }
}
