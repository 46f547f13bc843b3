<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Flow\Fitting;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Chamber;
use Ithys\Sump\CutPanel;
use Ithys\Sump\CutSheet;
use Ithys\Sump\Placed;
use Ithys\Sump\Proposal;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\TypedSection;
use Ithys\Sump\WaterLines;
use Ithys\Water\Seawater;
use Ithys\Water\Tank;
use Ithys\Water\Turnover;

/** A sump as the page draws it: in mm and litres, the water in three states, and what it means. */
final class SectionView
{
    /** @return array<string, mixed> */
    public static function of(SumpDesign $design, Tank $tank, UnitSystem $units): array
    {
        $section = $design->section($tank);
        $review = $design->review($tank, $units);
        $flow = $design->litresPerHour($tank);
        $loop = $design->returnLoop($tank);
        $lines = static fn (WaterLines $lines): array => ['levels' => $lines->levelsMm, 'chamberLitres' => $lines->chamberLitres, 'litres' => $lines->litres];

        return [
            'lengthMm' => $section->lengthMm,
            'widthMm' => $section->widthMm,
            'heightMm' => $section->heightMm,
            'wallMm' => $section->wallMm,
            'chambers' => array_map(static fn (Chamber $chamber): array => ['fromMm' => $chamber->fromMm, 'toMm' => $chamber->toMm], $section->chambers()),
            'baffles' => array_map(static fn (Baffle $baffle): array => ['id' => $baffle->id, 'kind' => $baffle->kind->value, 'label' => $baffle->kind->label(), 'atMm' => $baffle->atMm, 'thicknessMm' => $baffle->thicknessMm, 'topMm' => $baffle->topMm, 'gapMm' => $baffle->gapMm], $section->baffles),
            'placed' => array_map(static fn (Placed $placed): array => $placed->toArray(), $section->placed),
            'states' => ['running' => $lines($review->running), 'powerCut' => $lines($review->powerCut), 'emptied' => $lines($review->emptied)],
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $review->findings),
            'proposals' => [
                'baffles' => array_map(static fn (array $baffles): array => array_map(static fn (Baffle $baffle): array => SectionForm::texts($baffle->toArray(), $units), $baffles), Proposal::baffles($section)),
                'devices' => array_map(static fn (Placed $device): array => SectionForm::texts($device->toArray(), $units), Proposal::devices($section)),
            ],
            'cuts' => array_map(static fn (CutPanel $panel): array => $panel->toArray(), CutSheet::of($section)->panels),
            'water' => [
                'roomLitres' => $section->rimLitres() - $review->running->litres,
                'drainDownLitres' => $section->drainDown->litres(),
                'marginLitres' => $review->marginLitres,
                'marginMm' => $review->marginMm,
                'givesUpLitres' => $review->givesUpLitres,
                'daysToGulp' => $review->daysToGulp,
                'reservoirDays' => $review->reservoirDays,
            ],
            'flow' => [
                'litresPerHour' => $flow,
                'isReckoned' => $loop !== null,
                'headMetres' => $loop?->headMetres,
                'lossMetres' => $loop?->lossMetres,
                'speed' => $loop?->speed,
                'drainLitresPerHour' => $design->plumbing->drainLitresPerHour(Seawater::kinematicViscosity($tank->salinity, $tank->celsius)),
                'kilowattHoursAYear' => $design->plumbing->kilowattHoursAYear(),
                'turnover' => $flow > 0.0 ? Turnover::judge($flow, $tank->workingVolume()->litres, $tank->school, $units)->finding->toArray() : null,
            ],
        ];
    }

    /** @return array<string, mixed> what the form offers to choose from */
    public static function choices(UnitSystem $units): array
    {
        return [
            'length' => ['unit' => TypedSection::lengthUnit($units)->value, 'factor' => TypedSection::lengthUnit($units)->factor()],
            'kinds' => array_map(static fn (BaffleKind $kind): array => [$kind->value, $kind->label(), $kind->says()], BaffleKind::cases()),
            'siliconeGap' => Assumptions::siliconeGap()->toArray(),
            'fittings' => array_map(static fn (Fitting $fitting): array => [$fitting->value, $fitting->label()], Fitting::cases()),
        ];
    }
}
