<?php

declare(strict_types=1);

use Ithys\Forecast\ForecastPoint;
use Ithys\Forecast\Score;

it('scores a forecast by what was read since', function (): void {
    $foreseen = [
        new ForecastPoint(0.0, 10.0, 9.0, 11.0),
        new ForecastPoint(7.0, 8.0, 7.0, 9.0),
        new ForecastPoint(14.0, 6.0, 5.0, 7.0),
    ];
    $score = Score::of($foreseen, [[3.5, 9.0], [7.0, 8.5], [14.0, 8.0], [20.0, 1.0]]);
    // Nine was read where nine was foreseen; then eight for 8.5, then six for eight. What lies beyond is not counted.
    expect($score->readings)->toBe(3)
        ->and($score->within)->toBe(2)
        ->and($score->off)->toEqualWithDelta(0.5 / 8.5, 1e-12)
        ->and($score->stays)->toEqualWithDelta(1.5 / 8.5, 1e-12)
        ->and(Score::of($foreseen, []))->toBeNull()
        ->and(Score::of($foreseen, [[30.0, 4.0]]))->toBeNull();
});
