<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Remedy;
use Ithys\Sump\Tray\Tray;

/** A sump with one figure set otherwise. */
final class Mended
{
    public static function section(Section $section, Remedy $remedy): Section
    {
        $water = $section->water;

        return new Section(
            $section->vessel,
            new Inside(
                array_map(
                    static fn (Baffle $baffle): Baffle => self::baffle($baffle, $remedy),
                    $section->inside->baffles,
                ),
                array_map(static fn (Placed $one): Placed => self::placed($one, $remedy), $section->inside->placed),
                array_map(static fn (Tray $tray): Tray => self::tray($tray, $remedy), $section->inside->trays),
                $section->inside->rear,
            ),
            new SumpWater(
                self::set($water->returnLevelMm, '', 'returnLevelMm', $remedy),
                $water->pumpMinimumMm,
                $water->fallMm,
                $water->boxLitres,
                $water->evaporationLitresADay,
                $water->reservoirLitres,
            ),
            $section->drainDown,
            $section->cabinet,
            $section->assumptions,
            $section->front,
        );
    }

    private static function baffle(Baffle $baffle, Remedy $remedy): Baffle
    {
        return new Baffle(
            $baffle->id,
            $baffle->kind,
            $baffle->atMm,
            $baffle->thicknessMm,
            self::set($baffle->topMm, $baffle->id, 'topMm', $remedy),
            self::set($baffle->gapMm, $baffle->id, 'gapMm', $remedy),
            $baffle->openShare,
        );
    }

    private static function placed(Placed $device, Remedy $remedy): Placed
    {
        return new Placed(
            $device->id,
            $device->kind,
            $device->name,
            $device->chamber,
            $device->size,
            self::set($device->standMm, $device->id, 'standMm', $remedy),
            $device->depth,
            $device->item,
        );
    }

    private static function tray(Tray $tray, Remedy $remedy): Tray
    {
        return new Tray(
            $tray->id,
            $tray->kind,
            $tray->chamber,
            self::set($tray->topMm, $tray->id, 'topMm', $remedy),
            $tray->thicknessMm,
            $tray->openings,
        );
    }

    private static function set(float $value, string $part, string $field, Remedy $remedy): float
    {
        return $remedy->part === $part && $remedy->field === $field ? $remedy->value : $value;
    }
}
