<?php

declare(strict_types=1);

namespace Ithys\Assumption\Catalogue;

use Ithys\Assumption\Assumption;
use Ithys\Quantity\Dimension;

/** How routines stop and how their logging lapses: what silence in a journal most likely means. */
final class Routines
{
    private const SOURCE = 'Our estimate.';

    /** Kind of entry, what it is, stops a year, share of unlogged ones that were done. */
    private const ROWS = [
        ['feed', 'Feeding', 0.02, 1.0],
        ['dose', 'Organic carbon', 1.0, 0.8],
        ['water', 'Water changes', 0.3, 0.6],
        ['sock', 'Sock changes', 0.5, 0.5],
    ];

    /** @return list<Assumption> */
    public static function all(): array
    {
        $all = [];
        foreach (self::ROWS as [$key, $name, $stops, $done]) {
            $all[] = Assumption::estimate(
                "{$key}-stops",
                "{$name}: how often a year it is stopped without a word in the log",
                $stops,
                Dimension::Plain,
                self::SOURCE,
                0.001,
                10.0,
            );
            $all[] = Assumption::estimate(
                "{$key}-done",
                "{$name}: share of what is not logged that was done all the same",
                $done,
                Dimension::Share,
                self::SOURCE,
                0.0,
                1.0,
            );
        }
        $all[] = Assumption::estimate(
            'logging-lapses',
            'How often a year the logging of a routine lapses while it goes on',
            1.0,
            Dimension::Plain,
            self::SOURCE,
            0.05,
            20.0,
        );

        return $all;
    }
}
