<?php

declare(strict_types=1);

use Ithys\Care\FleeceRoll;
use Tests\Support\Logged;

/** @param  list<array{float|int, string}>  $lines */
function roll(array $lines): ?FleeceRoll
{
    return FleeceRoll::of(Logged::entries($lines), new DateTimeZone('UTC'));
}

// Common practice: a bit over a third of a roll a month makes under three months in all.
it('makes under three months of a roll of which just over a third went in a month', function (): void {
    $roll = roll([[0, 'fleece 25 m left'], [30, 'fleece 16.4 m left']]);
    $life = $roll->ends - (20_513 + 0);
    expect($life)->toBeGreaterThan(75)->toBeLessThan(91)
        ->and($roll->soonest)->toBeLessThan($roll->ends)->and($roll->latest)->toBeGreaterThan($roll->ends);
});

it('begins a new roll where more is left than before, and keeps the pace of the old one', function (): void {
    $lines = [[0, 'fleece 10 m left'], [20, 'fleece 5 m left'], [30, 'fleece 25 m left']];
    expect(roll($lines)?->mmPerDay)->toBe(250.0)->and(roll($lines)?->ends)->toBe(20_513 + 30 + 100)
        ->and(roll([...$lines, [50, 'fleece 20 m left']])?->mmPerDay)->toBe(250.0)
        // Two paces that differ widen the range.
        ->and(($wide = roll([...$lines, [40, 'fleece 20 m left']]))?->latest - $wide?->soonest)->toBeGreaterThan(40);
});

it('does not know without a length and a pace', function (): void {
    expect(roll([]))->toBeNull()->and(roll([[0, 'fleece 14 m left']]))->toBeNull()
        ->and(roll([[0, 'fleece 250 mm a day']]))->toBeNull()
        ->and(roll([[0, 'fleece 250 mm a day'], [1, 'fleece 14 m left']])?->ends)->toBe(20_513 + 1 + 56)
        // Nothing wound on tells no end.
        ->and(roll([[0, 'fleece 14 m left'], [10, 'fleece 14 m left']]))->toBeNull();
});
