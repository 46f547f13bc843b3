<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Assumption\Assumed;
use Ithys\Sump\Cutting\CutPanel;
use Ithys\Sump\Section;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\Tray\TrayKind;

/**
 * A sump put together from its cut sheet in three dimensions, mm from the inner lower front corner of the inlet: x
 * along, y from front to back, z up. It takes sizes from the pieces and places from the words on them, as a builder
 * does.
 */
final class Assembly
{
    /** @var array<string, array{x: array{float, float}, y: array{float, float}, z: array{float, float}}> */
    public array $boxes = [];

    /** @var array<string, list<array{x: array{float, float}, y: array{float, float}, z: array{float, float}}>> */
    public array $holes = [];

    public static function of(SumpDesign $design, Section $section): self
    {
        $assembly = new self;
        $pieces = [];
        foreach ($design->cutSheet($section)->panels as $panel) {
            $pieces[$panel->id] = $panel;
        }
        $width = $section->vessel->widthMm;
        foreach ($section->inside->baffles as $baffle) {
            $piece = $pieces[$baffle->id] ?? null;
            if ($piece instanceof CutPanel && $piece->set !== null) {
                $side = ($width - $piece->shape->widthMm) / 2;
                $assembly->boxes[$baffle->id] = [
                    'x' => [$piece->set->insideMm, $piece->set->insideMm + $piece->shape->thicknessMm],
                    'y' => [$side, $width - $side],
                    'z' => [$baffle->gapMm, $baffle->gapMm + $piece->shape->heightMm],
                ];
            }
        }
        foreach ($section->inside->trays as $tray) {
            $chamber = $section->chambers()[$tray->chamber] ?? null;
            $sheet = $pieces[$tray->id] ?? null;
            $ledge = $pieces["{$tray->id}-ledge"] ?? null;
            if ($chamber === null || $sheet === null || $ledge === null) {
                continue;
            }
            $clear = $section->assumptions->value(Assumed::TrayClearance);
            [$left, $front] = [$chamber->fromMm + $clear, $clear];
            $assembly->boxes[$tray->id] = [
                'x' => [$left, $left + $sheet->shape->widthMm],
                'y' => [$front, $front + $sheet->shape->heightMm],
                'z' => [$tray->undersideMm(), $tray->topMm],
            ];
            // “Glue its wide face to the glass”: as high as it is wide, reaching in by its thickness.
            $reach = $ledge->shape->thicknessMm;
            foreach (['front' => [0.0, $reach], 'back' => [$width - $reach, $width]] as $where => $y) {
                $assembly->boxes["{$tray->id} {$where} ledge"] = [
                    'x' => [$left, $left + $ledge->shape->widthMm],
                    'y' => $y,
                    'z' => [$tray->undersideMm() - $ledge->shape->heightMm, $tray->undersideMm()],
                ];
            }
            foreach ($tray->kind === TrayKind::Tray ? $sheet->shape->holes : [] as $hole) {
                $assembly->holes[$tray->id][] = [
                    'x' => [$left + $hole->xMm - $hole->lengthMm / 2, $left + $hole->xMm + $hole->lengthMm / 2],
                    'y' => [$front + $hole->yMm - $hole->widthMm / 2, $front + $hole->yMm + $hole->widthMm / 2],
                    'z' => [$tray->undersideMm() - 60.0, $tray->undersideMm()],
                ];
            }
        }

        return $assembly;
    }

    /**
     * @param  array<string, array{float, float}>  $one
     * @param  array<string, array{float, float}>  $other
     */
    public static function meet(array $one, array $other): bool
    {
        foreach (['x', 'y', 'z'] as $axis) {
            if (min($one[$axis][1], $other[$axis][1]) - max($one[$axis][0], $other[$axis][0]) <= 1e-6) {
                return false;
            }
        }

        return true;
    }
}
