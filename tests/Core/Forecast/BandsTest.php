<?php

declare(strict_types=1);

use Ithys\Forecast\Bands\Alarm;
use Ithys\Forecast\Bands\Band;
use Ithys\Forecast\Bands\Nutrient;
use Ithys\Forecast\Bands\Past;
use Ithys\History\LastChange;
use Ithys\History\Lever;
use Ithys\Journal\Reading\Parameter;

/*
 * Source: three worked tanks that ship with the project beside the method (calibration, section 8), made outside of it
 * by another program: the alarm, levels, middles, widths and ends of 80 % of each.
 */
$tanks = json_decode((string) file_get_contents(__DIR__.'/bands.json'), true);

function pastOf(array $tank, string $key): Past
{
    return new Past(
        Nutrient::of(Parameter::from($key)),
        $tank[$key]['day'],
        $tank[$key]['read'],
        $tank[$key]['kitvariance'],
        $tank[$key]['model'],
    );
}

it('gives the worked bands', function (array $tank): void {
    $pasts = array_map(fn (string $key): Past => pastOf($tank, $key), ['no3', 'po4']);
    $alarm = Alarm::over($pasts);
    expect($alarm->strength)->toEqualWithDelta($tank['z'], 1e-9)
        ->and($alarm->daysAgo)->toBe(-$tank['tau'])
        ->and($alarm->doubt())->toEqualWithDelta($tank['lam'], 1e-9);
    foreach ($pasts as $past) {
        $nutrient = $past->nutrient;
        $worked = $tank[$nutrient->parameter->value];
        expect($alarm->scales[$nutrient->parameter->value])->toEqualWithDelta($worked['Sw'], 1e-9);
        // A change of feeding or media two weeks ago, or none at all.
        $last = $tank['phi'] > 0.0 ? LastChange::made(Lever::Feeding, 14.0) : null;
        $band = Band::of($past, $worked['ahead'][0], $alarm, $last);
        foreach ($worked['yc'] as $week => $middle) {
            $turn = $nutrient->scale($worked['ahead'][$week + 1]) - $nutrient->scale($worked['ahead'][0]);
            [$at, $spread] = $band->at(7.0 * ($week + 1), $turn);
            expect($at)->toEqualWithDelta($middle, 1e-9)
                ->and($spread ** 2)->toEqualWithDelta($worked['v'][$week] * $worked['S'], 1e-9)
                ->and(Band::quantile($nutrient, $at, $spread, 0.1))->toAgreeWith($worked['low80'][$week], 1e-6)
                ->and(Band::quantile($nutrient, $at, $spread, 0.9))->toAgreeWith($worked['high80'][$week], 1e-6);
        }
    }
})->with(array_column(array_map(fn (array $one): array => [$one['name'], [$one]], $tanks), 1, 0));
