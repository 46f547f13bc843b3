<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Quantity\Text;

/** How many socks to own, so that a clean one is there at each change until the next wash. */
final class Socks
{
    public const CAUTION = 'Never mix bleach with other cleaners. Rinse, and dechlorinate before a sock goes back.';

    /**
     * For each holder: those of a wash, and the one that is in (common practice).
     *
     * @param  int  $wash  days between two washes
     * @param  int  $change  days between two changes
     */
    public static function toOwn(int $wash, int $change): int
    {
        return (int) ceil($wash / max(1, $change)) + 1;
    }

    public static function says(int $wash, int $change, int $holders): Text
    {
        return Text::of(
            $holders > 1
                ? 'With a wash every {wash} days own {each} socks for each holder, {all} in all.'
                : 'With a wash every {wash} days own {each} socks.',
            wash: $wash,
            each: self::toOwn($wash, $change),
            all: $holders * self::toOwn($wash, $change),
        );
    }
}
