<?php

declare(strict_types=1);

namespace Ithys\Drawing;

use Ithys\Sump\Cutting\CutPanel;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\Cutting\StockPlan;
use Ithys\Sump\Cutting\StockUse;

/**
 * A cut sheet as both drawings of it lay it out: what comes from stock on its stock sheets, the rest beside each other
 * in rows.
 */
final readonly class CutLayout
{
    public const MARGIN = 20.0;

    private const WIDEST_ROW = 1_000.0;

    /**
     * @param  list<array{panel: CutPanel, x: float, y: float}>  $placed  lower left corners, mm, y upwards; turned as
     *   they lie
     * @param  list<array{label: string, x: float, y: float, width: float, height: float}>  $sheets  stock sheets, which
     *   are not cut
     */
    private function __construct(public array $placed, public array $sheets, public float $width, public float $height)
    {
    }

    public static function of(CutSheet $sheet, StockPlan $plan): self
    {
        $stocked = [];
        foreach ($plan->uses as $use) {
            foreach ($use->panels as $panel) {
                if (! in_array($panel, $use->tooLarge, true)) {
                    $stocked[$panel->id] = true;
                }
            }
        }
        [$placed, $width, $height] = self::rows(
            array_values(
                array_filter($sheet->panels, static fn (CutPanel $panel): bool => ! isset($stocked[$panel->id])),
            ),
        );
        $sheets = [];
        foreach ($plan->uses as $use) {
            foreach ($use->sheets as $number => $nests) {
                $y = $height > 0.0 ? $height + 2 * self::MARGIN : 0.0;
                $sheets[] = [
                    'label' => self::label($use, $number),
                    'x' => 0.0,
                    'y' => $y,
                    'width' => $use->stock->lengthMm,
                    'height' => $use->stock->widthMm,
                ];
                foreach ($nests as $nest) {
                    $panel = $use->panel($nest->mark);
                    $placed[] = [
                        'panel' => $nest->turned ? $panel->turned() : $panel,
                        'x' => $nest->xMm,
                        'y' => $y + $nest->yMm,
                    ];
                }
                $width = max($width, $use->stock->lengthMm);
                $height = $y + $use->stock->widthMm;
            }
        }

        return new self($placed, $sheets, $width, $height);
    }

    private static function label(StockUse $use, int $number): string
    {
        $which
            = $use->perSheet === null
                ? ($use->sheetsNeeded > 1
                    ? sprintf(', sheet %d of %d', $number + 1, $use->sheetsNeeded)
                    : '')
                : sprintf(
                    ', %d from a sheet, %d %s',
                    $use->perSheet,
                    $use->sheetsNeeded,
                    $use->sheetsNeeded === 1 ? 'sheet' : 'sheets',
                );

        return $use->label.$which;
    }

    /**
     * @param  list<CutPanel>  $panels
     * @return array{list<array{panel: CutPanel, x: float, y: float}>, float, float}
     */
    private static function rows(array $panels): array
    {
        $placed = [];
        $x = $y = $row = $width = 0.0;
        foreach ($panels as $panel) {
            for ($n = 0; $n < $panel->count; $n++) {
                if ($x > 0.0 && $x + $panel->shape->widthMm > self::WIDEST_ROW) {
                    $y += $row + self::MARGIN * 2;
                    $x = $row = 0.0;
                }
                $placed[] = ['panel' => $panel, 'x' => $x, 'y' => $y];
                $width = max($width, $x + $panel->shape->widthMm);
                $row = max($row, $panel->shape->heightMm);
                $x += $panel->shape->widthMm + self::MARGIN;
            }
        }

        return [$placed, $width, $y + $row];
    }
}
