<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\Care\CalendarDay;
use Ithys\Care\Rounds;
use Ithys\History\Charge;
use Ithys\Journal\Care\CareKind;
use Ithys\Journal\ChoreWord\ChoreWordKind;
use Ithys\Journal\Entry;
use Ithys\Journal\Fleece\FleeceKind;
use Ithys\Journal\Harvest\HarvestKind;
use Ithys\Journal\MediaCharge\MediaChargeKind;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\MediaRemoval\MediaRemovalKind;
use Ithys\Journal\Outlet\OutletKind;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\ReadingKind;
use Ithys\Journal\Renewal\RenewalKind;
use Ithys\Journal\SockChange\SockChangeKind;
use Ithys\Journal\WaterChange\WaterChangeKind;

/** What is due on a tank: one answer for the list, the water line, the calendar and the sitter. */
final class TankRounds
{
    /** Acts of a kind that are many, of which the last alone count. */
    private const LAST = 40;

    /** Of which all count: they are few, and the last may be long ago. */
    private const FEW = [
        CareKind::KEY, ChoreWordKind::KEY, FleeceKind::KEY, HarvestKind::KEY, OutletKind::KEY, RenewalKind::KEY,
    ];

    private const MANY = [SockChangeKind::KEY, WaterChangeKind::KEY];

    public static function of(System $system, DateTimeImmutable $now): Rounds
    {
        $today = self::today($system, $now);
        $every = TankRoutines::every($system, $now);
        $kept = Kept::of(
            $system,
            'rounds of form 1',
            $now,
            static fn (): array => ['rounds' => serialize(Rounds::of(
                self::entries($system, $now),
                $system->pathRevisionAt($now)?->path(),
                $system->assumptions(),
                $every,
                $system->zone(),
                $today,
                self::isReactorFilled($system, $now),
            ))],
            [
                ...self::FEW, ...self::MANY, ReadingKind::KEY, MediaChargeKind::KEY, MediaRemovalKind::KEY,
            ],
            json_encode([$today, array_map(static fn (float $one): string => (string) $one, $every)]) ?: '',
        );
        $rounds = unserialize($kept['rounds']);

        return $rounds instanceof Rounds ? $rounds : throw new \LogicException('Kept rounds are none.');
    }

    /** By the calendar of the tank. */
    public static function today(System $system, DateTimeImmutable $now): int
    {
        return CalendarDay::of($now, $system->zone());
    }

    /** @return list<Entry> in order of time */
    private static function entries(System $system, DateTimeImmutable $now): array
    {
        $journal = new Journal($system);
        $last = static fn (string $kind, ?Parameter $of = null): array => array_values($journal->rows()
            ->where('kind', $kind)
            ->where('occurred_at', '<=', Journal::stamp($now))
            ->when($of !== null, static fn ($rows) => $rows->where('payload->parameter', $of?->value))
            ->orderByDesc('occurred_at')->orderByDesc('id')
            ->limit($of === null ? self::LAST : 1)
            ->get(['id', 'kind', 'occurred_at', 'payload', 'note'])
            ->map(Journal::toEntry(...))->all());
        $entries = $journal->ofKinds(self::FEW, $now);
        foreach (self::MANY as $kind) {
            $entries = [...$entries, ...$last($kind)];
        }
        foreach ([...Parameter::nutrients(), Parameter::Clarity] as $parameter) {
            $entries = [...$entries, ...$last(ReadingKind::KEY, $parameter)];
        }
        usort($entries, static fn (Entry $a, Entry $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return $entries;
    }

    private static function isReactorFilled(System $system, DateTimeImmutable $now): bool
    {
        foreach (Charge::in(TankCharges::of($system, $now)->all) as $charge) {
            if ($charge->place() === Place::Reactor && $charge->medium()->mayBind()) {
                return true;
            }
        }

        return false;
    }
}
