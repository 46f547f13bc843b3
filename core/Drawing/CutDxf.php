<?php

declare(strict_types=1);

namespace Ithys\Drawing;

use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\Cutting\StockPlan;

/**
 * A cut sheet as DXF of release 12 (AC1009), in mm or, for a workshop that measures in them, in inches; the header and
 * a line of words say which. Closed outlines and holes are on the layer CUT, stock sheets on SHEET, words on TEXT.
 */
final class CutDxf
{
    private const TEXT_HEIGHT = 8.0;

    private const MM_PER_INCH = 25.4;

    /** @var list<string> group codes and values in turn */
    private array $groups = [];

    /** @param  float  $perMm  units of the drawing in a millimetre */
    private function __construct(private readonly float $perMm)
    {
    }

    public static function write(CutSheet $sheet, StockPlan $plan, Words $reader): string
    {
        $isMetric = $reader->units === UnitSystem::Metric;

        return (new self($isMetric ? 1.0 : 1 / self::MM_PER_INCH))->document(CutLayout::of($sheet, $plan), $reader);
    }

    private function document(CutLayout $layout, Words $reader): string
    {
        $isMetric = $reader->units === UnitSystem::Metric;
        $this->add(
            0,
            'SECTION',
            2,
            'HEADER',
            9,
            '$ACADVER',
            1,
            'AC1009',
            // Read by most programs whatever the release: 4 is mm, 1 inches.
            9,
            '$INSUNITS',
            70,
            $isMetric ? '4' : '1',
            9,
            '$MEASUREMENT',
            70,
            $isMetric ? '1' : '0',
            9,
            '$EXTMIN',
            10,
            '0.0',
            20,
            '0.0',
            30,
            '0.0',
            9,
            '$EXTMAX',
            10,
            $this->number(max(1.0, $layout->width)),
            20,
            $this->number(max(1.0, $layout->height)),
            30,
            '0.0',
            0,
            'ENDSEC',
        );
        $this->add(0, 'SECTION', 2, 'TABLES');
        $this->add(
            0,
            'TABLE',
            2,
            'LTYPE',
            70,
            '1',
            0,
            'LTYPE',
            2,
            'CONTINUOUS',
            70,
            '0',
            3,
            'Solid line',
            72,
            '65',
            73,
            '0',
            40,
            '0.0',
            0,
            'ENDTAB',
        );
        $this->add(0, 'TABLE', 2, 'LAYER', 70, '3');
        foreach (['CUT' => '1', 'SHEET' => '8', 'TEXT' => '7'] as $layer => $colour) {
            $this->add(0, 'LAYER', 2, $layer, 70, '0', 62, $colour, 6, 'CONTINUOUS');
        }
        $this->add(0, 'ENDTAB', 0, 'ENDSEC', 0, 'SECTION', 2, 'BLOCKS', 0, 'ENDSEC', 0, 'SECTION', 2, 'ENTITIES');
        foreach ($layout->sheets as ['label' => $label, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height]) {
            $this->outline('SHEET', [[0.0, 0.0], [$width, 0.0], [$width, $height], [0.0, $height]], $x, $y);
            $this->text($label, $x, $y + $height + 4);
        }
        foreach ($layout->placed as ['panel' => $panel, 'x' => $x, 'y' => $y]) {
            $this->outline('CUT', $panel->shape->outline, $x, $y);
            foreach ($panel->shape->holes as $hole) {
                if ($hole->isRound) {
                    $this->add(
                        0,
                        'CIRCLE',
                        8,
                        'CUT',
                        10,
                        $this->number($x + $hole->xMm),
                        20,
                        $this->number($y + $hole->yMm),
                        30,
                        '0.0',
                        40,
                        $this->number($hole->lengthMm / 2),
                    );
                } else {
                    [$right, $up] = [$hole->lengthMm / 2, $hole->widthMm / 2];
                    $this->outline(
                        'CUT',
                        [[-$right, -$up], [$right, -$up], [$right, $up], [-$right, $up]],
                        $x + $hole->xMm,
                        $y + $hole->yMm,
                    );
                }
            }
            foreach (
                [$panel->label, "{$reader->say($panel->size())}, {$panel->stuff()}"] as $line => $words
            ) {
                $this->text($words, $x + 12, $y + $panel->shape->heightMm / 2 - $line * self::TEXT_HEIGHT * 1.6);
            }
        }
        $this->text(
            $isMetric
                ? 'All measures in mm: one unit of this drawing is 1 mm.'
                : 'All measures in inches: one unit of this drawing is 1 in.',
            0.0,
            -4 * self::TEXT_HEIGHT,
        );
        $this->add(0, 'ENDSEC', 0, 'EOF');

        return implode("\r\n", $this->groups)."\r\n";
    }

    /** @param  list<array{float, float}>  $points  closed */
    private function outline(string $layer, array $points, float $x, float $y): void
    {
        $this->add(0, 'POLYLINE', 8, $layer, 66, '1', 70, '1', 10, '0.0', 20, '0.0', 30, '0.0');
        foreach ($points as [$px, $py]) {
            $this->add(0, 'VERTEX', 8, $layer, 10, $this->number($x + $px), 20, $this->number($y + $py), 30, '0.0');
        }
        $this->add(0, 'SEQEND', 8, $layer);
    }

    private function text(string $words, float $x, float $y): void
    {
        $this->add(
            0,
            'TEXT',
            8,
            'TEXT',
            10,
            $this->number($x),
            20,
            $this->number($y),
            30,
            '0.0',
            40,
            $this->number(self::TEXT_HEIGHT),
            1,
            self::ascii($words),
        );
    }

    private function add(int|string ...$groups): void
    {
        foreach ($groups as $group) {
            $this->groups[] = is_int($group) ? str_pad((string) $group, 3, ' ', STR_PAD_LEFT) : $group;
        }
    }

    /** A length in units of the drawing. */
    private function number(float $mm): string
    {
        return number_format($mm * $this->perMm, 4, '.', '');
    }

    /** The release knows no other letters; no line may break a text. */
    private static function ascii(string $words): string
    {
        return (string) preg_replace('~[^\x20-\x7E]~', '?', $words);
    }
}
