<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\Care\FirstHours;
use Ithys\Journal\Care\CareKind;
use Ithys\Journal\Entry;
use Ithys\Journal\FirstHour\FirstHourKind;
use Ithys\Journal\Fleece\FleeceKind;
use Ithys\Journal\Incident\IncidentKind;

/** Whether a start of a tank waits to be watched, and its valve setting. */
final class TankFirstHours
{
    /** Days back in which a start, or the last length of a roll, is looked for. */
    private const DAYS = 60;

    public static function of(System $system, DateTimeImmutable $now): FirstHours
    {
        return FirstHours::of(
            self::entries($system, $now),
            $system->changedOn(),
            $now,
        );
    }

    /** @return list<Entry> in order of time */
    private static function entries(System $system, DateTimeImmutable $now): array
    {
        $journal = new Journal($system);
        $entries = [
            ...$journal->ofKinds([FirstHourKind::KEY], $now),
            ...$journal->ofKinds(
                [CareKind::KEY, FleeceKind::KEY, IncidentKind::KEY],
                $now,
                $now->modify('-'.self::DAYS.' days'),
            ),
        ];
        usort($entries, static fn (Entry $a, Entry $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return $entries;
    }
}
