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
use Ithys\Journal\Reading\Parameter;
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
                'alerts with why %s %s %s',
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
                    'why' => self::why($system, $keeper, $alert, $hour),
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

    /** Where what went before an alert stands beside what went since; null for what is no rise or fall. */
    private static function why(System $system, User $keeper, Alert $alert, DateTimeImmutable $now): ?string
    {
        [$what, $of] = [...explode(' ', $alert->key), ''];
        $parameter = Parameter::tryFrom($of);
        if ($parameter === null || ! in_array($what, ['rise', 'fall'], true)) {
            return null;
        }
        $since = max($alert->from->modify('+2 days'), $now->modify($what === 'rise' ? '-28 days' : '-14 days'));
        $from = $what === 'rise' ? $alert->from : $since->modify('-28 days');

        return WhyView::address(
            $system,
            $keeper,
            $parameter,
            $from,
            min($since, $from->modify('+28 days')),
            $since,
            $now,
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
