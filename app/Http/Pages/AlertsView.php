<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\AlertDelays;
use App\Journal\Journal;
use App\Journal\Kept;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Effect\Alarm\Alert;
use Ithys\Effect\Alarm\Watch;

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
            "alerts {$keeper->units->value}",
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
                Watch::over(
                    // What was read since the hour began counts too.
                    (new Journal($system))->between(
                        $hour->modify('-'.Watch::DAYS.' days'),
                        $hour->modify('+1 hour'),
                    ),
                    $hour->modify('+1 hour'),
                    $system->assumptions(),
                ),
            ),
        );

        return array_map(
            static fn (array $alert): array => [...$alert, 'delay' => $delays[$alert['key']] ?? null],
            $alerts,
        );
    }
}
