<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\Effect\Schedules;
use Ithys\History\Routines;
use Ithys\Journal\FeedPlan\FeedPlanKind;
use Ithys\Journal\Kind;
use Ithys\Journal\Kinds;
use Ithys\Quantity\Text;

/** What is done to a tank again and again, by its whole journal: one answer for every page and every time shown. */
final class TankRoutines
{
    public static function of(System $system, DateTimeImmutable $now): Routines
    {
        $kinds = array_keys(array_filter(
            Kinds::all(),
            static fn (Kind $kind): bool => $kind->lever()?->usage !== null || $kind instanceof FeedPlanKind,
        ));

        return Routines::of(
            (new Journal($system))->ofKinds($kinds, $now),
            $system->workingLitresAt($now),
            $system->zone(),
            $now,
            $system->assumptions(),
        );
    }

    /** @return array<int, Text> what changed in a routine, by the id of the entry that begins it */
    public static function changes(System $system, DateTimeImmutable $now): array
    {
        $kept = Kept::of($system, 'routine changes', $now, static fn (DateTimeImmutable $hour): array => [
            'changes' => serialize(Schedules::shifts(self::of($system, $hour->modify('+1 hour')))),
        ]);

        /** @var array<int, Text> */
        return unserialize($kept['changes']);
    }
}
