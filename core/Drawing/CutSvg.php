<?php

declare(strict_types=1);

namespace Ithys\Drawing;

use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\CutSheet;

/** A cut sheet as SVG 1.1 in true millimetres, outlines in the group "cut", words in the group "text". */
final class CutSvg
{
    public static function write(CutSheet $sheet, UnitSystem $units): string
    {
        $layout = CutLayout::of($sheet);
        $margin = CutLayout::MARGIN;
        $width = $layout->width + 2 * $margin;
        $height = $layout->height + 2 * $margin;
        $cuts = $words = [];
        foreach ($layout->placed as ['panel' => $panel, 'x' => $x, 'y' => $y]) {
            $points = array_map(static fn (array $point): string => sprintf('%.3f,%.3f', $margin + $x + $point[0], $height - $margin - $y - $point[1]), $panel->outline);
            $cuts[] = sprintf('<polygon points="%s"/>', implode(' ', $points));
            $lines = [$panel->label, $panel->size($units),
                sprintf('%s inside, %s from outside', ShopLength::format($panel->insideMm, $units), ShopLength::format($panel->outsideMm, $units))];
            foreach ($lines as $i => $line) {
                $words[] = sprintf('<text x="%.1f" y="%.1f">%s</text>', $margin + $x + 12, $height - $margin - $y - $panel->heightMm / 2 + 12 * $i, htmlspecialchars($line, ENT_XML1 | ENT_QUOTES, 'UTF-8'));
            }
        }

        return sprintf('<?xml version="1.0" encoding="UTF-8"?>'."\n".'<svg xmlns="http://www.w3.org/2000/svg" version="1.1" width="%1$.3fmm" height="%2$.3fmm" viewBox="0 0 %1$.3f %2$.3f"><title>Cut sheet</title>'."\n".'<g id="cut" fill="none" stroke="#B23A28" stroke-width="0.3">%3$s</g>'."\n".'<g id="text" font-family="Verdana, sans-serif" font-size="8" fill="#14242B">%4$s</g>'."\n</svg>\n",
            $width, $height, implode("\n", $cuts), implode("\n", $words));
    }
}
