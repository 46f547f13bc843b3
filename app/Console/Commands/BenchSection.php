<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\EditTiming;
use App\Console\Stopwatch;
use App\Http\Pages\SectionForm;
use Illuminate\Console\Command;
use Ithys\Assumption\Assumptions;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cutting\Basket;
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
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Ithys\Sump\Vessel;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

/**
 * Times a sump of eight chambers, with trays and what is cut, and all its findings in the core, and the answer to an
 * edit through the whole application.
 */
final class BenchSection extends Command
{
    protected $signature = 'bench:section {--runs=100}';

    protected $description = 'Time a sump of eight chambers, in the core and through the application';

    public function handle(): int
    {
        $runs = (int) $this->option('runs');
        $design = $this->design();
        $tank = new Tank(
            Display::box(1200, 500, 500, 30),
            new BesideDisplay(60, 8),
            new Ground(20, 30),
            new Conditions(35, 25),
            2400,
            TurnoverSchool::Moderate,
        );
        $core = Stopwatch::milliseconds($runs, static function () use ($design, $tank): void {
            $design->review($tank);
        });
        $this->line(
            sprintf(
                'water lines and findings of %d chambers in the core: median %.1f ms, p95 %.1f ms',
                count($design->section($tank)->chambers()),
                $core->median,
                $core->p95,
            ),
        );
        $this->line(
            EditTiming::of('section/preview', ['section' => SectionForm::of($design, UnitSystem::Metric)], $runs),
        );

        return self::SUCCESS;
    }

    private function design(): SumpDesign
    {
        $baffles = [];
        foreach ([150, 300, 450, 600, 640, 680, 900] as $i => $at) {
            $baffles[] = new Baffle(
                "b{$i}",
                $i === 4 ? BaffleKind::Under : BaffleKind::Weir,
                $at,
                6,
                $i === 4 ? 320.0 : 260.0 - 8 * $i,
                $i === 4 ? 35.0 : 0.0,
            );
        }

        return new SumpDesign(
            new Vessel(1100.0, 350.0, 380.0, 6.0, bottomOnEdges: true),
            new SumpWater(180.0, 60.0, 20.0, 2.0, 3.0),
            new Inside(
                $baffles,
                [
                    new Placed(
                        's',
                        DeviceKind::Skimmer,
                        'Skimmer',
                        1,
                        new Size(120, 120, 400),
                        depth: new Depth(200, 240),
                    ),
                    new Placed('h', DeviceKind::Heater, 'Heater', 7, new Size(150, 30, 30), 40, new Depth(20)),
                ],
                [
                    new Tray('t', TrayKind::Tray, 0, 290, 10, [
                        OpeningKind::SmallSock->usual('sock', Assumptions::standard()),
                        OpeningKind::Standpipe->usual('way', Assumptions::standard()),
                    ]),
                    new Tray('e', TrayKind::EggCrate, 2, 60, 12),
                ],
            ),
            new Plumbing(
                new PumpLabel(3000, 3.0, 28),
                new PipeRun(25, 2000, 1300, ['elbow-90' => 3, 'outlet' => 1]),
                new PipeRun(32, 1300, 900),
                new PipeRun(32, heightMm: 900),
                400,
                0.5,
            ),
            new Workshop([new Pad('p', 'Pad', 140, 95, 24)], litChamber: 3, basket: Basket::usual()),
        );
    }
}
