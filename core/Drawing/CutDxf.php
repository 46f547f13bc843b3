<?php

declare(strict_types=1);

namespace Ithys\Drawing;

use Ithys\Quantity\UnitSystem;
use Ithys\Sump\CutSheet;

/** A cut sheet as DXF of release 12 (AC1009), in mm: closed outlines on the layer CUT, words on the layer TEXT. */
final class CutDxf
{
    private const TEXT_HEIGHT = 8.0;

    /** @var list<string> group codes and values in turn */
    private array $groups = [];

    public static function write(CutSheet $sheet, UnitSystem $units): string
    {
        return (new self)->document(CutLayout::of($sheet), $units);
    }

    private function document(CutLayout $layout, UnitSystem $units): string
    {
        $this->add(0, 'SECTION', 2, 'HEADER', 9, '$ACADVER', 1, 'AC1009', 9, '$EXTMIN', 10, '0.0', 20, '0.0', 30, '0.0',
            9, '$EXTMAX', 10, self::number(max(1.0, $layout->width)), 20, self::number(max(1.0, $layout->height)), 30, '0.0', 0, 'ENDSEC');
        $this->add(0, 'SECTION', 2, 'TABLES');
        $this->add(0, 'TABLE', 2, 'LTYPE', 70, '1', 0, 'LTYPE', 2, 'CONTINUOUS', 70, '0', 3, 'Solid line', 72, '65', 73, '0', 40, '0.0', 0, 'ENDTAB');
        $this->add(0, 'TABLE', 2, 'LAYER', 70, '2');
        foreach (['CUT' => '1', 'TEXT' => '7'] as $layer => $colour) {
            $this->add(0, 'LAYER', 2, $layer, 70, '0', 62, $colour, 6, 'CONTINUOUS');
        }
        $this->add(0, 'ENDTAB', 0, 'ENDSEC', 0, 'SECTION', 2, 'BLOCKS', 0, 'ENDSEC', 0, 'SECTION', 2, 'ENTITIES');
        foreach ($layout->placed as ['panel' => $panel, 'x' => $x, 'y' => $y]) {
            $this->add(0, 'POLYLINE', 8, 'CUT', 66, '1', 70, '1', 10, '0.0', 20, '0.0', 30, '0.0');
            foreach ($panel->outline as [$px, $py]) {
                $this->add(0, 'VERTEX', 8, 'CUT', 10, self::number($x + $px), 20, self::number($y + $py), 30, '0.0');
            }
            $this->add(0, 'SEQEND', 8, 'CUT');
            foreach ([$panel->label, $panel->size($units)] as $line => $words) {
                $this->add(0, 'TEXT', 8, 'TEXT', 10, self::number($x + 12), 20, self::number($y + $panel->heightMm / 2 - $line * self::TEXT_HEIGHT * 1.6), 30, '0.0', 40, self::number(self::TEXT_HEIGHT), 1, self::ascii($words));
            }
        }
        $this->add(0, 'ENDSEC', 0, 'EOF');

        return implode("\r\n", $this->groups)."\r\n";
    }

    private function add(int|string ...$groups): void
    {
        foreach ($groups as $group) {
            $this->groups[] = is_int($group) ? str_pad((string) $group, 3, ' ', STR_PAD_LEFT) : $group;
        }
    }

    private static function number(float $value): string
    {
        return number_format($value, 4, '.', '');
    }

    /** The release knows no other letters; no line may break a text. */
    private static function ascii(string $words): string
    {
        return (string) preg_replace('~[^\x20-\x7E]~', '?', $words);
    }
}
