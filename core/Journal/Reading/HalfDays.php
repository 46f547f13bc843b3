<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Generator;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Note\Note;
use Ithys\Journal\Payload;

/**
 * Readings of half a day as one: they share what is wrong with their test, so many of them say little more than one.
 * What is done to the water between two readings keeps them apart.
 */
final class HalfDays
{
    private const SECONDS = 43_200;

    /**
     * Everything else stays as it is. What is pooled already stays so too.
     *
     * @param  iterable<Entry>  $entries  in order of time
     * @return Generator<int, Entry> in order of time
     */
    public static function pooled(iterable $entries): Generator
    {
        $half = null;
        $readings = $others = [];
        foreach ($entries as $entry) {
            $now = intdiv($entry->at->getTimestamp(), self::SECONDS);
            $reading = $entry->payload;
            $parts = ! $reading instanceof Reading && ! $reading instanceof Feed && ! $reading instanceof Note;
            if ($parts || $now !== $half) {
                yield from self::together($readings, $others);
                [$readings, $others, $half] = [[], [], $now];
            }
            if ($reading instanceof Reading) {
                $readings["{$reading->parameter->value} {$reading->method}"][] = $entry;
            } else {
                $others[] = $entry;
            }
        }
        yield from self::together($readings, $others);
    }

    /**
     * @param  array<string, non-empty-list<Entry>>  $readings
     * @param  list<Entry>  $others
     * @return list<Entry> in order of time
     */
    private static function together(array $readings, array $others): array
    {
        $all = [...$others, ...array_map(self::one(...), array_values($readings))];
        usort(
            $all,
            static fn (Entry $a, Entry $b): int => [$a->at, $a->id ?? 0] <=> [$b->at, $b->id ?? 0],
        );

        return $all;
    }

    /** @param  non-empty-list<Entry>  $entries  readings of one parameter by one method */
    private static function one(array $entries): Entry
    {
        if (count($entries) === 1) {
            return $entries[0];
        }
        $seconds = array_sum(array_map(static fn (Entry $one): int => $one->at->getTimestamp(), $entries));

        $readings = array_values(array_filter(
            array_map(static fn (Entry $one): Payload => $one->payload, $entries),
            static fn (Payload $one): bool => $one instanceof Reading,
        ));

        return $readings === [] ? $entries[0] : new Entry(
            $entries[0]->at->setTimestamp((int) round($seconds / count($entries))),
            Reading::mean($readings),
            $entries[0]->id,
        );
    }
}
