<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Flow\Fitting;
use Ithys\Flow\Throttle;
use Ithys\Path\Path;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Chamber;
use Ithys\Sump\Cutting\Basket;
use Ithys\Sump\Cutting\CutGroup;
use Ithys\Sump\Cutting\WorkshopReview;
use Ithys\Sump\Fields;
use Ithys\Sump\PipeSystem;
use Ithys\Sump\Placed;
use Ithys\Sump\Proposal;
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
     * @param  bool  $withCuts  with the cut sheet, which is half of the answer and which only its own page shows
     * @return array<string, mixed>
     */
    public static function of(
        SumpDesign $design,
        Setup $setup,
        UnitSystem $units,
        ?float $pricePerKilowattHour = null,
        bool $withCuts = true,
    ): array {
        $setup = $setup->over($design);
        $tank = $setup->asSaid();
        $section = $design->section($tank);
        $review = $design->review($tank, $units, $setup->path);
        $lines = static fn (WaterLines $lines): array => [
            'levels' => $lines->levelsMm,
            'chamberLitres' => $lines->chamberLitres,
            'litres' => $lines->litres,
        ];

        return [
            'lengthMm' => $section->lengthMm,
            'widthMm' => $section->widthMm,
            'heightMm' => $section->heightMm,
            'wallMm' => $section->wallMm,
            'chambers' => array_map(
                static fn (Chamber $chamber): array => ['fromMm' => $chamber->fromMm, 'toMm' => $chamber->toMm],
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
                    'edgeMm' => $baffle->edgeMm(),
                    'gapMm' => $baffle->gapMm,
                ],
                $section->baffles,
            ),
            'placed' => self::placed($section),
            'trays' => array_map(static fn (Tray $tray): array => self::tray($tray, $section), $section->trays),
            'states' => [
                'running' => $lines($review->running),
                'powerCut' => $lines($review->powerCut),
                'emptied' => $lines($review->emptied),
            ],
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $review->findings),
            'proposals' => self::proposals($section, $units, $setup->path),
            'water' => [
                'freeboardMm' => $section->heightMm - $review->running->highestMm(),
                'roomLitres' => $section->rimLitres() - $review->running->litres,
                'drainDownLitres' => $section->drainDown->litres(),
                'marginLitres' => $review->marginLitres,
                'marginMm' => $review->marginMm,
                'givesUpLitres' => $review->givesUpLitres,
                'daysToGulp' => $review->daysToGulp,
                'reservoirDays' => $review->reservoirDays,
            ],
            'flow' => self::flow($design, $setup, $units, $pricePerKilowattHour ?? Assumptions::powerPrice()->value),
            'cuts' => ! $withCuts
                ? null
                : [
                    ...CutView::of($design, $section),
                    'findings' => array_values(
                        array_map(
                            static fn (Finding $finding): array => $finding->toArray(),
                            array_filter($review->findings, WorkshopReview::speaksIn(...)),
                        ),
                    ),
                ],
        ];
    }

    /** @return array<string, mixed> */
    private static function flow(
        SumpDesign $design,
        Setup $setup,
        UnitSystem $units,
        float $pricePerKilowattHour,
    ): array {
        $tank = $setup->asSaid();
        $flow = $design->litresPerHour($tank);
        $loop = $design->returnLoop($tank);
        $plumbing = $design->plumbing;
        $viscosity = SumpDesign::viscosity($tank);
        $hours = $plumbing->kilowattHoursAYear();

        return [
            'litresPerHour' => $flow,
            'isReckoned' => $loop !== null,
            'headMetres' => $loop?->headMetres,
            'lossMetres' => $loop?->lossMetres,
            'speed' => $loop?->speed,
            'drainLitresPerHour' => $plumbing->drainLitresPerHour($viscosity),
            'drainTunedOpen' => $plumbing->drainTunedOpen($flow, $viscosity),
            'emergencyLitresPerHour' => $plumbing->emergencyLitresPerHour($viscosity),
            'overflowHeadMm' => $plumbing->overflow()?->headMm($flow),
            'kilowattHoursAYear' => $hours,
            'costAYear' => $hours === null ? null : $hours * $pricePerKilowattHour,
            'turnover' => $flow > 0.0
                    ? Turnover::judge($flow, $setup->workingVolume()->litres, $tank->school, $units)->toArray()
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
                ...$device->toArray(),
                'place' => $place === null
                        ? null
                        : [
                            'atMm' => $place->xMm,
                            'acrossMm' => $place->yMm,
                            'lengthMm' => $place->lengthMm,
                            'widthMm' => $place->widthMm,
                        ],
            ];
        }, $section->placed);
    }

    /**
     * @return array<string, mixed> a tray with its openings where they are cut, from the inlet wall and from the front,
     *   mm
     */
    private static function tray(Tray $tray, Section $section): array
    {
        $chamber = $section->chambers()[$tray->chamber] ?? null;
        $places = $chamber === null ? [] : $tray->places($chamber) ?? [];
        $from = $chamber->fromMm ?? 0.0;
        $clear = Assumptions::trayClearance()->value;
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
            'openings' => $openings,
        ];
    }

    /** @return array<string, mixed> parts to begin with, as typed */
    private static function proposals(Section $section, UnitSystem $units, ?Path $path): array
    {
        $typed = static fn (Baffle|Placed|Tray|Opening $part): array => SectionForm::texts($part->toArray(), $units);
        $openings = [];
        foreach (OpeningKind::cases() as $kind) {
            $openings[$kind->value] = $typed($kind->usual($kind->value));
        }

        return [
            'baffles' => array_map(
                static fn (array $baffles): array => array_map($typed, $baffles),
                Proposal::baffles($section),
            ),
            'devices' => array_map($typed, Proposal::devices($section)),
            'fromPath' => $path === null ? [] : array_map($typed, Proposal::fromPath($section, $path)),
            'trays' => array_map($typed, Proposal::trays($section, $path)),
            'openings' => $openings,
        ];
    }

    /** @return array<string, mixed> what the form offers to choose from */
    public static function choices(UnitSystem $units): array
    {
        $stock = [];
        foreach (CutGroup::cases() as $group) {
            $stock[] = [
                $group->value,
                $group->label(),
                $group->usualStock() === null ? null : SectionForm::texts($group->usualStock()->toArray(), $units),
            ];
        }

        return [
            'length' => ['unit' => Fields::lengthUnit($units)->value, 'factor' => Fields::lengthUnit($units)->factor()],
            'kinds' => array_map(
                static fn (BaffleKind $kind): array => [$kind->value, $kind->label(), $kind->says()],
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
            'siliconeGap' => Assumptions::siliconeGap()->toArray(),
            'blackout' => Assumptions::blackout()->toArray(),
            'fittings' => array_map(
                static fn (Fitting $fitting): array => [$fitting->value, $fitting->label(), $fitting->loss()],
                Fitting::cases(),
            ),
            // What a gate valve costs by the share it is open, from all but open to nearly closed.
            'throttled' => array_reverse(array_slice(Throttle::LOSS, 0, -1)),
            'joints' => array_map(
                static fn (array $part, string $key): array => [$key, $part[0]],
                PipeSystem::PARTS,
                array_keys(PipeSystem::PARTS),
            ),
            'stock' => $stock,
            'basket' => SectionForm::texts(Basket::usual()->toArray(), $units),
        ];
    }
}
