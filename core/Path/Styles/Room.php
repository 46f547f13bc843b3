<?php

declare(strict_types=1);

namespace Ithys\Path\Styles;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Water\Tank;

/** The room a filter has to fit: the tank, the cabinet, the purse and the people. */
final readonly class Room
{
    /** Defaults as the tank has them. */
    public Assumptions $assumptions;

    public float $pricePerKilowattHour;

    public function __construct(
        /** Water of the display, net of rock and sand, L. */
        public float $displayLitres,
        /** Inner length of the display, mm; null while not known. */
        public ?float $displayLengthMm,
        public Cabinet $cabinet = new Cabinet,
        /** What the filter may cost, in the keeper's currency; null for no limit given. */
        public ?float $budget = null,
        public Taste $taste = new Taste,
        ?float $pricePerKilowattHour = null,
        public bool $drilled = false,
        ?Assumptions $assumptions = null,
    ) {
        $this->assumptions = $assumptions ?? Assumptions::standard();
        $this->pricePerKilowattHour = $pricePerKilowattHour ?? $this->assumptions->value(Assumed::PowerPrice);
    }

    /** Water a sump in this cabinet adds at its running lines, L; null without a cabinet. */
    public function sumpLitres(): ?float
    {
        return SumpFit::of($this)?->runningLitres;
    }

    /** @return array<string, mixed> the room as stored; the tank is described elsewhere */
    public function toArray(): array
    {
        return [
            'cabinetLengthMm' => $this->cabinet->lengthMm,
            'cabinetWidthMm' => $this->cabinet->widthMm,
            'cabinetHeightMm' => $this->cabinet->heightMm,
            'budget' => $this->budget,
            'noise' => $this->taste->noise->value,
            'spill' => $this->taste->spill->value,
            'skill' => $this->taste->skill->value,
            'pricePerKilowattHour' => $this->pricePerKilowattHour,
            'drilled' => $this->drilled,
            'cleanLook' => $this->taste->cleanLook,
        ];
    }
}
