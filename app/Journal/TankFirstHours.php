<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\Care\FirstHours;
use Ithys\Journal\Care\CareKind;
use Ithys\Journal\FirstHour\FirstHourKind;
use Ithys\Journal\Fleece\FleeceKind;
use Ithys\Journal\Incident\IncidentKind;

/** Whether a start of a tank waits to be watched, and its valve setting. */
final class TankFirstHours
{
    public static function of(System $system, DateTimeImmutable $now): FirstHours
    {
        return FirstHours::of(
            (new Journal($system))->ofKinds(
                [CareKind::KEY, FirstHourKind::KEY, FleeceKind::KEY, IncidentKind::KEY],
                $now,
            ),
            $system->changedOn(),
            $now,
        );
    }
}
