<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

/**
 * Keeps a keeper's words from being run as a formula by a spreadsheet: an apostrophe goes before them.
 *
 * Words that have such an apostrophe already get another one, so that what is read back is what was written.
 */
final class FormulaGuard
{
    private const FORMULA = "'*[=+\\-@\t\r]";

    public static function on(string $words): string
    {
        return preg_match('~^'.self::FORMULA.'~', $words) === 1 ? "'{$words}" : $words;
    }

    public static function off(string $words): string
    {
        return preg_match("~^'".self::FORMULA.'~', $words) === 1 ? substr($words, 1) : $words;
    }
}
