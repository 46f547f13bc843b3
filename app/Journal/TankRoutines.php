<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\Effect\AlsoChanged;
use Ithys\Finding;
use Ithys\History\Routines;
use Ithys\History\Silences;
use Ithys\Journal\CarbonDose\CarbonDoseKind;
use Ithys\Journal\DosePlan\DosePlanKind;
use Ithys\Journal\Entry;
use Ithys\Journal\FeedPlan\FeedPlanKind;
use Ithys\Journal\Kind;
use Ithys\Journal\Kinds;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Journal\RoutineWord\RoutineWordKind;
use WeakMap;

/** What is done to a tank again and again, by its whole journal: one answer for every page and every time shown. */
final class TankRoutines
{
    /** Seconds after the last act of a routine in which a journal that ends is quiet as a whole. */
    private const QUIET = Routines::QUIET_DAYS * 86_400;

    /**
     * @var ?WeakMap<System, array{string, array{
     *     also: string, described: list<int>, silences: string, every: array<string, float>,
     * }}>
     */
    private static ?WeakMap $once = null;

    public static function of(System $system, DateTimeImmutable $now): Routines
    {
        return Routines::of(
            (new Journal($system))->ofKinds(self::kinds(), $now),
            $system->workingLitresAt($now),
            $system->zone(),
            $now,
            $system->assumptions(),
        );
    }

    /** @return array<string, Finding> routines of which nothing was logged for long, by their key */
    public static function silences(System $system, DateTimeImmutable $now): array
    {
        /** @var array<string, Finding> */
        return unserialize(self::told($system, $now)['silences']);
    }

    /** The same for every page: which changes a verdict is asked of. */
    public static function changes(System $system, DateTimeImmutable $now): AskedChanges
    {
        $told = self::told($system, $now);
        $also = unserialize($told['also']);

        return new AskedChanges(
            $also instanceof AlsoChanged ? $also : new AlsoChanged,
            array_fill_keys($told['described'], true),
        );
    }

    /**
     * Days from one act to the next as routines go now.
     *
     * @return array<string, float> by routine; INF for one that was stopped, none where it is not known
     */
    public static function every(System $system, DateTimeImmutable $now): array
    {
        return self::told($system, $now)['every'];
    }

    /**
     * Once for all who ask about the same tank in the same moment.
     *
     * @return array{also: string, described: list<int>, silences: string, every: array<string, float>}
     */
    private static function told(System $system, DateTimeImmutable $now): array
    {
        self::$once ??= new WeakMap;
        $key = "{$system->stamp} {$now->getTimestamp()}";
        if ($system->stamp === null || (self::$once[$system][0] ?? null) !== $key) {
            self::$once[$system] = [$key, self::read($system, $now)];
        }

        return self::$once[$system][1];
    }

    /** @return array{also: string, described: list<int>, silences: string, every: array<string, float>} */
    private static function read(System $system, DateTimeImmutable $now): array
    {
        $ends = self::ends($system, $now);
        $described = Kept::of(
            $system,
            'described at first',
            $now,
            static fn (): array => self::described($system),
            self::settings(),
            (string) (new Journal($system))->rows()->min('occurred_at'),
        );
        if ($ends === null) {
            return [
                'also' => serialize(new AlsoChanged($system->changedOn())),
                'described' => $described,
                'silences' => serialize([]),
                'every' => [],
            ];
        }
        $changes = $missed = $silences = $every = [];
        foreach (self::groups() as $kinds) {
            $kept = Kept::of(
                $system,
                'routines of form 2 '.implode(' ', $kinds),
                $now,
                static function (DateTimeImmutable $hour) use ($system, $kinds, $ends): array {
                    $entries = (new Journal($system))->ofKinds($kinds, $hour->modify('+1 hour'));
                    $routines = Routines::of(
                        // A word may be on another routine.
                        array_values(array_filter(
                            $entries,
                            static fn (Entry $one): bool => Repeated::of($one)?->kind() === $kinds[0],
                        )),
                        $system->workingLitresAt($hour),
                        $system->zone(),
                        $hour->modify('+1 hour'),
                        $system->assumptions(),
                        null,
                        $ends['moments'],
                    );

                    return ['told' => serialize([
                        AlsoChanged::of([], $routines),
                        Silences::in($routines),
                        self::intervals($routines, $hour),
                    ])];
                },
                $kinds,
                self::quiet($ends, $kinds),
            );
            /** @var array{AlsoChanged, array<string, Finding>, array<string, float>} $one */
            $one = unserialize($kept['told']);
            $changes = [...$changes, ...$one[0]->routines];
            $missed = [...$missed, ...$one[0]->missed];
            $silences = [...$silences, ...$one[1]];
            $every = [...$every, ...$one[2]];
        }

        return [
            'also' => serialize(new AlsoChanged($system->changedOn(), $changes, $missed)),
            'described' => $described,
            'silences' => serialize($silences),
            'every' => $every,
        ];
    }

    /** @return array<string, float> */
    private static function intervals(Routines $routines, DateTimeImmutable $now): array
    {
        $every = [];
        foreach (Repeated::cases() as $of) {
            $days = $routines->find($of)?->interval();
            $rate = $routines->find($of) === null ? null : $routines->at($of, $now);
            if ($rate !== null && ($rate->perDay <= 0.0 || $days !== null)) {
                $every[$of->value] = $rate->perDay <= 0.0 ? INF : (float) $days;
            }
        }

        return $every;
    }

    /**
     * First and last entry of all routines, and the last of each kind in seconds since 1970.
     *
     * @return ?array{moments: array{DateTimeImmutable, DateTimeImmutable}, last: array<string, int>} null where there
     *   is none
     */
    private static function ends(System $system, DateTimeImmutable $now): ?array
    {
        $rows = (new Journal($system))->rows()
            ->whereIn('kind', self::kinds())
            ->where('occurred_at', '<=', Journal::stamp($now->modify('+1 hour')))
            ->groupBy('kind')
            ->selectRaw('kind, min(occurred_at) as first, max(occurred_at) as last')
            ->get();
        $first = $last = [];
        foreach ($rows as $row) {
            /** @var object{kind: string, first: string, last: string} $row */
            $first[] = Journal::moment($row->first);
            $last[$row->kind] = Journal::moment($row->last);
        }

        return $first === [] ? null : [
            'moments' => [min($first), max($last)],
            'last' => array_map(static fn (DateTimeImmutable $one): int => $one->getTimestamp(), $last),
        ];
    }

    /**
     * What of other entries counts for some routines: when the first is, and how long the journal goes on beyond
     * theirs, for while nothing at all is logged their silence says little.
     *
     * @param  array{moments: array{DateTimeImmutable, DateTimeImmutable}, last: array<string, int>}  $ends
     * @param  list<string>  $kinds
     */
    private static function quiet(array $ends, array $kinds): string
    {
        $beyond = array_map(
            static fn (int $last): int => min(self::QUIET, $ends['moments'][1]->getTimestamp() - $last),
            array_intersect_key($ends['last'], array_flip($kinds)),
        );
        // Of doses each source is a routine, which may have ended before the last of them.
        $said = in_array(CarbonDoseKind::KEY, $kinds, true)
            ? $beyond
            : array_map(static fn (int $one): bool => $one < self::QUIET, $beyond);

        return $ends['moments'][0]->getTimestamp().json_encode($said);
    }

    /**
     * Kinds of entries that are of one routine, in the order of {@see Repeated}; a word on routines is of any.
     *
     * @return list<non-empty-list<string>>
     */
    private static function groups(): array
    {
        $plans = ['feed' => [FeedPlanKind::KEY], 'dose' => [DosePlanKind::KEY]];
        $kinds = array_unique(array_map(static fn (Repeated $one): string => $one->kind(), Repeated::cases()));

        return array_map(
            static fn (string $kind): array => [$kind, ...$plans[$kind] ?? [], RoutineWordKind::KEY],
            array_values($kinds),
        );
    }

    /** @return list<string> kinds of entries that routines are read from */
    private static function kinds(): array
    {
        return array_keys(array_filter(
            Kinds::all(),
            static fn (Kind $kind): bool => $kind->lever()?->usage !== null || $kind instanceof FeedPlanKind
                || $kind instanceof DosePlanKind
                || $kind instanceof RoutineWordKind,
        ));
    }

    /** @return list<string> kinds of entries that say how something stands */
    private static function settings(): array
    {
        return array_keys(array_filter(
            Kinds::all(),
            static fn (Kind $kind): bool => $kind->lever()?->isSetting === true,
        ));
    }

    /** @return list<int> entries of the first day that say how things stood */
    private static function described(System $system): array
    {
        $journal = new Journal($system);
        $first = $journal->rows()->min('occurred_at');
        if (! is_string($first)) {
            return [];
        }

        return array_map(
            static fn (Entry $entry): int => (int) $entry->id,
            $journal->ofKinds(
                self::settings(),
                Journal::moment($first)->setTimezone($system->zone())->setTime(23, 59, 59),
            ),
        );
    }
}
