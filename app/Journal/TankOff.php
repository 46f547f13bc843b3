<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\History\OffSince;
use Ithys\Journal\Entry;
use Ithys\Journal\Equipment\EquipmentKind;
use Ithys\Journal\Skimmer\SkimmerKind;
use Ithys\Journal\Spell\SpellKind;

/** What of a tank is off now: one answer for the list of care, the water line and the alerts. */
final class TankOff
{
    /** Days after which a pause is no longer asked about: the devices were seen since. */
    private const DAYS = 30;

    /** @return list<OffSince> the longest off first */
    public static function of(System $system, DateTimeImmutable $now): array
    {
        $journal = new Journal($system);
        $entries = [
            ...$journal->ofKinds([SkimmerKind::KEY, EquipmentKind::KEY], $now),
            ...$journal->ofKinds([SpellKind::KEY], $now, $now->modify('-'.self::DAYS.' days')),
        ];
        usort($entries, static fn (Entry $a, Entry $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return OffSince::all($entries, $now->setTimezone($system->zone()));
    }
}
