<?php

declare(strict_types=1);

use Ithys\Journal\Reading\KitStep;
use Ithys\Journal\Reading\Parameter;

it('knows what a kit tells apart by the figures it shows', function (
    Parameter $parameter,
    array $figures,
    float $written,
    float $step,
): void {
    expect(KitStep::of($parameter, array_map(floatval(...), $figures), $written))->toBe($step);
})->with([
    'tens' => [Parameter::Nitrate, [10, 20, 10, 30, 20, 10, 20, 10], 1.0, 10.0],
    'fives' => [Parameter::Nitrate, [10, 20, 15, 30, 20, 10, 25, 10], 1.0, 5.0],
    'ones' => [Parameter::Nitrate, [10, 21, 15, 30, 20, 10, 25, 13], 1.0, 1.0],
    'too few to tell' => [Parameter::Nitrate, [10, 20, 10, 30], 1.0, 1.0],
    'two figures, eight times' => [Parameter::Nitrate, [10, 20, 10, 20, 20, 10, 20, 10], 1.0, 1.0],
    'two figures, twelve times' => [Parameter::Nitrate, [10, 20, 10, 20, 20, 10, 20, 10, 10, 10, 20, 10], 1.0, 10.0],
    'one figure' => [Parameter::Nitrate, [10, 10, 10, 10], 1.0, 10.0],
    'nothing shown tells nothing' => [Parameter::Nitrate, [0, 0, 0, 0, 0, 0, 0, 0, 0], 1.0, 1.0],
    'hundredths of three' => [Parameter::Phosphate, [0.03, 0.06, 0.09, 0.12, 0.03, 0.06, 0.03, 0.15], 0.01, 0.03],
    'an odd figure' => [Parameter::Phosphate, [0.0313, 0.06, 0.09, 0.12, 0.03, 0.06, 0.03, 0.15], 0.0001, 0.0001],
    'never finer than written' => [Parameter::Nitrate, [1, 2, 3, 4, 5, 6, 7, 8], 5.0, 5.0],
]);
