<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Dosing\DoseMethods;
use Ithys\Effect\Clarity;
use Ithys\History\Charge;
use Ithys\History\ChargeEnd;
use Ithys\History\Course\Fresh;
use Ithys\History\Guard\OrganicCarbon;
use Ithys\History\Timeline\Observed;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Outlet\Outlet;
use Ithys\Learning\Charges\Cell;
use Ithys\Learning\Charges\ChargeForecasts;
use Ithys\Learning\Charges\ChargeState;
use Ithys\Learning\Charges\ChargeWords;
use Ithys\Learning\Charges\Condition;
use Ithys\Learning\Charges\Grid;
use Ithys\Learning\Charges\LevelEvidence;
use Ithys\Learning\Charges\PhosphateLevel;
use Ithys\Learning\Charges\Vessel;
use Ithys\Learning\Charges\Weighted;
use Ithys\Media\Medium;
use Ithys\Media\Ramp;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\System\Setup;
use Tests\Support\ForeignCharge;
use Tests\Support\Logged;

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

/** @return array<int, ChargeState> by entry */
function statesOf(Timeline $timeline): array
{
    return ChargeForecasts::of($timeline, null);
}

function chargeOf(Timeline $timeline, int $at = 0): Charge
{
    return $timeline->followed()[$at];
}

it('follows a charge from fresh to exhausted, never above what it can hold', function (): void {
    $state = array_values(statesOf(chargedTank([[20, 'gfo 40 g reactor']])))[0];
    $most = 12.0 * 40;
    expect($state->gross[2])->toBeLessThan(4 * $most)
        ->and($state->gross[1])->toBeLessThanOrEqual($state->gross[0])
        ->and($state->gross[0])->toBeLessThanOrEqual($state->gross[2])
        ->and($state->share[0])->toBeLessThan(1.0)
        ->and($state->exhausted[1])->toBeLessThanOrEqual($state->exhausted[0])
        ->and($state->exhausted[0])->toBeLessThanOrEqual($state->exhausted[2] ?? PHP_INT_MAX)
        ->and($state->course[0][1])->toEqualWithDelta(1.0, 0.05);
    foreach ($state->course as [$moment, $share]) {
        expect($share)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.2)
            ->and($moment)->toBeLessThanOrEqual((new DateTimeImmutable(Logged::START.' +85 days'))->getTimestamp());
    }
    // Four times as much lasts longer, and what was taken out is followed no further.
    $more = array_values(statesOf(chargedTank([[20, 'gfo 160 g reactor']])))[0];
    expect($more->exhausted[0])->toBeGreaterThan($state->exhausted[0]);
    $timeline = chargedTank([[20, 'gfo 40 g reactor'], [40, 'gfo out']]);
    $out = array_values(statesOf($timeline))[0];
    expect($out->exhausted)->toBeNull()
        ->and(ChargeWords::of(chargeOf($timeline), $out, new DateTimeImmutable(Logged::START.' +84 days'))->condition)
        ->toBe(Condition::Out);
    // One that went in yesterday, or just now, has a state too.
    foreach ([84, 83, 82, 81] as $day) {
        $fresh = array_values(statesOf(chargedTank([[$day - 0.1, 'gfo 40 g reactor']])))[0];
        expect($fresh->share[0])->toBeGreaterThan(0.8)->and($fresh->course)->not->toBe([]);
    }
    // The same journal gives the same figures.
    expect(statesOf($timeline))->toEqual(statesOf($timeline));
});

it('takes two halves in one vessel as one whole, and a change for a new charge', function (): void {
    $held = fn (array $lines): float => array_sum(array_map(
        fn (ChargeState $state): float => $state->gross[0],
        statesOf(chargedTank($lines)),
    ));
    $whole = $held([[20, 'gfo 80 g reactor']]);
    expect($held([[20, 'gfo 40 g reactor'], [20, 'gfo 40 g reactor top up']]))->toEqualWithDelta($whole, 0.2 * $whole);
    $charges = chargedTank([[20, 'gfo 40 g reactor'], [50, 'gfo 40 g reactor']])->charges();
    expect(array_map(fn (Charge $one): ?ChargeEnd => $one->end, $charges))->toBe([ChargeEnd::Renewed, null]);
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
    /** @return array{ChargeState, ChargeWords} */
    $state = function (array $reads, float $grams = 60) use ($reactor, $path, $start): array {
        $lines = [[0, 'feeding plan 2 g pellet a day']];
        foreach (range(0, 77, 7) as $day) {
            $lines[] = [$day, 'no3 8 po4 0.12'];
            $lines[] = [$day + 0.2, 'water change 30 l'];
        }
        $entries = [
            ...Logged::entries($lines),
            new Entry($start->modify('+20 days'), MediaCharge::grams(Medium::Gfo, $grams, $reactor), 900),
            ...array_map(
                fn (Outlet $read, int $n): Entry => new Entry(
                    $start->modify('+'.(75 + 2 * $n).' days'),
                    $read,
                    901 + $n,
                ),
                $reads,
                array_keys($reads),
            ),
        ];
        usort($entries, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
        $timeline = Timeline::of(
            $entries,
            [[$start, new Setup(Logged::tank(), $path)]],
            $start->modify('+84 days'),
            Assumptions::standard(),
        );
        $one = statesOf($timeline)[900];

        return [$one, ChargeWords::of(chargeOf($timeline), $one, $start->modify('+84 days'))];
    };
    [$without] = $state([]);
    expect($without->outlet)->toBeNull();
    // Nothing is taken any more: sooner. As much as a fresh one takes: later.
    [$gone] = $state([Outlet::of(0.12, 0.12, $reactor), Outlet::of(0.12, 0.12, $reactor)]);
    [$fresh] = $state([Outlet::of(0.12, 0.01, $reactor), Outlet::of(0.12, 0.01, $reactor)]);
    expect($gone->outlet['read'])->toBe(0.0)
        ->and($fresh->outlet['read'])->toEqualWithDelta(24 * 20 * 0.11, 1e-9)
        ->and($gone->share[0])->toBeLessThanOrEqual($without->share[0] + 1e-9)
        ->and($gone->share[0])->toBeLessThan($fresh->share[0])
        ->and($gone->odds['exhausted'])->toBeGreaterThan($fresh->odds['exhausted'])
        // What is read of another reactor says nothing of this one.
        ->and($state([Outlet::of(0.12, 0.12, new Container('else', 'Else', Place::Reactor))])[0]->outlet)->toBeNull();
});

// Source: a program of our own in Python, written from the method's text alone, on the same readings.
it('weighs the ways of a charge as another program does', function (): void {
    $readings = [];
    $read = [0.12, 0.13, 0.11, 0.12, 0.13, 0.12, 0.12, 0.05, 0.06, 0.07, 0.07, 0.09, 0.1, 0.1, 0.11, 0.12];
    foreach ($read as $n => $ppm) {
        $readings[] = [-42.0 + 7 * $n, $ppm, 0.0];
    }
    $level = PhosphateLevel::of($readings, [0.0], -42, 63);
    $vessel = Vessel::of([12.0, 6.0, 2.0, 0.3], 40.0, 40.0, 1.0, 24 * 180.0, 0, null, true);
    $cells = Grid::of($vessel, $level, 63, [0.0, 0.5], 0.2);
    $evidence = LevelEvidence::of($readings, $level, -42, 63, 300.0);
    $logs = array_map(fn (Cell $cell): float => $cell->prior + $evidence->logLikelihood(
        array_combine(array_map(fn (int $day): int => $day + 42, array_keys($cell->run->takes)), $cell->run->takes),
    ), $cells);
    // The weights are softened until ten cells share them, as the forecast does.
    for ($softness = 1.0; ; $softness *= 0.8) {
        $all = array_map(
            fn (Cell $cell, float $log): float => $cell->prior + $softness * ($log - $cell->prior),
            $cells,
            $logs,
        );
        $weights = array_map(fn (float $one): float => exp($one - max($all)), $all);
        $sum = array_sum($weights);
        if (1 / array_sum(array_map(fn (float $one): float => ($one / $sum) ** 2, $weights)) >= 10) {
            break;
        }
    }
    $held = Weighted::range(array_map(fn (Cell $cell): float => $cell->run->held, $cells), $weights);
    expect($cells)->toHaveCount(693)
        ->and($held[0])->toAgreeWith(187.21387004111486, 1e-9)
        ->and($held[1] * exp(-0.25))->toAgreeWith(110.19502640711185, 1e-9)
        ->and($held[2] * exp(0.25))->toAgreeWith(318.0644413886103, 1e-9);
});

// The method's own examples: what can be told at a flow, a bypass that both readings show, and a contradiction.
it('says what reactor readings can show, and when they cannot be right', function (): void {
    $state = fn (array $odds, array $outlet, array $share = [0.9, 0.6, 1.0]): ChargeState => new ChargeState(
        $share,
        [50.0, 30.0, 80.0],
        ['room' => 200.0, 'expected' => 55.0, 'rate' => 4.0, 'fresh' => 6.0],
        [null, null, null],
        [...['exhausted' => 0.02, 'half' => 0.9, 'bypassed' => 0.2, 'weak' => 0.1, 'lost' => 0.2], ...$odds],
        $outlet === [] ? null : array_combine(['read', 'error', 'most'], $outlet),
        [],
    );
    $says = function (ChargeState $state, ?string $line = null): array {
        $timeline = chargedTank([[60, $line ?? 'gfo 80 g reactor']]);
        $words = ChargeWords::of(chargeOf($timeline), $state, new DateTimeImmutable(Logged::START.' +84 days'));

        return [
            $words->condition,
            implode(' ', array_map((new Words(UnitSystem::Metric))->say(...), $words->reasons)),
        ];
    };
    // 80 g at 300 L/h, in and out alike.
    [$condition, $reason] = $says($state([], [0.0, 129.0, 8.0]));
    expect($condition)->toBe(Condition::Working)->and($reason)->toContain('can tell 129 mg a day', 'removes 6');
    [$condition, $reason] = $says($state([], [216.0, 12.0, 10.0]));
    expect($condition)->toBe(Condition::Contradicted)->and($reason)->toContain('216', 'Check the flow');
    expect($says($state(['bypassed' => 0.9, 'weak' => 0.8, 'exhausted' => 0.3], []))[0])->toBe(Condition::Bypassed)
        ->and($says($state(['exhausted' => 0.8, 'half' => 0.05], []))[0])->toBe(Condition::Exhausted)
        ->and($says($state(['exhausted' => 0.8, 'half' => 0.05, 'lost' => 0.7], []))[0])
        ->toBe(Condition::ExhaustedOrBypassed)
        ->and($says($state(['exhausted' => 0.6, 'half' => 0.2], []))[0])->toBe(Condition::LikelyExhausted)
        ->and($says($state(['exhausted' => 0.1, 'half' => 0.3], []))[0])->toBe(Condition::Fading)
        ->and($says($state(['exhausted' => 0.1, 'half' => 0.5], []))[0])->toBe(Condition::NotClear)
        ->and($says($state([], []), 'gfo 80 g reactor for 3 days')[0])->toBe(Condition::Overdue);
});

it('knows from the journal alone when each charge came and went, and why', function (): void {
    $charges = Charge::all(Logged::entries([
        [1, 'gfo 40 g reactor'], [5, 'gfo 20 g reactor top up'], [6, 'alumina 100 g bag'],
        [9, 'gfo 50 g reactor'], [12, 'gfo 30 g bag'], [14, 'gfo out of reactor'], [20, 'gfo out'],
    ]));
    $start = new DateTimeImmutable(Logged::START);
    $days = fn (?DateTimeImmutable $at): ?int => $at === null ? null : $start->diff($at)->days;
    expect(array_map(fn (Charge $one): array => [$days($one->from), $days($one->to), $one->end?->value], $charges))
        ->toBe([
            [1, 9, 'renewed'], [5, 9, 'renewed'], [6, null, null], [9, 14, 'taken out'], [12, 20, 'taken out'],
        ]);
    // A charge without a vessel lies in a bag: one rule for every page and for the model.
    [$one, $other] = Charge::all(Logged::entries([[1, 'gfo 100 g'], [3, 'gfo 50 g bag']]));
    expect($days($one->to))->toBe(3)->and($other->to)->toBeNull();
});

it('takes a charge from before the first reading for as full as its age makes it', function (): void {
    $load = fn (int $day): float => array_values(
        chargedTank([[$day, 'gfo 40 g reactor']])->simulation()->at(1.0)->plant->charges,
    )[0]->load;
    expect($load(0))->toBeLessThan($load(-20))->and($load(-20))->toBeLessThan($load(-60))
        ->and($load(-400))->toBeLessThan(12.0 * 40);
});

it('says when the last readings are worth nothing', function (): void {
    $says = fn (string $one, string $other): ?string => ($text = ChargeWords::noise(Observed::all(
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
        ->and(Clarity::around($scores([6, 7, 6, 7], [7, 6, 7, 6]), $at)->verdict())->toBe('no clear effect')
        ->and(Clarity::around($scores([8, 9, 8, 9], [4, 5, 4, 5]), $at)->verdict())->toBe('less clear')
        ->and(Clarity::around($scores([4, 5], [8, 9, 8]), $at)->verdict())->toBeNull();
});

// A small share of the charges of the slow suite: other physics than the model's.
it('holds the range of what a charge removes in worlds that are not its own', function (): void {
    $held = $all = 0;
    foreach (['plain', 'freundlich', 'clogging', 'bag'] as $row) {
        foreach (range(1, 5) as $seed) {
            $truth = new ForeignCharge($row, 100 + $seed, $seed % 2 === 0 ? 3 : 0);
            $state = array_values(ChargeForecasts::of($truth->timeline, null))[0];
            $all++;
            $held += $truth->share >= $state->share[1] - 0.02 && $truth->share <= $state->share[2] + 0.02 ? 1 : 0;
        }
    }
    expect($all)->toBe(20)->and($held / $all)->toBeGreaterThanOrEqual(0.65);
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
    $timeline = Timeline::of(
        $entries,
        [[$start, new Setup(Logged::tank(), $path)]],
        $start->modify('+91 days'),
        Assumptions::standard(),
    );
    $state = statesOf($timeline)[900];
    $words = ChargeWords::of(chargeOf($timeline), $state, $start->modify('+91 days'));
    // 72 mg a day, which a test tells from none: two readings together to within 10.
    expect($state->outlet['read'])->toEqualWithDelta(24 * 20 * 0.15, 1e-9)
        ->and($state->outlet['error'])->toBeLessThan(12.0)
        ->and($words->condition->isExhausted())->toBeFalse()
        // No single cell decides: the ends of its range stay apart.
        ->and($state->share[2])->toBeGreaterThan($state->share[1]);
});
