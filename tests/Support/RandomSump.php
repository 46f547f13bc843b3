<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Assumption\Assumptions;
use Ithys\Media\Medium;
use Ithys\Panel\Material;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cabinet;
use Ithys\Sump\Cutting\Basket;
use Ithys\Sump\Cutting\BasketUse;
use Ithys\Sump\Cutting\Layer;
use Ithys\Sump\Cutting\LayerKind;
use Ithys\Sump\Cutting\Pad;
use Ithys\Sump\Cutting\Stock;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\Depth;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\FurtherTank;
use Ithys\Sump\Inside;
use Ithys\Sump\Overflow;
use Ithys\Sump\PipeRun;
use Ithys\Sump\PipeSystem;
use Ithys\Sump\Placed;
use Ithys\Sump\Plumbing;
use Ithys\Sump\PumpLabel;
use Ithys\Sump\Rear\RearWall;
use Ithys\Sump\Size;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Ithys\Sump\Vessel;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Sumps drawn at random from a seed, sensible or not, as the noise of forms and documents. */
final class RandomSump
{
    public static function of(int $seed): SumpDesign
    {
        $random = new Randomizer(new Mt19937($seed));
        $mm = fn (int $least, int $most): float => $random->getInt($least * 10, $most * 10) / 10;
        $baffles = [];
        for ($i = 0; $i < $random->getInt(0, 6); $i++) {
            $kind = BaffleKind::cases()[$random->getInt(0, 3)];
            $baffles[] = new Baffle(
                "b{$i}",
                $kind,
                $mm(0, 900),
                $mm(3, 12),
                $mm(60, 380),
                $kind === BaffleKind::Under ? $mm(5, 60) : 0.0,
                $kind === BaffleKind::Comb ? $random->getInt(10, 100) / 100 : 1.0,
            );
        }
        $placed = [];
        for ($i = 0; $i < $random->getInt(0, 3); $i++) {
            $placed[] = new Placed(
                "p{$i}",
                DeviceKind::from(['skimmer', 'heater', 'other'][$random->getInt(0, 2)]),
                "Device {$i}",
                $random->getInt(0, 3),
                new Size($mm(20, 300), $mm(20, 300), $mm(20, 500)),
                $mm(0, 100),
                new Depth($mm(0, 200), $random->getInt(0, 1) === 0 ? null : $mm(200, 300)),
            );
        }
        $plumbing
            = $random->getInt(0, 1) === 0
                ? new Plumbing()
                : new Plumbing(
                    new PumpLabel(
                        $mm(800, 6000),
                        $random->getInt(10, 60) / 10,
                        25.0,
                        $random->getInt(0, 1) === 0 ? [] : [[0.0, 4.0], [$mm(500, 900), 3.0], [$mm(1000, 3000), 0.5]],
                    ),
                    new PipeRun(
                        $mm(16, 40),
                        $mm(500, 4000),
                        $mm(500, 2000),
                        ['elbow-90' => $random->getInt(1, 6)],
                        $random->getInt(5, 100) / 100,
                    ),
                    new PipeRun($mm(25, 50), $mm(500, 2000), $mm(400, 1500), ['gate-valve' => 1]),
                    new PipeRun($mm(25, 50), heightMm: $mm(400, 900), fittings: ['elbow-45' => 2]),
                    $mm(100, 600),
                    $random->getInt(10, 100) / 100,
                    ['pump' => PipeSystem::Metric, 'return' => PipeSystem::cases()[$random->getInt(0, 1)]],
                );
        $trays = [];
        for ($i = 0; $i < $random->getInt(0, 2); $i++) {
            $openings = array_map(
                fn (OpeningKind $kind): Opening => $kind->usual("o-{$kind->value}", Assumptions::standard()),
                [
                    ...array_slice(OpeningKind::cases(), 0, $random->getInt(0, 5)),
                    ...$seed % 3 === 0 ? [OpeningKind::Capped] : [],
                ],
            );
            $trays[]
                = $random->getInt(0, 1) === 0
                    ? new Tray("t{$i}", TrayKind::EggCrate, $random->getInt(0, 5), $mm(50, 300), 12.0)
                    : new Tray("t{$i}", TrayKind::Tray, $random->getInt(0, 5), $mm(100, 400), $mm(4, 12), $openings);
        }
        $workshop
            = $random->getInt(0, 1) === 0
                ? new Workshop()
                : new Workshop(
                    [new Pad('pad', 'Fine pad', $mm(50, 300), $mm(50, 300), $random->getInt(1, 40))],
                    ['pads' => new Stock($mm(300, 1200), $mm(200, 600))],
                    $random->getInt(0, 4),
                    $mm(2, 6),
                    new Basket(
                        $mm(80, 200),
                        $mm(60, 150),
                        $mm(200, 400),
                        $mm(0, 4),
                        3.0,
                        $random->getInt(1, 5),
                        $mm(0, 60),
                    ),
                );

        $material = Material::cases()[$random->getInt(0, 1)];
        $yes = fn (): bool => $random->getInt(0, 1) === 1;
        $maybe = fn (float $value): ?float => $random->getInt(0, 1) === 0 ? null : $value;

        return new SumpDesign(
            new Vessel(
                $mm(300, 1500),
                $mm(150, 600),
                $mm(250, 500),
                $mm(4, 15),
                $material,
                $yes(),
                $maybe(6.0),
                $yes(),
            ),
            new SumpWater($mm(100, 240), $mm(20, 90), $mm(0, 60), $mm(0, 20), $maybe($mm(1, 8)), $maybe($mm(5, 40))),
            new Inside($baffles, $placed, $trays),
            $plumbing,
            $workshop,
            new Cabinet($maybe($mm(400, 900)), $seed % 4 === 0 ? 1_400.0 : null, $seed % 5 === 0 ? 620.0 : null),
            $yes(),
            $seed % 3 !== 0
                ? []
                : [
                    new FurtherTank(
                        'b1',
                        500,
                        400,
                        $seed % 2 === 0 ? 15.0 : null,
                        1.5,
                        new Overflow(200),
                        new PipeRun(32, 1200, 900, ['elbow-90' => 2]),
                        new PipeRun(16, 2000),
                    ),
                ],
        );
    }

    /** The same as chambers behind a display, with a basket in one of them. */
    public static function behind(int $seed): SumpDesign
    {
        $random = new Randomizer(new Mt19937($seed + 1_000_000));
        $mm = fn (int $least, int $most): float => $random->getInt($least * 10, $most * 10) / 10;
        $layers = [];
        for ($i = 0; $i < $random->getInt(0, 5); $i++) {
            $kind = LayerKind::cases()[$random->getInt(0, 3)];
            $layers[] = new Layer(
                "l{$i}",
                $random->getInt(1, 5),
                $kind,
                $kind->isPad() ? $mm(5, 60) : null,
                $kind->isPad() || $random->getInt(0, 1) === 0 ? null : Medium::cases()[$random->getInt(0, 4)],
            );
        }
        $document = self::of($seed)->toArray();
        $basket = new Basket(
            $mm(80, 200),
            $mm(60, 150),
            $mm(150, 400),
            $mm(0, 4),
            3.0,
            $random->getInt(1, 5),
            $mm(0, 60),
            new BasketUse($random->getInt(0, 4), $mm(0, 60), $random->getInt(0, 1) === 1, $layers),
        );
        $wall = new RearWall(
            $mm(100, 400),
            $mm(120, 450),
            $mm(20, 400),
            $random->getInt(10, 100) / 100,
            $mm(3, 10),
            $random->getInt(0, 1) === 0 ? null : $mm(50, 400),
            $random->getInt(0, 1) === 0 ? null : $mm(250, 500),
        );

        return SumpDocument::stored([
            ...$document,
            'rear' => $wall->toArray(),
            'workshop' => [...(array) ($document['workshop'] ?? []), 'basket' => $basket->toArray()],
        ]);
    }
}
