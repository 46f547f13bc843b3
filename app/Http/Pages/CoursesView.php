<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\Course;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use DateTimeInterface;
use Ithys\Forecast\ForecastPoint;
use Ithys\Forecast\Score;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\Words;

/** The courses that a keeper keeps of a tank, and how each of them came. */
final class CoursesView
{
    /** @return list<array<string, mixed>> newest first */
    public static function of(System $system, User $keeper, DateTimeImmutable $now): array
    {
        $courses = $system->courses()->orderByDesc('id')->get();
        $first = $courses->min('made_at');
        $read = $first instanceof DateTimeInterface
            ? (new Journal($system))->pooled(DateTimeImmutable::createFromInterface($first), $now)
            : [];

        return array_values($courses->map(
            static fn (Course $course): array => [
                'id' => $course->id,
                'name' => $course->name,
                't' => $course->made_at->getTimestamp(),
                'levers' => (object) CourseForm::typed($course->levers, $keeper->units),
                'isPlan' => $course->is_plan,
                'foreseen' => $course->foreseen,
                'ends' => self::ends($course->foreseen, $keeper->words()),
                'scores' => self::scores($course, $read),
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

    /**
     * @param  list<Entry>  $entries  in order of time
     * @return array<string, array<string, mixed>> by parameter
     */
    private static function scores(Course $course, array $entries): array
    {
        $read = [];
        $made = $course->made_at->toDateTimeImmutable();
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Reading && $entry->at >= $made) {
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
