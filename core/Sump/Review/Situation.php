<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumptions;
use Ithys\Path\Path;
use Ithys\Quantity\Text;
use Ithys\Remedy;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\FurtherTank;
use Ithys\Sump\Mended;
use Ithys\Sump\Plumbing;
use Ithys\Sump\Section;
use Ithys\Sump\WaterLines;
use Ithys\Water\Conditions;

/** A sump with its water in three states, as a reviewer sees it. */
final readonly class Situation
{
    public WaterLines $running;

    public WaterLines $powerCut;

    /** With the return pumped down to where it sucks air. */
    public WaterLines $emptied;

    /** Defaults as its tank has them. */
    public Assumptions $assumptions;

    /** Flow through the sump, L/h; none while it is not known. */
    public float $litresPerHour;

    public bool $flowIsKnown;

    /** Kinematic, m²/s. */
    public float $viscosity;

    /** Of the water, kg/m³. */
    public float $density;

    /**
     * @param  ?float  $litresPerHour  flow through the sump; null while it is not known
     * @param  ?float  $displayRoomLitres  between the water line of the display and its rim; null while not known
     * @param  ?Path  $path  the path it stands in, whose items say of what fittings they are
     * @param  list<FurtherTank>  $further  what is known of the further tanks on it
     */
    public function __construct(
        public Section $section,
        ?float $litresPerHour,
        public ?float $displayRoomLitres,
        public Conditions $water,
        public Plumbing $plumbing = new Plumbing,
        public Workshop $workshop = new Workshop,
        public ?Path $path = null,
        public array $further = [],
    ) {
        $this->assumptions = $section->assumptions;
        $this->litresPerHour = $litresPerHour ?? 0.0;
        $this->flowIsKnown = $litresPerHour !== null;
        $this->viscosity = $water->viscosity();
        $this->density = $water->density();
        $this->running = WaterLines::running($section, $this->litresPerHour);
        $this->powerCut = WaterLines::powerCut($section, $this->litresPerHour);
        $this->emptied = WaterLines::returnEmptied($section, $this->litresPerHour);
    }

    /** The same with one figure of the sump changed. */
    public function after(Remedy $remedy): self
    {
        return new self(
            Mended::section($this->section, $remedy),
            $this->flowIsKnown ? $this->litresPerHour : null,
            $this->displayRoomLitres,
            $this->water,
            $this->plumbing,
            $this->workshop,
            $this->path,
            $this->further,
        );
    }

    /** @return list<Text> what is not known of how high the water stands after a power cut */
    public function missingOfPowerCut(): array
    {
        $front = $this->section->front;

        return [
            ...$this->flowIsKnown
                ? []
                : [Text::wrap($front === null ? 'the flow through the sump' : 'the flow through the chambers')],
            ...$front === null
                ? $this->section->drainDown->missing()
                : [
                    ...$front->squareMm === null ? [Text::wrap('the area of the display')] : [],
                    ...$front->wall->nozzleMm === null ? [Text::wrap('how high the mouth of the return is')] : [],
                ],
        ];
    }

    /** Room left while running, up to the rim: in the chambers, and in a display that shares their water, L. */
    public function freeLitres(): ?float
    {
        $inChambers = $this->section->rimLitres() - $this->running->litres;
        $inDisplay = $this->section->front === null ? 0.0 : $this->roomBeforeLitres();

        return $inDisplay === null ? null : $inChambers + $inDisplay;
    }

    /** Room in a display before its chambers, from its running level to the rim, L; null while it is not known. */
    public function roomBeforeLitres(): ?float
    {
        $area = $this->section->front?->litresPerMm();

        return $area === null || ! $this->flowIsKnown
            ? null
            : $area * ($this->section->vessel->heightMm - (float) $this->running->displayMm);
    }

    /** What the top-off can add while the return pushes water up, L; none without a reservoir. */
    public function topOffLitres(): float
    {
        return $this->section->water->reservoirLitres ?? 0.0;
    }

    /** What comes down in a power cut, L: from above, or out of the display before its chambers. */
    public function comesDownLitres(): float
    {
        $front = $this->section->front;

        return $front === null
            ? $this->section->drainDown->litres()
            : max(0.0, ($front->litresPerMm() ?? 0.0)
                * ((float) $this->running->displayMm - (float) $this->powerCut->displayMm));
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
