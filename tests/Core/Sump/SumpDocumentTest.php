<?php

declare(strict_types=1);

use Database\Seeders\DemoSection;
use Ithys\Assumption\Assumptions;
use Ithys\Document\Refused;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\CommonSize;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\Water\Tank;
use Tests\Support\Tanks;

function sumpTank(): Tank
{
    return Tanks::box();
}

/** @param  array<string, mixed>  $with @return array<string, mixed> */
function typedSection(array $with = []): array
{
    return [
        'lengthMm' => '760',
        'widthMm' => '350',
        'heightMm' => '380',
        'wallMm' => '6',
        'returnLevelMm' => '180',
        'pumpMinimumMm' => '60',
        'baffles' => [['id' => 'w', 'kind' => 'weir', 'atMm' => '420', 'thicknessMm' => '6', 'topMm' => '230']],
        'placed' => [],
        'plumbing' => [],
        ...$with,
    ];
}

/** @return array<string, string> */
function sectionProblems(array $typed, UnitSystem $units = UnitSystem::Metric): array
{
    try {
        SumpDocument::typed($typed, $units);
    } catch (Refused $invalid) {
        return $invalid->problems;
    }

    return [];
}

it('comes back from its document the same', function (SumpDesign $design): void {
    $again = SumpDocument::stored(json_decode((string) json_encode($design->toArray()), true));
    expect($again)->toEqual($design)->and($again->toArray())->toEqual($design->toArray());
})->with([fn () => SumpDesign::start(), fn () => SumpDocument::stored(DemoSection::document())]);

it('reads a bare figure in mm, or in inches where US units are chosen', function (): void {
    expect(SumpDocument::typed(typedSection(), UnitSystem::Metric)->vessel->lengthMm)
        ->toBe(760.0)
        ->and(
            SumpDocument::typed(
                typedSection([
                    'lengthMm' => '30 1/4',
                    'widthMm' => '12',
                    'heightMm' => '15',
                    'wallMm' => '1/4',
                    'returnLevelMm' => '7',
                    'pumpMinimumMm' => '2 1/2',
                    'baffles' => [],
                ]),
                UnitSystem::Us,
            )->vessel->lengthMm,
        )
        ->toAgreeWith(768.35)
        ->and(
            SumpDocument::typed(
                typedSection(['lengthMm' => '76 cm', 'wallMm' => '1/4 in']),
                UnitSystem::Metric,
            )->vessel->wallMm,
        )
        ->toAgreeWith(6.35);
});

it('says at each place what cannot be read', function (): void {
    $problems = sectionProblems(
        typedSection([
            'lengthMm' => '0',
            'widthMm' => '50 m',
            'heightMm' => '',
            'wallMm' => 'thick',
            'baffles' => [
                ['id' => 'u', 'kind' => 'under', 'atMm' => '100', 'thicknessMm' => '6', 'topMm' => '', 'gapMm' => '0'],
                ['id' => 'x', 'kind' => 'magic', 'atMm' => '1', 'thicknessMm' => '1', 'topMm' => '9'],
            ],
            'placed' => [
                [
                    'id' => 'p',
                    'kind' => 'heater',
                    'name' => 'H',
                    'lengthMm' => '-3',
                    'widthMm' => '1',
                    'heightMm' => '1',
                ],
            ],
            'plumbing' => ['boreMm' => '2', 'fittings' => ['elbow-90' => '1.5']],
        ]),
    );
    expect(array_keys($problems))
        ->toEqualCanonicalizing([
            'lengthMm',
            'widthMm',
            'heightMm',
            'wallMm',
            'baffle.u.topMm',
            'baffle.u.gapMm',
            'baffle.x',
            'placed.p.lengthMm',
            'plumbing.boreMm',
            'plumbing.fittings.elbow-90',
        ])
        ->and($problems['lengthMm'])
        ->toContain('between 100 mm and 5,000 mm')
        ->and($problems['widthMm'])
        ->toContain('“50 m”')
        ->and($problems['heightMm'])
        ->toBe('The inner height is needed.')
        ->and($problems['baffle.u.gapMm'])
        ->toContain('between 1 mm');
});

it('refuses more parts than a sump can have, and a document of another kind', function (): void {
    $many = array_map(
        fn (int $i): array => [
            'id' => "w{$i}",
            'kind' => 'weir',
            'atMm' => (string) $i,
            'thicknessMm' => '6',
            'topMm' => '100',
        ],
        range(1, 41),
    );
    expect(sectionProblems(typedSection(['baffles' => $many])))
        ->toHaveKey('section')
        ->and(fn () => SumpDocument::stored(['format' => 'other']))
        ->toThrow(Refused::class);
});

it('runs by its return loop, or while that is not known by the flow of the tank', function (): void {
    $plain = SumpDocument::typed(typedSection(), UnitSystem::Metric);
    expect($plain->litresPerHour(sumpTank()))->toBe(1800.0)->and($plain->returnLoop(sumpTank()))->toBeNull();
    $driven = SumpDocument::typed(
        typedSection([
            'plumbing' => [
                'pumpLitresPerHour' => '3000',
                'pumpHeadMetres' => '2.4',
                'liftMm' => '1200',
                'boreMm' => '25',
                'lengthMm' => '1200',
                'fittings' => ['elbow-90' => '3', 'outlet' => '1'],
            ],
        ]),
        UnitSystem::Metric,
    );
    expect($driven->litresPerHour(sumpTank()))
        ->toAgreeWith((float) $driven->returnLoop(sumpTank())?->litresPerHour)
        ->and($driven->litresPerHour(sumpTank()))
        ->toBeLessThan(2122.0)
        ->and($driven->plumbing->return->fittings)
        ->toBe(['elbow-90' => 3, 'outlet' => 1]);
});

it('reckons the drain as a full siphon, and counts the water in the pipes', function (): void {
    $design = SumpDocument::typed(
        typedSection([
            'plumbing' => [
                'drainBoreMm' => '32',
                'drainLengthMm' => '900',
                'drainFallMm' => '900',
                'boreMm' => '25',
                'lengthMm' => '1200',
            ],
        ]),
        UnitSystem::Metric,
    );
    expect($design->plumbing->drain->carries(Assumptions::standard(), 9.4e-7))
        ->toBeGreaterThan(4000.0)
        ->toBeLessThan(12_000.0)
        ->and($design->plumbing->litres())
        ->toAgreeWith((M_PI * (32 ** 2 * 900 + 25 ** 2 * 1200)) / 4 / 1e6, 1e-9)
        ->and($design->section(sumpTank())->drainDown->display->pipeLitres)
        ->toAgreeWith($design->plumbing->litres());
});

it('takes the surface of the display for what comes down', function (): void {
    $section = SumpDocument::typed(typedSection(['fallMm' => '20', 'boxLitres' => '3']), UnitSystem::Metric)->section(
        sumpTank(),
    );
    expect($section->drainDown->litres())->toAgreeWith((1000 * 500 * 20) / 1e6 + 3.0);
});

it('offers common sizes in neutral terms, all of which can be read', function (): void {
    foreach (CommonSize::all() as $size) {
        $typed = typedSection([
            'lengthMm' => (string) $size['lengthMm'],
            'widthMm' => (string) $size['widthMm'],
            'heightMm' => (string) $size['heightMm'],
            'baffles' => [],
        ]);
        expect(SumpDocument::typed($typed, UnitSystem::Metric)->vessel->heightMm)
            ->toBe($size['heightMm'])
            ->and($size['label'])
            ->toMatch('~^\d+ x \d+ x \d+ (cm|in)~');
    }
});

it('writes lengths as a workshop reads them', function (float $mm, string $metric, string $us): void {
    expect(ShopLength::format($mm, UnitSystem::Metric))
        ->toBe($metric)
        ->and(ShopLength::format($mm, UnitSystem::Us))
        ->toBe($us);
})->with([
    [228.6, '229 mm', '9 in'],
    [234.95, '235 mm', '9 1/4 in'],
    [6.35, '6.4 mm', '1/4 in'],
    [1.6, '1.6 mm', '1/16 in'],
    [0.2, '0.2 mm', '0 in'],
    [19.05, '19 mm', '3/4 in'],
    [-12.7, '−13 mm', '−1/2 in'],
    [1219.2, '1,219 mm', '48 in'],
    [25.0, '25 mm', '1 in'],
]);

// Law: a length goes through either unit and comes back to 0.01 mm.
it('comes back through inches to a hundredth of a millimetre', function (): void {
    for ($mm = 1.0; $mm < 3000; $mm *= 1.37) {
        $inches = number_format($mm / Unit::Inch->factor(), 4, '.', '');
        expect(abs((float) $inches * Unit::Inch->factor() - $mm))->toBeLessThan(0.01);
    }
});

it('says at its place what cannot be read of trays, plumbing and the workshop', function (
    array $with,
    string $at,
    string $words,
): void {
    expect(sectionProblems(typedSection($with))[$at] ?? '')->toContain($words);
})->with([
    'a tray without a height' => [
        ['trays' => [['id' => 't', 'kind' => 'tray', 'chamber' => 0, 'topMm' => '', 'thicknessMm' => '10']]],
        'tray.t.topMm',
        'is needed',
    ],
    'a tray of no kind' => [
        ['trays' => [['id' => 't', 'kind' => 'net', 'topMm' => '200', 'thicknessMm' => '10']]],
        'tray.t',
        'not a kind',
    ],
    'an opening of no kind' => [
        [
            'trays' => [
                [
                    'id' => 't',
                    'kind' => 'tray',
                    'topMm' => '200',
                    'thicknessMm' => '10',
                    'openings' => [['id' => 'o', 'kind' => 'slot', 'lengthMm' => '50']],
                ],
            ],
        ],
        'tray.t.o',
        'not a kind',
    ],
    'an opening without a size' => [
        [
            'trays' => [
                [
                    'id' => 't',
                    'kind' => 'tray',
                    'topMm' => '200',
                    'thicknessMm' => '10',
                    'openings' => [['id' => 'o', 'kind' => 'sock-4in', 'lengthMm' => '']],
                ],
            ],
        ],
        'tray.t.o.lengthMm',
        'is needed',
    ],
    'a roller without a width' => [
        [
            'trays' => [
                [
                    'id' => 't',
                    'kind' => 'tray',
                    'topMm' => '200',
                    'thicknessMm' => '10',
                    'openings' => [['id' => 'o', 'kind' => 'roller', 'lengthMm' => '150']],
                ],
            ],
        ],
        'tray.t.o.widthMm',
        'is needed',
    ],
    'a valve beyond open' => [['plumbing' => ['valveOpen' => '1.2']], 'plumbing.valveOpen', 'between'],
    'a valve all but shut' => [['plumbing' => ['drainValveOpen' => '0.01']], 'plumbing.drainValveOpen', 'between'],
    'a curve of one point' => [
        ['plumbing' => ['curve' => [['litresPerHour' => '0', 'headMetres' => '3']]]],
        'plumbing.curve',
        'at least two points',
    ],
    'a curve that rises' => [
        [
            'plumbing' => [
                'curve' => [
                    ['litresPerHour' => '0', 'headMetres' => '3'],
                    ['litresPerHour' => '900', 'headMetres' => '4'],
                ],
            ],
        ],
        'plumbing.curve',
        'gives less the higher',
    ],
    'half a point' => [
        ['plumbing' => ['curve' => [['litresPerHour' => '500', 'headMetres' => '']]]],
        'plumbing.curve.0.headMetres',
        'is needed',
    ],
    'half a tooth' => [
        ['plumbing' => ['overflowMm' => '300', 'overflowOpenShare' => '0']],
        'plumbing.overflowOpenShare',
        'between',
    ],
    'a pad of nothing' => [
        [
            'workshop' => [
                'pads' => [['id' => 'p', 'name' => 'Pad', 'lengthMm' => '100', 'widthMm' => '0', 'count' => '3']],
            ],
        ],
        'pad.p.widthMm',
        'between',
    ],
    'half a pad' => [
        [
            'workshop' => [
                'pads' => [['id' => 'p', 'name' => 'Pad', 'lengthMm' => '100', 'widthMm' => '50', 'count' => '2.5']],
            ],
        ],
        'pad.p.count',
        'whole number',
    ],
    'a basket of no shelf' => [
        [
            'workshop' => [
                'basket' => [
                    'lengthMm' => '120',
                    'widthMm' => '100',
                    'heightMm' => '300',
                    'clearanceMm' => '1',
                    'thicknessMm' => '3',
                    'shelves' => '0',
                    'inletMm' => '40',
                ],
            ],
        ],
        'basket.shelves',
        'whole number',
    ],
    'a basket without a cavity' => [
        [
            'workshop' => [
                'basket' => [
                    'lengthMm' => '',
                    'widthMm' => '100',
                    'heightMm' => '300',
                    'clearanceMm' => '1',
                    'thicknessMm' => '3',
                    'shelves' => '3',
                    'inletMm' => '40',
                ],
            ],
        ],
        'basket.lengthMm',
        'is needed',
    ],
    'a sheet of 50 m' => [
        ['workshop' => ['stock' => ['pads' => ['lengthMm' => '50 m', 'widthMm' => '300']]]],
        'stock.pads.lengthMm',
        'between',
    ],
    'an unknown joint' => [['plumbing' => ['systems' => ['pump' => 'cubits']]], 'plumbing.systems.pump', '“cubits”'],
    'a fitting of another trade' => [
        ['plumbing' => ['fittings' => ['tap' => '1']]],
        'plumbing.fittings.tap',
        'not a kind',
    ],
    'a device nobody knows' => [
        [
            'placed' => [
                [
                    'id' => 'd',
                    'kind' => 'jukebox',
                    'name' => 'D',
                    'lengthMm' => '9',
                    'widthMm' => '9',
                    'heightMm' => '9',
                ],
            ],
        ],
        'placed.d.kind',
        '“jukebox”',
    ],
    'blackout by the metre' => [
        ['workshop' => ['litChamber' => '1', 'blackoutMm' => '1 m']],
        'workshop.blackoutMm',
        'between',
    ],
]);

it(
    'passes over an empty line of a curve, a stock sheet with one side, and a joint that is not said',
    function (): void {
        $design = SumpDocument::typed(
            typedSection([
                'plumbing' => [
                    'curve' => [['litresPerHour' => '', 'headMetres' => '']],
                    'systems' => ['pump' => '', 'return' => 'inch'],
                ],
                'workshop' => ['stock' => ['pads' => ['lengthMm' => '900', 'widthMm' => '']]],
            ]),
            UnitSystem::Metric,
        );
        expect($design->plumbing->pump->points)
            ->toBe([])
            ->and(array_keys($design->plumbing->systems))
            ->toBe(['return'])
            ->and($design->workshop->stock)
            ->toBe([]);
    },
);

it('counts trays and openings among the parts a sump can have', function (): void {
    $tray = [
        'id' => 't',
        'kind' => 'tray',
        'chamber' => 0,
        'topMm' => '200',
        'thicknessMm' => '10',
        'openings' => array_map(
            fn (int $i): array => ['id' => "o{$i}", 'kind' => 'spare', 'lengthMm' => '10'],
            range(1, 45),
        ),
    ];
    expect(sectionProblems(typedSection(['trays' => [$tray]]))['section'])->toContain('trays and openings');
});

it('takes a round opening to be as wide as it is long', function (): void {
    $opening = SumpDocument::typed(
        typedSection([
            'trays' => [
                [
                    'id' => 't',
                    'kind' => 'tray',
                    'chamber' => 0,
                    'topMm' => '8 in',
                    'thicknessMm' => '10',
                    'openings' => [['id' => 'o', 'kind' => 'sock-4in', 'lengthMm' => '4 in', 'widthMm' => '9']],
                ],
            ],
        ]),
        UnitSystem::Metric,
    )->inside->trays[0]->openings[0];
    expect($opening->lengthMm)
        ->toAgreeWith(101.6)
        ->and($opening->widthMm)
        ->toAgreeWith(101.6)
        ->and($opening->hangsMm)
        ->toBe(0.0);
});

it('refuses two parts with one id, of which one would vanish from the cut sheet', function (
    string $list,
    array $parts,
): void {
    $document = [...SumpDesign::start()->toArray(), $list => $parts];
    expect(fn () => SumpDocument::stored($document))->toThrow(
        Refused::class,
        'Two parts have the id “twin”',
    );
})->with([
    [
        'baffles',
        [
            ['id' => 'twin', 'kind' => 'weir', 'atMm' => 300, 'thicknessMm' => 6, 'topMm' => 200],
            ['id' => 'twin', 'kind' => 'weir', 'atMm' => 500, 'thicknessMm' => 6, 'topMm' => 180],
        ],
    ],
    [
        'trays',
        [
            [
                'id' => 'tray',
                'kind' => 'tray',
                'chamber' => 0,
                'topMm' => 250,
                'thicknessMm' => 10,
                'openings' => [
                    ['id' => 'twin', 'kind' => 'sock-4in', 'lengthMm' => 101.6],
                    ['id' => 'twin', 'kind' => 'sock-4in', 'lengthMm' => 101.6],
                ],
            ],
        ],
    ],
]);
