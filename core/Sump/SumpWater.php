<?php

declare(strict_types=1);

namespace Ithys\Sump;

/** The water of a sump as it is run: its level at the return, what comes down from above, and what is topped up. */
final readonly class SumpWater
{
    public function __construct(
        /** Water over the floor in the chamber of the return while running, mm. */
        public float $returnLevelMm,
        /** Water over the floor below which the pump sucks air, mm. */
        public float $pumpMinimumMm,
        /** How far the display falls until the lowest siphon breaks, mm; null while not given. */
        public ?float $fallMm = null,
        /** Water in the overflow box that drains, L; null while not given. */
        public ?float $boxLitres = null,
        public ?float $evaporationLitresADay = null,
        public ?float $reservoirLitres = null,
    ) {
    }

    /** Days the top-off reservoir lasts; null while reservoir or evaporation is not given. */
    public function reservoirDays(): ?float
    {
        return $this->evaporates() && $this->reservoirLitres !== null
            ? $this->reservoirLitres / $this->evaporationLitresADay
            : null;
    }

    /**
     * Whether it is known how much evaporates.
     *
     * @phpstan-assert-if-true !null $this->evaporationLitresADay
     */
    public function evaporates(): bool
    {
        return $this->evaporationLitresADay !== null && $this->evaporationLitresADay > 0.0;
    }
}
