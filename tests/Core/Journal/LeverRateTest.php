<?php

declare(strict_types=1);

use Ithys\Journal\Kinds;
use Ithys\Journal\LeverRate;

const A_DAY = 86_400;

it('spreads what was used over periods of a week at the least', function (): void {
    $uses = array_map(fn (int $day): array => [$day * A_DAY, 3.0], range(0, 27));
    $rates = LeverRate::over(0, 28 * A_DAY, $uses);
    expect($rates)->toHaveCount(4)
        ->and($rates[0]->seconds)->toBe(7 * A_DAY);
    foreach ($rates as $rate) {
        expect($rate->perDay)->toAgreeWith(3.0);
    }
});

it('cuts ten years into about 120 periods and loses nothing', function (): void {
    $uses = array_map(fn (int $week): array => [$week * 7 * A_DAY, 0.1], range(0, 520));
    $rates = LeverRate::over(0, 3652 * A_DAY, $uses);
    $sum = array_sum(array_map(fn (LeverRate $rate): float => $rate->perDay * $rate->seconds / A_DAY, $rates));
    expect(count($rates))->toBeGreaterThan(110)->toBeLessThanOrEqual(120)
        ->and($sum)->toAgreeWith(52.1, 1e-9);
});

it('keeps periods in which nothing was done, and a short last one true', function (): void {
    $rates = LeverRate::over(0, 17 * A_DAY, [[2 * A_DAY, 7.0], [16 * A_DAY, 6.0]]);
    expect(array_map(fn (LeverRate $rate): float => $rate->perDay, $rates))->toBe([1.0, 0.0, 2.0])
        ->and($rates[2]->seconds)->toBe(3 * A_DAY);
});

it('says the rate as keepers do', function (string $kind, float $each, string $words): void {
    $uses = array_map(fn (int $day): array => [$day * A_DAY, $each], [0, 4]);
    $routine = Kinds::named($kind)->lever()->usage;
    expect(said(LeverRate::over(0, 8 * A_DAY, $uses)[0]->words($routine)))->toBe($words);
})->with([
    ['feed', 10.5, '3 g a day'],
    ['dose', 7.0, '2 mL a day'],
    ['water', 0.05, '10 % a week'],
    ['sock', 1.0, 'one in 3.5 days'],
    ['feed', 0.0, 'none'],
]);
