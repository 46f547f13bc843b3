<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumptions;
use Ithys\Path\Path;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\Plumbing;
use Ithys\Sump\Section;
use Ithys\Sump\WaterLines;

/** A sump with its water in three states, as a reviewer sees it. */
final readonly class Situation
{
    public WaterLines $running;

    public WaterLines $powerCut;

    /** With the return pumped down to where it sucks air. */
    public WaterLines $emptied;

    /** Defaults as its tank has them. */
    public Assumptions $assumptions;

    /**
     * @param  float  $litresPerHour  flow through the sump
     * @param  ?float  $displayRoomLitres  between the water line of the display and its rim; null while not known
     * @param  float  $viscosity  kinematic, m²/s
     * @param  float  $density  kg/m³
     * @param  ?Path  $path  the path it stands in, whose items say of what fittings they are
     */
    public function __construct(
        public Section $section,
        public float $litresPerHour,
        public ?float $displayRoomLitres,
        public float $viscosity,
        public float $density,
        public Plumbing $plumbing = new Plumbing,
        public Workshop $workshop = new Workshop,
        public ?Path $path = null,
    ) {
        $this->assumptions = $section->assumptions;
        $this->running = WaterLines::running($section, $litresPerHour);
        $this->powerCut = WaterLines::powerCut($section, $litresPerHour);
        $this->emptied = WaterLines::returnEmptied($section, $litresPerHour);
    }

    /** Litres left to the rim after a power cut; below zero they are on the floor. */
    public function marginLitres(): float
    {
        return $this->section->rimLitres() - $this->powerCut->litres;
    }

    /** Millimetres left to the rim after a power cut. */
    public function marginMm(): float
    {
        return $this->section->vessel->heightMm - $this->powerCut->highestMm();
    }

    /** What the return can push up before it sucks air, L. */
    public function givesUpLitres(): float
    {
        return max(0.0, $this->running->litres - $this->emptied->litres);
    }

    /** Days until the return sucks air when nothing is topped up; null while the evaporation is not given. */
    public function daysToGulp(): ?float
    {
        $water = $this->section->water;

        return $water->evaporates()
            ? max(0.0, $water->returnLevelMm - $water->pumpMinimumMm)
                * $this->section->returnChamber()->litresPerMm()
                / $water->evaporationLitresADay
            : null;
    }
}
