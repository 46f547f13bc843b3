<?php

declare(strict_types=1);

use Ithys\Effect\Clarity;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Share of tanks whose score is called clearer or less clear. */
function clarityCalled(float $memory, float $change, int $tanks): float
{
    $random = new Randomizer(new Mt19937(5));
    $normal = static fn (): float => array_sum(array_map(
        static fn (): float => $random->getInt(0, 1_000_000) / 1e6,
        range(1, 12),
    )) - 6;
    $charge = new DateTimeImmutable('2026-06-01 12:00Z');
    $called = 0;
    for ($tank = 0; $tank < $tanks; $tank++) {
        $entries = [];
        $off = $normal();
        for ($day = -26.0; $day <= 26.0; $day += 3.5) {
            $off = $memory * $off + sqrt(1 - $memory ** 2) * $normal();
            $score = max(0.0, min(10.0, round(6 + $off + ($day > 0.0 ? $change : 0.0))));
            $entries[] = new Entry(
                $charge->modify(sprintf('%+d minutes', (int) round(1440 * $day))),
                Reading::of(Parameter::Clarity, $score),
            );
        }
        $called += Clarity::around($entries, $charge)->verdict() === 'no clear effect' ? 0 : 1;
    }

    return $called / $tanks;
}

it('sees no effect in scores that only have a memory, and one that is there', function (): void {
    expect(clarityCalled(0.0, 0.0, 400))->toBeLessThanOrEqual(0.03)
        // Six in a hundred at the most, and three standard errors.
        ->and(clarityCalled(0.6, 0.0, 400))->toBeLessThanOrEqual(0.06 + 0.036)
        ->and(clarityCalled(0.6, 4.0, 200))->toBeGreaterThanOrEqual(0.7);
});
