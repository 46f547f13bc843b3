<?php

declare(strict_types=1);

use Ithys\Water\Display;
use Ithys\Water\Tank;
use Tests\Support\Sketched;

/** @return array<string, mixed> */
function weirAt(float $at, float $top): array
{
    return ['kind' => 'weir', 'atMm' => $at, 'topMm' => $top, 'gapMm' => 0];
}

/** @return array<string, mixed> */
function hungAt(float $at, float $top = 300, float $gap = 30): array
{
    return ['kind' => 'under', 'atMm' => $at, 'topMm' => $top, 'gapMm' => $gap];
}

/** Sumps as good builders make them: nothing about them is a fault, and no caution is called for. */
dataset('good sumps', function (): array {
    $skimmer = fn (int $chamber, array $more = []): array => Sketched::device('skimmer', $chamber, [180, 200, 420], [
        'depthLowMm' => 190,
        'depthHighMm' => 230,
        ...$more,
    ]);
    $heater = fn (int $chamber): array => Sketched::device('heater', $chamber, [160, 30, 30], [
        'standMm' => 60,
        'depthLowMm' => 20,
    ]);
    $sock = ['lengthMm' => 102, 'standsMm' => 25, 'hangsMm' => 200];
    $pipe = ['lengthMm' => 40, 'standsMm' => 45, 'hangsMm' => 60];
    $box = fn (float ...$size): Tank => Sketched::tank(Display::box(...$size));
    $few = ['over' => null, 'under' => null];

    return [
        'plain' => [[]],
        'with a skimmer and a heater behind a baffle' => [['placed' => [$skimmer(1), $heater(2)]]],
        'socks in a tray behind a hung wall' => [[
            'baffles' => ['socks' => hungAt(150, 380, 40)],
            'trays' => [Sketched::tray(300, ['sock-4in' => $sock, 'standpipe' => $pipe])],
        ]],
        'socks that spill over the wall' => [[
            'baffles' => ['socks' => weirAt(150, 260)],
            'trays' => [Sketched::tray(300, ['sock-4in' => $sock])],
            'placed' => [$skimmer(1)],
        ]],
        'a sock of 7 in on a ledge' => [[
            'lengthMm' => 928,
            'baffles' => [
                'socks' => hungAt(240, 385, 40),
                'skim' => ['atMm' => 500],
                'over' => ['atMm' => 690],
                'under' => ['atMm' => 730],
                'last' => ['atMm' => 770],
            ],
            'trays' => [Sketched::tray(300, [
                'sock-7in' => ['lengthMm' => 178, 'standsMm' => 25, 'hangsMm' => 250],
                'standpipe' => ['lengthMm' => 40, 'standsMm' => 45, 'hangsMm' => 60],
            ])],
        ]],
        'a roller behind a hung wall' => [[
            'cabinetMm' => 900,
            'baffles' => ['socks' => hungAt(150, 380, 40)],
            'trays' => [Sketched::tray(300, [
                'roller' => ['lengthMm' => 110, 'widthMm' => 180, 'standsMm' => 150, 'hangsMm' => 190],
                'standpipe' => $pipe,
            ])],
        ]],
        'a comb before the trap' => [['baffles' => ['skim' => ['kind' => 'comb', 'openShare' => 0.6]]]],
        'a nano of 60 cm without a trap, calm' => [
            [
                'lengthMm' => 584,
                'widthMm' => 284,
                'heightMm' => 292,
                'wallMm' => 6,
                'fallMm' => 14,
                'boxLitres' => 1,
                'evaporationLitresADay' => 1,
                'returnLevelMm' => 140,
                'pumpMinimumMm' => 45,
                'baffles' => [...$few, 'socks' => null, 'skim' => weirAt(220, 190), 'last' => weirAt(300, 165)],
                'plumbing' => [
                    'pumpLitresPerHour' => 1200,
                    'pumpHeadMetres' => 2,
                    'boreMm' => 16,
                    'overflowMm' => 180,
                ],
            ],
            $box(500, 350, 350, 50),
        ],
        'acrylic, 120 cm, braced' => [
            [
                'lengthMm' => 1200,
                'widthMm' => 450,
                'heightMm' => 420,
                'wallMm' => 10,
                'material' => 'acrylic',
                'braced' => true,
                'reservoirLitres' => 20,
                'returnLevelMm' => 185,
                'baffles' => [
                    'socks' => weirAt(220, 290),
                    'skim' => weirAt(560, 225),
                    'over' => weirAt(800, 215),
                    'under' => hungAt(850, 320, 40),
                    'last' => weirAt(900, 205),
                ],
                'placed' => [$skimmer(1), $heater(2)],
            ],
            $box(1200, 600, 600, 60),
        ],
        'from right to left' => [['toTheLeft' => true]],
        '120 x 50 x 50' => [
            [
                'lengthMm' => 1184,
                'widthMm' => 484,
                'heightMm' => 484,
                'wallMm' => 8,
                'baffles' => [
                    'socks' => weirAt(220, 290),
                    'skim' => weirAt(560, 225),
                    'over' => weirAt(800, 215),
                    'under' => hungAt(850, 320, 40),
                    'last' => weirAt(900, 205),
                ],
                'returnLevelMm' => 185,
                'cabinetMm' => 900,
                'cabinetLengthMm' => 1300,
                'cabinetWidthMm' => 560,
            ],
            $box(1200, 600, 600, 60),
        ],
        'a tank as sold, 30 x 12 x 12 in' => [
            [
                'lengthMm' => 750,
                'widthMm' => 293,
                'heightMm' => 297,
                'wallMm' => 6,
                'bottomMm' => 6,
                'returnLevelMm' => 150,
                'evaporationLitresADay' => 1.2,
                'pumpMinimumMm' => 50,
                'fallMm' => 14,
                'baffles' => [
                    'socks' => null,
                    'skim' => weirAt(330, 195),
                    'over' => weirAt(450, 190),
                    'under' => hungAt(488, 270, 35),
                    'last' => weirAt(526, 175),
                ],
                'plumbing' => ['pumpLitresPerHour' => 2200, 'overflowMm' => 300],
            ],
        ],
        'a tank as sold, 36 x 18 x 16 in, rimmed' => [
            [
                'lengthMm' => 902,
                'widthMm' => 445,
                'heightMm' => 398,
                'wallMm' => 6,
                'braced' => true,
                'baffles' => ['skim' => ['atMm' => 430]],
            ],
        ],
        'three tanks that are all described' => [
            [
                'plumbing' => ['pumpLitresPerHour' => 5200, 'boreMm' => 27],
                'tanks' => [
                    [
                        'line' => 'b1',
                        'lengthMm' => 500,
                        'widthMm' => 350,
                        'fallMm' => 14,
                        'boxLitres' => 1,
                        'overflowMm' => 200,
                        'drainBoreMm' => 25,
                        'drainLengthMm' => 1200,
                        'drainFallMm' => 900,
                        'boreMm' => 16,
                        'pipeLengthMm' => 2000,
                    ],
                ],
            ],
            null,
            Tests\Support\Sketch::path(
                'overflow-drilled(emergency) > sock > return-pump; tank 80 to sock 600: overflow-drilled#a',
                flow: 1600,
            ),
        ],
        'a small reservoir' => [['reservoirLitres' => 6]],
    ];
});

it('finds no fault in a good sump, and cautions of nothing', function (
    array $with,
    ?Tank $tank = null,
    ?Ithys\Path\Path $path = null,
): void {
    $said = Sketched::said(Sketched::sump($with), $tank, $path);
    $grave = array_map(static fn (string $code): string => "{$code}: {$said[$code]->sentence}", Sketched::grave($said));
    expect($grave)->toBe([]);
})->with('good sumps');
