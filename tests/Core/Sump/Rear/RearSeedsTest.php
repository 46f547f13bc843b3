<?php

declare(strict_types=1);

use Ithys\Path\Path;
use Ithys\Severity;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\Water\Display;
use Ithys\Water\Tank;
use Tests\Support\RandomSump;
use Tests\Support\Said;
use Tests\Support\Sketch;
use Tests\Support\Sketched;

function nano(?Display $display = null, ?float $flow = 600.0): Tank
{
    return Sketched::tank($display ?? Display::box(600, 300, 380), $flow);
}

/** Chambers with one fault each: what must be said of them, and what must not. */
dataset('seeded chambers', function (): array {
    $baffle = static fn (string $id, array $with): array => ['baffles' => array_map(
        static fn (array $one): array => $one['id'] === $id ? [...$one, ...$with] : $one,
        Sketched::behind()->toArray()['baffles'],
    )];
    $layers = static fn (array ...$layers): array => ['basket' => ['use' => ['layers' => array_map(
        static fn (array $layer, int $i): array => ['id' => "l{$i}", ...$layer],
        $layers,
        array_keys($layers),
    )]]];
    $coarse = ['shelf' => 1, 'kind' => 'coarse-pad', 'heightMm' => 20];
    $fine = ['shelf' => 1, 'kind' => 'fine-pad', 'heightMm' => 10];
    $media = ['shelf' => 2, 'kind' => 'media'];

    return [
        'slots with no height' => [['rear' => ['slotTopMm' => 300]], ['slots-closed@#rear'], ['slots-draw']],
        'slots over the rim' => [
            ['rear' => ['crestMm' => 385, 'slotTopMm' => 395]],
            ['slots-over-rim'],
            ['slots-draw'],
        ],
        'slots much too short' => [
            ['rear' => ['slotsMm' => 12]],
            ['display-over'],
            ['slots-draw', 'slots-clogged-fit'],
        ],
        'slots that leave no freeboard' => [['heightMm' => 335, 'rear' => ['lidMm' => null]], ['display-high'], []],
        'water over the slots' => [['rear' => ['slotTopMm' => 318]], ['slots-drowned'], ['slots-draw']],
        'a weir over the slots' => [$baffle('first', ['topMm' => 320]), ['slots-backed-up'], []],
        'a basket that backs the slots up' => [
            ['basket' => ['lengthMm' => 138, 'heightMm' => 340, 'inletMm' => 10, 'use' => ['chamber' => 0]]],
            ['slots-backed-up'],
            [],
        ],
        'a mouth near the floor, and a low rim' => [
            ['rear' => ['nozzleMm' => 20, 'crestMm' => 345, 'slotTopMm' => 378], 'returnLevelMm' => 255],
            [],
            ['power-cut-flood'],
        ],
        'a pump chamber that floods the display' => [
            ['returnLevelMm' => 265, 'pumpMinimumMm' => 10, 'rear' => ['crestMm' => 345, 'slotTopMm' => 378]],
            ['slots-clogged-flood'],
            ['slots-clogged-fit'],
        ],
        'a reservoir that floods it' => [['reservoirLitres' => 9], ['slots-clogged-top-off'], ['slots-clogged-fit']],
        'a reservoir larger than all the room' => [['reservoirLitres' => 60], ['top-off-floods'], []],
        'a top-off of unknown reservoir' => [
            ['reservoirLitres' => null],
            ['slots-clogged-top-off-unknown'],
            ['slots-clogged-fit'],
            null,
            Sketch::path('weir > sponge > top-off > return-pump'),
        ],
        'a gulp within two days' => [['evaporationLitresADay' => 2.5], ['top-up@#top-off'], []],
        'no mouth given' => [['rear' => ['nozzleMm' => null]], ['power-cut-unknown@#rear'], ['power-cut-fits']],
        'a display by its volume' => [
            [],
            ['power-cut-unknown', 'slots-clogged-unknown'],
            ['power-cut-fits', 'slots-clogged-fit', 'top-off-floods'],
            nano(Display::volume(60)),
        ],
        'no flow' => [
            [],
            ['flow-unknown', 'power-cut-unknown', 'slots-clogged-unknown'],
            ['slots-draw', 'power-cut-fits', 'slots-clogged-fit', 'basket-takes-flow', 'basket-clogged'],
            nano(flow: null),
        ],
        'a basket in no chamber' => [['basket' => ['use' => ['chamber' => 9]]], ['basket-nowhere@#basket'], []],
        'a basket longer than its chamber' => [['basket' => ['lengthMm' => 190]], ['basket-too-large'], []],
        'a basket through the lid' => [['basket' => ['heightMm' => 360]], ['basket-lid'], []],
        'a basket whose handle touches the lid' => [['rear' => ['lidMm' => 322]], ['basket-lid'], []],
        'a basket without its strip' => [
            ['basket' => ['clearanceMm' => 3, 'use' => ['sealed' => false]]],
            ['basket-beside', 'basket-clogged'],
            ['basket-takes-flow'],
        ],
        'a basket with hardly an inlet' => [['basket' => ['inletMm' => 2]], ['basket-inlet-small'], []],
        'a shelf over-full of pads' => [
            $layers([...$coarse, 'heightMm' => 90]),
            ['basket-shelf-full'],
            [],
        ],
        'a fine pad before a coarse one' => [$layers($fine, $coarse), ['basket-fine-first'], []],
        'a catch pad behind media' => [
            $layers($coarse, $fine, $media, ['shelf' => 3, 'kind' => 'coarse-pad', 'heightMm' => 10]),
            [],
            ['basket-fine-first'],
        ],
        'a layer on a shelf that is gone' => [$layers([...$coarse, 'shelf' => 7]), ['basket-no-shelf'], []],
        'shelves over the water' => [
            [...$baffle('third', ['topMm' => 190]), 'returnLevelMm' => 150],
            ['basket-trickles'],
            [],
        ],
        'a heater dry when the pump chamber falls' => [
            ['placed' => [Sketched::device('heater', 3, [25, 25, 200], ['depthLowMm' => 150])]],
            ['heater-dry'],
            ['heater-covered'],
        ],
        'a heater in the chamber that keeps its water' => [
            ['placed' => [Sketched::device('heater', 0, [25, 25, 200], ['depthLowMm' => 150])]],
            ['heater-covered'],
            ['heater-dry'],
        ],
    ];
});

it('says of chambers with one fault what must be said, and nothing that must not', function (
    array $with,
    array $must,
    array $mustNot,
    ?Tank $tank = null,
    ?Path $path = null,
): void {
    $said = Sketched::said(Sketched::behind($with), $tank ?? nano(), $path);
    expect(array_values(array_diff($must, array_keys($said))))->toBe([], implode(', ', array_keys($said)))
        ->and(array_values(array_intersect($mustNot, array_keys($said))))->toBe([]);
})->with('seeded chambers');

it('finds nothing grave in good chambers', function (SumpDesign $design, ?Tank $tank = null): void {
    expect(Sketched::grave(Sketched::said($design, $tank ?? nano())))->toBe([]);
})->with([
    'with a basket' => [fn () => Sketched::behind()],
    'without one' => [fn () => Sketched::behind(['workshop' => []])],
    'with wide slots' => [fn () => Sketched::behind(['rear' => ['slotsMm' => 300]])],
    'to start from, with its mouth given' => [fn () => SumpDocument::stored(array_replace_recursive(
        SumpDesign::startBehind()->toArray(),
        ['rear' => ['nozzleMm' => 305]],
    ))],
    'of the demo' => [
        fn () => Database\Seeders\DemoNano::section(),
        fn () => nano(Display::box(590, 330, 380), 620),
    ],
]);

it('says nothing of sump, cabinet, drain or glass behind a display', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        foreach (Said::all(RandomSump::behind($seed)->review(nano())->findings) as $finding) {
            $words = "{$finding->title} {$finding->sentence} {$finding->fix}";
            expect($finding->code)->not->toStartWith('panel')->not->toStartWith('blocked-drain')
                ->and(preg_match('~\bsump\b|\bcabinet\b|\bdrain\b~', $words))->toBe(0, "{$finding->code}: {$words}");
        }
    }
});

it('keeps every litre, and leaves nothing standing that would run', function (): void {
    $apart = 0;
    for ($seed = 0; $seed < 150; $seed++) {
        $here = RandomSump::behind($seed)->review(nano())->here;
        $wall = $here->section->inside->rear;
        $area = 0.18;
        $before = $here->running->litres + $area * $here->running->displayMm;
        expect($here->powerCut->litres + $area * $here->powerCut->displayMm)->toAgreeWith($before, 1e-9);
        $levels = $here->powerCut->levelsMm;
        if ($here->section->returnChamber()->lengthMm() <= 0.0) {
            continue;
        }
        $pump = $levels[count($levels) - 1];
        expect($here->powerCut->displayMm)->toBeLessThan(max($wall->crestMm, $levels[0]) + 1e-6)
            ->and($here->powerCut->displayMm)
            ->toBeLessThan(max($wall->nozzleMm ?? INF, $pump) + 1e-6);
        $apart += abs($here->powerCut->displayMm - $levels[0]) > 1.0 ? 1 : 0;
    }
    expect($apart)->toBeGreaterThan(10);
});

it('calls nothing good that rests on a figure nobody gave', function (array $less, array $not): void {
    $said = Sketched::said(Sketched::behind($less), nano(flow: null));
    $good = array_filter(
        array_keys($said),
        static fn (string $code): bool => $said[$code]->severity === Severity::Good,
    );
    expect(array_values(array_intersect($good, $not)))->toBe([]);
})->with([
    'no pump and no flow' => [[], ['slots-draw', 'power-cut-fits', 'slots-clogged-fit', 'basket-takes-flow']],
    'no mouth' => [['rear' => ['nozzleMm' => null]], ['power-cut-fits']],
]);

it('counts only where the path is of its kind', function (): void {
    $behind = Sketched::behind();
    $setup = static fn (string $style): Ithys\System\Setup => new Ithys\System\Setup(
        nano(),
        Ithys\Path\Template::of(Ithys\Path\Style::from($style)),
        $behind,
    );
    expect($setup('rear-chamber')->sump)->toBe($behind)
        ->and($setup('rear-chamber')->drawn->sumpLitres)->toBeGreaterThan(10.0)
        ->and($setup('sump')->sump)->toBeNull()
        ->and($setup('canister')->sump)->toBeNull();
});

it('reads back what it writes', function (): void {
    for ($seed = 0; $seed < 40; $seed++) {
        $design = RandomSump::behind($seed);
        expect(SumpDocument::stored($design->toArray()))->toEqual($design);
    }
});

it('cuts no divider, wall or pane for chambers that are there', function (): void {
    $design = Sketched::behind();
    $ids = array_map(
        static fn ($panel): string => $panel->id,
        $design->cutSheet($design->section(nano()))->panels,
    );
    expect($ids)->toBe([
        'basket-back', 'basket-side', 'basket-front', 'basket-ledge', 'basket-handle', 'basket-shelf', 'basket-pad',
    ]);
});
