<?php

declare(strict_types=1);

use Tests\Support\SteppedTanks;

// The table of steps in small; the whole of it is slow.
it('judges steps and a change of input together', function (array $tank, array $bounds): void {
    SteppedTanks::hold(SteppedTanks::judged($tank, range(1, 24)), $bounds, 24);
})->with(array_intersect_key(SteppedTanks::TABLE, array_flip([
    'three a side', 'a step of 40 %', 'a step with less input', 'a step with more input', 'a crash that nobody logged',
    'another kit that nobody named', 'drift and slips of 5 %', 'water changes half logged',
])));
