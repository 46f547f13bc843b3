<?php

declare(strict_types=1);

use Ithys\Effect\FalseDiscovery;

it('marks what stands out of what chance brings among so many', function (): void {
    // The fifteen figures of the example in Benjamini and Hochberg 1995, from memory; at one in ten the limit goes up
    // to the ninth: 0.0459 is under 9 / 15 of 0.1, and 0.3240 is over 10 / 15 of it.
    $chances = [
        0.0001, 0.0004, 0.0019, 0.0095, 0.0201, 0.0278, 0.0298, 0.0344, 0.0459, 0.3240, 0.4262, 0.5719, 0.6528, 0.7590,
        1.0,
    ];
    $marked = FalseDiscovery::marked($chances);
    expect(array_keys(array_filter($marked)))->toBe(range(0, 8))
        // The order in which they come does not matter, and one alone must be under a tenth.
        ->and(FalseDiscovery::marked(array_reverse($chances, true)))->toEqual($marked)
        ->and(FalseDiscovery::marked(['a' => 0.09]))->toBe(['a' => true])
        ->and(FalseDiscovery::marked(['a' => 0.11]))->toBe(['a' => false])
        ->and(FalseDiscovery::marked([]))->toBe([])
        // Twenty of nothing at all: one that would count on its own does not among so many.
        ->and(array_filter(FalseDiscovery::marked([0.02, ...array_fill(0, 19, 0.5)])))->toBe([]);
});
