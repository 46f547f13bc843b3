<?php

declare(strict_types=1);

namespace App\Http\Pages;

use DateTimeImmutable;
use Ithys\Document\Field;
use Ithys\Document\Writer;
use Ithys\Finding;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Baffle;
use Ithys\Sump\Build\BuildPlan;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\Build\BuildStep;
use Ithys\Sump\Build\LeakResult;
use Ithys\Sump\Build\Measured;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpFields;
use Ithys\System\Setup;

/** The steps of building a sump with what is recorded of them, and the record as its keeper types it. */
final class BuildView
{
    /** @return array<string, mixed> */
    public static function of(SumpDesign $design, BuildRecord $record, Setup $setup, Words $words): array
    {
        $plan = new BuildPlan($design->review($setup->asSaid(), $setup->path), $record);

        return [
            'isSump' => ! $design->isBehind(),
            'steps' => array_map(static fn (BuildStep $step): array => self::step($step, $words), $plan->steps()),
            'findings' => FindingView::all(Finding::gravestFirst([...$plan->findings(), ...$plan->ofGlass()]), $words),
            'waterNotBefore' => $plan->waterNotBefore()?->format('Y-m-d'),
            'baffles' => array_map(static function (Baffle $baffle) use ($record, $words): array {
                $measured = $record->measured[$baffle->id] ?? new Measured([]);
                $shown = static fn (?float $mm): ?string => $mm === null ? null : $words->say(Quantity::mm($mm));

                return [
                    'id' => $baffle->id,
                    'label' => $baffle->kind->label(),
                    'planned' => $shown($baffle->atMm),
                    'outOfSquare' => $shown($measured->outOfSquareMm()),
                    'leaning' => $shown($measured->leaningMm()),
                    'offPlan' => $shown($measured->offPlanMm($baffle->atMm)),
                ];
            }, $design->inside->baffles),
        ];
    }

    /** @return array<string, mixed> */
    private static function step(BuildStep $step, Words $words): array
    {
        return [
            'key' => $step->key,
            'title' => $words->say($step->title),
            'says' => $words->say($step->says),
            'caution' => $step->caution,
            'done' => $step->done?->format('Y-m-d'),
            'notBefore' => $step->notBefore?->format('Y-m-d'),
        ];
    }

    /** @return array<string, mixed> */
    public static function typed(BuildRecord $record, UnitSystem $units): array
    {
        $corners = array_map(
            static fn (string $corner): Field => SumpFields::mm($corner, '', 0.0, INF),
            array_combine(array_keys(Measured::CORNERS), array_keys(Measured::CORNERS)),
        );
        $document = array_diff_key($record->toArray(), ['format' => 0, 'schema' => 0]);
        $typed = (new Writer($units))->texts($document, [...SumpFields::all(), ...$corners]);

        return [...$typed, 'measured' => (object) $typed['measured'], 'done' => (object) $typed['done']];
    }

    /** @return array<string, mixed> what the form offers to choose from */
    public static function choices(UnitSystem $units, DateTimeImmutable $today, SumpDesign $design): array
    {
        return [
            'unit' => $units->unitOf(Dimension::Workshop)->value,
            'corners' => array_map(null, array_keys(Measured::CORNERS), array_values(Measured::CORNERS)),
            'today' => $today->format('Y-m-d'),
            'brim' => (new Writer($units))->texts(
                ['heightMm' => $design->vessel->heightMm],
                SumpFields::all(),
            )['heightMm'],
            'results' => array_map(
                static fn (LeakResult $result): array => [$result->value, $result->label()],
                LeakResult::cases(),
            ),
        ];
    }
}
