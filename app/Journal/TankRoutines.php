<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\Effect\AlsoChanged;
use Ithys\Finding;
use Ithys\History\Routines;
use Ithys\History\Silences;
use Ithys\Journal\DosePlan\DosePlanKind;
use Ithys\Journal\Entry;
use Ithys\Journal\FeedPlan\FeedPlanKind;
use Ithys\Journal\Kind;
use Ithys\Journal\Kinds;
use Ithys\Journal\RoutineWord\RoutineWordKind;

/** What is done to a tank again and again, by its whole journal: one answer for every page and every time shown. */
final class TankRoutines
{
    /** Seconds after the last act of a routine in which a journal that ends is quiet as a whole. */
    private const QUIET = Routines::QUIET_DAYS * 86_400;

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

    /** @return array{also: string, described: list<int>, silences: string} */
    private static function told(System $system, DateTimeImmutable $now): array
    {
        return Kept::of($system, 'routines also', $now, static function (DateTimeImmutable $hour) use ($system): array {
            $end = $hour->modify('+1 hour');
            $routines = self::of($system, $end);

            return [
                'also' => serialize(AlsoChanged::of($system->changedOn(), $routines)),
                'described' => self::described($system),
                'silences' => serialize(Silences::in($routines)),
            ];
        }, [...self::kinds(), ...self::settings()], self::ends($system));
    }

    /** What of other entries counts: when the first is, and after which kinds nothing at all was logged. */
    private static function ends(System $system): string
    {
        $rows = (new Journal($system))->rows();
        $first = $rows->clone()->min('occurred_at');
        $last = $rows->groupBy('kind')
            ->selectRaw('kind, unixepoch(max(occurred_at)) as seconds')
            ->pluck('seconds', 'kind');
        $most = $last->max();

        return $first.implode('', array_map(
            static fn (string $kind): string => $most < ($last[$kind] ?? 0) + self::QUIET ? '1' : '0',
            self::kinds(),
        ));
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
