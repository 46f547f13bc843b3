<?php

declare(strict_types=1);

use Ithys\Forecast\Advice\Advice;
use Ithys\Forecast\Advice\State;
use Ithys\Forecast\Advice\Step;
use Ithys\Forecast\Outlook;
use Ithys\Learning\Calibration;
use Ithys\Quantity\Text;
use Tests\Support\Dosing;
use Tests\Support\Logged;

const BALANCED = ['no3' => [3.0, 10.0], 'po4' => [0.03, 0.1]];

/** @param  list<array{float|int, string}>  $more */
function advised(string $reading, array $more = [], ?Text $changed = null): Advice
{
    $lines = [[0, 'feeding plan 1.5 g pellet a day'], ...$more];
    for ($week = 0; $week <= 16; $week++) {
        $lines[] = [7 * $week, $reading];
        $lines[] = [7 * $week + 0.5, 'water change 25 l'];
        $lines[] = [7 * $week + 0.6, 'sock changed'];
    }
    $timeline = Logged::timeline($lines, 114, Dosing::path());
    $outlook = Outlook::of($timeline, Calibration::of($timeline));

    return Advice::of($outlook, BALANCED, Dosing::context($lines, 114, targets: BALANCED), $changed);
}

/** How far from the band, ppm. */
function offBand(float $level, string $parameter): float
{
    [$low, $high] = BALANCED[$parameter];

    return max(0.0, $low - $level, $level - $high);
}

it('proposes no step that helps one nutrient and harms the other', function (string $reading): void {
    preg_match('~no3 (\S+) po4 (\S+)~', $reading, $read);
    $advice = advised($reading);
    expect($advice->state)->not->toBe(State::Within);
    foreach ($advice->steps as $step) {
        foreach (['no3' => (float) $read[1], 'po4' => (float) $read[2]] as $parameter => $now) {
            $then = $step->expected[$parameter]->level;
            expect(offBand($then, $parameter))->toBeLessThanOrEqual(
                1.05 * max(offBand($now, $parameter), 0.01 * $now),
                "{$step->key}: {$parameter} from {$now} to {$then}",
            );
            expect($step->expected[$parameter]->low)->toBeLessThanOrEqual($then)
                ->and($step->expected[$parameter]->high)->toBeGreaterThanOrEqual($then);
        }
    }
})->with([
    // GFO lowered phosphate out of its band for nothing of nitrate; less food took nitrate out of its own.
    'no3 25 po4 0.035', 'no3 3.3 po4 0.25', 'no3 2.0 po4 0.095', 'no3 25 po4 0.25', 'no3 1 po4 0.01',
]);

it('doses GFO by the level there is, and none beside what is in', function (): void {
    $grams = fn (Advice $advice): array => array_values(array_map(
        fn (Step $step): float => (float) ($step->levers['mediaGrams'] ?? 0.0),
        array_filter($advice->steps, fn (Step $step): bool => $step->key === 'gfo'),
    ));
    foreach (['no3 8 po4 0.60', 'no3 8 po4 0.25'] as $reading) {
        foreach ($grams(advised($reading)) as $proposed) {
            expect($proposed)->toBeLessThan(20.0);
        }
    }
    expect($grams(advised('no3 8 po4 0.25', [[100, 'gfo 150 g in GFO reactor']])))->toBe([]);
});

it('waits after a change', function (): void {
    $advice = advised('no3 25 po4 0.25', changed: Text::of('You changed something.'));
    expect($advice->steps)->toBe([])->and($advice->waits)->not->toBeNull();
});
