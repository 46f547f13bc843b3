<?php

declare(strict_types=1);

use Ithys\Forecast\Outlook;
use Ithys\History\Course\Course;
use Ithys\History\Timeline\Timeline;
use Ithys\Learning\Calibration;
use Tests\Support\Logged;

/**
 * Levels twelve weeks on where nothing changes.
 *
 * @param  list<array{float, string}>  $lines
 * @return array{float, float}
 */
function twelveWeeksOn(array $lines, float $days): array
{
    $timeline = Logged::timeline($lines, $days);
    $then = $timeline->simulation(more: $timeline->ahead($timeline->course(), 84.0))
        ->before($timeline->day($timeline->to) + 84.0);

    return [$then->nitrate(), $then->phosphate()];
}

/** @return list<array{float, string}> readings of a flat tank, with its water changes */
function flat(int $days): array
{
    $lines = [];
    foreach (range(0, $days, 7) as $day) {
        $lines[] = [$day, 'no3 8 po4 0.08'];
        $lines[] = [$day + 0.2, 'water change 30 l'];
    }

    return $lines;
}

/**
 * @param  callable(int): list<array{float, string}>  $of  what is logged on a day
 * @return list<array{float, string}>
 */
function eachDay(int $days, callable $of): array
{
    return array_merge(...array_map($of, range(0, $days - 1)));
}

it('goes on alike however the same tank is logged', function (): void {
    $days = 120;
    $ways = [
        'a plan' => [[0, 'feeding plan 1 g pellet a day']],
        'a meal a day' => eachDay($days, static fn (int $day): array => [[$day + 0.4, 'fed 1 g pellet']]),
        'two meals a day' => eachDay($days, static fn (int $day): array => [
            [$day + 0.3, 'fed 0.5 g pellet'], [$day + 0.7, 'fed 0.5 g pellet'],
        ]),
        'three meals, the last often forgotten' => eachDay($days, static fn (int $day): array => [
            [$day + 0.2, 'fed 0.4 g pellet'], [$day + 0.5, 'fed 0.3 g pellet'],
            ...$day % 6 === 0 ? [] : [[$day + 0.8, 'fed 0.3 g pellet']],
        ]),
        'every ninth day forgotten' => eachDay($days, static fn (int $day): array => $day % 9 === 4
            ? []
            : [[$day + 0.4, 'fed 1 g pellet']]),
        'two days together' => eachDay($days, static fn (int $day): array => $day % 2 === 0
            ? [[$day + 0.4, 'fed 2 g pellet']]
            : []),
        'pinches of any size' => eachDay($days, static fn (int $day): array => [
            [$day + 0.4, sprintf('fed %.2f g pellet', 1 + 0.25 * sin(2.3 * $day))],
        ]),
        'logged late at night' => eachDay($days, static fn (int $day): array => [[$day + 0.95, 'fed 1 g pellet']]),
        'a plan after meals' => [
            ...eachDay(60, static fn (int $day): array => [[$day + 0.4, 'fed 1 g pellet']]),
            [60, 'feeding plan 1 g pellet a day'],
        ],
        'not logged in the last week' => eachDay($days - 6, static fn (int $day): array => [
            [$day + 0.4, 'fed 1 g pellet'],
        ]),
    ];
    $levels = array_map(
        static fn (array $lines): array => twelveWeeksOn([...flat($days), ...$lines], $days),
        $ways,
    );
    foreach ($levels as $way => [$nitrate, $phosphate]) {
        // What a common kit tells apart: a tenth, or its step.
        expect($nitrate)->toEqualWithDelta($levels['a plan'][0], max(1.0, 0.1 * $levels['a plan'][0]), $way)
            ->and($phosphate)->toEqualWithDelta($levels['a plan'][1], max(0.01, 0.1 * $levels['a plan'][1]), $way);
    }
});

it('continues the latest rate, not a mean of eight weeks', function (): void {
    $lines = eachDay(120, static fn (int $day): array => [
        [$day + 0.4, $day < 106 ? 'fed 1 g pellet' : 'fed 2 g pellet'],
    ]);
    expect(Logged::timeline([...flat(120), ...$lines], 120)->course()->feed['pellet'])
        ->toEqualWithDelta(2.0, 0.1);
});

it('continues all sources of organic carbon, and none that was stopped', function (): void {
    $both = eachDay(60, static fn (int $day): array => [
        [$day + 0.4, 'vinegar 8 ml'], [$day + 0.5, 'spirit 1 ml'],
    ]);
    $course = static fn (array $more): Course => Logged::timeline(
        [...flat(60), [0, 'feeding plan 1 g pellet a day'], ...$both, ...$more],
        60,
    )->course();
    $perDay = $course([])->doses->perDay;
    expect($perDay['vinegar'])->toEqualWithDelta(8.0, 0.1)->and($perDay['spirit'])->toEqualWithDelta(1.0, 0.05)
        ->and($course([[59.8, 'vinegar stopped'], [59.9, 'spirit stopped']])->doses->millilitres())->toBe(0.0);
    $carbon = static function (Timeline $timeline): float {
        $then = $timeline->simulation(more: $timeline->ahead($timeline->course(), 28.0))->before(88.0);

        return $then->nitrate();
    };
    $of = static fn (array $lines): Timeline => Logged::timeline(
        [...flat(60), [0, 'feeding plan 1 g pellet a day'], ...$lines],
        60,
    );
    // The second source takes nitrate as well.
    expect($carbon($of($both)))->toBeLessThan($carbon($of(array_values(array_filter(
        $both,
        static fn (array $line): bool => str_starts_with($line[1], 'vinegar'),
    )))));
});

it('feeds nothing more where feeding was said to have stopped, and asks nothing of a learned past', function (): void {
    $meals = eachDay(60, static fn (int $day): array => [[$day + 0.4, 'fed 1 g pellet']]);
    $of = static fn (array $more): Timeline => Logged::timeline([...flat(90), ...$meals, ...$more], 90);
    $fed = static fn (Timeline $timeline): float => $timeline->simulation()->before(90.0)->balance->in['fed'][0];
    $stopped = $of([[60, 'feeding stopped']]);
    expect($stopped->course()->feed)->toBe([])
        ->and($fed($stopped))->toEqualWithDelta($fed(Logged::timeline([...flat(60), ...$meals], 60)), 1e-6)
        // Without a word it is taken to have gone on.
        ->and($fed($of([])))->toBeGreaterThan(1.3 * $fed($stopped))
        ->and(array_sum($of([[89, 'feeding as before']])->course()->feed))->toEqualWithDelta(1.0, 0.01);
});

it('does not take a log that fell silent long ago for hunger', function (): void {
    $meals = eachDay(60, static fn (int $day): array => [[$day + 0.4, 'fed 1 g pellet']]);
    $feed = Logged::timeline([...flat(180), ...$meals], 180)->course()->feed;
    expect($feed)->toHaveKey('pellet')->and($feed['pellet'])->toBeGreaterThan(0.7)->toBeLessThanOrEqual(1.0);
});

// A sock that nobody logs is changed as often ahead as it was taken to be before: no false alarm.
it('goes on with the sock changes that it takes where none is logged', function (): void {
    $path = Logged::path([['id' => 'sock', 'kind' => 'sock']]);
    $lines = [[0, 'feeding plan 1.5 g pellet a day']];
    foreach (range(0, 84, 7) as $day) {
        array_push($lines, [$day, 'no3 8 po4 0.08'], [$day + 0.1, 'water change 25 l']);
    }
    $timeline = Logged::timeline($lines, 85, $path);
    $outlook = Outlook::of($timeline, Calibration::of($timeline));
    $points = $outlook->along($outlook->present, 12);
    expect($outlook->present->socks->every)->toEqualWithDelta(7.0, 1e-9)
        ->and(end($points['po4'])->level)->toEqualWithDelta(0.08, 0.02)
        // Where there is no sock, none is changed.
        ->and(Logged::timeline($lines, 85)->course()->socks->every)->toBeNull();
});
