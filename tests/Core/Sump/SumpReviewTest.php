<?php

declare(strict_types=1);

use Ithys\Finding;
use Ithys\Panel\Material;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cabinet;
use Ithys\Sump\Depth;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Inside;
use Ithys\Sump\Placed;
use Ithys\Sump\Section;
use Ithys\Sump\Size;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Vessel;
use Tests\Support\Said;
use Tests\Support\Sumps;

/** @param  array<string, mixed>  $with */
function sumpOf(array $with = []): Section
{
    $w = [
        'baffles' => [new Baffle('weir', BaffleKind::Weir, 400, 6, 250)],
        'placed' => [],
        'level' => 180,
        'minimum' => 60,
        'drain' => 10.0,
        'evaporation' => null,
        'reservoir' => null,
        'cabinet' => null,
        'height' => 400,
        'wall' => 10,
        'material' => Material::Glass,
        'braced' => false,
        ...$with,
    ];

    return new Section(
        new Vessel(900, 400, $w['height'], $w['wall'], material: $w['material'], braced: $w['braced']),
        new Inside($w['baffles'], placed: $w['placed']),
        new SumpWater(
            $w['level'],
            $w['minimum'],
            evaporationLitresADay: $w['evaporation'],
            reservoirLitres: $w['reservoir'],
        ),
        DrainDown::display(0, 0, $w['drain'], 0),
        new Cabinet($w['cabinet']),
    );
}

/** @return array<string, Said> by code */
function sumpFindings(
    Section $section,
    float $flow = 2000,
    ?float $room = 20.0,
    UnitSystem $units = UnitSystem::Metric,
): array {
    $findings = [];
    foreach (Said::all(Sumps::review($section, $flow, $room)->findings, $units) as $finding) {
        $findings[$finding->code] = $finding;
    }

    return $findings;
}

it('tells whether a power cut fits, and how closely', function (float $litres, string $code, Severity $severity): void {
    expect(sumpFindings(sumpOf(['drain' => $litres]))[$code]->severity ?? null)->toBe($severity);
})->with([
    'easily' => [10.0, 'power-cut-fits', Severity::Good],
    'just' => [66.0, 'power-cut-close', Severity::Caution],
    'not' => [75.0, 'power-cut-flood', Severity::Fault],
]);

it('says how many litres of a power cut are left over, and how much margin there is', function (): void {
    $review = Sumps::review(sumpOf(['drain' => 75.0]), 2000, 20.0);
    expect($review->here->marginLitres())->toAgreeWith(sumpOf()->rimLitres() - $review->here->powerCut->litres, 1e-9)
        ->and($review->here->marginLitres())->toBeLessThan(0.0)
        ->and($review->here->marginMm())->toBeLessThan(0.0)
        ->and(sumpFindings(sumpOf(['drain' => 75.0]))['power-cut-flood']->sentence)->toContain('75 L come down');
});

it('reckons what a blocked drain pushes up against the room in the display', function (
    ?float $room,
    string $code,
): void {
    // 494 x 400 mm from 180 to 60 mm, and what stands over the weir, are near 25 L.
    expect(sumpFindings(sumpOf(), room: $room))->toHaveKey($code);
})->with([
    [30.0, 'blocked-drain-fits'],
    [20.0, 'blocked-drain-flood'],
    [null, 'blocked-drain-unknown'],
    [0.0, 'blocked-drain-unknown'],
]);

it('counts the days until the return gulps air, and those of the reservoir', function (): void {
    $review = Sumps::review(sumpOf(['evaporation' => 3.0, 'reservoir' => 24.0]), 2000, 20.0);
    expect($review->here->daysToGulp())->toAgreeWith(494 * 400 * 120 / 1e6 / 3, 1e-9)
        ->and($review->here->section->water->reservoirDays())->toAgreeWith(8.0)
        ->and(Sumps::review(sumpOf(), 2000, 20.0)->here->daysToGulp())->toBeNull();
});

it('finds a heater dry in the one state that dries it (common practice: half an inch of cover emptied)', function (
    int $chamber,
    float $stand,
    float $line,
    string $code,
    ?string $words,
): void {
    $findings = sumpFindings(
        sumpOf([
            'placed' => [
                new Placed(
                    'h',
                    DeviceKind::Heater,
                    'Heater',
                    $chamber,
                    new Size(200, 30, 30),
                    $stand,
                    new Depth($line),
                ),
            ],
        ]),
    );
    expect($findings)->toHaveKey($code);
    $words === null ?: expect($findings[$code]->sentence)->toContain($words);
})->with([
    'behind the baffle' => [0, 150.0, 30.0, 'heater-covered', null],
    'in the return, low' => [1, 10.0, 30.0, 'heater-covered', 'with the return emptied, 20 mm'],
    'in the return, high' => [
        1,
        60.0,
        30.0,
        'heater-dry',
        'With the return emptied the water is at 60 mm; its line is at 90 mm.',
    ],
    'hardly covered' => [1, 20.0, 30.0, 'heater-dry', 'line is at 50 mm'],
]);

// Common practice: the heater's line half an inch under the baffle's top gives three quarters to an inch of cover
// running and stays covered.
it('covers a heater set half an inch under the baffle', function (): void {
    $section = sumpOf([
        'placed' => [
            new Placed('h', DeviceKind::Heater, 'Heater', 0, new Size(200, 30, 30), depth: new Depth(250 - 12.7)),
        ],
    ]);
    $review = Sumps::review($section, 2000, 20.0);
    $cover = $review->here->running->levelsMm[0] - (250 - 12.7);
    expect($cover / 25.4)->toBeGreaterThan(0.75)->toBeLessThan(1.05)
        ->and($review->here->emptied->levelsMm[0] - (250 - 12.7))->toAgreeWith(12.7, 1e-9)
        ->and(sumpFindings($section))->toHaveKey('heater-covered');
});

it('holds the skimmer to its maker\'s depth, and says which stand or baffle would meet it', function (
    float $low,
    float $high,
    float $stand,
    string $code,
    string $words,
): void {
    // 257 mm of water in the first chamber.
    $findings = sumpFindings(
        sumpOf([
            'placed' => [
                new Placed(
                    's',
                    DeviceKind::Skimmer,
                    'Skimmer',
                    0,
                    new Size(200, 200, 380),
                    $stand,
                    new Depth($low, $high),
                ),
            ],
        ]),
    );
    expect($findings)->toHaveKey($code);
    expect($findings[$code]->sentence.implode(' ', $findings[$code]->remedies))->toContain($words);
})->with([
    'in range' => [230.0, 270.0, 0.0, 'depth-fits', 'maker asks for 230 mm to 270 mm'],
    'too deep' => [180.0, 220.0, 0.0, 'depth-off', 'Put Skimmer on a stand of 48 mm'],
    'too deep, by the baffle' => [180.0, 220.0, 0.0, 'depth-off', 'at 400 mm, which holds its water, to 202 mm'],
    'too shallow on a stand' => [250.0, 280.0, 50.0, 'depth-off', 'Stand Skimmer on the floor'],
    'too shallow on the floor' => [270.0, 290.0, 0.0, 'depth-off', 'at 400 mm, which holds its water, to 273 mm'],
]);

it('leaves room for hands, and for lifting out', function (array $size, ?float $cabinet, array $codes): void {
    $findings = sumpFindings(
        sumpOf(['placed' => [new Placed('d', DeviceKind::Other, 'Box', 0, new Size(...$size))], 'cabinet' => $cabinet]),
    );
    expect(
        array_values(
            array_intersect(['does-not-fit', 'no-hand-room', 'too-high', 'no-chamber'], array_keys($findings)),
        ),
    )->toBe($codes);
})->with([
    'easily' => [[200.0, 200.0, 300.0], 700.0, []],
    'turned round' => [[395.0, 300.0, 300.0], 700.0, ['no-hand-room']],
    'only just' => [[390.0, 390.0, 300.0], 700.0, ['no-hand-room']],
    'not at all' => [[450.0, 410.0, 300.0], 700.0, ['does-not-fit']],
    'too high' => [[200.0, 200.0, 500.0], 450.0, ['too-high']],
]);

it('says when the chamber of a device is gone', function (): void {
    expect(
        sumpFindings(sumpOf(['placed' => [new Placed('d', DeviceKind::Other, 'Box', 7, new Size(10, 10, 10))]])),
    )->toHaveKey('no-chamber');
});

it('warns of a gap that carries bubbles or backs up', function (float $gap, float $flow, array $codes): void {
    $findings = sumpFindings(sumpOf(['baffles' => [new Baffle('u', BaffleKind::Under, 400, 6, 390, $gap)]]), $flow);
    expect(array_values(array_intersect(['bubbles-under', 'gap-fits', 'gap-narrow'], array_keys($findings))))->toBe(
        $codes,
    );
})->with([
    'wide and slow' => [40.0, 2000.0, ['gap-fits']],
    'fast' => [12.0, 2000.0, ['bubbles-under']],
    'a slit' => [4.0, 2000.0, ['bubbles-under', 'gap-narrow']],
    'no flow' => [4.0, 0.0, []],
]);

it('does not call a gap wide enough that hangs above the water', function (): void {
    $codes = fn (float $gap): array => array_map(
        fn (Finding $finding): string => $finding->code,
        Sumps::review(sumpOf(['baffles' => [new Baffle('u', BaffleKind::Under, 400, 6, 340, $gap)]]), 1500, null)
            ->findings,
    );
    expect($codes(200))
        ->toContain('gap-above-water')
        ->not->toContain('gap-fits')
        ->and($codes(60))
        ->toContain('gap-fits')
        ->not->toContain('gap-above-water');
});

it('finds a comb whose teeth are too thin, or whose tips stand over the rim', function (): void {
    $codes = fn (float $share, float $top): array => array_map(
        fn (Finding $finding): string => $finding->code,
        Sumps::review(
            sumpOf(['baffles' => [new Baffle('c', BaffleKind::Comb, 400, 6, $top, openShare: $share)]]),
            1500,
            null,
        )->findings,
    );
    // Slots of 6 mm: a share of 0.5 leaves teeth of 6 mm, one of 0.99 teeth of 0.06 mm.
    expect($codes(0.5, 220))->not->toContain('comb-teeth-thin')->not->toContain('baffle-high')
        ->and($codes(0.99, 220))->toContain('comb-teeth-thin')
        ->and($codes(0.5, 390))->toContain('baffle-high');
});

it('says how high the water stands over a weir, and that it is approximate below 30 mm', function (): void {
    expect(sumpFindings(sumpOf())['weir-head']->title)->toContain('7.5 mm')
        ->and(sumpFindings(sumpOf())['weir-head']->sentence)->toContain('Approximate')
        ->and(sumpFindings(sumpOf(), 30_000)['weir-head']->sentence)->toBe('By the weir formula.')
        ->and(sumpFindings(sumpOf(['level' => 300]))['weir-drowned']->sentence)->toContain('50 mm over its top');
});

it('overflows while running only where it must', function (): void {
    expect(sumpFindings(sumpOf(['baffles' => [new Baffle('w', BaffleKind::Weir, 400, 6, 395)]])))
        ->toHaveKey('running-over')
        ->and(sumpFindings(sumpOf()))
        ->not->toHaveKey('running-over');
});

it('finds baffles that cannot stand as they are drawn', function (
    array $baffles,
    array $with,
    string $code,
    string $at,
): void {
    $findings = sumpFindings(sumpOf(['baffles' => $baffles, ...$with]));
    expect($findings)->toHaveKey($code)->and($findings[$code]->at ?? '')->toBe($at);
})->with([
    'outside' => [[new Baffle('a', BaffleKind::Weir, 898, 6, 200)], [], 'baffle-outside', 'a'],
    'before the wall' => [[new Baffle('a', BaffleKind::Weir, -3, 6, 200)], [], 'baffle-outside', 'a'],
    'crossing' => [
        [new Baffle('a', BaffleKind::Weir, 400, 10, 200), new Baffle('b', BaffleKind::Weir, 405, 6, 200)],
        [],
        'baffles-cross',
        'b',
    ],
    'close' => [
        [new Baffle('a', BaffleKind::Weir, 400, 6, 200), new Baffle('b', BaffleKind::Weir, 420, 6, 200)],
        [],
        'chamber-narrow',
        'a',
    ],
    'over the rim' => [[new Baffle('a', BaffleKind::Under, 400, 6, 420, 30)], [], 'baffle-high', 'a'],
    'no way out' => [[new Baffle('a', BaffleKind::Weir, 400, 6, 400)], [], 'no-way-out', 'a'],
    'nothing left of it' => [[new Baffle('a', BaffleKind::Under, 400, 6, 100, 120)], [], 'gap-over-top', 'a'],
    'too much water' => [[], ['level' => 420], 'level-over-rim', '#water'],
    'a pump in air' => [[], ['level' => 50], 'pump-dry', '#water'],
]);

it('says nothing of a sump that is right', function (): void {
    $section = sumpOf([
        'baffles' => [
            new Baffle('a', BaffleKind::Weir, 400, 6, 230),
            new Baffle('b', BaffleKind::Under, 440, 6, 320, 40),
            new Baffle('c', BaffleKind::Weir, 480, 6, 215),
        ],
        'placed' => [
            new Placed('s', DeviceKind::Skimmer, 'Skimmer', 0, new Size(200, 200, 400), depth: new Depth(220, 250)),
            new Placed('h', DeviceKind::Heater, 'Heater', 0, new Size(150, 30, 30), 150, new Depth(20)),
        ],
        'cabinet' => 600.0,
    ]);
    $grave = array_filter(
        sumpFindings($section, room: 40.0),
        fn (Said $finding): bool => in_array($finding->severity, [Severity::Fault, Severity::Caution], true),
    );
    expect(array_keys($grave))->toBe([]);
});

it('speaks in inches to the sixteenth where US units are chosen', function (): void {
    $section = sumpOf([
        'placed' => [new Placed('h', DeviceKind::Heater, 'Heater', 1, new Size(200, 30, 30), 60, new Depth(30))],
    ]);
    foreach (Said::all(Sumps::review($section, 2000, 20.0)->findings, UnitSystem::Us) as $finding) {
        expect($finding->title.$finding->sentence)->not->toMatch('~\d (mm|L)\b(?! and more)~', $finding->code);
    }
    expect(sumpFindings($section, units: UnitSystem::Us)['heater-dry']->sentence)->toContain('2 3/8 in');
});

it('checks the walls by the support and the water they really have, and says that it is no certificate', function (
    float $wall,
    bool $braced,
    Material $material,
    string $code,
    Severity $severity,
): void {
    $finding = sumpFindings(sumpOf(['wall' => $wall, 'braced' => $braced, 'material' => $material]))[$code];
    expect($finding->severity)->toBe($severity)
        ->and($finding->sentence)->toContain($braced ? 'held on all four edges' : 'free at the top')
        ->and($finding->sentence)->toContain('running')->toContain('after a power cut')->toContain('full to the rim')
        ->and($finding->reason)->toContain('A check, not a certificate');
})->with([
    'glass, thick' => [10, false, Material::Glass, 'panel-wall', Severity::Good],
    'glass, enough for its water only' => [6, false, Material::Glass, 'panel-wall-rim', Severity::Remark],
    'glass, thin' => [3, false, Material::Glass, 'panel-wall', Severity::Caution],
    'glass, much too thin' => [2, false, Material::Glass, 'panel-wall', Severity::Fault],
    'glass, thin but braced' => [8, true, Material::Glass, 'panel-wall', Severity::Good],
    'acrylic, enough for its water only' => [8, false, Material::Acrylic, 'panel-wall-rim', Severity::Remark],
    'acrylic, thick' => [12, false, Material::Acrylic, 'panel-wall', Severity::Good],
]);

it('checks each baffle with water on one side only', function (): void {
    $thin = sumpFindings(
        sumpOf([
            'baffles' => [
                new Baffle('thin', BaffleKind::Weir, 400, 2, 250),
                new Baffle('hung', BaffleKind::Under, 600, 2, 390, 30),
            ],
        ]),
    );
    expect($thin['panel-baffle']->at ?? null)
        ->toBe('thin')
        ->and(sumpFindings(sumpOf()))
        ->not->toHaveKey('panel-baffle');
});

// What the findings say agrees with what the levels are, whatever the sump.
it('never contradicts its own water lines', function (): void {
    foreach (range(0, 60) as $seed) {
        $top = 80 + (($seed * 37) % 300);
        $section = sumpOf([
            'baffles' => [
                new Baffle('a', BaffleKind::Weir, 150 + (($seed * 13) % 200), 6, $top),
                new Baffle('u', BaffleKind::Under, 420, 6, 380, 10 + ($seed % 50)),
                new Baffle('b', BaffleKind::Weir, 500 + $seed, 6, 60 + (($seed * 53) % 320)),
            ],
            'level' => 70 + (($seed * 29) % 250),
            'drain' => ($seed * 7) % 80,
        ]);
        $review = Sumps::review($section, 300 + 90 * $seed, 20.0);
        $codes = array_map(fn (Finding $finding): string => $finding->code, $review->findings);
        expect(in_array('power-cut-flood', $codes, true))
            ->toBe($review->here->powerCut->highestMm() > 400)
            ->and(in_array('running-over', $codes, true))
            ->toBe($review->here->running->highestMm() > 400)
            ->and(in_array('blocked-drain-flood', $codes, true))
            ->toBe($review->here->givesUpLitres() > 20.0)
            ->and($review->here->marginMm())
            ->toAgreeWith(400 - $review->here->powerCut->highestMm(), 1e-9)
            ->and($review->here->givesUpLitres())
            ->toBeGreaterThanOrEqual(0.0);
        $order = array_map(
            fn (Finding $finding): int => array_search(
                $finding->severity,
                [Severity::Fault, Severity::Caution, Severity::Remark, Severity::Good],
                true,
            ),
            $review->findings,
        );
        $sorted = $order;
        sort($sorted);
        expect($order)->toBe($sorted);
    }
});

it(
    'finds a chamber that runs dry, running or with the return emptied, and not the return chamber for being emptied',
    function (array $baffles, float $minimum, ?int $chamber): void {
        $finding = sumpFindings(sumpOf(['baffles' => $baffles, 'minimum' => $minimum]))['chamber-dry'] ?? null;
        expect($finding?->title)->toBe($chamber === null ? null : "Chamber {$chamber} runs dry");
    },
)->with([
    'held by a weir' => [[new Baffle('w', BaffleKind::Weir, 400, 6, 250)], 10.0, null],
    'open below to the return' => [
        [new Baffle('w', BaffleKind::Weir, 300, 6, 250), new Baffle('u', BaffleKind::Under, 600, 6, 300, 40)],
        10.0,
        2,
    ],
    'open below, but the pump leaves enough' => [
        [new Baffle('w', BaffleKind::Weir, 300, 6, 250), new Baffle('u', BaffleKind::Under, 600, 6, 300, 40)],
        60.0,
        null,
    ],
]);

it('checks a bottom that is held at its edges only, and not one that lies flat', function (
    bool $edges,
    float $thick,
    Severity $severity,
): void {
    $section = new Section(
        new Vessel(900, 400, 400, 10, bottomMm: $thick, bottomOnEdges: $edges),
        new Inside([]),
        new SumpWater(180, 60),
        DrainDown::display(0, 0, 10, 0),
    );
    $finding = sumpFindings($section)['panel-bottom'];
    expect($finding->severity)->toBe($severity)->and($finding->reason)->toContain('not a certificate');
})->with([
    'flat, however thin' => [false, 4.0, Severity::Good],
    'on its edges, thick' => [true, 15.0, Severity::Good],
    'on its edges, thin' => [true, 6.0, Severity::Caution],
    'on its edges, far too thin' => [true, 5.0, Severity::Fault],
]);

it('asks for the depth of a skimmer that has none given', function (): void {
    $findings = sumpFindings(
        sumpOf(['placed' => [new Placed('s', DeviceKind::Skimmer, 'Skimmer', 0, new Size(150, 150, 300))]]),
    );
    expect($findings['depth-unknown']->severity)->toBe(Severity::Remark);
});

// Common practice: only the return chamber falls with evaporation, and bubbles from the nozzle are the alarm.
it('tells what bubbles from the nozzle mean, once the evaporation is known', function (): void {
    expect(sumpFindings(sumpOf(['evaporation' => 3.0]))['top-up']->title)->toContain('days')
        ->and(sumpFindings(sumpOf(['evaporation' => 3.0]))['top-up']->sentence)->toContain('act at once')
        ->and(sumpFindings(sumpOf()))->not->toHaveKey('top-up');
});
