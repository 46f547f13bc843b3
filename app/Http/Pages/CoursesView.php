<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\Course;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Forecast\ForecastPoint;
use Ithys\Forecast\Score;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\Words;

/** The courses that a keeper keeps of a tank, and how the plan among them came. */
final class CoursesView
{
    /** @return list<array<string, mixed>> newest first */
    public static function of(System $system, User $keeper, DateTimeImmutable $now): array
    {
        return array_values($system->courses()->orderByDesc('id')->get()->map(
            static fn (Course $course): array => [
                'id' => $course->id,
                'name' => $course->name,
                't' => $course->made_at->getTimestamp(),
                'levers' => (object) CourseForm::typed($course->levers, $keeper->units),
                'isPlan' => $course->is_plan,
                'foreseen' => $course->foreseen,
                'ends' => self::ends($course->foreseen, $keeper->words()),
                'scores' => $course->is_plan ? self::scores($system, $course, $now) : [],
            ],
        )->all());
    }

    /**
     * @param  array<string, list<array{float, float, float, float}>>  $foreseen
     * @return array{weeks: float, says: array<string, string>} where it was to end, by parameter
     */
    private static function ends(array $foreseen, Words $words): array
    {
        $last = array_map(
            static fn (array $points): ForecastPoint => new ForecastPoint(...$points[count($points) - 1]),
            array_filter($foreseen),
        );

        return [
            'weeks' => round(max([0.0, ...array_map(static fn (ForecastPoint $one): float => $one->days, $last)]) / 7),
            'says' => array_map(static fn (ForecastPoint $one): string => $words->say($one->says()), $last),
        ];
    }

    /** @return array<string, array<string, mixed>> by parameter */
    private static function scores(System $system, Course $course, DateTimeImmutable $now): array
    {
        $read = [];
        $made = $course->made_at->toDateTimeImmutable();
        foreach ((new Journal($system))->pooled($made, $now) as $entry) {
            if ($entry->payload instanceof Reading) {
                $read[$entry->payload->parameter->value][] = [$entry->daysAfter($made), $entry->payload->value];
            }
        }
        $scores = [];
        foreach ($course->foreseen as $parameter => $points) {
            $score = Score::of(
                array_map(static fn (array $one): ForecastPoint => new ForecastPoint(...$one), $points),
                $read[$parameter] ?? [],
            );
            if ($score !== null) {
                $scores[$parameter] = [
                    'readings' => $score->readings,
                    'within' => $score->within,
                    'off' => round(100 * $score->off),
                    'stays' => round(100 * $score->stays),
                ];
            }
        }

        return $scores;
    }
}
