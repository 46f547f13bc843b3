<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Flow\Fitting;
use Ithys\Flow\Throttle;
use Ithys\Media\Medium;
use Ithys\Path\Path;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Chamber;
use Ithys\Sump\Cutting\BasketShelf;
use Ithys\Sump\Cutting\CutGroup;
use Ithys\Sump\Cutting\LayerKind;
use Ithys\Sump\Cutting\Stock;
use Ithys\Sump\PipeSystem;
use Ithys\Sump\Placed;
use Ithys\Sump\Review\DraftTanks;
use Ithys\Sump\Review\Situation;
use Ithys\Sump\Section;
use Ithys\Sump\Standing;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Ithys\Sump\WaterLines;
use Ithys\System\Setup;
use Ithys\Water\Turnover;

/** A sump as the page draws it: in mm and litres, the water in three states, and what it means. */
final class SectionView
{
    /**
     * @param  list<Path>  $drafts  paths that are planned, whose parts may be placed too
     * @param  bool  $withCuts  with the cut sheet, which is half of the answer and which only its own page shows
     * @return array<string, mixed>
     */
    public static function of(
        SumpDesign $design,
        Setup $setup,
        Words $words,
        ?float $pricePerKilowattHour = null,
        bool $withCuts = true,
        array $drafts = [],
    ): array {
        $setup = $setup->over($design);
        $tank = $setup->asSaid();
        // One section for summary, drawing and findings.
        $review = $design->review($tank, $setup->path);
        $here = $review->here;
        $section = $here->section;
        $lines = static fn (WaterLines $lines): array => [
            'levels' => $lines->levelsMm,
            'chamberLitres' => $lines->chamberLitres,
            'litres' => $lines->litres,
            'displayMm' => $lines->displayMm,
        ];

        return [
            'lengthMm' => $section->vessel->lengthMm,
            'widthMm' => $section->vessel->widthMm,
            'heightMm' => $section->vessel->heightMm,
            'wallMm' => $section->vessel->wallMm,
            'front' => self::front($section),
            'basket' => self::basket($review->here),
            // Whether the path in force is of the kind that is drawn; the other way the drawing counts for nothing.
            'style' => $setup->path === null || $setup->path->style === $design->style()
                    ? null
                    : $setup->path->style->label(),
            'chambers' => array_map(
                static fn (Chamber $chamber): array => [
                    'fromMm' => $chamber->fromMm,
                    'toMm' => $chamber->toMm,
                    'name' => $section->nameOf($chamber),
                ],
                $section->chambers(),
            ),
            'baffles' => array_map(
                static fn (Baffle $baffle): array => [
                    'id' => $baffle->id,
                    'kind' => $baffle->kind->value,
                    'label' => $baffle->kind->label(),
                    'atMm' => $baffle->atMm,
                    'thicknessMm' => $baffle->thicknessMm,
                    'topMm' => $baffle->topMm,
                    'edgeMm' => $baffle->edgeMm($section->assumptions),
                    'gapMm' => $baffle->gapMm,
                ],
                $section->inside->baffles,
            ),
            'placed' => self::placed($section),
            'trays' => array_map(static fn (Tray $tray): array => self::tray($tray, $section), $section->inside->trays),
            'states' => [
                'running' => $lines($here->running),
                'powerCut' => $lines($here->powerCut),
                'emptied' => $lines($here->emptied),
            ],
            'findings' => FindingView::all(DraftTanks::told($review->findings, $setup->path, $drafts), $words),
            'proposals' => ProposalsView::of($section, $design->litresPerHour($tank), $setup->path, $drafts, $words),
            'water' => [
                'freeboardMm' => $section->vessel->heightMm - $here->running->highestMm(),
                'roomLitres' => $section->rimLitres() - $here->running->litres,
                'drainDownLitres' => $here->comesDownLitres(),
                // What is missing adds to what comes down, and leaves no margin to speak of.
                'isReckoned' => $here->missingOfPowerCut() === [],
                'marginLitres' => $here->missingOfPowerCut() === [] ? $here->marginLitres() : null,
                'marginMm' => $here->missingOfPowerCut() === [] ? $here->marginMm() : null,
                'givesUpLitres' => $here->flowIsKnown ? $here->givesUpLitres() : null,
                'daysToGulp' => $here->daysToGulp(),
                'reservoirDays' => $section->water->reservoirDays(),
            ],
            'flow' => self::flow(
                $design,
                $setup,
                $words,
                $pricePerKilowattHour ?? $section->assumptions->value(Assumed::PowerPrice),
            ),
            'cuts' => ! $withCuts
                ? null
                : [
                    ...CutView::of($design, $section),
                    'findings' => FindingView::all($review->ofCuts, $words),
                ],
        ];
    }

    /** @return ?array<string, mixed> the display before chambers that are behind it, over the same floor, mm */
    private static function front(Section $section): ?array
    {
        $front = $section->front;

        return $front === null
            ? null
            : [
                'depthMm' => $front->depthMm,
                'crestMm' => $front->wall->crestMm,
                'slotTopMm' => $front->wall->slotTopMm,
                'slotsMm' => $front->wall->slotsMm,
                'openShare' => $front->wall->openShare,
                'thicknessMm' => $front->wall->thicknessMm,
                'nozzleMm' => $front->wall->nozzleMm,
                'lidMm' => $front->wall->lidMm,
            ];
    }

    /** @return ?array<string, mixed> the media basket put together, from its foot, mm; null while none can be made */
    private static function basket(Situation $here): ?array
    {
        $basket = $here->workshop->basket;
        $assumptions = $here->assumptions;
        if ($basket === null || $basket->panels($assumptions) === []) {
            return null;
        }

        return [
            'chamber' => $basket->use?->chamber,
            'standMm' => $basket->standMm(),
            'outerLengthMm' => $basket->outerLengthMm(),
            'outerWidthMm' => $basket->outerWidthMm(),
            'innerLengthMm' => $basket->innerLengthMm(),
            'innerWidthMm' => $basket->innerWidthMm(),
            'heightMm' => $basket->heightMm,
            'frontMm' => $basket->plateMm(),
            'thicknessMm' => $basket->thicknessMm,
            'shelfMm' => $basket->shelfMm($assumptions),
            'gridThicknessMm' => $assumptions->value(Assumed::GridThickness),
            'ledgeMm' => $assumptions->value(Assumed::BasketLedge),
            'handleMm' => $assumptions->value(Assumed::BasketHandle),
            'shelves' => array_map(
                static fn (BasketShelf $shelf): array => [
                    'number' => $shelf->number,
                    'ledgeMm' => $shelf->ledgeMm,
                    'gridMm' => $shelf->gridMm,
                    'topMm' => $shelf->topMm,
                    'litres' => $shelf->litres,
                    'layers' => array_map(
                        static fn (array $one): array => [
                            'id' => $one['layer']->id,
                            'label' => $one['layer']->label(),
                            'isPad' => $one['layer']->kind->isPad(),
                            'fromMm' => $one['fromMm'],
                            'toMm' => $one['toMm'],
                        ],
                        $shelf->layers,
                    ),
                ],
                $basket->stack($assumptions),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function flow(
        SumpDesign $design,
        Setup $setup,
        Words $words,
        float $pricePerKilowattHour,
    ): array {
        $tank = $setup->asSaid();
        $flow = $design->litresPerHour($tank);
        $loop = $design->returnLoop($tank);
        $plumbing = $design->plumbing;
        $viscosity = $tank->water->viscosity();
        $assumptions = $tank->assumptions;
        $hours = $plumbing->kilowattHoursAYear();

        return [
            'litresPerHour' => $flow,
            'isReckoned' => $loop !== null,
            'headMetres' => $loop?->headMetres,
            'lossMetres' => $loop?->lossMetres,
            'speed' => $loop?->speed,
            'drainLitresPerHour' => $plumbing->drain->carries($assumptions, $viscosity),
            'drainTunedOpen' => $flow === null
                ? null
                : $plumbing->drain->tunedOpen($assumptions, $flow, $viscosity),
            'emergencyLitresPerHour' => $plumbing->emergency->carries($assumptions, $viscosity),
            'overflowHeadMm' => $flow === null ? null : $plumbing->overflow()?->headMm($flow),
            'kilowattHoursAYear' => $hours,
            'costAYear' => $hours === null ? null : $hours * $pricePerKilowattHour,
            'turnover' => $flow !== null && $flow > 0.0
                    ? FindingView::of(
                        Turnover::judge($setup->tank, $setup->workingVolume()->litres),
                        $words,
                    )
                    : null,
        ];
    }

    /**
     * @return list<array<string, mixed>> devices with the place they take, seen from above; null where their chamber is
     *   gone
     */
    private static function placed(Section $section): array
    {
        $places = Standing::in($section)->places;

        return array_map(static function (Placed $device) use ($places): array {
            $place = $places[$device->id] ?? null;

            return [
                ...array_diff_key($device->toArray(), array_flip(['chamber', 'item', 'lengthMm', 'widthMm'])),
                'place' => $place === null
                        ? null
                        : [
                            'atMm' => $place->xMm,
                            'acrossMm' => $place->yMm,
                            'lengthMm' => $place->lengthMm,
                            'widthMm' => $place->widthMm,
                        ],
            ];
        }, $section->inside->placed);
    }

    /**
     * @return array<string, mixed> a tray with its openings where they are cut, from the inlet wall and from the front,
     *   mm
     */
    private static function tray(Tray $tray, Section $section): array
    {
        $chamber = $section->chambers()[$tray->chamber] ?? null;
        $places = $chamber === null ? [] : $tray->places($chamber, $section->assumptions) ?? [];
        $from = $chamber->fromMm ?? 0.0;
        $clear = $section->assumptions->value(Assumed::TrayClearance);
        $openings = array_values(
            array_filter(
                array_map(static function (Opening $opening) use ($places, $from, $clear): ?array {
                    $place = $places[$opening->id] ?? null;

                    return $place === null
                        ? null
                        : [
                            'id' => $opening->id,
                            'kind' => $opening->kind->value,
                            'label' => $opening->kind->label(),
                            'short' => $opening->kind->shortLabel(),
                            'isRound' => $opening->kind->isRound(),
                            'atMm' => $from + $clear + $place->xMm,
                            'acrossMm' => $clear + $place->yMm,
                            'lengthMm' => $place->lengthMm,
                            'widthMm' => $place->widthMm,
                            'standsMm' => $opening->standsMm,
                            'hangsMm' => $opening->hangsMm,
                        ];
                }, $tray->openings),
            ),
        );

        return [
            'id' => $tray->id,
            'kind' => $tray->kind->value,
            'label' => $tray->kind->label(),
            'topMm' => $tray->topMm,
            'thicknessMm' => $tray->thicknessMm,
            'fromMm' => $from,
            'toMm' => $chamber->toMm ?? $from,
            'ledgeReachMm' => $tray->ledgeReachMm($section->assumptions),
            'ledgeWidthMm' => $section->assumptions->value(Assumed::TrayLedge),
            'openings' => $openings,
        ];
    }

    /** @return ?array<string, mixed> */
    private static function stock(?Stock $stock, UnitSystem $units): ?array
    {
        return $stock === null ? null : SectionForm::texts($stock->toArray(), $units, true);
    }

    /** @return array<string, mixed> what the form offers to choose from */
    public static function choices(UnitSystem $units, Assumptions $assumptions): array
    {
        $words = new Words($units);
        $length = $units->unitOf(Dimension::Workshop);
        $stock = [];
        foreach (CutGroup::cases() as $group) {
            $stock[] = [
                $group->value,
                $group->label(),
                self::stock($group->usualStock($assumptions), $units),
            ];
        }

        return [
            'length' => [
                'unit' => $length->value,
                'factor' => $length->factor(),
                // How far an arrow key moves a part, and with Shift, mm.
                'steps' => $units === UnitSystem::Metric ? [1, 10] : [25.4 / 16, 25.4 / 2],
                'stepNames' => $units === UnitSystem::Metric ? ['1 mm', '10 mm'] : ['1/16 in', '1/2 in'],
            ],
            'kinds' => array_map(
                static fn (BaffleKind $kind): array => [
                    $kind->value,
                    $kind->label(),
                    $kind->says(),
                    $kind->shortLabel(),
                ],
                BaffleKind::cases(),
            ),
            'trays' => array_map(
                static fn (TrayKind $kind): array => [$kind->value, $kind->label(), $kind->says()],
                TrayKind::cases(),
            ),
            'openings' => array_map(
                static fn (OpeningKind $kind): array => [$kind->value, $kind->label(), $kind->isRound()],
                OpeningKind::cases(),
            ),
            'siliconeGap' => AssumptionView::of($assumptions->of(Assumed::SiliconeGap), $words),
            'blackout' => AssumptionView::of($assumptions->of(Assumed::Blackout), $words),
            'fittings' => array_map(
                static fn (Fitting $fitting): array => [
                    $fitting->value,
                    $fitting->label(),
                    $fitting->loss($assumptions),
                ],
                Fitting::cases(),
            ),
            // What a gate valve costs by the share it is open, from all but open to nearly closed.
            'throttled' => array_reverse(array_slice((new Throttle($assumptions))->settings, 0, -1)),
            'joints' => array_map(
                static fn (array $part, string $key): array => [$key, $part[0]],
                PipeSystem::PARTS,
                array_keys(PipeSystem::PARTS),
            ),
            'stock' => $stock,
            'layers' => array_map(
                static fn (LayerKind $kind): array => [$kind->value, $kind->label(), $kind->isPad()],
                LayerKind::cases(),
            ),
            'media' => array_map(
                static fn (Medium $medium): array => [$medium->value, $medium->label()],
                Medium::cases(),
            ),
        ];
    }
}
