<?php

declare(strict_types=1);

use Ithys\History\Standing;
use Ithys\Journal\Entry;
use Tests\Support\Logged;

it('keeps what holds until it is ended or set otherwise', function (array $lines, array $standing): void {
    expect(array_map(
        fn (Entry $entry): string => said($entry->payload->summary()),
        Standing::after(Logged::entries($lines)),
    ))->toBe($standing);
})->with([
    'nothing of what is done once' => [[[0, 'fed 2 g'], [1, 'sock'], [2, 'no3 8'], [3, 'wc 10%']], []],
    'the last switch' => [[[0, 'skimmer off'], [9, 'skimmer on'], [12, 'skimmer off']], ['Skimmer off']],
    'light of refugium and display' => [
        [[0, 'refugium 8 h'], [2, 'refugium 9 h'], [3, 'light 10 h']],
        ['Refugium light 9 h a day', 'Display light 10 h a day'],
    ],
    'a plan of each source' => [
        [[0, 'dose plan vinegar 12 ml a day'], [3, 'dose plan vodka 1 ml a day']],
        ['Dose plan: vinegar 12 mL a day', 'Dose plan: vodka 1 mL a day'],
    ],
    'charges that are in' => [
        [[0, 'gfo 50 g bag'], [4, 'gfo 60 g bag'], [5, 'activated carbon 60 g'], [9, 'activated carbon out']],
        ['GFO 60 g, bag'],
    ],
]);
