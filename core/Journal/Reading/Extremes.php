<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

/** Readings that stand for many in a drawing: of each parameter the least and the greatest of so many in a row. */
final class Extremes
{
    /**
     * @param  list<array{string, float}>  $readings  parameter and value, in order of time
     * @param  int  $inARow  readings of one parameter that two stand for, at least 1
     * @return list<int> places of those that stand for the rest, in order
     */
    public static function of(array $readings, int $inARow): array
    {
        $seen = $least = $greatest = [];
        foreach ($readings as $at => [$parameter, $value]) {
            $seen[$parameter] = ($seen[$parameter] ?? -1) + 1;
            $run = "{$parameter} ".intdiv($seen[$parameter], $inARow);
            if (! isset($least[$run]) || $value < $readings[$least[$run]][1]) {
                $least[$run] = $at;
            }
            if (! isset($greatest[$run]) || $value > $readings[$greatest[$run]][1]) {
                $greatest[$run] = $at;
            }
        }
        $kept = array_unique([...array_values($least), ...array_values($greatest)]);
        sort($kept);

        return $kept;
    }
}
