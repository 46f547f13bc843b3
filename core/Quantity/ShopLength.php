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

    /** The same without its unit and as exact as a rule is: to the 0.0001 mm, or to the sixty-fourth of an inch. */
    public static function typed(float $mm, UnitSystem $units): string
    {
        if ($units === UnitSystem::Metric) {
            return rtrim(rtrim(number_format($mm, 4, '.', ''), '0'), '.');
        }
        $isMarked = abs($mm - self::marked($mm, $units)) < 0.08;

        return str_replace('−', '-', self::fraction($mm, $isMarked ? 16 : 64));
    }

    /** The nearest length a rule in inches has a mark for, by the sixteenth, mm; in millimetres the same. */
    public static function marked(float $mm, UnitSystem $units): float
    {
        return $units === UnitSystem::Metric ? $mm : round($mm / 25.4 * 16) * 25.4 / 16;
    }

    private static function millimetres(float $mm): string
    {
        $text = number_format($mm, abs($mm) < 10 ? 1 : 0, '.', ',');

        $text = str_ends_with($text, '.0') ? substr($text, 0, -2) : $text;

        return ($text === '-0' ? '0' : str_replace('-', '−', $text)).' mm';
    }

    private static function inches(float $mm): string
    {
        return self::fraction($mm, 16).' in';
    }

    private static function fraction(float $mm, int $parts): string
    {
        $marks = (int) round(abs($mm) / 25.4 * $parts);
        $sign = $mm < 0 && $marks > 0 ? '−' : '';
        $whole = intdiv($marks, $parts);
        $rest = $marks % $parts;
        if ($rest === 0) {
            return "{$sign}{$whole}";
        }
        while ($rest % 2 === 0) {
            $rest = intdiv($rest, 2);
            $parts = intdiv($parts, 2);
        }

        return $sign.($whole > 0 ? "{$whole} " : '')."{$rest}/{$parts}";
    }
}
