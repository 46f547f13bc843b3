<?php

declare(strict_types=1);

use Ithys\Finding;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Inside;
use Ithys\Sump\Placed;
use Ithys\Sump\Section;
use Ithys\Sump\Size;
use Ithys\Sump\Standing;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Vessel;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Sumps;

/** @param  list<Placed>  $placed */
function standingSection(array $placed): Section
{
    return new Section(
        new Vessel(900, 400, 380, 6),
        new Inside([new Baffle('w', BaffleKind::Weir, 400, 6, 220)], placed: $placed),
        new SumpWater(180, 60),
        DrainDown::display(0, 0, 0, 0),
    );
}

function boxOf(string $id, float $length, float $width, int $chamber = 0): Placed
{
    return new Placed($id, DeviceKind::Other, ucfirst($id), $chamber, new Size($length, $width, 100));
}

it('stands one device alone in the middle of its chamber', function (): void {
    $place = Standing::in(standingSection([boxOf('a', 200, 100)]))->places['a'];
    expect([$place->xMm, $place->yMm, $place->lengthMm])->toBe([100.0, 150.0, 200.0]);
    // In the second chamber, 494 mm long, from behind the baffle.
    expect(Standing::in(standingSection([boxOf('a', 200, 100, 1)]))->places['a']->xMm)->toBe(406.0 + 147.0);
});

it('stands two side by side, turned where that makes room', function (): void {
    $standing = Standing::in(standingSection([boxOf('a', 380, 190), boxOf('b', 190, 380)]));
    expect($standing->crowded)
        ->toBe([])
        ->and($standing->places['b']->turned || $standing->places['a']->turned)
        ->toBeTrue();
});

it('says when devices do not stand side by side, and not of one alone, which is told its own size', function (
    array $placed,
    array $codes,
): void {
    $found = array_map(
        fn (Finding $finding): string => $finding->code,
        Sumps::review(standingSection($placed), 2000, 20.0)->findings,
    );
    expect(array_values(array_intersect($found, ['crowded', 'does-not-fit'])))->toBe($codes);
})->with([
    'one' => [[boxOf('a', 300, 300)], []],
    'two that fit' => [[boxOf('a', 150, 300), boxOf('b', 150, 300)], []],
    'two that do not' => [[boxOf('a', 300, 300), boxOf('b', 300, 300)], ['crowded']],
    'two in two chambers' => [[boxOf('a', 300, 300), boxOf('b', 300, 300, 1)], []],
    'one too large' => [[boxOf('a', 500, 300)], ['does-not-fit']],
]);

it('lets none stand on another nor through a wall, unless it says so', function (): void {
    $fitted = 0;
    for ($seed = 0; $seed < 120; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $placed = [];
        for ($i = 0; $i < $random->getInt(1, 6); $i++) {
            $placed[] = boxOf("d{$i}", $random->getInt(30, 250), $random->getInt(30, 250), $random->getInt(0, 2));
        }
        $section = standingSection($placed);
        $standing = Standing::in($section);
        foreach ($section->chambers() as $chamber) {
            $here = array_values(
                array_filter($placed, fn (Placed $device): bool => $device->chamber === $chamber->index),
            );
            if (count($here) < 2 || in_array($chamber->index, $standing->crowded, true)) {
                continue;
            }
            $fitted++;
            foreach ($here as $i => $device) {
                $a = $standing->places[$device->id];
                expect(
                    $a->xMm >= $chamber->fromMm - 1e-9
                        && $a->yMm >= -1e-9
                        && $a->xMm + $a->lengthMm <= $chamber->toMm + 1e-9
                        && $a->yMm + $a->widthMm <= $section->vessel->widthMm + 1e-9,
                )->toBeTrue("seed {$seed}");
                foreach (array_slice($here, $i + 1) as $other) {
                    $b = $standing->places[$other->id];
                    expect(
                        max(
                            $b->xMm - $a->xMm - $a->lengthMm,
                            $a->xMm - $b->xMm - $b->lengthMm,
                            $b->yMm - $a->yMm - $a->widthMm,
                            $a->yMm - $b->yMm - $b->widthMm,
                        ),
                    )->toBeGreaterThanOrEqual(-1e-9, "seed {$seed}");
                }
            }
        }
        // Whoever has no chamber has no place.
        foreach ($placed as $device) {
            expect(isset($standing->places[$device->id]))->toBe($device->chamber < 2);
        }
    }
    expect($fitted)->toBeGreaterThan(40);
});
