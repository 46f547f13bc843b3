<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Dosing\DoseMethods;
use Ithys\Effect\Clarity;
use Ithys\History\Course\Fresh;
use Ithys\History\Guard\OrganicCarbon;
use Ithys\History\Stay;
use Ithys\History\Timeline\Observed;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Outlet\Outlet;
use Ithys\Learning\Calibration;
use Ithys\Learning\Charges\Condition;
use Ithys\Learning\Charges\Life;
use Ithys\Learning\Charges\Lives;
use Ithys\Learning\Charges\Standing;
use Ithys\Learning\Charges\Watch;
use Ithys\Media\Medium;
use Ithys\Media\Ramp;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\System\Setup;
use Tests\Support\Logged;
use Tests\Support\SimulatedKeeper;

/** @param  list<array{float|int, string}>  $more */
function chargedTank(array $more, float $days = 84): Timeline
{
    $lines = [[0, 'feeding plan 2 g pellet a day']];
    foreach (range(0, 77, 7) as $day) {
        $lines[] = [$day, 'no3 8 po4 0.12'];
        $lines[] = [$day + 0.2, 'water change 30 l'];
    }

    return Logged::timeline([...$lines, ...$more], $days, Logged::path([['id' => 'gfo', 'kind' => 'reactor']]));
}

/** @return list<Life> */
function livesOf(Timeline $timeline): array
{
    return Lives::of($timeline, Calibration::of($timeline));
}

it('follows a charge from fresh to spent, never above what it can hold', function (): void {
    [$life] = livesOf(chargedTank([[20, 'gfo 40 g reactor']]));
    $most = 12.0 * 40;
    expect($life->held[2])->toBeLessThan(4 * $most)
        ->and($life->held[1])->toBeLessThanOrEqual($life->held[0])
        ->and($life->held[0])->toBeLessThanOrEqual($life->held[2])
        ->and($life->share[0])->toBeLessThan(1.0)
        ->and($life->spent[1])->toBeLessThanOrEqual($life->spent[0])
        ->and($life->spent[0])->toBeLessThanOrEqual($life->spent[2])
        ->and($life->course[0][0])->toBe(20.0);
    foreach ($life->course as [$day, $share]) {
        expect($share)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0)->and($day)->toBeLessThanOrEqual(84.0);
    }
    // Twice as much lasts longer, and what was taken out is followed no further.
    [$double] = livesOf(chargedTank([[20, 'gfo 80 g reactor']]));
    expect($double->spent[0])->toBeGreaterThan($life->spent[0]);
    [$out] = livesOf(chargedTank([[20, 'gfo 40 g reactor'], [40, 'gfo out']]));
    expect($out->spent)->toBeNull()->and($out->placed->to)->toBe(40.0)->and($out->isSpent())->toBeFalse();
});

it('takes two halves in one vessel as one whole, and a change for a new charge', function (): void {
    $held = fn (array $lines): float => array_sum(array_map(
        fn (Life $life): float => $life->now->held,
        livesOf(chargedTank($lines)),
    ));
    $whole = $held([[20, 'gfo 80 g reactor']]);
    expect($held([[20, 'gfo 40 g reactor'], [20, 'gfo 40 g reactor top up']]))->toEqualWithDelta($whole, 0.02 * $whole);
    $lives = livesOf(chargedTank([[20, 'gfo 40 g reactor'], [50, 'gfo 40 g reactor']]));
    expect(array_map(fn (Life $life): ?float => $life->placed->to, $lives))->toBe([50.0, null]);
});

it('corrects the forecast by what is read before and behind the reactor', function (): void {
    $reactor = new Container('gfo', 'GFO reactor', Place::Reactor);
    $path = PathDocument::stored([
        'format' => Path::FORMAT, 'schema' => Path::SCHEMA, 'name' => 'Sump', 'style' => 'sump',
        'litresPerHour' => 1800, 'stockNow' => 'medium', 'stockPlanned' => 'medium',
        'lines' => [
            ['id' => 'main', 'items' => [
                ['id' => 'sock', 'kind' => 'sock'],
                ['id' => 'pump', 'kind' => 'return-pump'],
            ]],
            ['id' => 'branch', 'from' => 'pump', 'to' => 'sock', 'litresPerHour' => 20,
                'items' => [['id' => 'gfo', 'kind' => 'reactor']]],
        ],
    ]);
    $start = new DateTimeImmutable(Logged::START);
    $life = function (?Outlet $read) use ($reactor, $path, $start): Life {
        $lines = [[0, 'feeding plan 2 g pellet a day']];
        foreach (range(0, 77, 7) as $day) {
            $lines[] = [$day, 'no3 8 po4 0.12'];
            $lines[] = [$day + 0.2, 'water change 30 l'];
        }
        $entries = [
            ...Logged::entries($lines),
            new Entry($start->modify('+20 days'), MediaCharge::grams(Medium::Gfo, 60, $reactor), 900),
            ...$read === null ? [] : [new Entry($start->modify('+75 days'), $read, 901)],
        ];
        usort($entries, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);

        return livesOf(Timeline::of(
            $entries,
            [[$start, new Setup(Logged::tank(), $path)]],
            $start->modify('+84 days'),
            Assumptions::standard(),
        ))[0];
    };
    $without = $life(null);
    expect($without->placed->litresPerHour)->toBe(20.0)->and($without->measured)->toBeNull();
    // Nothing is taken any more: sooner. As much as a fresh one takes: later.
    $spent = $life(Outlet::of(0.12, 0.12, $reactor));
    $fresh = $life(Outlet::of(0.12, 0.01, $reactor));
    expect($spent->measured[0])->toBe(0.0)
        ->and($fresh->measured[0])->toEqualWithDelta(24 * 20 * 0.11, 1e-9)
        ->and($spent->share[0])->toBeLessThanOrEqual($without->share[0])
        ->and($spent->share[0])->toBeLessThan($fresh->share[0])
        ->and($spent->spent[0])->toBeLessThan($fresh->spent[0])
        ->and($spent->surely)->toBeGreaterThan($fresh->surely)
        // What is read of another reactor says nothing of this one.
        ->and($life(Outlet::of(0.12, 0.12, new Container('else', 'Else', Place::Reactor)))->measured)->toBeNull();
});

it('never loads a charge above what it can hold, and takes less the fuller it is', function (int $seed): void {
    mt_srand($seed);
    $grams = mt_rand(5, 200);
    $timeline = chargedTank([[10, "gfo {$grams} g reactor"]], 200);
    $simulation = $timeline->simulation();
    $watch = new Watch($timeline->placed()[0], 0.2);
    for ($day = 10.0; $day < 200.0; $day += Lives::STEP) {
        $now = $simulation->at($day);
        $watch->see($now);
        $charge = $now->plant->charges[$timeline->placed()[0]->charge];
        expect($charge->load)->toBeLessThanOrEqual($charge->figures[0] * $charge->grams)->toBeGreaterThanOrEqual(0.0);
    }
    $looks = $watch->run()->looks;
    expect($looks[count($looks) - 1]->share)->toBeLessThan($looks[2]->share);
})->with([1, 2, 3, 4, 5, 6]);

it('knows from the journal alone when each charge came and went', function (): void {
    $stays = Stay::all(Logged::entries([
        [1, 'gfo 40 g reactor'], [5, 'gfo 20 g reactor top up'], [6, 'alumina 100 g bag'],
        [9, 'gfo 50 g reactor'], [12, 'gfo 30 g bag'], [20, 'gfo out'],
    ]));
    $start = new DateTimeImmutable(Logged::START);
    $days = fn (?DateTimeImmutable $at): ?int => $at === null ? null : $start->diff($at)->days;
    expect(array_map(fn (Stay $one): array => [$days($one->from), $days($one->to)], $stays))
        ->toBe([[1, 9], [5, 9], [6, null], [9, 20], [12, 20]]);
});

it('tells apart why a charge may seem to do nothing', function (
    array $figures,
    Condition $condition,
    string $says,
): void {
    $standing = Standing::of(...$figures);
    $words = implode(' ', array_map((new Words(UnitSystem::Metric))->say(...), $standing->reasons));
    expect($standing->condition)->toBe($condition)->and($words)->toContain($says);
})->with([
    'working' => [[0.8, 0.0, 5.0, 0.0, null, 20.0, null], Condition::Working, 'removes 80 % as much as a fresh'],
    'fading' => [[0.4, 0.1, 3.0, 0.0, null, 20.0, null], Condition::Fading, 'removes 40 %'],
    'maybe exhausted' => [[0.2, 0.6, 1.0, 0.0, null, 20.0, null], Condition::LikelySpent, 'in 60 % of the simulated'],
    'exhausted' => [[0.05, 0.95, 0.3, 0.0, null, 20.0, null], Condition::Spent, 'removes 5 %'],
    // A reactor that should remove 80 mg a day and removes 1 is bypassed, where the test can tell 5.
    'bypassed' => [[0.9, 0.0, 80.0, 0.0, [1.0, 80.0, 5.0], 5.0, null], Condition::Passing, 'cut a channel'],
    // In and out alike at 180 L/h: the test tells 78 mg a day, and 6 are expected.
    'beyond the test' => [[0.9, 0.0, 6.2, 0.0, [0.0, 6.2, 78.0], 5.0, null], Condition::Working, 'your test can tell'],
    'more out than in' => [[0.9, 0.0, 6.2, 0.0, [-151.0, 6.2, 130.0], 5.0, null], Condition::Working, 'cannot show'],
    'read as exhausted' => [[0.1, 0.95, 0.8, 0.0, [0.1, 0.8, 1.0], 60.0, null], Condition::Spent, 'removes 10 %'],
    'read to work' => [
        [0.0, 0.97, 0.0, 0.0, [216.0, 0.1, 78.0], 80.0, null],
        Condition::Unclear,
        'cannot both be right',
    ],
    'hidden by rock' => [[0.8, 0.0, 5.0, 3.0, null, 20.0, null], Condition::Working, 'Rock releases 3 mg'],
    'meant for three days' => [[0.9, 0.0, 5.0, 0.0, null, 4.0, 3.0], Condition::Overdue, 'meant to stay 3 days'],
]);

it('says when the last readings are worth nothing', function (): void {
    $says = fn (string $one, string $other): ?string => ($text = Standing::noise(Observed::all(
        Logged::entries([[1, $one], [8, $other]]),
        new DateTimeImmutable(Logged::START),
        Assumptions::standard(),
    ))) === null ? null : (new Words(UnitSystem::Metric))->say($text);
    expect($says('po4 0.08', 'po4 0.09'))->toContain('differ by 0.01 ppm')
        ->and($says('po4 0.08', 'po4 0.2'))->toBeNull()
        ->and($says('no3 8', 'po4 0.09'))->toBeNull();
});

// Common practice: 3 to 4 cups of alumina on 55 US gal, 12 scoops of a third of a cup are 4 cups.
it('doses alumina by the water as keepers do', function (): void {
    $roads = new DoseMethods(Assumptions::standard());
    $litres = 55 * 3.785411784;
    $cups = $roads->byVolume(Medium::Alumina, $litres, null)->grams / $roads->density(Medium::Alumina) / 236.588;
    expect($cups)->toEqualWithDelta(3.5, 1e-3)
        ->and(12 / 3)->toBe(4)
        ->and(4 * 236.588 / $litres)->toEqualWithDelta(4.5, 0.06);
    // Zeolite in a fast path: a half at 1,000 L/h, 0.28 at 1,800.
    $full = $roads->byVolume(Medium::Zeolite, 300, 400)->grams;
    expect($roads->byVolume(Medium::Zeolite, 300, 1000)->grams / $full)->toEqualWithDelta(0.5, 1e-9)
        ->and($roads->byVolume(Medium::Zeolite, 300, 1800)->grams / $full)->toEqualWithDelta(0.28, 0.005)
        ->and($roads->byVolume(Medium::Unlisted, 300, null)->grams)->toBeNull()
        ->and($roads->byVessel(Medium::Gfo, 'Reactor', 0.6)->grams)->toEqualWithDelta(0.7 * 600 * 0.6, 1e-9)
        ->and($roads->byVessel(Medium::Gfo, 'Reactor', null)->grams)->toBeNull();
});

// Source: molar masses, two atoms of carbon in ethanol and in acetic acid; common practice has about 1 : 8.
it('doses as much carbon of one source as of another', function (): void {
    $standard = Assumptions::standard();
    // g/mol by IUPAC 2013; ethanol has 0.789 g/mL at 20 °C (CRC Handbook, from memory).
    $spirit = 1000 * 0.40 * 0.789 * 2 * 12.011 / 46.069;
    $vinegar = 1000 * 0.05 * 2 * 12.011 / 60.052;
    $each = fn (CarbonSource $source): float => OrganicCarbon::perMillilitre($source, $standard);
    expect($each(CarbonSource::Spirit))->toEqualWithDelta($spirit, 1.0)
        ->and($each(CarbonSource::Vinegar))->toEqualWithDelta($vinegar, 0.1)
        ->and($spirit / $vinegar)->toEqualWithDelta(8, 0.3)
        ->and(OrganicCarbon::equal(1.0, CarbonSource::Spirit, CarbonSource::Vinegar, $standard))
        ->toEqualWithDelta(8.25, 1e-9);
    $ramp = Ramp::to(2.0);
    expect($ramp->doses)->toHaveCount(8)->and($ramp->in(0))->toBe(0.25)->and($ramp->in(7))->toBe(2.0)
        ->and($ramp->in(40))->toBe(2.0)->and($ramp->in(-3))->toBe(0.25);
});

it('judges clarity by scores on both sides of a charge', function (): void {
    $scores = fn (array $before, array $since): array => Logged::entries([
        ...array_map(fn (int $n): array => [2 + 4 * $n, "clarity {$before[$n]}"], array_keys($before)),
        ...array_map(fn (int $n): array => [31 + 4 * $n, "clarity {$since[$n]}"], array_keys($since)),
    ]);
    $at = new DateTimeImmutable(Logged::START.' +30 days');
    expect(Clarity::around($scores([4, 5, 4, 5], [8, 9, 8, 9]), $at)->verdict())->toBe('clearer')
        ->and(Clarity::around($scores([6, 7, 6, 7], [7, 6, 7, 6]), $at)->verdict())->toBe('no difference shown')
        ->and(Clarity::around($scores([8, 9, 8, 9], [4, 5, 4, 5]), $at)->verdict())->toBe('less clear')
        ->and(Clarity::around($scores([4, 5], [8, 9, 8]), $at)->verdict())->toBeNull();
});

// A small share of the tanks of the slow suite.
it('foresees when a charge is spent, better than the calendar', function (): void {
    $held = $all = $false = 0;
    foreach (range(4000, 4009) as $seed) {
        $keeper = new SimulatedKeeper($seed, 16, true, 'fine', true);
        if ($keeper->timeline->charges() === []) {
            continue;
        }
        $lives = Lives::of($keeper->timeline, Calibration::of($keeper->timeline));
        $life = $lives[count($lives) - 1];
        $truth = $keeper->spent($life->placed);
        $all++;
        $held += $truth >= $life->spent[1] - Lives::STEP && $truth <= $life->spent[2] + Lives::STEP ? 1 : 0;
        $false += $life->isSpent() && $truth > 112.0 ? 1 : 0;
    }
    expect($all)->toBeGreaterThan(4)->and($held / $all)->toBeGreaterThanOrEqual(0.6)->and($false)->toBe(0);
});

it('never calls a charge exhausted that its reactor is read to work', function (): void {
    $reactor = new Container('gfo', 'GFO reactor', Place::Reactor);
    $path = PathDocument::stored([
        'format' => Path::FORMAT, 'schema' => Path::SCHEMA, 'name' => 'Sump', 'style' => 'sump',
        'litresPerHour' => 1800, 'stockNow' => 'medium', 'stockPlanned' => 'medium',
        'lines' => [
            ['id' => 'main', 'items' => [
                ['id' => 'sock', 'kind' => 'sock'], ['id' => 'pump', 'kind' => 'return-pump'],
            ]],
            ['id' => 'branch', 'from' => 'pump', 'to' => 'sock', 'litresPerHour' => 20,
                'items' => [['id' => 'gfo', 'kind' => 'reactor']]],
        ],
    ]);
    $start = new DateTimeImmutable(Logged::START);
    $entries = Logged::entries([
        [0, 'feeding plan 4 g pellet a day'],
        ...array_map(fn (int $day): array => [$day, 'no3 8 po4 0.30'], range(0, 90, 7)),
    ]);
    $entries[] = new Entry($start->modify('+20 days'), MediaCharge::grams(Medium::Gfo, 400, $reactor), 900);
    foreach (range(27, 90, 7) as $n => $day) {
        $entries[] = new Entry($start->modify("+{$day} days"), Outlet::of(0.30, 0.15, $reactor), 901 + $n);
    }
    usort($entries, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
    $life = livesOf(Timeline::of(
        $entries,
        [[$start, new Setup(Logged::tank(), $path)]],
        $start->modify('+91 days'),
        Assumptions::standard(),
    ))[0];
    // 72 mg a day, which a test tells from none: ten readings together to within 4.
    expect($life->measured[0])->toEqualWithDelta(24 * 20 * 0.15, 1e-9)
        ->and($life->measured[3])->toBeLessThan(12.0)
        ->and($life->isSpent())->toBeFalse()
        // No single run decides: the ends of its range stay apart.
        ->and($life->share[2])->toBeGreaterThan($life->share[1]);
});
