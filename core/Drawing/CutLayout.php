<?php

declare(strict_types=1);

namespace Ithys\Drawing;

use Ithys\Sump\CutPanel;
use Ithys\Sump\CutSheet;

/** Panels of a cut sheet beside and above each other, as both drawings of it lay them out. */
final readonly class CutLayout
{
    public const MARGIN = 20.0;

    private const WIDEST_ROW = 1_000.0;

    /** @param  list<array{panel: CutPanel, x: float, y: float}>  $placed  lower left corners, mm, y upwards */
    private function __construct(public array $placed, public float $width, public float $height)
    {
    }

    public static function of(CutSheet $sheet): self
    {
        $placed = [];
        $x = $y = $row = $width = 0.0;
        foreach ($sheet->panels as $panel) {
            if ($x > 0.0 && $x + $panel->widthMm > self::WIDEST_ROW) {
                $y += $row + self::MARGIN * 2;
                $x = $row = 0.0;
            }
            $placed[] = ['panel' => $panel, 'x' => $x, 'y' => $y];
            $width = max($width, $x + $panel->widthMm);
            $row = max($row, $panel->heightMm);
            $x += $panel->widthMm + self::MARGIN;
        }

        return new self($placed, $width, $y + $row);
    }
}
