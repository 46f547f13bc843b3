<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

/** A figure as a line of the log has it: plain digits and a point. */
final class Figure
{
    public static function of(float $figure, int $decimals = 6): string
    {
        $text = number_format($figure, $decimals, '.', '');

        return $decimals === 6 && str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
