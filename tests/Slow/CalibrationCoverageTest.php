<?php

declare(strict_types=1);

use Ithys\Forecast\Outlook;
use Ithys\Learning\Calibration;
use Ithys\Nutrient\Element;
use Tests\Support\SimulatedKeeper;

// Simulated tanks of known truth, the same for the same seeds: do the intervals hold what they say, and is a forecast
// better than saying that all stays as it is? The bounds leave room for the luck of so few tanks.

/** @return array{intervals: array<string, float>, bands: array<string, float>, off: array<string, list<float>>} */
function coverage(array $seeds, int $weeks, bool $isReal, string $kit): array
{
    $held = $bands = $off = [];
    foreach ($seeds as $seed) {
        $keeper = new SimulatedKeeper($seed, $weeks, $isReal, $kit);
        $fit = Calibration::of($keeper->timeline);
        foreach ($fit->unknowns() as $unknown) {
            if ($unknown->spread() !== null) {
                [$low, $high] = $fit->interval($unknown);
                $truth = exp($keeper->logs[$unknown->value]);
                $held[$unknown->value][] = $truth >= $low && $truth <= $high ? 1.0 : 0.0;
            }
        }
        $outlook = Outlook::of($keeper->timeline, $fit);
        $along = $outlook->along($outlook->present, 12);
        foreach ([4, 12] as $later) {
            foreach (Element::cases() as $element) {
                $point = $along[$element->parameter()->value][2 * $later];
                $level = $point->level;
                $truth = $keeper->later($element, $later);
                $key = "{$element->parameter()->value} {$later}";
                $bands[$key][] = $truth >= $point->low && $truth <= $point->high ? 1.0 : 0.0;
                $last = array_values(array_filter(
                    $keeper->timeline->read->observed,
                    fn ($one): bool => $one->parameter === $element->parameter(),
                ));
                $off['ours'][] = abs(log(max(1e-3, $level) / max(1e-3, $truth)));
                $off['stays'][] = abs(log(max(1e-3, end($last)->level) / max(1e-3, $truth)));
            }
        }
    }
    $mean = fn (array $all): float => array_sum($all) / count($all);

    return ['intervals' => array_map($mean, $held), 'bands' => array_map($mean, $bands), 'off' => $off];
}

function median(array $all): float
{
    sort($all);

    return $all[intdiv(count($all), 2)];
}

it('holds what it says of simulated tanks', function (int $weeks, bool $isReal, string $kit, int $tanks): void {
    $found = coverage(range(1000, 999 + $tanks), $weeks, $isReal, $kit);
    foreach ($found['intervals'] as $unknown => $share) {
        expect($share)->toBeGreaterThanOrEqual(0.8, "{$unknown} holds in {$share}");
    }
    foreach ($found['bands'] as $when => $share) {
        expect($share)->toBeGreaterThanOrEqual(0.68, "{$when} holds in {$share}");
    }
    expect(median($found['off']['ours']))->toBeLessThan(median($found['off']['stays']));
    fwrite(STDERR, sprintf(
        "\n%d weeks, %s, %s kit: intervals %s; bands %s; off by %.2f, stays as it is %.2f\n",
        $weeks,
        $isReal ? 'real' : 'exact',
        $kit,
        json_encode(array_map(fn (float $one): float => round($one, 2), $found['intervals'])),
        json_encode(array_map(fn (float $one): float => round($one, 2), $found['bands'])),
        median($found['off']['ours']),
        median($found['off']['stays']),
    ));
})->with([
    '16 weeks of a real tank' => [16, true, 'fine', 200],
    '16 weeks of a real tank, with a coarse kit' => [16, true, 'coarse', 200],
    '52 weeks of a real tank' => [52, true, 'fine', 40],
    '26 weeks where the model is the truth' => [26, false, 'fine', 40],
]);
