<?php

declare(strict_types=1);

namespace App\Http\Pages;

use DateTimeImmutable;
use Ithys\Finding;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Baffle;
use Ithys\Sump\Build\BuildPlan;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\Build\BuildStep;
use Ithys\Sump\Build\LeakResult;
use Ithys\Sump\Build\Measured;
use Ithys\Sump\Fields;
use Ithys\Sump\SumpDesign;
use Ithys\Water\Tank;

/** The steps of building a sump with what is recorded of them, and the record as its keeper types it. */
final class BuildView
{
    /** @return array<string, mixed> */
    public static function of(SumpDesign $design, BuildRecord $record, Tank $tank, UnitSystem $units): array
    {
        $section = $design->section($tank);
        $plan = new BuildPlan(
            $section,
            $design->review($tank, $units),
            $record,
            $units,
            $design->workshop->litChamber !== null,
            $design->workshop->basket !== null,
        );

        return [
            'steps' => array_map(static fn (BuildStep $step): array => $step->toArray(), $plan->steps()),
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $plan->findings()),
            'waterNotBefore' => $plan->waterNotBefore()?->format('Y-m-d'),
            'baffles' => array_map(static function (Baffle $baffle) use ($record, $units): array {
                $measured = $record->measured[$baffle->id] ?? new Measured([]);
                $shown = static fn (?float $mm): ?string => $mm === null ? null : ShopLength::format($mm, $units);

                return [
                    'id' => $baffle->id,
                    'label' => $baffle->kind->label(),
                    'planned' => $shown($baffle->atMm),
                    'outOfSquare' => $shown($measured->outOfSquareMm()),
                    'leaning' => $shown($measured->leaningMm()),
                    'offPlan' => $shown($measured->offPlanMm($baffle->atMm)),
                ];
            }, $section->baffles),
        ];
    }

    /** @return array<string, mixed> */
    public static function typed(BuildRecord $record, UnitSystem $units): array
    {
        $typed = SectionForm::texts(array_diff_key($record->toArray(), ['format' => 0, 'schema' => 0]), $units);
        // Corners are named without a unit in the record; each is a length.
        $typed['measured'] = (object) array_map(
            static fn (Measured $measured): array => array_map(
                static fn (float $mm): string => TankForm::plain($mm / Fields::lengthUnit($units)->factor()),
                $measured->cornersMm,
            ),
            $record->measured,
        );

        return [...$typed, 'cureHours' => $typed['cureHours'] ?? '', 'done' => (object) $typed['done']];
    }

    /** @return array<string, mixed> what the form offers to choose from */
    public static function choices(UnitSystem $units, DateTimeImmutable $today): array
    {
        return [
            'unit' => Fields::lengthUnit($units)->value,
            'corners' => array_map(null, array_keys(Measured::CORNERS), array_values(Measured::CORNERS)),
            'today' => $today->format('Y-m-d'),
            'results' => array_map(
                static fn (LeakResult $result): array => [$result->value, $result->label()],
                LeakResult::cases(),
            ),
        ];
    }
}
