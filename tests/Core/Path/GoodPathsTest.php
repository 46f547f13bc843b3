<?php

declare(strict_types=1);

use Ithys\Path\Path;
use Ithys\Path\Review\Review;
use Tests\Support\Said;
use Tests\Support\Sketch;

/** What a reviewer cautions of in a path, as "code: sentence". */
function cautionsOf(Path $path, float $litres, float $flow, float $belowRimMm): array
{
    $said = Said::all(Review::of(Sketch::in($path, $litres, $flow, $belowRimMm))->findings);

    return array_values(array_map(
        static fn (Said $finding): string => "{$finding->code}: {$finding->sentence}",
        array_filter($said, static fn (Said $finding): bool => $finding->severity->isGrave()),
    ));
}

it('finds no fault in a good path, and cautions of nothing', function (
    string $sketch,
    string $style = 'sump',
    float $litres = 250,
    float $flow = 1800,
    array $without = [],
): void {
    expect(cautionsOf(Sketch::path($sketch, $style, without: $without), $litres, $flow, 40))->toBe([]);
})->with([
    'socks, skimmer, refugium' => [
        'overflow-drilled(emergency) > drain > sock(count=2) > skimmer(low=100, high=400) > refugium(shielded) > '
            .'bubble-trap > heater(cover=15) > top-off > return-pump(gives=8)',
    ],
    'a roller and a reactor on a manifold' => [
        'overflow-drilled(emergency) > roller(hole=4in) > skimmer > refugium(shielded) > bubble-trap > '
            .'heater(cover=15) > top-off > return-pump(gives=8); branch from return-pump to roller 250: reactor(gfo)',
    ],
    'one drain, where a blocked one fits' => [
        'overflow-drilled > sock(count=2) > skimmer > refugium(shielded) > bubble-trap > heater(cover=15) > '
            .'return-pump(gives=8)',
    ],
    'a rim-hung overflow that fits' => [
        'overflow-rim > sock(count=2) > skimmer > refugium(shielded) > bubble-trap > heater(cover=15) > '
            .'return-pump(gives=8)',
    ],
    'a scrubber in place of a refugium' => [
        'overflow-drilled(emergency) > sock(count=2) > skimmer > scrubber(shielded) > bubble-trap > '
            .'heater(cover=15) > return-pump(gives=8)',
    ],
    'without a skimmer, on purpose' => [
        'overflow-drilled(emergency) > sock(count=2) > refugium(shielded) > bubble-trap > heater(cover=15) > '
            .'return-pump(gives=8)',
        'sump',
        250,
        1800,
        ['organics' => 'carbon when it is wanted'],
    ],
    'carbon in a bag with a catch' => [
        'overflow-drilled(emergency) > sock(count=2) > skimmer > refugium(shielded) > bag(activated-carbon) > '
            .'pad(grade=fine) > bubble-trap > heater(cover=15) > return-pump(gives=8)',
    ],
    'UV and a chiller behind the return' => [
        'overflow-drilled(emergency) > sock(count=2) > skimmer > refugium(shielded) > bubble-trap > '
            .'heater(cover=15) > return-pump(gives=8) > uv > chiller',
    ],
    'pump in metric, overflow in inch: they do not meet' => [
        'overflow-drilled(emergency, fitting=inch) > drain(fitting=inch) > sock(count=2) > skimmer > '
            .'refugium(shielded) > bubble-trap > heater(cover=15) > return-pump(gives=8, fitting=metric)',
    ],
    'a nano with a rear chamber, changed by water' => [
        'weir > sponge(grade=coarse) > floss > biological > basket(activated-carbon, gfo) > pad(grade=fine) > '
            .'heater(cover=15) > top-off > return-pump',
        'rear-chamber',
        50,
        400,
    ],
    'a rear chamber with a skimmer' => [
        'weir > sponge(grade=coarse) > floss > skimmer > biological > basket(gfo) > pad(grade=fine) > '
            .'heater(cover=15) > return-pump',
        'rear-chamber',
        100,
        800,
    ],
    'a canister with a pre-filter' => [
        'intake(surface) > pre-filter > biological > canister-basket(activated-carbon) > '
            .'canister-basket#b(gfo) > pad(grade=fine) > return-pump',
        'canister',
        120,
        800,
    ],
    'a canister with an algae reactor in line' => [
        'intake(surface) > pre-filter > biological > pad(grade=fine) > return-pump > algae-reactor(shielded)',
        'canister',
        120,
        800,
        ['organics' => 'water changes'],
    ],
    'a hang-on filter' => [
        'intake(surface) > pre-filter > return-pump > biological > bag(activated-carbon) > bag#b(gfo) > floss',
        'hang-on',
        60,
        400,
    ],
    'a tiny internal filter' => [
        'intake(surface) > sponge(grade=coarse) > sponge#b(grade=medium) > bag(activated-carbon) > bag#c(gfo) > '
            .'floss > return-pump',
        'internal',
        30,
        200,
    ],
    'two tanks on one sump' => [
        'overflow-drilled(emergency) > sock(count=2) > skimmer > refugium(shielded) > bubble-trap > '
            .'heater(cover=15) > return-pump(gives=8); tank 80 to sock 300: overflow-drilled#b(emergency)',
    ],
]);
