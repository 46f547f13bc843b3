<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\DoseDoor;
use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Journal\Kept;
use App\Journal\TankCharges;
use App\Journal\TankHistory;
use App\Journal\TankVerdicts;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Assumption\Assumed;
use Ithys\Forecast\Advice\Advice;
use Ithys\Forecast\Advice\Step;
use Ithys\Forecast\ForecastPoint;
use Ithys\Forecast\Outlook;
use Ithys\Forecast\Workload;
use Ithys\History\Course\Course;
use Ithys\History\Timeline\Missing;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Nutrient\InvalidLever;
use Ithys\Quantity\Text;
use Ithys\Quantity\Words;
use Ithys\Target\TargetSchool;

/** What a tank does in the weeks ahead, on its present course and on another. */
final class ForecastView
{
    /** Weeks ago from which a tank may be looked at as it then stood. */
    public const AGO = [0, 4, 8, 12];

    /** Lanes of the journal on which what is like a step of advice stands. */
    private const LIKE = [
        'sock' => ['sock'],
        'feed' => ['feed', 'feed-plan'],
        'light' => ['photoperiod'],
        'skimmer' => ['skimmer'],
        'water' => ['water'],
        'gfo' => ['gfo'],
        'spirit' => ['dose', 'dose-plan'],
    ];

    private const MOST_TRIED = 2;

    /** Days of readings that the curves grow out of. */
    private const PAST_DAYS = 140;

    /**
     * A tank as it stood so many weeks ago, or as it stands.
     *
     * @return array{outlook: ?Outlook, missing: ?array{sentence: string, line: string}}
     */
    public static function outlook(System $system, DateTimeImmutable $now, int $weeksAgo = 0): array
    {
        $shelf = new FitShelf($system);
        $kept = Kept::of(
            $system,
            "outlook of form 4 {$shelf->mark()} {$weeksAgo}",
            $now,
            static function (DateTimeImmutable $hour) use ($system, $shelf, $weeksAgo): array {
                try {
                    $end = $hour->modify('+1 hour');
                    $learned = $shelf->learned();
                    $then = $end->modify("-{$weeksAgo} weeks");
                    if ($learned === null) {
                        // Whoever lacks what nothing can be learned without is told that first.
                        TankHistory::of($system, $end);
                    }
                    $outlook = $learned === null ? null : serialize(Outlook::among(array_map(
                        static fn (array $one): array => [
                            $one[1],
                            Outlook::of(TankHistory::of($system, $end, null, $one[0]), $one[2], $then),
                        ],
                        $learned->stories,
                    )));
                } catch (Missing $missing) {
                    return ['missing' => ['sentence' => $missing->getMessage(), 'line' => $missing->mend]];
                } catch (InvalidLever $invalid) {
                    return ['missing' => ['sentence' => $invalid->getMessage(), 'line' => '']];
                }

                return $outlook === null ? [
                    'missing' => [
                        'sentence' => 'Ithys has not learned from your readings yet. It does so by itself.',
                        'line' => '',
                    ],
                ] : ['missing' => null, 'outlook' => $outlook];
            },
        );
        $outlook = isset($kept['outlook']) ? unserialize((string) $kept['outlook']) : null;

        return ['outlook' => $outlook instanceof Outlook ? $outlook : null, 'missing' => $kept['missing']];
    }

    /**
     * @param  array<string, list<ForecastPoint>>  $along
     * @return array<string, list<array{float, float, float, float}>> days ahead, level, low and high, by parameter
     */
    public static function series(array $along): array
    {
        return array_map(
            static fn (array $points): array => array_map(static fn (ForecastPoint $point): array => [
                $point->days,
                round($point->level, 5),
                round($point->low, 5),
                round($point->high, 5),
            ], $points),
            $along,
        );
    }

    /**
     * Where a course ends, in words.
     *
     * @param  array<string, list<ForecastPoint>>  $along
     * @return array<string, string> by parameter
     */
    public static function ends(array $along, Words $words): array
    {
        return array_map(
            static fn (array $points): string => $points === [] ? '' : $words->say($points[count($points) - 1]->says()),
            $along,
        );
    }

    /** @return array{asks: ?string, came: array<string, string>} what readings say of the forecast itself */
    public static function standing(Outlook $outlook, User $keeper, DateTimeImmutable $now): array
    {
        $words = $keeper->words();

        return [
            'asks' => $outlook->alarm->asks()
                ? $words->say($outlook->alarm->question($now->setTimezone($keeper->zone())))
                : null,
            'came' => array_map($words->say(...), $outlook->came()),
        ];
    }

    /**
     * What could be done next; kept, since it is many courses.
     *
     * @return array<string, mixed>
     */
    public static function counsel(System $system, Outlook $outlook, User $keeper, DateTimeImmutable $now): array
    {
        $mark = (new FitShelf($system))->mark();
        $school = $system->target_school;

        return Kept::of(
            $system,
            "counsel of form 3 {$mark} {$keeper->units->value} ".($school->value ?? 'none'),
            $now,
            static fn (): array => [
                'advice' => $school === null ? null : self::advice($system, $school, $outlook, $keeper, $now),
                'exhausted' => self::exhausted($system, $keeper->words()),
            ],
        );
    }

    /** @return array<string, mixed> */
    private static function advice(
        System $system,
        TargetSchool $school,
        Outlook $outlook,
        User $keeper,
        DateTimeImmutable $now,
    ): array {
        [$words, $units] = [$keeper->words(), $keeper->units];
        $wanted = [];
        foreach ($school->bands($system->assumptions()) as $band) {
            $wanted[$band->parameter->value] = [$band->low, $band->high];
        }
        $changes = RankedChanges::of(
            $system,
            $keeper,
            '1y',
            TankVerdicts::WINDOW,
            $system->assumptions()->value(Assumed::WantedShare),
            $now,
        )['changes'];
        $advice = Advice::of(
            $outlook,
            $wanted,
            (new DoseDoor($system))->context($now),
            self::changed($changes, $now, $keeper),
        );

        return [
            'state' => $advice->state->value,
            'waits' => $advice->waits === null ? null : $words->say($advice->waits),
            'sentence' => $advice->sentence(),
            'steps' => array_map(static fn (Step $step): array => [
                'key' => $step->key,
                'does' => $words->say($step->does),
                'levers' => (object) CourseForm::typed($step->levers, $units),
                'weeks' => $step->waitWeeks,
                'watch' => $step->watch,
                'caution' => $step->caution,
                'tried' => self::tried($step, $changes),
                'expected' => array_map(
                    static fn (ForecastPoint $point): string => $words->say($point->says()),
                    $step->expected,
                ),
            ], $advice->steps),
        ];
    }

    /**
     * The last change of the four weeks before, which wants to be waited for.
     *
     * @param  list<array<string, mixed>>  $changes
     */
    private static function changed(array $changes, DateTimeImmutable $now, User $keeper): ?Text
    {
        $newest = null;
        foreach ($changes as $change) {
            /** @var array{t: int, text: string} $change */
            $isRecent = $change['t'] > $now->getTimestamp() - Advice::WAIT_DAYS * 86_400;
            $newest = $isRecent && ($newest === null || $change['t'] > $newest['t']) ? $change : $newest;
        }

        return $newest === null ? null : Advice::waitsFor(
            $newest['text'],
            (new DateTimeImmutable("@{$newest['t']}"))->setTimezone($keeper->zone()),
        );
    }

    /** @return list<string> charges that are exhausted and still in */
    private static function exhausted(System $system, Words $words): array
    {
        $says = [];
        foreach (TankCharges::of($system, now()->toDateTimeImmutable())->exhausted() as $charge) {
            $says[] = $words->say(Advice::renew($charge));
        }

        return $says;
    }

    /**
     * What was done here before that is like a step, newest first, with what it did.
     *
     * @param  list<array<string, mixed>>  $changes  as {@see RankedChanges} has them
     * @return list<array{text: mixed, t: mixed, answers: mixed}>
     */
    private static function tried(Step $step, array $changes): array
    {
        $like = array_filter(
            $changes,
            static fn (array $change): bool => in_array($change['lane'], self::LIKE[$step->key] ?? [], true),
        );
        usort($like, static fn (array $a, array $b): int => $b['t'] <=> $a['t']);

        return array_map(static fn (array $change): array => [
            'text' => $change['text'],
            't' => $change['t'],
            'answers' => $change['answers'],
        ], array_slice($like, 0, self::MOST_TRIED));
    }

    /** @return array<string, float|int|null> what a course asks of the keeper in a year */
    public static function workload(Outlook $outlook, Course $course, System $system): array
    {
        $work = Workload::of($course, $outlook->going->fleecePace, $system->assumptions());

        return [
            'socks' => $work->sockChanges,
            'waterChanges' => $work->waterChanges,
            'waterLitres' => round($work->waterLitres),
            'doseMillilitres' => round($work->doseMillilitres),
            'fleeceMetres' => $work->fleeceMm === null ? null : round($work->fleeceMm / 1000),
            'hours' => round($work->hours),
            'cost' => round($work->cost),
        ];
    }

    /** @return list<array{int, string, float}> seconds, parameter and level of the last readings */
    public static function past(System $system, DateTimeImmutable $now): array
    {
        $past = [];
        foreach ((new Journal($system))->pooled($now->modify('-'.self::PAST_DAYS.' days'), $now) as $entry) {
            $reading = $entry->payload;
            if ($reading instanceof Reading && in_array($reading->parameter, Parameter::nutrients(), true)) {
                $past[] = [$entry->at->getTimestamp(), $reading->parameter->value, $reading->value];
            }
        }

        return $past;
    }
}
