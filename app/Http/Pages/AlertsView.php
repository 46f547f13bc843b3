<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\AlertDelays;
use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Journal\Kept;
use App\Journal\TankCharges;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Effect\Alarm\Alert;
use Ithys\Effect\Alarm\Watch;
use Ithys\Path\Kind;

/** What of a tank asks to be looked at now, and what of that is put off. */
final class AlertsView
{
    /** @return list<array<string, mixed>> */
    public static function of(System $system, User $keeper, DateTimeImmutable $now): array
    {
        $delays = (new AlertDelays($system))->running($now);
        $words = $keeper->words();
        $alerts = Kept::of(
            $system,
            sprintf(
                'alerts %s %s %s',
                $keeper->units->value,
                $system->target_school->value ?? 'none',
                (new FitShelf($system))->mark(),
            ),
            $now,
            static fn (DateTimeImmutable $hour): array => array_map(
                static fn (Alert $alert): array => [
                    'key' => $alert->key,
                    'from' => $alert->from->getTimestamp(),
                    'entry' => $alert->entry,
                    ...array_intersect_key(
                        FindingView::of($alert->finding, $words),
                        array_flip(['severity', 'code', 'title', 'sentence', 'basis']),
                    ),
                ],
                // What was read since the hour began counts too.
                self::alerts($system, $hour->modify('+1 hour')),
            ),
        );

        return array_map(
            static fn (array $alert): array => [...$alert, 'delay' => $delays[$alert['key']] ?? null],
            $alerts,
        );
    }

    /** @return list<Alert> */
    private static function alerts(System $system, DateTimeImmutable $now): array
    {
        $journal = new Journal($system);
        $from = $now->modify('-'.Watch::DAYS.' days');

        return Watch::over(
            [...$journal->standing($from), ...$journal->between($from, $now)],
            $now,
            $system->assumptions(),
            TankCharges::of($system, $now)->exhausted(),
            $system->setupAt($now)->path?->itemsOf(Kind::Skimmer) !== [],
            $system->target_school?->bands($system->assumptions()) ?? [],
        );
    }
}
