<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Care\Stock\Consumable;
use Ithys\Care\Stock\Level;
use Ithys\Care\Stock\Move;
use Ithys\Care\Stock\Strategy;
use Ithys\Care\Stock\Washing;
use Ithys\Journal\Entry;
use Ithys\Journal\InvalidEntry;
use Ithys\Quantity\Quantity;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Logged;

const STOCK_START = '2026-01-01 00:00Z';

function stockDay(float $day): DateTimeImmutable
{
    return (new DateTimeImmutable(STOCK_START))->modify(sprintf('+%d seconds', (int) round(86_400 * $day)));
}

/**
 * @param  list<array{float|int, string, float|int}>  $moves
 * @param  list<array{float|int, float|int}>  $uses
 */
function level(array $moves, array $uses, float $day, int $delivery = 7, float $planned = 0.0): Level
{
    return Level::of(
        array_map(fn (array $one): Move => Move::of(stockDay($one[0]), $one[1], $one[2]), $moves),
        array_map(fn (array $one): array => [stockDay($one[0]), (float) $one[1]], $uses),
        stockDay($day),
        $delivery,
        $planned,
    );
}

/** Days from a day on, to two decimals. */
function stockDaysTo(?DateTimeImmutable $at, float $day): ?float
{
    return $at === null ? null : round(($at->getTimestamp() - stockDay($day)->getTimestamp()) / 86_400, 2);
}

it('counts from the last count on: bought, used and thrown away', function (): void {
    $moves = [[0, 'counted', 10], [5, 'bought', 20], [20, 'counted', 16], [25, 'binned', 1]];
    $uses = [[1, 2], [6, 4], [21, 3], [40, 9]];
    expect(level($moves, $uses, 10)->left)->toBe(24.0)
        // The count is right, whatever the journal says of before.
        ->and(level($moves, $uses, 20)->left)->toBe(16.0)
        ->and(level($moves, $uses, 30)->left)->toBe(12.0)
        ->and(level($moves, $uses, 30)->missing)->toBe(0.0);
});

it('does not know what was never counted, and never goes below zero without a word', function (): void {
    expect(level([[1, 'bought', 5]], [[2, 1]], 10)->left)->toBeNull()
        ->and(said(level([], [], 3)->says('g', true)))->toBe('You have not counted it yet. Write how much is there.')
        ->and(level([], [], 3)->isToOrder())->toBeFalse();
    $over = level([[0, 'counted', 5]], [[1, 3], [2, 4], [3, 1]], 10);
    expect($over->left)->toBe(0.0)->and($over->missing)->toBe(3.0)
        ->and(said($over->says('g', true)))->toBe('More was used than there was: 3 g too much. Count what is there.')
        // What is bought afterwards is there, and the word stays until somebody counts.
        ->and(level([[0, 'counted', 5], [4, 'bought', 6]], [[1, 3], [2, 4]], 10)->left)->toBe(6.0)
        ->and(level([[0, 'counted', 5], [4, 'counted', 6]], [[1, 3], [2, 4]], 10)->missing)->toBe(0.0);
});

it('is never below zero, and never more than came in, whatever is done', function (): void {
    $random = new Randomizer(new Mt19937(8));
    for ($round = 0; $round < 300; $round++) {
        [$moves, $uses, $in] = [[[0, 'counted', $random->getInt(0, 20)]], [], 0.0];
        for ($day = 1; $day < 60; $day++) {
            $what = ['counted', 'bought', 'binned', 'used', 'used', 'used'][$random->getInt(0, 5)];
            $amount = $random->getInt(1, 9);
            $what === 'used' ? $uses[] = [$day, $amount] : $moves[] = [$day, $what, $amount];
        }
        $level = level($moves, $uses, 60);
        $in = array_sum(array_column($moves, 2));
        expect($level->left)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual((float) $in);
    }
});

it('says when it ends by hand-worked rates, and orders in time for the soonest', function (): void {
    // 2 g every 4 days for 40 days is 0.5 g a day. By weeks (2, 4, 4, 4, 4 g is too few): 5 weeks, so as random
    // amounts, dispersion 2; 42 g seen in twelve weeks and 30 g left: 1.2816 x sqrt(2 (1/42 + 1/30)) = 43.34 %.
    $uses = array_map(fn (int $n): array => [4 * $n, 2], range(0, 9));
    $level = level([[0, 'counted', 50]], $uses, 40);
    $within = 1.2816 * sqrt(2 * (1 / 42 + 1 / 30));
    expect($level->left)->toBe(30.0)->and($level->perDay)->toBe(0.5)
        ->and(stockDaysTo($level->ends()[0], 40))->toBe(60.0)
        ->and(stockDaysTo($level->ends()[1], 40))->toBe(round(60 / (1 + $within), 2))
        ->and(stockDaysTo($level->ends()[2], 40))->toBe(round(60 / (1 - $within), 2))
        ->and(stockDaysTo($level->orderBy(), 40))->toBe(round(60 / (1 + $within) - 7, 2))
        ->and($level->isToOrder())->toBeFalse()
        ->and(level([[0, 'counted', 50]], $uses, 40, 43)->isToOrder())->toBeTrue()
        // Twelve weeks at 0.5 g a day are 42 g: two packs of 25 g.
        ->and($level->packs(25.0))->toBe(2)
        // Two uses tell no rate.
        ->and(level([[0, 'counted', 50]], [[1, 2], [20, 2]], 40)->ends())->toBeNull()
        ->and(said(level([[0, 'counted', 50]], [[1, 2], [20, 2]], 40)->says('g', true)))->toContain('Too little')
        ->and(level([[0, 'counted', 0]], [], 40)->isToOrder())->toBeTrue();
});

it('goes by the plan of care where too little is logged, and says so', function (): void {
    $level = level([[0, 'counted', 4]], [[30, 1]], 31, planned: 0.25);
    expect($level->perDay)->toBe(0.25)->and(stockDaysTo($level->ends()[0], 31))->toBe(12.0)
        ->and(said($level->says('pieces', true)))->toContain('By your plan of care');
});

it('holds 80 % of the ends of stocks that are used at random, or every few days', function (bool $isRandom): void {
    // A truth of its own: meals that come at random, or nearly every third day, of amounts that differ by half.
    $random = new Randomizer(new Mt19937(21));
    $draw = fn (): float => ($random->getInt(0, 999_999) + 0.5) / 1_000_000;
    $held = 0;
    for ($n = 0; $n < 400; $n++) {
        $uses = [];
        for ($at = 0.0; $at < 300.0;) {
            $at += $isRandom ? -3.0 * log($draw()) : 2.5 + $draw();
            $uses[] = [$at, 2 + 2 * $draw()];
        }
        $before = array_values(array_filter($uses, fn (array $one): bool => $one[0] <= 84));
        $ends = level([[84, 'counted', 40]], $before, 84)->ends();
        [$left, $end] = [40.0, null];
        foreach ($uses as [$day, $amount]) {
            $left -= $day > 84 ? $amount : 0.0;
            $end ??= $left <= 0.0 ? $day : null;
        }
        $latest = stockDaysTo($ends[2] ?? null, 0) ?? INF;
        $held += $ends !== null && stockDaysTo($ends[1], 0) <= $end && $latest >= $end ? 1 : 0;
    }
    expect($held / 400)->toBeGreaterThan(0.72)->toBeLessThan($isRandom ? 0.9 : 1.001);
})->with(['at random' => [true], 'every few days' => [false]]);

it('refuses an amount below zero, of nothing, and an unknown move', function (string $what, float $amount): void {
    expect(fn () => Move::of(stockDay(1), $what, $amount))->toThrow(InvalidEntry::class);
})->with([['counted', -1.0], ['bought', 0.0], ['bought', -2.0], ['binned', 0.0], ['counted', NAN], ['stolen', 1.0]]);

it('reads from the journal what is used of what', function (): void {
    $used = function (string $key, string $line): float {
        $entries = Logged::entries([[1, $line]]);

        return array_sum(array_map(
            fn (Entry $one): float => (float) Consumable::named($key)?->usedBy($one->payload, Assumptions::standard()),
            $entries,
        ));
    };
    expect($used('pad', 'pad changed'))->toBe(1.0)
        ->and($used('pad', 'pad cleaned'))->toBe(0.0)
        ->and($used('floss', 'pad changed'))->toBe(0.0)
        ->and($used('medium gfo', 'gfo 85 g reactor'))->toBe(85.0)
        ->and($used('medium alumina', 'gfo 85 g reactor'))->toBe(0.0)
        ->and($used('food pellet', 'fed 2.5 g pellet'))->toBe(2.5)
        ->and($used('dose vinegar', 'vinegar 12 ml'))->toBe(12.0)
        ->and($used('test no3', 'no3 8.5 po4 0.06'))->toBe(1.0)
        ->and($used('salt', 'water change 20 l'))->toBe(20 * 38.0)
        ->and($used('roll', 'new roll'))->toBe(1.0)
        ->and(Consumable::named('nothing'))->toBeNull();
});

it('counts socks that are clean, in use and to wash, over tanks that share them', function (): void {
    $of = fn (array $lines, int $holders): array => [Logged::entries($lines), $holders];
    $counts = Washing::of([$of([[0, 'socks washed'], [3, 'sock changed'], [6, 'sock changed']], 2)], 8.0);
    expect([$counts?->clean, $counts?->inUse, $counts?->dirty, $counts?->isOver])->toBe([2, 2, 4, false])
        ->and(said($counts->says()))->toBe('2 clean, 2 in use, 4 to wash.');
    $shared = Washing::of([
        $of([[0, 'socks washed'], [3, 'sock changed']], 2), $of([[4, 'sock changed']], 1),
    ], 8.0);
    expect([$shared?->clean, $shared?->inUse, $shared?->dirty])->toBe([2, 3, 3]);
    $nine = array_map(fn (int $n): array => [$n, 'sock changed'], range(1, 9));
    $over = Washing::of([$of([[0, 'socks washed'], ...$nine], 1)], 4.0);
    expect([$over?->clean, $over?->isOver])->toBe([0, true])
        ->and(said($over->says()))->toContain('count them again')
        // Not known is not none.
        ->and(Washing::of([$of([], 2)], 8.0))->toBeNull()
        ->and(Washing::of([$of([[1, 'sock changed']], 2)], null))->toBeNull();
});

it('reckons strategies as worked by hand', function (): void {
    $ways = array_column(Strategy::mechanical(Assumptions::standard(), 2, 250.0), null, 'name');
    // A sock of 8 that lasts 30 washes at 0.15 each: 0.41667 a change and holder.
    expect($ways['Socks twice a week']->cost)->toEqualWithDelta(365 / 3.5 * 2 * (8 / 30 + 0.15), 1e-6)
        ->and($ways['Socks once a week']->minutes)->toEqualWithDelta(365 / 7 * 6, 1e-6)
        // 250 mm a day are 91.25 m a year, at 1 a metre.
        ->and($ways['Fleece roller']->cost)->toEqualWithDelta(91.25, 1e-9)
        ->and(Strategy::mechanical(Assumptions::standard(), 1, null)[2]->cost)->toBeNull()
        ->and(Strategy::mechanical(Assumptions::standard(), 1, null)[2]->missing)->toContain('fleece 14 m left');
    // GFO at 0.07 ppm by Langmuir 1918: 12 mg/g x 6 x 0.07 / (1 + 6 x 0.07) = 3.549 mg/g, at 0.06 a gram 59.15.
    expect(Strategy::phosphate(Assumptions::standard(), 0.07)['gfo'])->toEqualWithDelta(59.155, 0.001);
});

// Common practice: a pump of 12 to 20 W is about 105 to 175 kWh a year.
it('reckons the power of a small pump', function (float $watts, float $hours): void {
    expect(round(Quantity::kilowattHoursAYear($watts, 24.0)))->toBe($hours);
})->with([[12.0, 105.0], [20.0, 175.0]]);
