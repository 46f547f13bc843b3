<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\History\Timeline\Timeline;
use Ithys\Nutrient\Element;
use Ithys\System\Setup;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Tests\Support\Logged;

function tankOf(float $lengthMm, float $rockKg, float $sumpLitres = 40.0): Tank
{
    return new Tank(
        Display::box($lengthMm, 500, 560, 30),
        new BesideDisplay($sumpLitres, 5),
        new Ground(10, $rockKg),
        new Conditions(35, 25),
        1800,
        TurnoverSchool::Moderate,
    );
}

/** @param  list<array{int, Setup}>  $later  setups by the day from which they are there */
function refitted(array $later, int $until): Timeline
{
    $start = new DateTimeImmutable(Logged::START);
    $path = Logged::path([
        ['id' => 'sock', 'kind' => 'sock'],
        ['id' => 'gfo', 'kind' => 'reactor', 'figures' => []],
    ]);
    $lines = [[0, 'feeding plan 2 g pellet a day']];
    foreach (range(0, 196, 7) as $day) {
        $lines[] = [$day, 'no3 8 po4 0.12'];
        $lines[] = [$day + 0.2, 'water change 30 l'];
        $lines[] = [$day + 0.3, 'sock changed'];
    }
    $lines[] = [40, 'gfo 60 g reactor'];
    $lines[] = [60, 'vinegar 6 ml'];

    return Timeline::of(
        array_values(array_filter(
            Logged::entries($lines),
            fn ($entry): bool => $entry->at <= $start->modify("+{$until} days"),
        )),
        array_values(array_filter([
            [$start, new Setup(tankOf(1000, 25), $path)],
            ...array_map(fn (array $one): array => [$start->modify("+{$one[0]} days"), $one[1]], $later),
        ], fn (array $one): bool => $one[0] <= $start->modify("+{$until} days"))),
        $start->modify("+{$until} days"),
        Assumptions::standard(),
    );
}

/** @return list<array{float, float}> levels, rock and what the charge holds on day 100 */
function dayHundred(Timeline $timeline): array
{
    $then = $timeline->simulation()->before(100.0);

    return [
        $then->level(Element::Nitrogen),
        $then->level(Element::Phosphorus),
        $then->plant->rock,
        $then->plant->basin->litres,
        array_values($then->plant->charges)[0]->load,
        array_sum(array_column($then->balance->out, 0)),
    ];
}

// The law: what a tank was on day 100 is the same whenever it is asked, whatever is changed of it later.
it('leaves every day before a change of the tank as it was', function (Setup $later): void {
    $before = dayHundred(refitted([], 100));
    expect(dayHundred(refitted([], 190)))->toEqualWithDelta($before, 1e-6)
        ->and(dayHundred(refitted([[120, $later]], 190)))->toEqualWithDelta($before, 1e-6)
        ->and(dayHundred(refitted([[120, $later], [160, new Setup(tankOf(700, 5))]], 190)))
        ->toEqualWithDelta($before, 1e-6);
})->with([
    'a larger tank' => [fn () => new Setup(tankOf(1600, 25), Logged::path([['id' => 'sock', 'kind' => 'sock']]))],
    'less rock and a smaller sump' => [fn () => new Setup(tankOf(1000, 8, 15))],
    'a skimmer and a refugium' => [fn () => new Setup(tankOf(1000, 25), Logged::path([
        ['id' => 'sock', 'kind' => 'sock'],
        ['id' => 'skim', 'kind' => 'skimmer'],
        ['id' => 'algae', 'kind' => 'refugium', 'figures' => ['watts' => 30]],
    ]))],
    'another way of the water' => [fn () => new Setup(tankOf(1000, 25), Logged::path([
        ['id' => 'roller', 'kind' => 'roller'],
    ]))],
]);

it('runs each day with the tank of that day, and keeps the levels over a change of it', function (): void {
    $larger = new Setup(tankOf(1600, 50), Logged::path([['id' => 'skim', 'kind' => 'skimmer']]));
    $timeline = refitted([[120, $larger]], 190);
    $run = $timeline->simulation();
    $before = $run->before(119.99);
    $litres = $before->plant->basin->litres;
    $levels = [$before->level(Element::Nitrogen), $before->level(Element::Phosphorus)];
    $rock = $before->plant->rock;
    expect($before->plant->skimmerOn)->toBeFalse();
    $balance = $before->balance;
    $after = $run->at(120.01);
    expect($after->plant->basin->litres)->toBeGreaterThan(1.4 * $litres)
        ->and($after->level(Element::Nitrogen))->toEqualWithDelta($levels[0], 0.05)
        ->and($after->level(Element::Phosphorus))->toEqualWithDelta($levels[1], 0.005)
        ->and($after->plant->rock / $rock)->toEqualWithDelta(55 / 30, 0.02)
        ->and($after->plant->skimmerOn)->toBeTrue()
        ->and($after->plant->stages['sock']->medium)->toBeNull()
        // Nothing is lost or made: what comes with new water and rock is a line of its own.
        ->and($after->balance->gap($balance, Element::Nitrogen))->toBeLessThan(1e-9)
        ->and($after->balance->gap($balance, Element::Phosphorus))->toBeLessThan(1e-9)
        ->and($after->balance->since($balance)->in['refit'][0])->toBeGreaterThan(0.0)
        ->and($timeline->litres())->toBe($after->plant->basin->litres);
});

it('leaves out what stood for no time at all', function (): void {
    $lit = Logged::path([['id' => 'algae', 'kind' => 'refugium', 'figures' => ['watts' => 30]]]);
    foreach ([-3, 0, 30] as $day) {
        $run = refitted([[$day, new Setup(tankOf(1000, 25), $lit)], [$day, new Setup(tankOf(1000, 25))]], 60)
            ->simulation();
        expect($run->at(60.0)->plant->cultures)->toBe([]);
    }
});

it('harvests nothing of algae that come at that very moment', function (): void {
    $lit = Logged::path([['id' => 'algae', 'kind' => 'refugium', 'figures' => ['watts' => 30]]]);
    $start = new DateTimeImmutable(Logged::START);
    $timeline = Timeline::of(
        Logged::entries([[0, 'no3 8 po4 0.1'], [0, 'feeding plan 1 g pellet a day'], [20, 'harvest 50 g']]),
        [[$start, new Setup(tankOf(1000, 25))], [$start->modify('+20 days'), new Setup(tankOf(1000, 25), $lit)]],
        $start->modify('+40 days'),
        Assumptions::standard(),
    );
    expect($timeline->simulation()->at(40.0)->plant->cultures['algae']->grams)->toBeGreaterThan(1.0);
});

it('takes algae out with the refugium that goes, and leaves what is followed to the end', function (): void {
    $lit = Logged::path([
        ['id' => 'sock', 'kind' => 'sock'],
        ['id' => 'algae', 'kind' => 'refugium', 'figures' => ['watts' => 30]],
    ]);
    $run = refitted([[50, new Setup(tankOf(1000, 25), $lit)], [90, new Setup(tankOf(1000, 25))]], 190)->simulation();
    expect($run->at(49)->plant->cultures)->toBe([])
        ->and($run->at(80)->plant->cultures['algae']->grams)->toBeGreaterThan(1.0)
        ->and($run->at(91)->plant->cultures['algae']->grams)->toEqualWithDelta(0.0, 1e-9)
        ->and($run->at(150)->plant->cultures['algae']->grams)->toEqualWithDelta(0.0, 1e-9);
});
