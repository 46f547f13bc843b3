<?php

declare(strict_types=1);

namespace Database\Seeders;

use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cutting\Pad;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\Placed;
use Ithys\Sump\Plumbing;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;

/**
 * The invented sump of the demo tank: socks in a tray, skimmer, lit refugium, bubble trap, return, with a heater that
 * stands too high.
 */
final class DemoSection
{
    /** @return array<string, mixed> */
    public static function document(): array
    {
        return (new SumpDesign(
            [
                'lengthMm' => 950.0,
                'widthMm' => 320.0,
                'heightMm' => 360.0,
                'wallMm' => 6.0,
                'returnLevelMm' => 165.0,
                'pumpMinimumMm' => 70.0,
                'fallMm' => 18.0,
                'boxLitres' => 3.5,
                'evaporationLitresADay' => 1.9,
                'reservoirLitres' => 20.0,
                'cabinetMm' => 660.0,
                'bottomMm' => 6.0,
            ],
            false,
            [
                new Baffle('socks', BaffleKind::Weir, 150, 6, 215),
                new Baffle('inlet', BaffleKind::Weir, 430, 6, 205),
                new Baffle('comb', BaffleKind::Comb, 640, 6, 195, openShare: 0.6),
                new Baffle('under', BaffleKind::Under, 680, 6, 290, 40),
                new Baffle('last', BaffleKind::Weir, 720, 6, 180),
            ],
            [
                new Placed('skimmer', 'skimmer', 'Skimmer', 1, 210, 180, 470, 0, 190, 230, 'skimmer'),
                new Placed('heater', 'heater', 'Heater', 5, 150, 28, 28, 95, 20, null, 'heater'),
            ],
            new Plumbing(
                2900,
                3.2,
                28,
                1350,
                25,
                2100,
                ['elbow-90' => 3, 'union' => 1, 'ball-valve' => 1, 'outlet' => 1],
                32,
                1300,
                950,
                ['elbow-90' => 2, 'gate-valve' => 1],
                emergencyBoreMm: 32,
                emergencyLengthMm: 1200,
                emergencyFallMm: 950,
                emergencyFittings: ['elbow-90' => 2],
                overflowMm: 300,
                overflowOpenShare: 0.5,
            ),
            trays: [
                new Tray('tray', TrayKind::Tray, 0, 250, 10, [
                    new Opening('sock-1', OpeningKind::SmallSock, 101.6, 101.6, 25, 220),
                    new Opening('sock-2', OpeningKind::SmallSock, 101.6, 101.6, 25, 220),
                    new Opening('way', OpeningKind::Standpipe, 40, 40, 45, 60),
                ]),
                new Tray('rubble', TrayKind::EggCrate, 2, 60, 12),
            ],
            workshop: new Workshop([new Pad('fine', 'Fine pad', 140, 95, 24)], litChamber: 2, blackoutMm: 5),
        ))->toArray();
    }
}
