<?php

declare(strict_types=1);

use Ithys\Forecast\Outlook;
use Ithys\History\Timeline\Missing;
use Ithys\Learning\Calibration;
use Ithys\Learning\Charges\Lives;
use Ithys\Learning\TooFewReadings;
use Tests\Support\RandomJournal;
use Tests\Support\Within;

it('learns and forecasts from any journal without a hang or an error', function (): void {
    $learned = $short = 0;
    foreach (range(1, 500) as $seed) {
        Within::seconds(30, "journal {$seed}", static function () use ($seed, &$learned, &$short): void {
            try {
                $timeline = RandomJournal::timeline($seed);
                $timeline->simulation()->at($timeline->day($timeline->to));
                $fit = Calibration::of($timeline);
            } catch (Missing|TooFewReadings) {
                $short++;

                return;
            }
            $outlook = Outlook::of($timeline, $fit);
            foreach ($outlook->along($outlook->present, 4) as $points) {
                foreach ($points as $point) {
                    expect(is_finite($point->level))->toBeTrue("journal {$seed}");
                }
            }
            $seed % 10 > 0 ?: Lives::of($timeline, $fit);
            $learned++;
        });
    }
    expect($learned)->toBeGreaterThan(350)->and($learned + $short)->toBe(500);
});
