<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Effect\RoutineChange;
use Ithys\History\Guard\DoseContext;
use Ithys\History\Known;
use Ithys\History\Routines;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Nutrient\Element;
use Ithys\System\Setup;
use Tests\Support\Logged;

/** @param  list<array{float|int, string}>  $more */
function levelDosed(array $more, float $until = 84.0): float
{
    $lines = [[0, 'no3 8 po4 0.1'], [0, 'feeding plan 1 g pellet a day'], ...$more];

    return Logged::timeline($lines, $until)->simulation()->before($until)->level(Element::Nitrogen);
}

/** @return list<array{float|int, string}> */
function linesEachDay(string $line, int $from = 0, int $to = 83, int $every = 1): array
{
    return array_map(fn (int $day): array => [$day + 0.01, $line], range($from, $to, $every));
}

it('doses by a plan as by as many logged doses', function (): void {
    $none = levelDosed([]);
    $plan = levelDosed([[0, 'dose plan vinegar 12 ml a day']]);
    expect($plan)->toBeLessThan($none - 0.3)
        ->and($plan)->toEqualWithDelta(levelDosed(linesEachDay('vinegar 12 ml')), 0.02 * $plan)
        // 96 % holds 2.4 times as much as 40 %.
        ->and(levelDosed([[0, 'dose plan vodka 1 ml a day of 96 %']]))
        ->toEqualWithDelta(levelDosed([[0, 'dose plan vodka 2.4 ml a day']]), 1e-6)
        // On half the days of a week, half as much.
        ->and(levelDosed([[0, 'dose plan vinegar 12 ml a day 3.5 days a week']]))
        ->toEqualWithDelta(levelDosed([[0, 'dose plan vinegar 6 ml a day']]), 1e-6)
        // What is logged on a day stands instead of the plan of that day.
        ->and(levelDosed([[0, 'dose plan vinegar 12 ml a day'], ...linesEachDay('vinegar 12 ml', 40, 60)]))
        ->toEqualWithDelta($plan, 0.02 * $plan)
        ->and(levelDosed([[0, 'dose plan vinegar 12 ml a day'], [40, 'dose plan vinegar off']]))
        ->toBeGreaterThan($plan + 0.1);
});

it('goes on with a plan without a question, and with nothing once it is off', function (): void {
    $course = fn (array $more): array => Logged::timeline(
        [[0, 'no3 8 po4 0.1'], [0, 'feeding plan 1 g pellet a day'], ...$more],
        84,
    )->course()->doses->perDay;
    expect($course([[20, 'dose plan vinegar 12 ml a day']]))->toEqual(['vinegar' => 12.0])
        ->and($course([[20, 'dose plan vinegar 12 ml a day'], [50, 'dose plan vinegar 15 ml a day']]))
        ->toEqual(['vinegar' => 15.0])
        ->and($course([[20, 'dose plan vinegar 12 ml a day'], [50, 'dose plan vinegar off']]))->toBe([]);
    $now = new DateTimeImmutable(Logged::START.' +84 days');
    $routines = Routines::of(
        Logged::entries([[0, 'dose plan vinegar 12 ml a day']]),
        300.0,
        new DateTimeZone('UTC'),
        $now,
        Assumptions::standard(),
    );
    $rate = $routines->at(Repeated::Vinegar, $now);
    expect($rate->perDay)->toBe(12.0)->and($rate->known)->toBe(Known::Stated)
        ->and($routines->find(Repeated::Vinegar)->asks)->toBeFalse()
        ->and(RoutineChange::in($routines))->toHaveCount(0);
    // What stood before it ended is still known.
    $ended = Routines::of(
        Logged::entries([[10, 'dose plan vinegar 12 ml a day'], [50, 'dose plan vinegar off']]),
        300.0,
        new DateTimeZone('UTC'),
        $now,
        Assumptions::standard(),
    );
    expect($ended->at(Repeated::Vinegar, $now->modify('-54 days'))->perDay)->toBe(12.0)
        ->and($ended->at(Repeated::Vinegar, $now)->perDay)->toBe(0.0);
});

it('meets less water with a medium that is in on some days of a week', function (): void {
    $held = function (string $line): float {
        $timeline = Logged::timeline(
            [[0, 'no3 8 po4 0.1'], [0, 'feeding plan 2 g pellet a day'], [10, $line]],
            40,
        );

        return array_values($timeline->simulation()->before(40.0)->plant->charges)[0]->nitrogen;
    };
    expect($held('activated carbon 60 g canister 3.5 days a week'))
        ->toBeLessThan(0.75 * $held('activated carbon 60 g canister'))
        ->toBeGreaterThan(0.3 * $held('activated carbon 60 g canister'));
});

it('counts what a pump doses as given, and stops it with a word', function (): void {
    $given = fn (array $lines): float => (new DoseContext(
        new Setup(Logged::tank()),
        Logged::entries($lines),
        new DateTimeImmutable(Logged::START.' +60 days'),
        Assumptions::standard(),
    ))->givenCarbon();
    $each = Assumptions::standard()->value('carbon-vinegar');
    expect($given([[10, 'dose plan vinegar 12 ml a day']]))->toEqualWithDelta(12 * $each, 1e-6)
        // Set this very day.
        ->and($given([[60, 'dose plan vinegar 12 ml a day']]))->toEqualWithDelta(12 * $each, 1e-6)
        ->and($given([[10, 'dose plan vinegar 12 ml a day'], [50, 'vinegar stopped']]))->toBe(0.0)
        ->and($given([[10, 'dose plan vinegar 12 ml a day'], [50, 'dose plan vinegar off']]))->toBe(0.0)
        ->and($given([[10, 'vinegar stopped'], [50, 'dose plan vinegar 12 ml a day']]))
        ->toEqualWithDelta(12 * $each, 1e-6);
    $plan = [[0, 'dose plan vinegar 12 ml a day']];
    expect(levelDosed([...$plan, [40, 'vinegar stopped']]))
        ->toEqualWithDelta(levelDosed([...$plan, [40, 'dose plan vinegar off']]), 1e-6);
});
