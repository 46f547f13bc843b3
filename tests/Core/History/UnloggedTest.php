<?php

declare(strict_types=1);

use Ithys\Nutrient\Element;
use Tests\Support\Logged;

const GRAM = 1000 * 0.92 * 0.48 / 6.25;

/** mg of nitrogen fed up to a day. */
function fedBy(array $days, float $until, array $more = []): float
{
    $lines = [[0, 'no3 8 po4 0.1'], ...$more];
    foreach ($days as $day) {
        $lines[] = [$day + 0.05, 'fed 1 g pellet'];
    }

    return Logged::timeline($lines, $until)->simulation()->before($until)->balance->in['fed'][0];
}

// The law: learning takes of food what the routine says, whatever the log missed.
it('feeds the days that a log missed as the routine says', function (array $days): void {
    expect(fedBy($days, 84.0) / (84 * GRAM))->toEqualWithDelta(1.0, 0.03);
})->with([
    'every day' => [range(0, 83)],
    'one in ten missed' => [array_values(array_filter(range(0, 83), fn (int $day): bool => $day % 10 !== 4))],
    'three in ten missed' => [
        array_values(array_filter(range(0, 83), fn (int $day): bool => ! in_array($day % 10, [1, 4, 7], true))),
    ],
    'a week missed' => [[...range(0, 39), ...range(47, 83)]],
]);

it('feeds nothing on days of rest, nor on days that were said to be without', function (): void {
    // 1 March 2026 is a Sunday: fed from Monday to Friday.
    $working = array_values(array_filter(range(0, 83), fn (int $day): bool => ! in_array($day % 7, [0, 6], true)));
    expect(fedBy($working, 84.0) / (60 * GRAM))->toEqualWithDelta(1.0, 0.03);
    $away = [...range(0, 39), ...range(50, 83)];
    $stopped = fedBy($away, 84.0, [[40.5, 'feeding stopped']]);
    expect($stopped / (74 * GRAM))->toEqualWithDelta(1.0, 0.03);
});

it('doses what a log missed, and lets water and socks go on only through a silence', function (): void {
    $lines = [[0, 'no3 8 po4 0.1'], [0, 'feeding plan 1 g pellet a day']];
    foreach (range(0, 83) as $day) {
        if ($day % 5 !== 3) {
            $lines[] = [$day + 0.1, 'vinegar 5 ml'];
        }
        if ($day % 7 === 0 && $day !== 42) {
            $lines[] = [$day + 0.2, 'water change 30 l'];
        }
    }
    $carbon = fn (array $lines): float => Logged::timeline($lines, 84)->simulation()->before(82.9)->plant->bacteria;
    $all = $lines;
    foreach (range(3, 83, 5) as $day) {
        $all[] = [$day + 0.1, 'vinegar 5 ml'];
    }
    expect($carbon($lines))->toEqualWithDelta($carbon($all), 0.06 * $carbon($all));
    // One water change that was not logged may not have been made; the level is that of what was logged.
    $water = fn (array $lines, float $days): float => Logged::timeline($lines, $days)
        ->simulation()->before($days)->balance->out['water'][0];
    $weekly = fn (array $days): array => [
        [0, 'no3 8 po4 0.1'], [0, 'feeding plan 1 g pellet a day'],
        ...array_map(fn (int $day): array => [$day + 0.2, 'water change 30 l'], $days),
    ];
    $logged = range(0, 77, 7);
    expect($water($weekly(array_diff($logged, [42])), 84.0))->toBeLessThan(0.97 * $water($weekly($logged), 84.0))
        // A silence of ten weeks is not taken for ten weeks without a change.
        ->and($water($weekly($logged), 154.0))->toBeGreaterThan(1.3 * $water($weekly($logged), 84.0));
});

it('keeps the level steady through every way of logging', function (): void {
    $level = fn (array $days): float => (function (array $lines): float {
        return Logged::timeline($lines, 84)->simulation()->before(84.0)->level(Element::Nitrogen);
    })([[0, 'no3 8 po4 0.1'], ...array_map(fn (int $day): array => [$day + 0.05, 'fed 1 g pellet'], $days)]);
    $all = $level(range(0, 83));
    foreach ([10, 5, 4, 3] as $each) {
        $some = array_values(array_filter(range(0, 83), fn (int $day): bool => $day % $each !== 2));
        expect($level($some))->toEqualWithDelta($all, 0.03 * $all);
    }
});
