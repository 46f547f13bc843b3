<?php

declare(strict_types=1);

namespace Ithys\History;

use Ithys\Journal\Entry;
use Ithys\Journal\Kind;
use Ithys\Journal\Kinds;
use Ithys\Journal\MediaCharge\MediaChargeKind;
use Ithys\Journal\MediaRemoval\MediaRemovalKind;
use Ithys\Journal\RoutineWord\Repeated;

/** What holds until it is ended or set otherwise: charges, plans, the skimmer, light. */
final class Standing
{
    /** @return list<string> kinds of entries that say so */
    public static function kinds(): array
    {
        /** @var ?list<string> $kinds */
        static $kinds = null;

        return $kinds ??= [
            MediaChargeKind::KEY,
            MediaRemovalKind::KEY,
            ...array_keys(array_filter(Kinds::all(), static fn (Kind $kind): bool => self::holds($kind))),
        ];
    }

    /**
     * What still stands after some entries.
     *
     * @param  list<Entry>  $entries  in order of time, from the beginning of the journal
     * @return list<Entry> in order of time
     */
    public static function after(array $entries): array
    {
        $last = [];
        foreach ($entries as $entry) {
            if (self::holds($entry->kind())) {
                $last[Repeated::of($entry)->value ?? $entry->payload->lane()] = $entry;
            }
        }
        $standing = [
            ...array_map(
                static fn (Charge $one): Entry => new Entry($one->from, $one->filling, $one->entry),
                Charge::in(Charge::all($entries)),
            ),
            ...array_values($last),
        ];
        usort($standing, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);

        return $standing;
    }

    private static function holds(Kind $kind): bool
    {
        foreach ($kind->lanes() as $lane) {
            if ($lane->shape->holds()) {
                return true;
            }
        }

        return false;
    }
}
