<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;

/** What care takes: minutes, and the price of what is used up. */
final class Rounds
{
    private const MONEY = 'A household price from memory, in your money; enter yours.';

    private const MINUTES = 'Our estimate, from memory.';

    /** Key, what it is, value, least, most, source. */
    private const ROWS = [
        ['minutes-sock', 'A sock change, with the washing, minutes', 6.0, 1.0, 60.0, self::MINUTES],
        ['minutes-water', 'A water change, with the mixing, minutes', 40.0, 5.0, 240.0, self::MINUTES],
        ['price-salt-water', 'New salt water, a litre', 0.06, 0.0, 5.0, self::MONEY],
        ['price-fleece', 'Fleece, a metre', 1.0, 0.0, 50.0, self::MONEY],
        ['price-dose', 'Organic carbon for dosing, a mL', 0.02, 0.0, 1.0, self::MONEY],
    ];

    /** @return list<Assumption> */
    public static function all(): array
    {
        return array_map(static fn (array $row): Assumption => Assumption::estimate(
            $row[0],
            $row[1],
            $row[2],
            Dimension::Plain,
            $row[5],
            $row[3],
            $row[4],
        ), self::ROWS);
    }
}
