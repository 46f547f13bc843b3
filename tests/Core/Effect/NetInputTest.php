<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Effect\NetInput;
use Ithys\Journal\Entry;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\WaterChange\WaterChange;
use Tests\Support\SimulatedTank;

/** @return list<Entry> a simulated tank of 300 L as it is logged */
function logged(SimulatedTank $tank, ?Closure $method = null): array
{
    $at = static fn (float $day, Payload $payload): Entry => new Entry(
        (new DateTimeImmutable('2026-06-01 12:00:00Z'))->modify('+'.(int) round($day * 86400).' seconds'),
        $payload,
    );
    $entries = array_map(static fn (float $day, float $level): Entry => $at($day, Reading::of(
        Parameter::Nitrate,
        $level,
        step: 0.01,
        method: $method === null ? null : $method($day),
    )), $tank->days, $tank->levels);
    foreach ($tank->dilutions as $dilution) {
        $entries[] = $at($dilution->day, WaterChange::of(300 * $dilution->share));
    }
    usort($entries, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);

    return $entries;
}

/** @return list<list<NetInput>> */
function netOf(array $entries): array
{
    return NetInput::through($entries, Parameter::Nitrate, 300.0, Assumptions::standard());
}

it('holds the true gain within its band nine times of ten', function (): void {
    $within = $points = 0;
    $widths = [];
    for ($seed = 1; $seed <= 30; $seed++) {
        [$stretch] = netOf(logged(new SimulatedTank($seed, [])));
        foreach ($stretch as $one) {
            // In balance with 10 % a week: 10 x 0.1 / 7 mg/L a day of 300 L.
            $truth = 300 * 10 * 0.1 / 7;
            $within += $one->low <= $truth && $truth <= $one->high ? 1 : 0;
            $points++;
            $widths[] = $one->high - $one->low;
        }
    }
    expect($within / $points)->toBeGreaterThan(0.9)
        // And is no wider than it need be: less than three times the truth.
        ->and(array_sum($widths) / count($widths))->toBeLessThan(130.0);
});

it('follows an input that steps down', function (): void {
    $before = $since = 0.0;
    for ($seed = 1; $seed <= 20; $seed++) {
        [$stretch] = netOf(logged(new SimulatedTank($seed, ['change' => -2, 'side' => 60.0])));
        $before += $stretch[3]->estimate;
        $since += $stretch[count($stretch) - 4]->estimate;
    }
    // 300 L x 2 x 0.2 x 10 / 28 are 43 mg a day less; smoothed, most of it is seen.
    expect(($since - $before) / 20)->toBeLessThan(-22.0)->toBeGreaterThan(-50.0);
});

it('begins anew where the kit changes or nobody read for long, and says nothing of a few readings', function (): void {
    $tank = new SimulatedTank(3, ['side' => 60.0]);
    $stretches = netOf(logged($tank, static fn (float $day): string => $day < 5.0 ? 'drops' : 'photometer'));
    expect($stretches)->toHaveCount(2)
        ->and(count($stretches[0]))->toBeGreaterThan(15);
    $gap = array_values(array_filter(
        logged($tank),
        static fn (Entry $entry): bool => abs($entry->at->getTimestamp() - strtotime('2026-06-01 12:00Z')) > 26 * 86400,
    ));
    expect(netOf($gap))->toHaveCount(2)
        ->and(netOf(array_slice(logged($tank), 0, 5)))->toBe([])
        ->and(netOf([]))->toBe([]);
});
