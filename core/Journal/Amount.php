<?php

declare(strict_types=1);

namespace Ithys\Journal;

/** Bounds that keep a slip of the pen out of the journal. */
final class Amount
{
    /** @throws InvalidEntry when the figure is not within the bounds, or not a number */
    public static function within(float $figure, float $least, float $most, string $what, string $unit): float
    {
        if (! is_finite($figure) || $figure < $least || $figure > $most) {
            throw InvalidEntry::outOfBounds($what, self::plain($least).$unit, self::plain($most).$unit);
        }

        return $figure;
    }

    /** A figure with no more digits than it needs: 120, 0.06. */
    public static function plain(float $figure): string
    {
        $text = number_format($figure, 3, '.', ',');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
