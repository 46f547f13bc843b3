<?php

declare(strict_types=1);

namespace Database\Seeders;

use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cabinet;
use Ithys\Sump\Cutting\Pad;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\Depth;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\Inside;
use Ithys\Sump\PipeRun;
use Ithys\Sump\Placed;
use Ithys\Sump\Plumbing;
use Ithys\Sump\PumpLabel;
use Ithys\Sump\Size;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Ithys\Sump\Vessel;

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
            new Vessel(950.0, 320.0, 360.0, 6.0, bottomMm: 6.0),
            new SumpWater(165.0, 70.0, 18.0, 3.5, 1.9, 20.0),
            new Inside(
                [
                    new Baffle('socks', BaffleKind::Weir, 150, 6, 215),
                    new Baffle('inlet', BaffleKind::Weir, 430, 6, 205),
                    new Baffle('comb', BaffleKind::Comb, 640, 6, 195, openShare: 0.6),
                    new Baffle('under', BaffleKind::Under, 680, 6, 290, 40),
                    new Baffle('last', BaffleKind::Weir, 720, 6, 180),
                ],
                [
                    new Placed(
                        'skimmer',
                        DeviceKind::Skimmer,
                        'Skimmer',
                        1,
                        new Size(210, 180, 470),
                        depth: new Depth(190, 230),
                        item: 'skimmer',
                    ),
                    new Placed(
                        'heater',
                        DeviceKind::Heater,
                        'Heater',
                        5,
                        new Size(150, 28, 28),
                        95,
                        new Depth(20, null),
                        item: 'heater',
                    ),
                ],
                [
                    new Tray('tray', TrayKind::Tray, 0, 250, 10, [
                        new Opening('sock-1', OpeningKind::SmallSock, 101.6, 101.6, 25, 220),
                        new Opening('sock-2', OpeningKind::SmallSock, 101.6, 101.6, 25, 220),
                        new Opening('way', OpeningKind::Standpipe, 40, 40, 45, 60),
                    ]),
                    new Tray('rubble', TrayKind::EggCrate, 2, 60, 12),
                ],
            ),
            new Plumbing(
                new PumpLabel(2900, 3.2, 28),
                new PipeRun(25, 2100, 1350, ['elbow-90' => 3, 'union' => 1, 'ball-valve' => 1, 'outlet' => 1]),
                new PipeRun(32, 1300, 950, ['elbow-90' => 2, 'gate-valve' => 1]),
                new PipeRun(32, 1200, 950, ['elbow-90' => 2]),
                300,
                0.5,
            ),
            new Workshop([new Pad('fine', 'Fine pad', 140, 95, 24)], litChamber: 2, blackoutMm: 5),
            new Cabinet(660.0),
        ))->toArray();
    }
}
