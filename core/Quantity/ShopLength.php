<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/** A length as a workshop reads it: whole millimetres, or inches to the sixteenth. */
final class ShopLength
{
    public static function format(float $mm, UnitSystem $units): string
    {
        return $units === UnitSystem::Metric ? self::millimetres($mm) : self::inches($mm);
    }

    private static function millimetres(float $mm): string
    {
        $text = number_format($mm, abs($mm) < 10 ? 1 : 0, '.', ',');

        $text = str_ends_with($text, '.0') ? substr($text, 0, -2) : $text;

        return ($text === '-0' ? '0' : str_replace('-', '−', $text)).' mm';
    }

    private static function inches(float $mm): string
    {
        $sixteenths = (int) round(abs($mm) / 25.4 * 16);
        $sign = $mm < 0 && $sixteenths > 0 ? '−' : '';
        $whole = intdiv($sixteenths, 16);
        $rest = $sixteenths % 16;
        if ($rest === 0) {
            return "{$sign}{$whole} in";
        }
        $parts = 16;
        while ($rest % 2 === 0) {
            $rest = intdiv($rest, 2);
            $parts = intdiv($parts, 2);
        }

        return $sign.($whole > 0 ? "{$whole} " : '')."{$rest}/{$parts} in";
    }
}
