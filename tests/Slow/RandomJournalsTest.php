<?php

declare(strict_types=1);

use Ithys\Forecast\Outlook;
use Ithys\History\Story;
use Ithys\History\Timeline\Missing;
use Ithys\History\Timeline\Timeline;
use Ithys\Learning\Charges\ChargeForecasts;
use Ithys\Learning\Learned;
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
                $learnt = Learned::of(static fn (Story $story): Timeline => RandomJournal::timeline($seed, $story));
            } catch (Missing|TooFewReadings) {
                $short++;

                return;
            }
            $outlook = Outlook::among(array_map(
                static fn (array $one): array => [
                    $one[1],
                    Outlook::of(RandomJournal::timeline($seed, $one[0]), $one[2]),
                ],
                $learnt->stories,
            ));
            foreach ($outlook->along($outlook->present, 4) as $points) {
                foreach ($points as $point) {
                    expect(is_finite($point->level))->toBeTrue("journal {$seed}");
                }
            }
            $told = $seed % 10 > 0 ? [] : ChargeForecasts::of($timeline, $learnt->fit());
            foreach ($told as $state) {
                expect(is_finite($state->share[0]) && is_finite($state->gross[0]))->toBeTrue("journal {$seed}");
            }
            $learned++;
        });
    }
    expect($learned)->toBeGreaterThan(350)->and($learned + $short)->toBe(500);
});
