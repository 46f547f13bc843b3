<?php

declare(strict_types=1);

namespace Ithys\Journal\KitChange;

use Generator;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Reading;

/** Which kit each reading is by, where a new one was logged. */
final class Kits
{
    /**
     * Readings before and after a new kit of their parameter get names that differ, even where the kit was not named
     * or kept its name: a new bottle may read otherwise too. Everything else stays as it is.
     *
     * @param  iterable<Entry>  $entries  in order of time
     * @return list<Entry>
     */
    public static function told(iterable $entries): array
    {
        $all = $entries instanceof Generator ? iterator_to_array($entries, false) : [...$entries];
        $kits = [];
        foreach ($all as $entry) {
            if ($entry->payload instanceof KitChange) {
                $kits[$entry->payload->parameter->value] = ['', 0];
            }
        }
        if ($kits === []) {
            return array_values($all);
        }
        $told = [];
        foreach ($all as $entry) {
            $one = $entry->payload;
            if ($one instanceof KitChange) {
                $number = ($kits[$one->parameter->value] ?? ['', 0])[1];
                $kits[$one->parameter->value] = [$one->method ?? '', $number + 1];
            } elseif ($one instanceof Reading && isset($kits[$one->parameter->value])) {
                [$name, $number] = $kits[$one->parameter->value];
                $kits[$one->parameter->value] = [$one->method ?? $name, $number];
                $entry = new Entry(
                    $entry->at,
                    $one->by(sprintf('%s no. %d', $one->method ?? $name, $number)),
                    $entry->id,
                    $entry->note,
                );
            }
            $told[] = $entry;
        }

        return $told;
    }
}
