<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Journal\TankFirstHours;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Care\FirstHours;
use Ithys\Care\Mishaps;
use Ithys\Journal\Entry;
use Ithys\Journal\FirstHour\Check;
use Ithys\Journal\Incident\IncidentKind;
use Ithys\Journal\Incident\IncidentRule;
use Ithys\Path\Kind;
use Ithys\Quantity\Dimension;

/** What went wrong in the last year and what it cost, and the first hour after a start. */
final class IncidentsView
{
    private const DAYS = 365;

    /** @return array<string, mixed> */
    public static function of(System $system, User $keeper, DateTimeImmutable $now): array
    {
        $words = $keeper->words();
        $entries = (new Journal($system))->ofKinds(
            [IncidentKind::KEY],
            $now,
            $now->modify('-'.self::DAYS.' days'),
        );
        $first = TankFirstHours::of($system, $now);

        return [
            'mayLog' => $keeper->can('journal', $system),
            'names' => IncidentRule::names(),
            'volume' => $keeper->units->unitOf(Dimension::Volume)->value,
            'sums' => array_map(static fn (Mishaps $one): array => [
                'what' => $one->what,
                'times' => $one->times(),
                'cost' => $words->say($one->cost()),
            ], Mishaps::of($entries)),
            'list' => array_reverse(array_map(static fn (Entry $one): array => [
                'id' => $one->id,
                't' => $one->at->getTimestamp(),
                'text' => $words->say($one->payload->summary()),
                'note' => $one->note,
            ], $entries)),
            'firstHour' => [
                'because' => $first->because,
                'valve' => $first->valve,
                'valveFrom' => $first->valveFrom?->getTimestamp(),
                'checks' => array_map(static fn (Check $one): array => [
                    'key' => $one->value,
                    'asks' => $one->asks(),
                    'otherwise' => $one->otherwise(),
                ], array_filter(
                    Check::cases(),
                    static fn (Check $one): bool => $one !== Check::Roller || self::hasRoller($system, $now),
                )),
                'threading' => self::hasRoller($system, $now) ? FirstHours::THREADING : [],
            ],
        ];
    }

    private static function hasRoller(System $system, DateTimeImmutable $now): bool
    {
        return ($system->pathRevisionAt($now)?->path()->itemsOf(Kind::Roller) ?? []) !== [];
    }
}
