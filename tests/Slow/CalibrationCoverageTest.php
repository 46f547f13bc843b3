<?php

declare(strict_types=1);

use Ithys\Learning\Calibration;
use Ithys\Learning\Fit;
use Ithys\Learning\Kit;
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
        $ahead = $keeper->ahead($fit);
        foreach ([4, 12] as $later) {
            $then = $ahead->before(7.0 * ($weeks + $later));
            foreach (Element::cases() as $element) {
                [$level, $spread] = foreseen($fit, $element, $then->level($element), $later);
                $truth = $keeper->later($element, $later);
                $key = "{$element->parameter()->value} {$later}";
                $within = $truth >= $level / $spread ** 1.645 && $truth <= $level * $spread ** 1.645;
                $bands[$key][] = $within ? 1.0 : 0.0;
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

/** @return array{float, float} level and relative spread, with what the last readings say of the model */
function foreseen(Fit $fit, Element $element, float $level, int $weeks): array
{
    $key = $element->parameter()->value;
    $pulled = $level
        + $fit->pulls[$key] * Kit::model($element->parameter(), $level) * exp(-7 * $weeks / Kit::MEMORY);

    return [max(1e-6, $pulled), 1 + $fit->bands[$key][$weeks - 1][1]];
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
        expect($share)->toBeGreaterThanOrEqual(0.8, "{$when} holds in {$share}");
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
