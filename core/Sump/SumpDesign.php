<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\ReturnLoop;
use Ithys\Path\Drawn;
use Ithys\Path\Line;
use Ithys\Path\Path;
use Ithys\Path\Style;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\Rear\Front;
use Ithys\Sump\Rear\RearWall;
use Ithys\Sump\Review\Situation;
use Ithys\Sump\Review\SumpReview;
use Ithys\Sump\Tray\Tray;
use Ithys\Water\Tank;

/** A sump as its keeper designs it, in base units, and what it comes to under a tank. */
final readonly class SumpDesign
{
    public const FORMAT = 'ithys-section';

    public const SCHEMA = 1;

    public function __construct(
        public Vessel $vessel,
        public SumpWater $water,
        public Inside $inside,
        public Plumbing $plumbing = new Plumbing,
        public Workshop $workshop = new Workshop,
        public Cabinet $cabinet = new Cabinet,
        /** Whether the water runs to the left on the drawing. */
        public bool $toTheLeft = false,
        /** @var list<FurtherTank> what is known of the further tanks on it */
        public array $further = [],
    ) {
    }

    /** A sump to start from: skimmer chamber, bubble trap, return. */
    public static function start(): self
    {
        return new self(
            new Vessel(760.0, 350.0, 380.0, 6.0),
            new SumpWater(180.0, 60.0),
            new Inside([
                new Baffle('weir', BaffleKind::Weir, 420, 6, 230),
                new Baffle('under', BaffleKind::Under, 460, 6, 320, 35),
                new Baffle('last', BaffleKind::Weir, 500, 6, 215),
            ]),
        );
    }

    /** Chambers behind a display to start from: one for pads, one for a basket, one for the pump. */
    public static function startBehind(): self
    {
        return new self(
            new Vessel(600.0, 100.0, 360.0, 6.0),
            new SumpWater(240.0, 80.0),
            new Inside(
                [
                    new Baffle('first', BaffleKind::Under, 150, 5, 340, 30),
                    new Baffle('second', BaffleKind::Weir, 330, 5, 270),
                ],
                rear: new RearWall(310.0, 345.0, 100.0, 0.5, 5.0),
            ),
        );
    }

    /** Whether its chambers are behind the display and not in a sump under it. */
    public function isBehind(): bool
    {
        return $this->inside->rear !== null;
    }

    /** The way of filtering that it is drawn for. */
    public function style(): Style
    {
        return $this->isBehind() ? Style::RearChamber : Style::Sump;
    }

    /** @param  ?Path  $path  the path it stands in, whose further tanks drain into it too */
    public function section(Tank $tank, ?Path $path = null): Section
    {
        return new Section(
            $this->vessel,
            $this->inside,
            $this->water,
            new DrainDown(
                new TankFall(
                    'the display',
                    $tank->display->surfaceSquareMm(),
                    $this->water->fallMm,
                    $this->water->boxLitres,
                    $this->plumbing->litres(),
                ),
                array_map(
                    fn (Line $line): TankFall => $this->furtherTank($line->id)->fall($line->title()),
                    $path?->furtherTanks() ?? [],
                ),
            ),
            // Behind a display there is none to stand in.
            $this->isBehind() ? new Cabinet : $this->cabinet,
            $tank->assumptions,
            $this->front($tank),
        );
    }

    private function front(Tank $tank): ?Front
    {
        return $this->inside->rear === null
            ? null
            : new Front(
                $this->inside->rear,
                $tank->display->surfaceSquareMm(),
                $tank->display->widthMm ?? $tank->display->lengthMm,
                $this->workshop->basket,
                $tank->water->viscosity(),
            );
    }

    /** What is known of a further tank; nothing where its keeper said nothing. */
    public function furtherTank(string $line): FurtherTank
    {
        foreach ($this->further as $tank) {
            if ($tank->line === $line) {
                return $tank;
            }
        }

        return new FurtherTank($line);
    }

    public function cutSheet(Section $section): CutSheet
    {
        return CutSheet::of($section, $this->workshop);
    }

    public function returnLoop(Tank $tank): ?ReturnLoop
    {
        return $this->plumbing->returnLoop($tank->assumptions, $tank->water->viscosity());
    }

    /**
     * Flow through the sump: what the return really gives, or while that is not known what the tank is said to have,
     * L/h; null while neither is known.
     */
    public function litresPerHour(Tank $tank): ?float
    {
        return $this->returnLoop($tank)->litresPerHour ?? $tank->filterLitresPerHour;
    }

    /**
     * What it computes of the path it stands in.
     *
     * @param  Tank  $tank  with the flow it is said to have
     */
    public function drawn(Tank $tank, ?Path $path = null): Drawn
    {
        $flow = $this->returnLoop($tank)?->litresPerHour;
        $section = $this->section($tank, $path);
        $through = $flow ?? $tank->filterLitresPerHour;
        if ($through === null) {
            // How high the water stands over the baffles depends on the flow.
            return new Drawn;
        }
        $running = WaterLines::running($section, $through);
        $emptied = WaterLines::returnEmptied($section, $through);
        $states = [$running, WaterLines::powerCut($section, $through), $emptied];
        $covers = [];
        foreach ($this->inside->placed as $device) {
            $known = array_filter(
                array_map($device->coverMm(...), $states),
                static fn (?float $cover): bool => $cover !== null,
            );
            if ($device->item !== '' && $known !== []) {
                $covers[$device->item] = min($known);
            }
        }

        return new Drawn(
            $flow,
            $running->litres,
            max(0.0, $running->litres - $emptied->litres),
            $covers,
            $this->plumbing->emergency->carries($tank->assumptions, $tank->water->viscosity()),
        );
    }

    /** @param  ?Path  $path  the path in force, whose items say of what fittings they are */
    public function review(Tank $tank, ?Path $path = null): SumpReview
    {
        $room = $tank->display->unfilledLitres();

        return SumpReview::of(new Situation(
            $this->section($tank, $path),
            $this->litresPerHour($tank),
            $room > 0.0 ? $room : null,
            $tank->water,
            $this->plumbing,
            $this->workshop,
            $path,
            $this->further,
        ));
    }

    /** @return array<string, mixed> the document, schema {@see SumpDesign::SCHEMA} */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'schema' => self::SCHEMA,
            'lengthMm' => $this->vessel->lengthMm,
            'widthMm' => $this->vessel->widthMm,
            'heightMm' => $this->vessel->heightMm,
            'wallMm' => $this->vessel->wallMm,
            'returnLevelMm' => $this->water->returnLevelMm,
            'pumpMinimumMm' => $this->water->pumpMinimumMm,
            'fallMm' => $this->water->fallMm,
            'boxLitres' => $this->water->boxLitres,
            'evaporationLitresADay' => $this->water->evaporationLitresADay,
            'reservoirLitres' => $this->water->reservoirLitres,
            'cabinetMm' => $this->cabinet->heightMm,
            'bottomMm' => $this->vessel->bottomMm,
            'toTheLeft' => $this->toTheLeft,
            'material' => $this->vessel->material->value,
            'braced' => $this->vessel->braced,
            'baffles' => array_map(static fn (Baffle $baffle): array => $baffle->toArray(), $this->inside->baffles),
            'placed' => array_map(static fn (Placed $placed): array => $placed->toArray(), $this->inside->placed),
            'plumbing' => $this->plumbing->toArray(),
            ...$this->inside->trays === []
                ? []
                : ['trays' => array_map(static fn (Tray $tray): array => $tray->toArray(), $this->inside->trays)],
            ...$this->cabinet->lengthMm === null ? [] : ['cabinetLengthMm' => $this->cabinet->lengthMm],
            ...$this->cabinet->widthMm === null ? [] : ['cabinetWidthMm' => $this->cabinet->widthMm],
            ...$this->further === []
                ? []
                : ['tanks' => array_map(static fn (FurtherTank $tank): array => $tank->toArray(), $this->further)],
            ...$this->inside->rear === null ? [] : ['rear' => $this->inside->rear->toArray()],
            ...$this->vessel->bottomOnEdges ? ['bottomOnEdges' => true] : [],
            ...$this->workshop->toArray() === [] ? [] : ['workshop' => $this->workshop->toArray()],
        ];
    }
}
