<?php

declare(strict_types=1);

use Ithys\Water\Display;
use Ithys\Water\Tank;
use Tests\Support\Sketch;
use Tests\Support\Sketched;

const SOCK = ['lengthMm' => 102, 'standsMm' => 25, 'hangsMm' => 200];
const PIPE = ['lengthMm' => 40, 'standsMm' => 45, 'hangsMm' => 60];
const ROLLER = ['lengthMm' => 110, 'widthMm' => 180, 'standsMm' => 150, 'hangsMm' => 190];

/** @return array<string, mixed> */
function skimmerOf(float $low, float $high, float $height = 420, int $chamber = 1, float $stand = 0): array
{
    return Sketched::device('skimmer', $chamber, [200, 200, $height], [
        'standMm' => $stand,
        'depthLowMm' => $low,
        'depthHighMm' => $high,
    ]);
}

/** @return array<string, mixed> */
function heaterOf(?float $line, int $chamber = 1, float $stand = 60): array
{
    return Sketched::device('heater', $chamber, [180, 30, 30], [
        'standMm' => $stand,
        ...$line === null ? [] : ['depthLowMm' => $line],
    ]);
}

/** Sumps with one fault each: what must be said of them, and what must not. Findings by code, or code@part. */
dataset('seeded sumps', function (): array {
    $volume = Display::volume(150);
    $room = fn (float $below): Tank => Sketched::tank(Display::box(900, 400, 450, $below));
    $three = Sketch::path(
        'overflow-drilled > sock > return-pump; tank 80 to sock 600: overflow-drilled#a; tank 60 to sock 400: '
            .'overflow-drilled#b',
        flow: 1600,
    );
    $plumb = fn (array $with): array => ['plumbing' => $with];
    $tray = fn (float $top, array $openings, array $more = []): array => [
        'trays' => [Sketched::tray($top, $openings)],
        ...$more,
    ];
    $walled = ['baffles' => ['socks' => ['kind' => 'under', 'topMm' => 380, 'gapMm' => 40]]];

    return [
        // Unknown is not good.
        'display by volume' => [
            [],
            ['power-cut-unknown'],
            ['power-cut-fits', 'blocked-drain-fits'],
            Sketched::tank($volume),
        ],
        'display by volume that falls far' => [
            ['fallMm' => 200],
            ['power-cut-unknown'],
            ['power-cut-fits'],
            Sketched::tank($volume),
        ],
        'no fall given' => [['fallMm' => null], ['power-cut-unknown'], ['power-cut-fits']],
        'no overflow box given' => [['boxLitres' => null], ['power-cut-unknown'], ['power-cut-fits']],
        'no bore of the drain given' => [
            $plumb(['drainBoreMm' => null]),
            ['power-cut-unknown'],
            ['power-cut-fits', 'drain-fits'],
        ],
        'further tanks of which nothing is known' => [[], ['power-cut-unknown'], ['power-cut-fits'], null, $three],
        'no flow at all' => [
            $plumb(['pumpLitresPerHour' => null]),
            ['flow-unknown', 'power-cut-unknown', 'blocked-drain-unknown'],
            [
                'power-cut-fits',
                'blocked-drain-fits',
                'drain-fits',
                'emergency-fits',
                'gap-fits',
                'return-calm',
                'trap-there',
            ],
            Sketched::tank(flow: null),
        ],
        'no flow, with a skimmer' => [
            [...$plumb(['pumpLitresPerHour' => null]), 'placed' => [skimmerOf(190, 230)]],
            ['flow-unknown'],
            ['depth-fits', 'depth-off'],
            Sketched::tank(flow: null),
        ],
        'room in the display unknown' => [
            [],
            ['blocked-drain-unknown'],
            ['blocked-drain-fits', 'blocked-drain-flood'],
            $room(0),
        ],
        'heater without a line' => [
            ['placed' => [heaterOf(null)]],
            ['heater-line-unknown'],
            ['heater-covered', 'heater-dry'],
        ],
        'skimmer without a depth' => [
            ['placed' => [Sketched::device('skimmer', 1, [200, 200, 420])]],
            ['depth-unknown'],
            ['depth-fits'],
        ],
        'skimmer in a cabinet of unknown height' => [
            ['cabinetMm' => null, 'placed' => [skimmerOf(190, 230)]],
            ['cup-lift-unknown'],
            ['cup-lift'],
        ],
        'evaporation unknown' => [['evaporationLitresADay' => null], ['top-up-unknown'], ['top-up']],

        // Power cut and flood.
        'display falls far' => [['fallMm' => 160], ['power-cut-flood'], ['power-cut-fits', 'power-cut-unknown']],
        'no room' => [['returnLevelMm' => 380], ['power-cut-flood'], ['power-cut-fits']],
        'floods already without what is not known' => [
            ['returnLevelMm' => 388, 'boxLitres' => null, 'fallMm' => 30],
            ['power-cut-flood'],
            ['power-cut-fits', 'power-cut-unknown'],
        ],
        'blocked drain, no emergency' => [
            [...$plumb(['emergencyBoreMm' => null]), 'pumpMinimumMm' => 20, 'returnLevelMm' => 180],
            ['blocked-drain-flood', 'no-emergency'],
            ['blocked-drain-fits', 'blocked-drain-emergency'],
            $room(10),
        ],
        'blocked drain, emergency carries it' => [
            ['pumpMinimumMm' => 20],
            ['blocked-drain-emergency', 'emergency-fits'],
            ['blocked-drain-flood', 'blocked-drain-fits'],
            $room(10),
        ],
        'blocked drain, emergency too thin' => [
            [...$plumb(['emergencyBoreMm' => 10]), 'pumpMinimumMm' => 20],
            ['blocked-drain-flood', 'emergency-small'],
            ['blocked-drain-emergency'],
            $room(10),
        ],
        'blocked drain, an emergency drain of unknown size' => [
            [...$plumb(['emergencyBoreMm' => null]), 'pumpMinimumMm' => 20],
            ['blocked-drain-emergency'],
            ['blocked-drain-flood', 'blocked-drain-fits'],
            $room(10),
            Sketch::path('overflow-drilled(emergency) > sock > return-pump'),
        ],
        'the emergency pipe keeps the return section from running empty' => [
            ['reservoirLitres' => 25],
            ['blocked-drain-fits'],
            ['blocked-drain-top-off', 'blocked-drain-flood'],
            $room(40),
        ],
        'the reservoir goes up too' => [
            [...$plumb(['emergencyBoreMm' => 8]), 'reservoirLitres' => 25],
            ['blocked-drain-top-off'],
            ['blocked-drain-fits', 'blocked-drain-flood'],
            $room(40),
        ],
        'a top-off that sticks' => [['reservoirLitres' => 80], ['top-off-floods'], []],
        'a top-off that sticks before a power cut' => [
            ['reservoirLitres' => 50],
            ['top-off-and-power-cut'],
            ['top-off-floods'],
        ],

        // Pump and pipes.
        'pump does not lift' => [
            $plumb(['liftMm' => 3200]),
            ['pump-no-lift'],
            ['drain-fits', 'emergency-fits', 'weir-head'],
        ],
        'drain too thin' => [$plumb(['drainBoreMm' => 15]), ['drain-small'], ['drain-fits']],
        'drain valve nearly closed' => [
            $plumb(['drainValveOpen' => 0.1, 'drainFittings' => ['gate-valve' => 1]]),
            ['drain-small'],
            ['drain-fits'],
        ],
        'a drain of unknown length' => [
            $plumb(['drainLengthMm' => null]),
            ['drain-unknown', 'power-cut-unknown'],
            ['drain-fits'],
        ],
        'an emergency pipe of unknown length' => [
            $plumb(['emergencyLengthMm' => null]),
            ['emergency-unknown'],
            ['emergency-fits', 'no-emergency'],
        ],
        'emergency missing' => [$plumb(['emergencyBoreMm' => null]), ['no-emergency'], ['emergency-fits']],
        'emergency too thin' => [$plumb(['emergencyBoreMm' => 12]), ['emergency-small'], ['emergency-fits']],
        'falls less than stands over the edge' => [['fallMm' => 5], ['fall-below-head'], []],
        'a comb that is mostly teeth' => [$plumb(['overflowMm' => 40]), ['fall-below-head'], []],
        'metric on inch' => [$plumb(['systems' => ['pump' => 'metric', 'return' => 'inch']]), ['pipes-mixed'], []],
        'three tanks on a pump that feeds two' => [[], ['pump-feeds-few'], ['pump-feeds-all'], null, $three],
        'a further tank whose drain is too thin' => [
            [
                'tanks' => [
                    [
                        'line' => 'b1',
                        'lengthMm' => 500,
                        'widthMm' => 400,
                        'fallMm' => 15,
                        'boxLitres' => 1,
                        'drainBoreMm' => 6,
                        'drainLengthMm' => 1200,
                        'drainFallMm' => 900,
                        'boreMm' => 16,
                        'pipeLengthMm' => 2000,
                    ],
                ],
            ],
            ['tank-drain-small'],
            [],
            null,
            $three,
        ],
        'a further tank that falls less than stands over its edge' => [
            ['tanks' => [['line' => 'b1', 'lengthMm' => 500, 'widthMm' => 400, 'fallMm' => 2, 'overflowMm' => 100]]],
            ['tank-fall-below-head'],
            [],
            null,
            $three,
        ],

        // Water lines and baffles.
        'weir at the rim' => [['baffles' => ['skim' => ['topMm' => 392]]], ['no-way-out@skim'], []],
        'weir over the rim' => [['baffles' => ['skim' => ['topMm' => 420]]], ['baffle-high@skim'], []],
        'weir just under the rim' => [['baffles' => ['skim' => ['topMm' => 388]]], ['running-over'], []],
        'baffles in one place' => [['baffles' => ['skim' => ['atMm' => 153]]], ['baffles-cross@skim'], []],
        'baffle outside' => [['baffles' => ['last' => ['atMm' => 825]]], ['baffle-outside@last'], []],
        'trap the wrong way round' => [
            ['baffles' => [
                'over' => ['kind' => 'under', 'topMm' => 300, 'gapMm' => 30],
                'under' => ['kind' => 'weir', 'topMm' => 185, 'gapMm' => 0],
                'last' => ['kind' => 'under', 'topMm' => 300, 'gapMm' => 30],
            ]],
            ['trap-reversed'],
            ['trap-there'],
        ],
        'no trap and a small return chamber' => [
            ['baffles' => ['over' => null, 'under' => null, 'last' => ['atMm' => 760]], 'pumpMinimumMm' => 40],
            ['trap-missing'],
            ['trap-there', 'return-calm'],
        ],
        'no trap before a large, calm return chamber' => [
            ['baffles' => ['over' => null, 'under' => null, 'last' => null]],
            ['return-calm'],
            ['trap-missing', 'trap-there'],
        ],
        'gap too narrow' => [
            ['baffles' => ['under' => ['gapMm' => 4]]],
            ['bubbles-under@under', 'gap-narrow@under'],
            ['gap-fits@under'],
        ],
        'gap over the water' => [
            ['baffles' => ['under' => ['gapMm' => 220]]],
            ['gap-above-water@under'],
            ['gap-fits@under'],
        ],
        'a hanging baffle under water' => [['baffles' => ['under' => ['topMm' => 150]]], ['under-top-wet@under'], []],
        'gap higher than the baffle' => [
            ['baffles' => ['under' => ['topMm' => 100, 'gapMm' => 120]]],
            ['gap-over-top@under'],
            [],
        ],
        'waterfall into the return' => [
            ['baffles' => ['last' => ['topMm' => 195]], 'returnLevelMm' => 70, 'pumpMinimumMm' => 40],
            ['waterfall@last'],
            [],
        ],
        'a comb with hair for teeth' => [
            ['baffles' => ['skim' => ['kind' => 'comb', 'openShare' => 0.99]]],
            ['comb-teeth-thin@skim'],
            [],
        ],
        'return chamber gulps within days' => [['evaporationLitresADay' => 6], ['top-up'], []],
        'pump minimum over its water' => [['pumpMinimumMm' => 170], ['pump-dry'], []],
        'pump taller than its water' => [
            ['placed' => [Sketched::device('pump', 5, [100, 80, 180])]],
            ['pump-bare@pump'],
            [],
        ],

        // What stands in it.
        'skimmer too deep' => [['placed' => [skimmerOf(150, 180)]], ['depth-off@skimmer'], ['depth-fits']],
        'skimmer behind a drowned baffle' => [
            ['baffles' => ['over' => ['topMm' => 240]], 'placed' => [skimmerOf(190, 220)]],
            ['depth-off@skimmer', 'weir-drowned@skim'],
            ['depth-fits'],
        ],
        'skimmer a hair too deep' => [
            ['placed' => [skimmerOf(190, 211)]],
            ['depth-edge@skimmer'],
            ['depth-off', 'depth-fits'],
        ],
        'skimmer higher than the cabinet' => [
            ['cabinetMm' => 400, 'placed' => [skimmerOf(190, 230)]],
            ['too-high@skimmer'],
            [],
        ],
        'its cup does not come out' => [
            ['cabinetMm' => 440, 'placed' => [skimmerOf(190, 230)]],
            ['cup-lift@skimmer'],
            ['too-high'],
        ],
        'skimmer too large' => [
            [
                'placed' => [
                    Sketched::device('skimmer', 2, [200, 200, 420], ['depthLowMm' => 190, 'depthHighMm' => 230]),
                ],
            ],
            ['does-not-fit@skimmer'],
            [],
        ],
        'heater line over the water in every state' => [
            ['placed' => [heaterOf(20, stand: 240)]],
            ['heater-dry@heater'],
            ['heater-covered'],
        ],
        'heater in the return chamber' => [['placed' => [heaterOf(20, 5)]], ['heater-dry@heater'], ['heater-covered']],
        'sump longer than its cabinet' => [['cabinetLengthMm' => 840], ['cabinet-longer'], []],
        'sump wider than its cabinet' => [['cabinetWidthMm' => 400], ['cabinet-wider'], []],
        'sump higher than its cabinet' => [['cabinetMm' => 390], ['cabinet-higher'], []],
        'two devices in one place' => [
            ['placed' => [
                Sketched::device('other', 1, [200, 300, 300]),
                [...Sketched::device('other', 1, [200, 300, 300]), 'id' => 'two'],
            ]],
            ['crowded'],
            [],
        ],

        // Trays.
        'roller that never moves' => [
            $tray(300, ['roller' => ROLLER], ['baffles' => ['socks' => ['topMm' => 260]]]),
            ['roller-water@tray'],
            ['roller-fits', 'clogged-no-way'],
        ],
        'roller behind a hung wall' => [
            $tray(300, ['roller' => ROLLER, 'standpipe' => PIPE], $walled),
            ['roller-fits@tray'],
            ['roller-water'],
        ],
        'roller with a low standpipe' => [
            $tray(300, ['roller' => ROLLER, 'standpipe' => [...PIPE, 'standsMm' => 20]], $walled),
            ['roller-water@tray'],
            ['roller-fits'],
        ],
        'roller too near the floor' => [
            $tray(200, ['roller' => ROLLER], $walled),
            ['roller-room@tray'],
            ['roller-fits'],
        ],
        'roller that does not come out' => [
            $tray(300, ['roller' => ROLLER, 'standpipe' => PIPE], [...$walled, 'cabinetMm' => 560]),
            ['roller-lift@tray'],
            [],
        ],
        'sock that only spills' => [
            $tray(300, ['sock-4in' => SOCK], ['baffles' => ['socks' => ['topMm' => 260]]]),
            ['clogged-fits@tray'],
            ['clogged-no-way'],
        ],
        'sock tray walled to the rim' => [
            $tray(
                300,
                ['sock-4in' => SOCK],
                ['baffles' => ['socks' => ['kind' => 'under', 'topMm' => 392, 'gapMm' => 40]]],
            ),
            ['clogged-no-way@tray'],
            ['clogged-fits'],
        ],
        'sock on the floor' => [
            $tray(250, ['sock-4in' => [...SOCK, 'hangsMm' => 330]], $walled),
            ['sock-on-floor@tray'],
            [],
        ],
        'sock that does not come out' => [
            $tray(300, ['sock-4in' => SOCK], [...$walled, 'cabinetMm' => 450]),
            ['sock-lift@tray'],
            [],
        ],
        'spare hole' => [
            $tray(300, ['roller' => ROLLER, 'spare' => ['lengthMm' => 60]], $walled),
            ['spare-open@tray'],
            [],
        ],
        'capped hole' => [
            $tray(300, ['sock-4in' => SOCK, 'capped' => ['lengthMm' => 60]], $walled),
            [],
            ['spare-open'],
        ],
        'holes that do not fit' => [
            $tray(300, ['roller' => [...ROLLER, 'lengthMm' => 200]], $walled),
            ['openings-too-many@tray'],
            [],
        ],
        'tray under water' => [
            $tray(200, ['sock-4in' => [...SOCK, 'hangsMm' => 150]], $walled),
            ['tray-drowned@tray'],
            [],
        ],
        'skimmer under the tray' => [
            [...$tray(300, ['sock-4in' => SOCK], $walled), 'placed' => [skimmerOf(190, 230, chamber: 0)]],
            ['tray-in-the-way@tray'],
            [],
        ],

        // Glass.
        'a wall of 3 mm' => [
            [
                'wallMm' => 3,
                'baffles' => ['socks' => null, 'skim' => null, 'over' => null, 'under' => null, 'last' => null],
                'returnLevelMm' => 300,
            ],
            ['panel-wall'],
            ['panel-wall-rim'],
        ],
        'a wall that only a leak test bends' => [
            ['wallMm' => 6, 'heightMm' => 450],
            ['panel-wall-rim'],
            ['panel-wall'],
        ],
        'a baffle of 2 mm' => [['baffles' => ['socks' => ['thicknessMm' => 2]]], ['panel-baffle@socks'], []],
        'a bottom of 4 mm on its edges' => [['bottomMm' => 4, 'bottomOnEdges' => true], ['panel-bottom'], []],
    ];
});

it('says of a sump with one fault what must be said, and nothing that must not', function (
    array $with,
    array $must,
    array $mustNot,
    ?Tank $tank = null,
    ?Ithys\Path\Path $path = null,
): void {
    $said = Sketched::said(Sketched::sump($with), $tank, $path);
    expect(array_values(array_diff($must, array_keys($said))))->toBe([], implode(', ', array_keys($said)))
        ->and(array_values(array_intersect($mustNot, array_keys($said))))->toBe([]);
})->with('seeded sumps');
