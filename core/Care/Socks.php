<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Path;
use Ithys\Quantity\Text;

/** How many socks to own, so that a clean one is there at each change until the next wash. */
final class Socks
{
    public const CAUTION = 'Never mix bleach with other cleaners: the gas harms lungs. Air the room, wear gloves, '
        .'rinse well, and dechlorinate before a sock goes back.';

    /** How a batch is washed, by approach (common practice). */
    public const APPROACHES = [
        'Machine and bleach' => 'Rinse the socks outside in. Wash hot with bleach alone, never with soap or softener. '
            .'Run a second cycle without anything, soak in dechlorinator, dry in the air.',
        'Machine alone' => 'Rinse the socks outside in. Wash hot with nothing else in the drum, twice. Dry in the air.',
        'Pads, thrown away' => 'Cut pads to the holder and throw them away: nothing to wash, more to buy.',
    ];

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

    /** Holders side by side; 0 for a path without a sock. */
    public static function holders(?Path $path): int
    {
        return (int) array_sum(array_map(
            static fn (Item $one): float => $one->figure(Figure::Count) ?? 1.0,
            $path?->itemsOf(Kind::Sock) ?? [],
        ));
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
