<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Basin;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\Lever\Change;
use Ithys\Nutrient\Lever\FeedSchedule;
use Ithys\Nutrient\Lever\Mechanical;
use Ithys\Nutrient\Lever\WaterChange;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Piece;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Scenario\Scenario;
use Ithys\Nutrient\Simulation;
use Ithys\Nutrient\Snapshot;
use Ithys\Nutrient\Start;
use Tests\Support\Scenarios;

/** What the water gained of nitrogen and phosphorus in eight weeks that began with nothing under way, mg. */
function gained(string $medium, float $every): array
{
    $entries = [
        ['at' => 0, 'do' => 'feed-schedule', 'foods' => [['food' => 'pellet', 'grams_per_day' => 1]]],
        ['at' => 0, 'do' => 'mechanical', 'stage' => 'sock', 'medium' => $medium],
    ];
    for ($day = $every; $day < 56; $day += $every) {
        $entries[] = ['at' => $day, 'do' => 'change', 'stage' => 'sock'];
    }
    $simulation = Scenarios::of([
        'tank' => ['litres' => 300],
        'parameters' => ['background_no3' => 0, 'background_po4' => 0],
        'entries' => $entries,
    ])->simulation();
    $start = $simulation->at(0.0)->plant->inorganic;
    $end = $simulation->at(56.0)->plant->inorganic;

    return [$end[0] - $start[0], $end[1] - $start[1]];
}

// Common practice: a sock changed every three to four days adds about 28 % less nitrate and 40 % less phosphate in
// eight weeks, weekly is a compromise, monthly is cosmetic, and one that is never changed is worse than none.
it('adds less with a sock that is changed often, and more with one that never is', function (
    string $medium,
    float $every,
    array $less,
): void {
    $none = gained('none', 999);
    $with = gained($medium, $every);
    expect(100 * (1 - $with[0] / $none[0]))->toEqualWithDelta($less[0], 0.05)
        ->and(100 * (1 - $with[1] / $none[1]))->toEqualWithDelta($less[1], 0.05);
})->with([
    ['felt', 3.5, [27.6, 39.4]],
    ['felt', 7, [20.4, 29.1]],
    ['felt', 30, [2.7, 3.9]],
    ['felt', 999, [-2.9, -4.2]],
    ['mesh', 7, [16.1, 23.1]],
    ['roller', 999, [36.2, 51.7]],
]);

// Common practice: about half of the organics that pass.
it('skims its share of the organics that turn over', function (): void {
    $end = Scenarios::of([
        'tank' => ['litres' => 300],
        'entries' => [
            ['at' => 0, 'do' => 'feed-schedule', 'foods' => [['food' => 'pellet', 'grams_per_day' => 1]]],
            ['at' => 0, 'do' => 'skimmer', 'on' => true, 'share' => 0.45],
        ],
    ])->simulation()->at(200.0);
    $skimmed = $end->balance->out['skimmed'][0];
    // All that did not settle, stay or come straight out as ammonia went through the organics.
    $through = 0.48 * $end->balance->in['fed'][0] - $end->plant->settled[0] - $end->plant->organic[0];
    expect($skimmed / $through)->toEqualWithDelta(0.45, 1e-6);
});

// Common practice: two times nine watts over 150 L are a small start.
it('harvests about a fifth of the nitrogen of a cube a day from eighteen watts', function (): void {
    $entries = [
        ['at' => 0, 'do' => 'feed-schedule', 'foods' => [['food' => 'frozen', 'grams_per_day' => 3.5]]],
        ['at' => 0, 'do' => 'algae', 'culture' => 'refugium', 'watts' => 18, 'hours' => 12, 'add_g_dry' => 18],
    ];
    for ($day = 14; $day <= 364; $day += 14) {
        $entries[] = ['at' => $day, 'do' => 'harvest', 'culture' => 'refugium', 'share' => 0.5];
    }
    $end = Scenarios::of([
        'tank' => ['litres' => 150, 'rock_kg' => 10],
        'start' => ['no3' => 10, 'po4' => 0.1, 'steady' => true],
        'entries' => $entries,
    ])->simulation()->at(364.0);
    expect($end->balance->out['harvested'][0] / $end->balance->in['fed'][0])->toBeGreaterThan(0.14)->toBeLessThan(0.26);
});

// Common practice: nitrate can be dosed to nothing.
it('takes nitrate to nothing within twelve weeks of 4 mL of spirit a day on 300 L', function (): void {
    $end = Scenarios::of([
        'tank' => ['litres' => 300, 'rock_kg' => 30],
        'start' => ['no3' => 10, 'po4' => 0.3, 'steady' => true],
        'entries' => [
            ['at' => 0, 'do' => 'feed-schedule', 'foods' => [['food' => 'frozen', 'grams_per_day' => 3.5]]],
            ['at' => 0, 'do' => 'skimmer', 'on' => true],
            ['at' => 0, 'do' => 'dose-schedule', 'source' => 'spirit', 'ml_per_day' => 4],
        ],
    ])->simulation();
    expect($end->at(14.0)->nitrate())->toBeGreaterThan(2)->and($end->at(84.0)->nitrate())->toBeLessThan(0.1);
});

it('gives phosphate back from charged rock after a big water change', function (): void {
    $simulation = Scenarios::of([
        'tank' => ['litres' => 200, 'rock_kg' => 40],
        'start' => ['no3' => 10, 'po4' => 0.4, 'steady' => true],
        'parameters' => ['background_po4' => 0],
        'entries' => [['at' => 1, 'do' => 'water-change', 'share' => 0.5]],
    ])->simulation();
    $after = $simulation->at(1.0)->phosphate();
    expect($after)->toBeLessThan(0.21)->and($simulation->at(10.0)->phosphate())->toBeGreaterThan(1.1 * $after);
});

it('closes and stays above nothing whatever is done', function (int $seed): void {
    $simulation = Scenarios::of(Scenarios::random($seed))->simulation();
    $first = $simulation->at(0.0)->balance;
    foreach (range(1, 120) as $day) {
        $now = $simulation->at((float) $day);
        foreach (Element::cases() as $element) {
            expect($now->balance->gap($first, $element))->toBeLessThan(1e-12);
        }
        expect(min(
            ...$now->plant->organic,
            ...$now->plant->inorganic,
            ...$now->plant->settled,
            ...array_map(fn ($charge): float => $charge->load, array_values($now->plant->charges)),
            ...array_map(fn ($culture): float => $culture->grams, array_values($now->plant->cultures)),
        ))->toBeGreaterThanOrEqual(0.0)
            ->and(min($now->plant->rock, $now->plant->carbon, $now->plant->bacteria))->toBeGreaterThanOrEqual(0.0);
        foreach ($now->plant->charges as $charge) {
            // Never more than it can hold at any level.
            expect($charge->load)->toBeLessThanOrEqual($charge->figures[0] * $charge->grams + 1e-9);
        }
    }
})->with(range(1, 12));

it('goes on exactly as it would have, wherever it is split and whatever is asked in between', function (
    int $seed,
): void {
    $scenario = Scenarios::of(Scenarios::random($seed));
    $whole = $scenario->simulation();
    $asked = $scenario->simulation();
    $split = $scenario->simulation();
    $split->at(37.31 + $seed);
    $later = unserialize(serialize($split));
    $copy = clone $split;
    foreach ([0.3, 11.0, 36.99, 37.0, 60.5, 99.0] as $day) {
        $asked->before($day);
        $asked->at($day);
    }
    $end = $whole->at(120.0);
    foreach ([$asked, $later, $copy, $split] as $other) {
        expect($other->at(120.0)->plant->inorganic)->toBe($end->plant->inorganic)
            ->and($other->at(120.0)->balance)->toEqual($end->balance);
    }
})->with(range(1, 6));

it('changes within its tolerance when that is halved', function (int $seed): void {
    $scenario = Scenarios::of(Scenarios::random($seed));
    $coarse = $scenario->simulation(1e-6);
    $fine = $scenario->simulation(5e-7);
    foreach ([30.0, 60.0, 120.0] as $day) {
        $one = $coarse->at($day);
        $other = $fine->at($day);
        expect($one->nitrate())->toEqualWithDelta($other->nitrate(), 2e-5 * max(1.0, $other->nitrate()))
            ->and($one->phosphate())->toEqualWithDelta($other->phosphate(), 2e-5 * max(0.1, $other->phosphate()));
    }
})->with(range(1, 6));

/** The same rates by the classical method of Runge and Kutta, in steps of a few minutes; from memory. */
function plainly(Scenario $scenario, float $end, float $longest = 0.01): Plant
{
    $plant = new Plant($scenario->basin, $scenario->parameters);
    $start = $scenario->simulation()->at(0.0)->plant;
    [$plant->inorganic, $plant->organic, $plant->settled, $plant->rock] = [
        $start->inorganic, $start->organic, $start->settled, $start->rock,
    ];
    $acts = Act::inOrder($scenario->acts);
    $day = 0.0;
    while ($day < $end) {
        while (($acts[0]->day ?? INF) <= $day) {
            $plant->day = $day;
            array_shift($acts)->lever->act($plant);
        }
        $piece = new Piece($plant, $day, min($acts[0]->day ?? INF, $plant->feeding->next($day), $end));
        [$y, $lines] = [$piece->state(), array_fill(0, Piece::LINES, 0.0)];
        $steps = max(1, (int) ceil(($piece->to - $day) / $longest));
        $h = ($piece->to - $day) / $steps;
        for ($n = 0; $n < $steps; $n++) {
            $t = $day + $n * $h;
            $move = fn (array $k, float $by): array => array_map(
                fn (float $one, float $rate): float => $one + $by * $rate,
                $y,
                array_slice($k, 0, count($y)),
            );
            $k1 = $piece->rates($y, ...$piece->forcing($t));
            $k2 = $piece->rates($move($k1, $h / 2), ...$piece->forcing($t + $h / 2));
            $k3 = $piece->rates($move($k2, $h / 2), ...$piece->forcing($t + $h / 2));
            $k4 = $piece->rates($move($k3, $h), ...$piece->forcing($t + $h));
            foreach (array_keys($y) as $i) {
                $y[$i] += $h / 6 * ($k1[$i] + 2 * $k2[$i] + 2 * $k3[$i] + $k4[$i]);
            }
        }
        $piece->settle($plant, $piece->to, $y, $lines);
        $day = $piece->to;
    }

    return $plant;
}

it('agrees with a plain method of small steps', function (int $seed): void {
    $scenario = Scenarios::of(Scenarios::random($seed, 40));
    $plain = plainly($scenario, 40.0);
    $ours = $scenario->simulation(1e-8)->before(40.0);
    foreach (Element::cases() as $element) {
        $wanted = $plain->level($element);
        expect($ours->level($element))->toEqualWithDelta($wanted, 1e-4 * max(0.1, $wanted));
    }
})->with(range(21, 26));

it('shows the water before what is done at its moment, and does it in the order of the trade', function (): void {
    $simulation = new Simulation(
        new Basin(100),
        new Start(10.0, 0.1),
        Parameters::of(Assumptions::standard()),
        [
            // A sock is taken out before another is fitted, however they were entered.
            new Act(2.0, new WaterChange(share: 0.5)),
            new Act(2.0, new Mechanical('sock', 'mesh')),
            new Act(2.0, new Change('sock', 1.0, 0.5)),
            new Act(0.0, new Mechanical('sock', 'felt')),
            new Act(0.0, new FeedSchedule(['pellet' => 1.0])),
        ],
    );
    $before = $simulation->before(2.0);
    $after = $simulation->at(2.0);
    expect($after->nitrate())->toEqualWithDelta($before->nitrate() / 2, 1e-9)
        ->and($before->plant->stages['sock']->nitrogen)->toBeGreaterThan(10)
        ->and($after->plant->settled[0] - $before->plant->settled[0])
        ->toEqualWithDelta($before->plant->stages['sock']->nitrogen / 2, 1e-9)
        ->and($after->plant->stages['sock']->medium)->toBe('mesh')
        ->and($after->plant->stages['sock']->nitrogen)->toBe(0.0);
});

it('treats two halves in one vessel as one whole', function (): void {
    $run = fn (array $charges): Snapshot => Scenarios::of([
        'tank' => ['litres' => 200, 'rock_kg' => 20],
        'start' => ['no3' => 5, 'po4' => 0.3, 'steady' => true],
        'entries' => array_map(fn (float $grams, int $n): array => [
            'at' => 0, 'do' => 'media', 'charge' => "c{$n}", 'medium' => 'gfo', 'grams' => $grams,
            'place' => 'reactor', 'vessel' => 'r', 'flow_l_per_h' => 100,
        ], $charges, array_keys($charges)),
    ])->simulation(1e-9)->at(60.0);
    [$whole, $halves] = [$run([100.0]), $run([50.0, 50.0])];
    expect($halves->phosphate())->toEqualWithDelta($whole->phosphate(), 1e-8)
        ->and($halves->plant->charges['c0']->load + $halves->plant->charges['c1']->load)
        ->toEqualWithDelta($whole->plant->charges['c0']->load, 1e-5);
});

it('follows what turns over in minutes without following each of them', function (): void {
    // Far more spirit than any tank is given: bacteria hang at the end of their phosphate.
    $document = [
        'days' => 365,
        'tank' => ['litres' => 55, 'rock_kg' => 8],
        'parameters' => ['bacteria_half_po4' => 0.0033, 'bacteria_half_no3' => 0.033, 'carbon_uptake' => 4],
        'entries' => [
            ['at' => 0, 'do' => 'feed-schedule', 'foods' => [['food' => 'pellet', 'grams_per_day' => 0.3]]],
            ['at' => 0, 'do' => 'mechanical', 'stage' => 'sock', 'medium' => 'felt'],
            ['at' => 0, 'do' => 'skimmer', 'on' => true],
            ['at' => 5, 'do' => 'dose-schedule', 'source' => 'spirit', 'ml_per_day' => 5],
        ],
    ];
    $scenario = Scenarios::of($document);
    $plain = plainly($scenario, 30.0, 0.0005);
    $simulation = $scenario->simulation(1e-7);
    $first = $simulation->at(0.0)->balance;
    $ours = $simulation->before(30.0);
    foreach (Element::cases() as $element) {
        expect($ours->level($element))->toEqualWithDelta($plain->level($element), 1e-4 * $plain->level($element) + 1e-6)
            ->and($simulation->at(365.0)->balance->gap($first, $element))->toBeLessThan(1e-9);
    }
    expect($ours->plant->bacteria)->toEqualWithDelta($plain->bacteria, 1e-4 * $plain->bacteria)
        ->and($simulation->evaluations)->toBeLessThan(20_000);
    // Split, it goes on the same.
    $split = $scenario->simulation(1e-7);
    $split->at(20.3);
    expect(unserialize(serialize($split))->at(365.0)->plant->inorganic)
        ->toBe($simulation->at(365.0)->plant->inorganic);
});
