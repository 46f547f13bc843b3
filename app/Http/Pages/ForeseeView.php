<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\FitShelf;
use App\Journal\Journal;
use App\Journal\TankHistory;
use App\Models\System;
use DateTimeImmutable;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Nutrient\Forecast\ForecastPoint;
use Ithys\Nutrient\Forecast\Outlook;
use Ithys\Nutrient\Timeline\Course;
use Ithys\Nutrient\Timeline\Missing;

/** What a tank does in the weeks ahead, on its present course and on another. */
final class ForeseeView
{
    /** Days of readings that the curves grow out of. */
    private const PAST_DAYS = 56;

    /** @return array{outlook: ?Outlook, missing: ?array{sentence: string, line: string}} */
    public static function outlook(System $system, DateTimeImmutable $now): array
    {
        $shelf = new FitShelf($system);
        $kept = Kept::of(
            $system,
            "outlook {$shelf->mark()}",
            $now,
            static function (DateTimeImmutable $hour) use ($system, $shelf): array {
                try {
                    $timeline = TankHistory::of($system, $hour->modify('+1 hour'));
                } catch (Missing $missing) {
                    return ['missing' => ['sentence' => $missing->getMessage(), 'line' => $missing->mend]];
                }
                $fit = $shelf->last();

                return $fit === null ? [
                    'missing' => [
                        'sentence' => 'Nothing is learned of this tank yet. Open the ledger; it learns from your '
                            .'readings.',
                        'line' => '',
                    ],
                ] : ['missing' => null, 'outlook' => serialize($timeline->outlook($fit))];
            },
        );
        $outlook = isset($kept['outlook']) ? unserialize((string) $kept['outlook']) : null;

        return ['outlook' => $outlook instanceof Outlook ? $outlook : null, 'missing' => $kept['missing']];
    }

    /** @return array<string, list<array{float, float, float, float}>> days ahead, level, low and high, by parameter */
    public static function series(Outlook $outlook, Course $course, int $weeks): array
    {
        return array_map(
            static fn (array $points): array => array_map(static fn (ForecastPoint $point): array => [
                $point->days,
                round($point->level, 5),
                round($point->low, 5),
                round($point->high, 5),
            ], $points),
            $outlook->along($course, $weeks),
        );
    }

    /** @return array<string, mixed> a course as its levers stand */
    public static function levers(Outlook $outlook): array
    {
        $course = $outlook->present;

        return [
            'feedGrams' => round(array_sum($course->feed), 2),
            'feedTimes' => 1.0,
            'sockEvery' => self::rounded($course->socks->every),
            'waterEvery' => self::rounded($course->water->every),
            'waterLitres' => round($course->water->amount, 1),
            'skimmerOn' => $course->skimmerOn,
            'lightHours' => $outlook->hasAlgae() ? $course->lightHours ?? 0.0 : null,
            'spirit' => round((float) array_sum($course->doses), 2),
        ];
    }

    /** @return array<string, int> what a course asks of the keeper in a year */
    public static function workload(Course $course): array
    {
        $times = static fn (?float $every): int => $every === null ? 0 : (int) round(365 / $every);

        return [
            'socks' => $times($course->socks->every),
            'waterChanges' => $times($course->water->every),
            'waterLitres' => (int) round($times($course->water->every) * $course->water->amount),
        ];
    }

    /** @return list<array{int, string, float}> seconds, parameter and level of the last readings */
    public static function past(System $system, DateTimeImmutable $now): array
    {
        $past = [];
        foreach ((new Journal($system))->between($now->modify('-'.self::PAST_DAYS.' days'), $now) as $entry) {
            $reading = $entry->payload;
            if ($reading instanceof Reading && in_array($reading->parameter, Parameter::nutrients(), true)) {
                $past[] = [$entry->at->getTimestamp(), $reading->parameter->value, $reading->value];
            }
        }

        return $past;
    }

    private static function rounded(?float $days): ?float
    {
        return $days === null ? null : round($days, 1);
    }
}
