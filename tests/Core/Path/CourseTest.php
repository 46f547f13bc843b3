<?php

declare(strict_types=1);

use Ithys\Path\Course;
use Ithys\Path\Item;
use Ithys\Path\Path;
use Tests\Support\Sketch;

/** @return array<string, ?float> flow at each item */
function flows(Path $path, ?float $main): array
{
    $course = new Course($path, $main);
    $flows = [];
    foreach ($path->items() as $item) {
        $flows[$item->id] = $course->flowAt($item);
    }

    return $flows;
}

/** @return list<string> */
function marks(array $items): array
{
    return array_map(fn (Item $item): string => $item->id, $items);
}

it('carries the flow of the display through the main line', function (): void {
    expect(flows(Sketch::path('weir > sponge > return-pump'), 900))
        ->toBe(['weir' => 900.0, 'sponge' => 900.0, 'return-pump' => 900.0])
        ->and(flows(Sketch::path('weir > sponge'), null))
        ->toBe(['weir' => null, 'sponge' => null]);
});

it('splits it where a branch runs beside the line', function (): void {
    expect(
        flows(
            Sketch::path(
                'weir > sponge > biological > return-pump; branch from weir to return-pump 300: feed-pump > reactor',
            ),
            1000,
        ),
    )->toBe([
        'weir' => 1000.0,
        'sponge' => 700.0,
        'biological' => 700.0,
        'return-pump' => 1000.0,
        'feed-pump' => 300.0,
        'reactor' => 300.0,
    ]);
});

it('adds what a manifold brings round again', function (): void {
    expect(
        flows(
            Sketch::path('weir > sponge > skimmer > return-pump; branch from return-pump to skimmer 250: reactor'),
            1000,
        ),
    )->toBe(['weir' => 1000.0, 'sponge' => 1000.0, 'skimmer' => 1250.0, 'return-pump' => 1250.0, 'reactor' => 250.0]);
});

it('adds further tanks where they drain in', function (): void {
    expect(
        flows(
            Sketch::path('overflow-drilled > sock > return-pump; tank 80 to sock 400: overflow-drilled#b > pad'),
            1000,
        ),
    )->toBe(['overflow-drilled' => 1000.0, 'sock' => 1400.0, 'return-pump' => 1400.0, 'b' => 400.0, 'pad' => 400.0]);
});

it('follows a branch off a branch', function (): void {
    expect(
        flows(
            Sketch::path(
                'weir > sponge > return-pump; branch from return-pump to sponge 500: reactor > bag; branch from '
                    .'reactor to sponge 200: pad',
            ),
            1000,
        ),
    )->toBe([
        'weir' => 1000.0,
        'sponge' => 1500.0,
        'return-pump' => 1500.0,
        'reactor' => 500.0,
        'bag' => 300.0,
        'pad' => 200.0,
    ]);
});

it('shares the flow among units side by side', function (): void {
    $path = Sketch::path('weir > sock(count=3)');
    expect((new Course($path, 900))->flowEach($path->items()[1]))->toBe(300.0);
});

// A law: whatever the branches, what leaves the display comes back to it.
it('brings back to the display what left it', function (): void {
    foreach ([[1000, 300, 200], [2500, 100, 900], [800, 800, 50]] as [$main, $a, $b]) {
        $path = Sketch::path(
            "weir > sponge > skimmer > bag > return-pump > heater; branch from sponge to bag {$a}: pad; branch from "
                ."return-pump to skimmer {$b}: reactor; branch from skimmer to sponge 120: floss",
        );
        $flows = flows($path, (float) $main);
        expect($flows['heater'])->toAgreeWith((float) $main)
            ->and($flows['weir'])->toAgreeWith((float) $main);
    }
});

it('knows what the water meets next and has met', function (): void {
    $path = Sketch::path('weir > sponge > skimmer > return-pump; branch from return-pump to sponge 100: reactor > bag');
    $course = new Course($path, 1000);
    expect(marks($course->after($path->find('reactor'))))->toBe(['bag', 'sponge', 'skimmer', 'return-pump'])
        ->and(marks($course->before($path->find('bag'))))->toBe(['reactor', 'return-pump', 'skimmer', 'sponge', 'weir'])
        ->and(marks($course->before($path->find('weir'))))->toBe([])
        ->and(marks($course->after($path->find('return-pump'))))->toBe([]);
});
