<?php

declare(strict_types=1);

namespace Database\Seeders;

use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Placed;
use Ithys\Sump\Plumbing;
use Ithys\Sump\SumpDesign;

/** The invented sump of the demo tank: socks and skimmer, refugium, bubble trap, return, with a heater that stands too high. */
final class DemoSection
{
    /** @return array<string, mixed> */
    public static function document(): array
    {
        return (new SumpDesign([
            'lengthMm' => 800.0, 'widthMm' => 320.0, 'heightMm' => 360.0, 'wallMm' => 6.0, 'returnLevelMm' => 165.0, 'pumpMinimumMm' => 70.0,
            'fallMm' => 18.0, 'boxLitres' => 3.5, 'evaporationLitresADay' => 1.9, 'reservoirLitres' => 20.0, 'cabinetMm' => 660.0,
        ], false, [
            new Baffle('inlet', BaffleKind::Weir, 330, 6, 205),
            new Baffle('comb', BaffleKind::Comb, 520, 6, 195, openShare: 0.6),
            new Baffle('under', BaffleKind::Under, 560, 6, 290, 40),
            new Baffle('last', BaffleKind::Weir, 600, 6, 180),
        ], [
            new Placed('skimmer', 'skimmer', 'Skimmer', 0, 210, 180, 470, 0, 190, 230),
            new Placed('heater', 'heater', 'Heater', 4, 150, 28, 28, 95, 20),
        ], new Plumbing(2900, 3.2, 28, 1350, 25, 2100, ['elbow-90' => 3, 'union' => 1, 'ball-valve' => 1, 'outlet' => 1], 32, 1300, 950, ['elbow-90' => 2, 'gate-valve' => 1])))->toArray();
    }
}
