<?php

declare(strict_types=1);

use Ithys\Finding;
use Ithys\Sump\SumpDesign;
use Tests\Support\Assembly;
use Tests\Support\RandomSump;
use Tests\Support\Sketched;

/**
 * @return Generator<int, array{SumpDesign, Assembly, list<string>}> forty designs with trays, and what is found grave
 */
function assembled(): Generator
{
    $found = 0;
    for ($seed = 0; $found < 40; $seed++) {
        $design = RandomSump::of($seed);
        $review = $design->review(Sketched::tank());
        $assembly = Assembly::of($design, $review->here->section);
        if ($assembly->holes === []) {
            continue;
        }
        $found++;
        yield $seed => [$design, $assembly, array_values(array_map(
            static fn (Finding $finding): string => "{$finding->code} {$finding->at}",
            array_filter($review->findings, static fn (Finding $one): bool => $one->severity->isGrave()),
        ))];
    }
}

it('puts forty designs together: no piece in another or in the glass unless the review says so', function (): void {
    foreach (assembled() as $seed => [$design, $assembly, $grave]) {
        foreach ($assembly->boxes as $name => $box) {
            $outside = $box['y'][0] < -1e-6 || $box['y'][1] > $design->vessel->widthMm + 1e-6 || $box['z'][0] < -1e-6
                || $box['z'][1] > $design->vessel->heightMm + 1e-6 || $box['x'][0] < -1e-6
                || $box['x'][1] > $design->vessel->lengthMm + 1e-6;
            expect(! $outside || $grave !== [])->toBeTrue("seed {$seed}: {$name} leaves the tank");
            foreach ($assembly->boxes as $other => $there) {
                if ($name < $other && Assembly::meet($box, $there)) {
                    expect($grave)->not->toBe([], "seed {$seed}: {$name} and {$other} overlap");
                }
            }
        }
    }
});

it('keeps every hole of a tray free below', function (): void {
    foreach (assembled() as $seed => [, $assembly]) {
        foreach ($assembly->holes as $tray => $holes) {
            foreach ($holes as $n => $hole) {
                foreach (["{$tray} front ledge", "{$tray} back ledge"] as $ledge) {
                    expect(Assembly::meet($hole, $assembly->boxes[$ledge]))
                        ->toBeFalse("seed {$seed}: hole {$n} of {$tray} is over its {$ledge}");
                }
            }
        }
    }
});

it('lets every tray out, or says that another is in its way', function (): void {
    $said = 0;
    foreach (assembled() as $seed => [$design, $assembly, $grave]) {
        foreach ($design->inside->trays as $tray) {
            $box = $assembly->boxes[$tray->id] ?? null;
            if ($box === null) {
                continue;
            }
            $way = [...$box, 'z' => [$tray->topMm, $design->vessel->heightMm + 1_000.0]];
            foreach ($assembly->boxes as $name => $other) {
                if (! str_starts_with($name, $tray->id) && Assembly::meet($way, $other)) {
                    expect(implode(' ', $grave))
                        ->toMatch("~tray-under-tray {$tray->id}|overlap|outside|chamber|crowd~", "seed {$seed}: "
                            ."{$name}");
                    $said++;
                }
            }
        }
    }
    expect($said)->toBeGreaterThan(0);
});
