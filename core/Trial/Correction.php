<?php

declare(strict_types=1);

namespace Ithys\Trial;

/** What was changed in the sheet of a trial once its verdict was known. */
final class Correction
{
    private const BEGINS = 'Corrected after the verdict:';

    /** Whether an amendment is one. */
    public static function isOne(string $amendment): bool
    {
        return str_starts_with($amendment, self::BEGINS);
    }

    /** @param  string  $before  the cell as it was; empty where it was not read */
    public static function says(string $unit, int $day, string $before, string $after): string
    {
        return self::BEGINS." {$unit}, day {$day}, from “{$before}” to “{$after}”.";
    }
}
