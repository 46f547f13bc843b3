<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use App\Models\Trial;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Ithys\Care\CalendarDay;
use Ithys\Care\MediumRenewal;
use Ithys\Care\Rounds;
use Ithys\Care\TrialDay;
use Ithys\Effect\Alarm\Ends;
use Ithys\Effect\Alarm\Watch;
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
use LogicException;

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
            'rounds of form 2',
            $now,
            static fn (): array => ['rounds' => serialize(Rounds::of(
                self::entries($system, $now),
                $system->pathRevisionAt($now)?->path(),
                $system->assumptions(),
                $every,
                $system->zone(),
                $today,
                self::isReactorFilled($system, $now),
                $system->carePlan(),
            ))],
            [
                ...self::FEW, ...self::MANY, ReadingKind::KEY, MediaChargeKind::KEY, MediaRemovalKind::KEY,
            ],
            json_encode([
                $today,
                array_map(static fn (float $one): string => (string) $one, $every),
                $system->care_plan,
            ]) ?: '',
        );
        $rounds = unserialize($kept['rounds']);
        $socks = $system->assumptions()->of('care-sock')->overlay;

        return $rounds instanceof Rounds
            ? $rounds->with(
                [...self::renewals($system, $now), ...self::trials($system, $now)],
                self::missed($system, $now),
                $socks?->reason,
            )
            : throw new LogicException('Kept rounds are none.');
    }

    /** @return list<MediumRenewal> of charges whose end is foreseen */
    private static function renewals(System $system, DateTimeImmutable $now): array
    {
        $charges = TankCharges::of($system, $now);
        $day = static fn (?int $seconds): ?int => $seconds === null
            ? null
            : CalendarDay::of($now->setTimestamp($seconds), $system->zone());
        $renewals = [];
        foreach (Charge::in($charges->all) as $charge) {
            $ends = $charges->state($charge)->exhausted ?? [];
            $likely = $day($ends[0] ?? null);
            if ($likely !== null) {
                $renewals[] = new MediumRenewal(
                    $charge->entry,
                    $charge->medium()->label(),
                    $likely,
                    $day($ends[1] ?? null),
                    $day($ends[2] ?? null),
                    $system->assumptions()->value('minutes-media'),
                    [$charge->vessel()],
                    $system->carePlan()->workday($likely, null),
                );
            }
        }

        return $renewals;
    }

    /** @return list<TrialDay> the next planned day of each trial that runs, and what is switched next */
    private static function trials(System $system, DateTimeImmutable $now): array
    {
        $days = [];
        $running = Trial::query()->whereNotNull('started')->whereNull('ended')
            ->where(static fn (Builder $of) => $of->where('system_id', $system->id)
                ->orWhere('other_system_id', $system->id))
            ->with(['system', 'other'])->get();
        foreach ($running as $trial) {
            $tank = $trial->isInUnits() ? null : new TankTrials($trial, $now);
            $day = $tank === null ? $trial->nextDay() : $tank->nextDay($system);
            $first = $trial->firstDay() ?? 0;
            $minutes = $system->assumptions()->value('minutes-trial');
            if ($day !== null) {
                $planned = $tank === null ? $trial->planned()->setup->days() : $trial->lot()->days();
                $days[] = new TrialDay(
                    $trial->id,
                    $trial->system_id,
                    $trial->question(),
                    $first + $day,
                    $day,
                    $minutes * ($tank === null ? count($trial->placed()) * count($trial->planned()->reads) : 1),
                    further: array_values(array_map(
                        static fn (int $one): int => $first + $one,
                        array_filter($planned, static fn (int $one): bool => $one > $day),
                    )),
                );
            }
            foreach ($tank?->changedTank()->is($system) === true ? $tank->nextSwitches() : [] as $switch) {
                $change = ucfirst($trial->tankPlan()->change);
                $days[] = new TrialDay(
                    $trial->id,
                    $trial->system_id,
                    $trial->question(),
                    $first + $switch['day'],
                    $switch['day'],
                    $minutes,
                    $trial->isSwitched()
                        ? $change.($switch['isOn'] ? ': switch on' : ': switch off')
                        : "{$change}: the change of the trial",
                );
            }
        }

        return $days;
    }

    /** @return array<string, bool> whether it stays below its target for weeks, by parameter that stays outside it */
    private static function missed(System $system, DateTimeImmutable $now): array
    {
        $school = $system->target_school;
        $targets = $school?->bands($system->assumptions()) ?? [];

        return $school === null || $targets === [] ? [] : Kept::of(
            $system,
            "missed targets {$school->value}",
            $now,
            static fn (DateTimeImmutable $hour): array => Ends::missing(
                (new Journal($system))->ofKinds(
                    [ReadingKind::KEY],
                    $hour->modify('+1 hour'),
                    $hour->modify('-'.Watch::DAYS.' days'),
                ),
                $hour->modify('+1 hour'),
                $targets,
            ),
            [ReadingKind::KEY],
        );
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
