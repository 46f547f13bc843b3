<?php

declare(strict_types=1);

namespace Ithys\Drawing;

use Ithys\Quantity\Quantity;
use Ithys\Quantity\Words;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\Cutting\StockPlan;

/**
 * A cut sheet as SVG 1.1 in true millimetres, outlines and holes in the group "cut", stock sheets in "sheet", words in
 * "text".
 */
final class CutSvg
{
    public static function write(CutSheet $sheet, StockPlan $plan, Words $reader): string
    {
        $layout = CutLayout::of($sheet, $plan);
        $margin = CutLayout::MARGIN;
        $width = $layout->width + 2 * $margin;
        $height = $layout->height + 2 * $margin;
        $across = static fn (float $x): float => $margin + $x;
        $down = static fn (float $y): float => $height - $margin - $y;
        $text = static fn (float $x, float $y, string $words): string => sprintf(
            '<text x="%.1f" y="%.1f">%s</text>',
            $x,
            $y,
            XmlText::of($words),
        );
        $cuts = $sheets = $words = [];
        foreach ($layout->sheets as ['label' => $label, 'x' => $x, 'y' => $y, 'width' => $length, 'height' => $depth]) {
            $sheets[] = sprintf(
                '<rect x="%.3f" y="%.3f" width="%.3f" height="%.3f"/>',
                $across($x),
                $down($y + $depth),
                $length,
                $depth,
            );
            $words[] = $text($across($x), $down($y + $depth) - 4, $label);
        }
        foreach ($layout->placed as ['panel' => $panel, 'x' => $x, 'y' => $y]) {
            $points = array_map(
                static fn (array $at): string => sprintf('%.3f,%.3f', $across($x + $at[0]), $down($y + $at[1])),
                $panel->shape->outline,
            );
            $cuts[] = sprintf('<polygon points="%s"/>', implode(' ', $points));
            foreach ($panel->shape->holes as $hole) {
                $cuts[] = $hole->isRound
                    ? sprintf(
                        '<circle cx="%.3f" cy="%.3f" r="%.3f"/>',
                        $across($x + $hole->xMm),
                        $down($y + $hole->yMm),
                        $hole->lengthMm / 2,
                    )
                    : sprintf(
                        '<rect x="%.3f" y="%.3f" width="%.3f" height="%.3f"/>',
                        $across($x + $hole->xMm - $hole->lengthMm / 2),
                        $down($y + $hole->yMm + $hole->widthMm / 2),
                        $hole->lengthMm,
                        $hole->widthMm,
                    );
            }
            $lines = [
                $panel->label,
                "{$reader->say($panel->size())}, {$panel->stuff()}",
                ...$panel->set === null
                    ? []
                    : [
                        sprintf(
                            '%s inside, %s from outside',
                            $reader->say(Quantity::mm($panel->set->insideMm)),
                            $reader->say(Quantity::mm($panel->set->outsideMm)),
                        ),
                    ],
            ];
            foreach ($lines as $i => $line) {
                $words[] = $text($across($x) + 12, $down($y + $panel->shape->heightMm / 2) + 12 * $i, $line);
            }
        }

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>'
                ."\n"
                .'<svg xmlns="http://www.w3.org/2000/svg" version="1.1" width="%1$.3fmm" height="%2$.3fmm" viewBox="0 '
                    .'0 %1$.3f %2$.3f"><title>Cut sheet</title>'
                ."\n"
                .'<g id="sheet" fill="none" stroke="#8A8F85" stroke-width="0.3">%5$s</g>'
                ."\n"
                .'<g id="cut" fill="none" stroke="#B23A28" stroke-width="0.3">%3$s</g>'
                ."\n"
                .'<g id="text" font-family="Verdana, sans-serif" font-size="8" fill="#14242B">%4$s</g>'
                ."\n</svg>\n",
            $width,
            $height,
            implode("\n", $cuts),
            implode("\n", $words),
            implode("\n", $sheets),
        );
    }
}
