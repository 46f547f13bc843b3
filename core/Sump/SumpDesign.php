<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\ReturnLoop;
use Ithys\Panel\Material;
use Ithys\Path\Drawn;
use Ithys\Path\Path;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\Cutting\WorkshopReview;
use Ithys\Sump\Tray\Tray;
use Ithys\Water\Seawater;
use Ithys\Water\Tank;

/** A sump as its keeper designs it, in base units, and what it comes to under a tank. */
final readonly class SumpDesign
{
    public const FORMAT = 'ithys-section';

    public const SCHEMA = 1;

    /** Figures of the sump itself, as they are called in documents. */
    public const FIGURES = [
        'lengthMm',
        'widthMm',
        'heightMm',
        'wallMm',
        'returnLevelMm',
        'pumpMinimumMm',
        'fallMm',
        'boxLitres',
        'evaporationLitresADay',
        'reservoirLitres',
        'cabinetMm',
        'bottomMm',
    ];

    /**
     * @param  array<string, ?float>  $figures  by {@see SumpDesign::FIGURES}
     * @param  list<Baffle>  $baffles
     * @param  list<Placed>  $placed
     * @param  list<Tray>  $trays
     */
    public function __construct(
        public array $figures,
        public bool $toTheLeft,
        public array $baffles,
        public array $placed,
        public Plumbing $plumbing,
        public Material $material = Material::Glass,
        public bool $braced = false,
        public array $trays = [],
        public bool $bottomOnEdges = false,
        public Workshop $workshop = new Workshop,
    ) {
    }

    /** A sump to start from: skimmer chamber, bubble trap, return. */
    public static function start(): self
    {
        return new self(
            [
                'lengthMm' => 760.0,
                'widthMm' => 350.0,
                'heightMm' => 380.0,
                'wallMm' => 6.0,
                'returnLevelMm' => 180.0,
                'pumpMinimumMm' => 60.0,
                'fallMm' => 20.0,
                'boxLitres' => 2.0,
                'evaporationLitresADay' => null,
                'reservoirLitres' => null,
                'cabinetMm' => null,
                'bottomMm' => null,
            ],
            false,
            [
                new Baffle('weir', BaffleKind::Weir, 420, 6, 230),
                new Baffle('under', BaffleKind::Under, 460, 6, 320, 35),
                new Baffle('last', BaffleKind::Weir, 500, 6, 215),
            ],
            [],
            new Plumbing(),
        );
    }

    public function figure(string $key): float
    {
        return $this->figures[$key] ?? 0.0;
    }

    public function section(Tank $tank): Section
    {
        return new Section(
            $this->figure('lengthMm'),
            $this->figure('widthMm'),
            $this->figure('heightMm'),
            $this->figure('wallMm'),
            $this->baffles,
            $this->figure('returnLevelMm'),
            $this->figure('pumpMinimumMm'),
            new DrainDown(
                $tank->display->surfaceSquareMm(),
                $this->figure('fallMm'),
                $this->figure('boxLitres'),
                $this->plumbing->litres(),
            ),
            $this->figures['evaporationLitresADay'] ?? null,
            $this->figures['reservoirLitres'] ?? null,
            $this->figures['cabinetMm'] ?? null,
            $this->toTheLeft,
            $this->placed,
            $this->material,
            $this->braced,
            $this->trays,
            $this->figures['bottomMm'] ?? null,
            $this->bottomOnEdges,
        );
    }

    public function cutSheet(Section $section): CutSheet
    {
        return CutSheet::of($section, $this->workshop);
    }

    public function returnLoop(Tank $tank): ?ReturnLoop
    {
        return $this->plumbing->returnLoop(self::viscosity($tank));
    }

    /**
     * Flow through the sump: what the return really gives, or while that is not known what the tank is said to have,
     * L/h.
     */
    public function litresPerHour(Tank $tank): float
    {
        return $this->returnLoop($tank)->litresPerHour ?? $tank->filterLitresPerHour ?? 0.0;
    }

    /**
     * What it computes of the path it stands in.
     *
     * @param  Tank  $tank  with the flow it is said to have
     */
    public function drawn(Tank $tank): Drawn
    {
        $flow = $this->returnLoop($tank)?->litresPerHour;
        $section = $this->section($tank);
        $through = $flow ?? $tank->filterLitresPerHour;
        if ($through === null) {
            // How high the water stands over the baffles depends on the flow.
            return new Drawn;
        }
        $running = WaterLines::running($section, $through);
        $emptied = WaterLines::returnEmptied($section, $through);
        $states = [$running, WaterLines::powerCut($section, $through), $emptied];
        $covers = [];
        foreach ($this->placed as $device) {
            $known = array_filter(
                array_map($device->coverMm(...), $states),
                static fn (?float $cover): bool => $cover !== null,
            );
            if ($device->item !== '' && $known !== []) {
                $covers[$device->item] = min($known);
            }
        }

        return new Drawn($flow, $running->litres, max(0.0, $running->litres - $emptied->litres), $covers);
    }

    /** @param  ?Path  $path  the path in force, whose items say of what fittings they are */
    public function review(Tank $tank, UnitSystem $units, ?Path $path = null): SumpReview
    {
        $room = $tank->display->unfilledLitres();
        $section = $this->section($tank);
        $flow = $this->litresPerHour($tank);

        return SumpReview::of($section, $flow, $room > 0.0 ? $room : null, $units, [
            ...(new PlumbingReview(
                $this->plumbing,
                $flow,
                self::viscosity($tank),
                $this->figure('fallMm'),
                $units,
                $path,
            ))->findings(),
            ...WorkshopReview::findings($section, $this->workshop, $units),
        ]);
    }

    /** Kinematic viscosity of its water, m²/s. */
    public static function viscosity(Tank $tank): float
    {
        return Seawater::kinematicViscosity($tank->salinity, $tank->celsius);
    }

    /** @return array<string, mixed> the document, schema {@see SumpDesign::SCHEMA} */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'schema' => self::SCHEMA,
            ...$this->figures,
            'toTheLeft' => $this->toTheLeft,
            'material' => $this->material->value,
            'braced' => $this->braced,
            'baffles' => array_map(static fn (Baffle $baffle): array => $baffle->toArray(), $this->baffles),
            'placed' => array_map(static fn (Placed $placed): array => $placed->toArray(), $this->placed),
            'plumbing' => $this->plumbing->toArray(),
            ...$this->trays === []
                ? []
                : ['trays' => array_map(static fn (Tray $tray): array => $tray->toArray(), $this->trays)],
            ...$this->bottomOnEdges ? ['bottomOnEdges' => true] : [],
            ...$this->workshop->toArray() === [] ? [] : ['workshop' => $this->workshop->toArray()],
        ];
    }
}
