<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use Ithys\Journal\Entry;
use Ithys\Journal\Skimmer\SkimmerSwitch;

/** A journal as it would be had one thing not been done. */
final class Undone
{
    /**
     * A switch is followed at once by one that takes it back: how the skimmer was before is told by it alone.
     *
     * @param  list<Entry>  $entries  in order of time
     * @return list<Entry>
     */
    public static function in(array $entries, int $id): array
    {
        $kept = [];
        $wasOn = null;
        foreach ($entries as $entry) {
            $switch = $entry->payload;
            if ($entry->id !== $id || $switch instanceof SkimmerSwitch) {
                $kept[] = $entry;
            }
            if ($entry->id === $id && $switch instanceof SkimmerSwitch) {
                $kept[] = new Entry($entry->at, SkimmerSwitch::of($wasOn ?? ! $switch->on));
            }
            $wasOn = $switch instanceof SkimmerSwitch ? $switch->on : $wasOn;
        }

        return $kept;
    }
}
