<?php

declare(strict_types=1);

use Ithys\Forecast\ForecastPoint;

it('says a level no finer than its band', function (float $level, float $low, float $high, string $says): void {
    expect(said((new ForecastPoint(84.0, $level, $low, $high))->says()))->toBe($says);
})->with([
    [8.82, 6.75, 11.5, 'about 9 ppm (7 to 12)'],
    [0.106, 0.056, 0.197, 'about 0.11 ppm (0.06 to 0.2)'],
    [0.14, 0.068, 0.278, 'about 0.14 ppm (0.07 to 0.28)'],
    [14.2, 9.8, 20.1, 'about 14 ppm (10 to 20)'],
    [8.13, 7.61, 8.72, 'about 8.1 ppm (7.6 to 8.7)'],
    [44.0, 24.0, 81.0, 'about 40 ppm (20 to 80)'],
    [0.0, 0.0, 0.0, 'about 0 ppm (0 to 0)'],
]);
