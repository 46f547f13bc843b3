<?php

declare(strict_types=1);

use Ithys\Document\Refused;
use Ithys\Effect\Confounder;
use Ithys\Effect\Relaxed\Course;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Relaxed\Interval;
use Ithys\Effect\Relaxed\Series;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Quantity\Text;
use Ithys\Quantity\UnitSystem;
use Ithys\Statistics\LinearFit;
use Ithys\Trial\Tank\Lot;
use Ithys\Trial\Tank\PairedTanks;
use Ithys\Trial\Tank\TankPlan;
use Tests\Support\SwitchedTank;
use Tests\Support\TriedTanks;

it('reads a plan back as it was, and says at its place what is wrong with one', function (): void {
    $plan = TriedTanks::plan();
    expect(TankPlan::stored($plan->toArray())->toArray())->toBe($plan->toArray());
    foreach ([
        'question' => ['question' => ''], 'change' => ['change' => ' '], 'parameter' => ['parameter' => 'alk'],
        'form' => ['form' => 'sideways'], 'periods' => ['periods' => 5], 'phaseDays' => ['washoutDays' => 8],
        'every' => ['every' => 0],
    ] as $place => $with) {
        try {
            TriedTanks::plan($with);
            $this->fail("{$place} was taken.");
        } catch (Refused $refused) {
            expect($refused->problems)->toHaveKey($place);
        }
    }
    expect(fn () => TriedTanks::plan(['form' => 'paired', 'phaseDays' => 30]))->toThrow(Refused::class, '28, 42 or 84')
        ->and(fn () => TankPlan::typed(['periods' => 'many'], UnitSystem::Metric))->toThrow(Refused::class);
});

it('draws the order by lot, one on and one off in each two, the same for the same seed', function (): void {
    $plan = TriedTanks::plan();
    $first = 0;
    foreach (range(1, 200) as $seed) {
        $order = Lot::draw($plan, $seed)->order;
        foreach (array_chunk($order, 2) as $two) {
            expect($two[0])->not->toBe($two[1]);
        }
        $first += $order[0] ? 1 : 0;
    }
    expect(Lot::draw($plan, 3)->order)->toBe(Lot::draw($plan, 3)->order)->and($first)->toBeGreaterThan(70)
        ->toBeLessThan(130);
    $paired = TriedTanks::plan(['form' => 'paired', 'phaseDays' => 28]);
    $days = array_map(fn (int $seed): int => Lot::draw($paired, $seed)->changeDay(), range(1, 200));
    $others = array_filter(range(1, 200), fn (int $seed): bool => Lot::draw($paired, $seed)->isOther);
    expect(min($days))->toBe(0)->and(max($days))->toBe(10)->and(count($others))->toBeGreaterThan(70)->toBeLessThan(130)
        ->and(Lot::draw(TriedTanks::plan(['form' => 'before', 'phaseDays' => 28]), 1)->isOther)->toBeFalse();
});

it('counts days, periods and washout, also where a switch was made late', function (): void {
    $plan = TriedTanks::plan(['periods' => 4, 'washoutDays' => 3]);
    // Seeds until the order is on, off, on, off.
    $seed = 1;
    while (Lot::draw($plan, $seed)->order !== [true, false, true, false]) {
        $seed++;
    }
    $lot = Lot::draw($plan, $seed);
    expect($lot->lastDay())->toBe(56)->and($lot->spans())->toBe([[0.0, 14.0], [28.0, 42.0]])
        ->and(array_column($lot->switches(), 'day'))->toBe([0, 14, 28, 42])
        ->and($lot->periodOf(14.0))->toBe(0)->and($lot->periodOf(14.1))->toBe(1)->and($lot->periodOf(57.0))->toBeNull()
        ->and($lot->isWashout(14.0))->toBeFalse()->and($lot->isWashout(16.0))->toBeTrue()
        ->and($lot->isWashout(17.5))->toBeFalse();
    $late = Lot::draw($plan, $seed, [14 => 18]);
    expect($late->spans())->toBe([[0.0, 18.0], [28.0, 42.0]])->and($late->isWashout(16.0))->toBeFalse()
        ->and($late->isWashout(20.0))->toBeTrue()->and($late->switches()[1])->toBe([
            'planned' => 14, 'day' => 18, 'isOn' => false,
        ]);
});

// Tanks of another kind than the model: Euler steps, seasons, rhythms, walks. More of them in tests/Slow.
it('tells a difference in at most one of twenty tanks that wander, and finds what its plan promised', function (
    string $way,
): void {
    $plan = TriedTanks::plan();
    $smallest = array_map(
        fn (int $seed): float => TriedTanks::smallest($plan, Lot::draw($plan, $seed), SwitchedTank::WAYS[$way], $seed),
        range(1, 9),
    );
    sort($smallest);
    expect(TriedTanks::told($plan, SwitchedTank::WAYS[$way], 0.0, 100))->toBeLessThanOrEqual(0.05)
        ->and(TriedTanks::told($plan, SwitchedTank::WAYS[$way], -$smallest[4], 60, 5000))->toBeGreaterThanOrEqual(0.65);
})->with(['quiet', 'drifting', 'walking']);

it('says how much less the water gains, with the sign of the truth', function (): void {
    $plan = TriedTanks::plan();
    $lot = Lot::draw($plan, 1);
    $journal = fn (float $effect): array => SwitchedTank::journal(
        4,
        [],
        $lot->spans(),
        $effect,
        $lot->lastDay(),
        TriedTanks::start(),
    );
    $less = TriedTanks::switched($plan, $lot, $journal(-0.3));
    expect(said($less->says))->toContain('with rubble the water gained')->toContain('a week less than without it')
        ->and($less->perWeek->estimate)->toBeGreaterThan(-3.0)->toBeLessThan(-1.2)
        ->and(said(TriedTanks::switched($plan, $lot, $journal(0.3))->says))->toContain('a week more than without it')
        ->and(said(TriedTanks::switched($plan, $lot, $journal(0.0))->says))->toContain('no clear effect');
});

it('finds the same effect as ordinary least squares in a tank without loss and wander', function (): void {
    // Another way: level = a + b t + d (days on), by normal equations.
    $plan = TriedTanks::plan(['periods' => 4, 'every' => 2]);
    $lot = Lot::draw($plan, 1);
    $on = fn (float $day): float => array_sum(array_map(
        fn (array $span): float => max(0.0, min($day, $span[1]) - $span[0]),
        $lot->spans(),
    ));
    $journal = $x = $y = [];
    foreach (range(0, 56, 2) as $n => $day) {
        $level = 10 + 0.05 * $day - 0.2 * $on($day) + 0.05 * (($n * 7) % 5 - 2);
        $journal[] = new Entry(TriedTanks::start()->modify("+{$day} days"), Reading::of(Parameter::Nitrate, $level));
        $x[] = [1.0, (float) $day, $on($day)];
        $y[] = $level;
    }
    $fit = LinearFit::of($x, $y);
    $verdict = TriedTanks::switched($plan, $lot, $journal);
    expect($verdict->perWeek->estimate / 7)->toEqualWithDelta($fit->coefficients[2], 0.03)
        ->and($verdict->perWeek->high)->toBeLessThan(0.0);
});

it('refuses what its readings do not carry, with a sentence', function (callable $spoil, string $sentence): void {
    $plan = TriedTanks::plan(['periods' => 4]);
    $lot = Lot::draw($plan, 1);
    $journal = SwitchedTank::journal(4, [], $lot->spans(), -0.3, $lot->lastDay(), TriedTanks::start());
    expect(said(TriedTanks::switched($plan, $lot, array_values(array_filter(
        array_map(fn (Entry $one): ?Entry => $spoil($one, $lot), $journal),
    )))->says))->toContain($sentence);
})->with([
    'no readings' => [fn (Entry $one): ?Entry => null, 'period 1 has no readings'],
    'a period unread' => [
        fn (Entry $one, Lot $lot): ?Entry => $lot->periodOf($one->daysAfter(TriedTanks::start())) === 2 ? null : $one,
        'period 3 has no readings',
    ],
    'another kit from the third period on' => [
        fn (Entry $one, Lot $lot): ?Entry => $one->payload instanceof Reading
            ? new Entry($one->at, Reading::of(
                Parameter::Nitrate,
                $one->payload->value,
                method: $lot->periodOf($one->daysAfter(TriedTanks::start())) > 1 ? 'other' : 'drops',
            ))
            : $one,
        'needs two by one kit',
    ],
    'cloudy while on' => [
        fn (Entry $one, Lot $lot): ?Entry => $one->payload instanceof Reading
            ? new Entry($one->at, Reading::of(
                Parameter::Nitrate,
                $one->payload->value,
                cloudy: $lot->order[$lot->periodOf($one->daysAfter(TriedTanks::start())) ?? 0],
            ))
            : $one,
        'the water was cloudy',
    ],
    'water changes logged while on alone' => [
        fn (Entry $one, Lot $lot): ?Entry => $one->payload instanceof WaterChange
            && ! $lot->order[$lot->periodOf($one->daysAfter(TriedTanks::start())) ?? 0] ? null : $one,
        'water changes are logged while it was on',
    ],
]);

it('names what else changed, but not the switching itself', function (): void {
    $plan = TriedTanks::plan();
    $lot = Lot::draw($plan, 1);
    $journal = SwitchedTank::journal(4, [], $lot->spans(), 0.0, $lot->lastDay(), TriedTanks::start());
    $verdict = TriedTanks::switched($plan, $lot, $journal, [
        new Confounder(Text::wrap('Skimmer off.'), $lot->switches()[1]['day'] + 0.5),
        new Confounder(Text::wrap('Light 10 h.'), $lot->switches()[0]['day'] + 5.0),
    ]);
    expect(array_map(said(...), $verdict->remarks))->toBe(['Also changed since the start: Light 10 h.']);
});

it('takes one interval from another by the distances of both', function (): void {
    // Zou and Donner 2008: with equal normal errors it is the usual interval of a difference, sqrt(2) wider.
    $less = PairedTanks::less(new Interval(5.0, 3.0, 7.0), new Interval(1.0, -1.0, 3.0));
    expect($less->estimate)->toBe(4.0)->and($less->low)->toEqualWithDelta(4 - 1.15 * 2 * M_SQRT2, 1e-12)
        ->and($less->high)->toEqualWithDelta(4 + 1.15 * 2 * M_SQRT2, 1e-12);
});

it('judges two tanks by what the change did in one, less the other', function (): void {
    $plan = TriedTanks::plan(['form' => 'paired', 'phaseDays' => 42]);
    expect(TriedTanks::paired($plan, [], -0.5, 12))->toBeGreaterThan(0.8)
        ->and(TriedTanks::paired($plan, SwitchedTank::WAYS['drifting'], 0.0, 25))->toBeLessThanOrEqual(0.08);
});

it('promises less where a tank wanders more, and nothing from few readings', function (): void {
    $plan = TriedTanks::plan();
    $of = fn (string $way): float => array_sum(array_map(
        fn (int $seed): float => TriedTanks::smallest($plan, Lot::draw($plan, 1), SwitchedTank::WAYS[$way], $seed),
        range(1, 8),
    )) / 8;
    $longer = TriedTanks::plan(['periods' => 8]);
    expect($of('drifting'))->toBeGreaterThan($of('quiet'))
        ->and(TriedTanks::smallest($longer, Lot::draw($longer, 1), [], 1))
        ->toBeLessThan(TriedTanks::smallest($plan, Lot::draw($plan, 1), [], 1));
});

it('has for the time on what would be in the water by it alone', function (): void {
    // Another way: Euler steps of a thousandth of a day.
    $days = range(1.0, 40.0, 3.0);
    $water = [new Dilution(9.5, 0.2), new Dilution(30.0, 0.1)];
    $spans = [[2.0, 8.0], [15.0, 33.0]];
    $n = count($days);
    $series = new Series($days, array_fill(0, $n, 5.0), array_fill(0, $n, 1.0), array_fill(0, $n, 0.0), $water);
    $column = Course::switched($spans)->columns($series, 0.03)[2];
    [$level, $next, $euler] = [0.0, 0, []];
    for ($step = 1000; $step <= 40_000; $step++) {
        $day = $step / 1000;
        foreach ($days as $at => $read) {
            abs($day - $read) < 1e-9 && $euler[$at] = $level;
        }
        $next < 2 && abs($day - $water[$next]->day) < 1e-9 && $level *= 1 - $water[$next++]->share;
        $isOn = array_filter($spans, fn (array $one): bool => $day >= $one[0] && $day < $one[1]) !== [];
        $level += 0.001 * (($isOn ? 1.0 : 0.0) - 0.03 * $level);
    }
    foreach ($euler as $at => $value) {
        expect($column[$at])->toEqualWithDelta($value, 2e-3);
    }
});
