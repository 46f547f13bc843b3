<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

/** A hole in a sheet by its middle, mm from the lower left corner: round by its diameter, or a rectangle. */
final readonly class CutHole
{
    public function __construct(
        public float $xMm,
        public float $yMm,
        public float $lengthMm,
        public float $widthMm,
        public bool $isRound,
    ) {
    }

    /** The same on a sheet that lies a quarter turned. */
    public function turned(float $sheetHeightMm): self
    {
        return new self($sheetHeightMm - $this->yMm, $this->xMm, $this->widthMm, $this->lengthMm, $this->isRound);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'xMm' => $this->xMm,
            'yMm' => $this->yMm,
            'lengthMm' => $this->lengthMm,
            'widthMm' => $this->widthMm,
            'isRound' => $this->isRound,
        ];
    }
}
