<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Packing\Nest;
use Ithys\Sump\Cutting\CutHole;
use Ithys\Sump\Cutting\CutPanel;
use Ithys\Sump\Cutting\Heights;
use Ithys\Sump\Cutting\StockPlan;
use Ithys\Sump\Cutting\StockUse;
use Ithys\Sump\Section;
use Ithys\Sump\SumpDesign;

/** What is cut for a sump as the page shows it: the pieces, and how they lie on the sheets they are bought as. */
final class CutView
{
    /** More pieces than this on one sheet are counted, but not drawn on the page. */
    private const MOST_DRAWN = 600;

    /** @return array<string, mixed> */
    public static function of(SumpDesign $design, Section $section): array
    {
        $sheet = $design->cutSheet($section);
        $heights = Heights::of($section);

        return [
            'panels' => array_map(
                static fn (CutPanel $panel): array => [
                    ...self::panel($panel),
                    'overFloorMm' => $heights[$panel->id] ?? null,
                ],
                $sheet->panels,
            ),
            'stock' => array_map(self::use(...), StockPlan::of($sheet, $design->workshop, $section->assumptions)->uses),
        ];
    }

    /** @return array<string, mixed> */
    private static function use(StockUse $use): array
    {
        $shapes = [];
        foreach (array_merge(...$use->sheets) as $nest) {
            $shapes[self::shape($nest)] ??= self::panel(
                $nest->turned ? $use->panel($nest->mark)->turned() : $use->panel($nest->mark),
            );
        }

        return [
            'label' => $use->label,
            'group' => $use->group()->value,
            'thicknessMm' => $use->thicknessMm(),
            'lengthMm' => $use->stock->lengthMm,
            'widthMm' => $use->stock->widthMm,
            'sheetsNeeded' => $use->sheetsNeeded,
            'perSheet' => $use->perSheet,
            'usedShare' => $use->usedShare(),
            'shapes' => (object) $shapes,
            'sheets' => array_map(
                static fn (array $nests): array => array_map(
                    static fn (Nest $nest): array => [
                        'shape' => self::shape($nest),
                        'xMm' => $nest->xMm,
                        'yMm' => $nest->yMm,
                        'lengthMm' => $nest->lengthMm,
                        'widthMm' => $nest->widthMm,
                    ],
                    array_slice($nests, 0, self::MOST_DRAWN),
                ),
                $use->sheets,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function panel(CutPanel $panel): array
    {
        return [
            'id' => $panel->id,
            'group' => $panel->group->value,
            'label' => $panel->label,
            'count' => $panel->count,
            'widthMm' => $panel->shape->widthMm,
            'heightMm' => $panel->shape->heightMm,
            'thicknessMm' => $panel->shape->thicknessMm,
            'note' => $panel->note,
            'material' => $panel->stuff(),
            'edges' => $panel->edges(),
            'insideMm' => $panel->set?->insideMm,
            'outsideMm' => $panel->set?->outsideMm,
            'outline' => $panel->shape->outline,
            'holes' => array_map(static fn (CutHole $hole): array => $hole->toArray(), $panel->shape->holes),
        ];
    }

    /** What tells a piece as it lies from the same piece turned. */
    private static function shape(Nest $nest): string
    {
        return $nest->mark.($nest->turned ? ' turned' : '');
    }
}
