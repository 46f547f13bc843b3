<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Drawing\CutDxf;
use Ithys\Drawing\CutLayout;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cutting\Basket;
use Ithys\Sump\Cutting\CutPanel;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\Cutting\Pad;
use Ithys\Sump\Cutting\Stock;
use Ithys\Sump\Cutting\StockPlan;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Inside;
use Ithys\Sump\Section;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Ithys\Sump\Vessel;
use Random\Engine\Mt19937;
use Random\Randomizer;

// Laws of what is cut, over many sumps made up by chance.

/** @return array{Section, Workshop} */
function randomCuts(int $seed): array
{
    $random = new Randomizer(new Mt19937($seed));
    $mm = fn (int $least, int $most): float => $random->getInt($least * 2, $most * 2) / 2;
    $baffles = [];
    $at = 0.0;
    for ($i = 0; $i < $random->getInt(0, 5); $i++) {
        $at += $mm(60, 180);
        $kind = BaffleKind::cases()[$random->getInt(0, 3)];
        $baffles[] = new Baffle(
            "b{$i}",
            $kind,
            $at,
            $mm(4, 12),
            $mm(120, 280),
            $kind === BaffleKind::Under ? $mm(20, 50) : 0.0,
            $kind === BaffleKind::Comb ? $random->getInt(3, 9) / 10 : 1.0,
        );
    }
    $trays = [];
    for ($i = 0; $i < $random->getInt(0, 2); $i++) {
        $trays[] = new Tray(
            "t{$i}",
            TrayKind::cases()[$random->getInt(0, 1)],
            $random->getInt(0, count($baffles)),
            $mm(220, 320),
            $mm(5, 12),
            $random->getInt(0, 1) === 0
                ? []
                : [
                    OpeningKind::SmallSock->usual("s{$i}", Assumptions::standard()),
                    OpeningKind::Standpipe->usual("w{$i}", Assumptions::standard()),
                ],
        );
    }
    $workshop = new Workshop(
        $random->getInt(0, 1) === 0 ? [] : [new Pad('pad', 'Pad', $mm(40, 200), $mm(40, 200), $random->getInt(1, 60))],
        $random->getInt(0, 1) === 0 ? [] : ['baffles' => new Stock($mm(600, 1500), $mm(400, 900))],
        $random->getInt(0, 1) === 0 ? null : $random->getInt(0, count($baffles)),
        null,
        $random->getInt(0, 1) === 0 ? null : Basket::usual(),
    );

    return [
        new Section(
            new Vessel($at + $mm(150, 300), $mm(200, 450), $mm(330, 450), 6),
            new Inside($baffles, trays: $trays),
            new SumpWater(165, 70),
            DrainDown::display(0, 0, 0, 0),
        ),
        $workshop,
    ];
}

/**
 * Closed outlines of a DXF by layer, read by hand.
 *
 * @return array<string, list<list<array{float, float}>>>
 */
function outlinesOf(string $dxf): array
{
    $lines = explode("\r\n", trim($dxf));
    $outlines = [];
    $layer = $x = '';
    $points = [];
    $entity = '';
    for ($i = 0; $i + 1 < count($lines); $i += 2) {
        [$code, $value] = [(int) $lines[$i], $lines[$i + 1]];
        if ($code === 0) {
            if ($value === 'SEQEND') {
                $outlines[$layer][] = $points;
                $points = [];
            }
            $entity = $value;
        } elseif ($code === 8 && $entity === 'POLYLINE') {
            $layer = $value;
        } elseif ($code === 10 && $entity === 'VERTEX') {
            $x = $value;
        } elseif ($code === 20 && $entity === 'VERTEX') {
            $points[] = [(float) $x, (float) $value];
        }
    }

    return $outlines;
}

/** @param  list<array{float, float}>  $points */
function areaOf(array $points): float
{
    $sum = 0.0;
    foreach ($points as $i => [$x, $y]) {
        [$nextX, $nextY] = $points[($i + 1) % count($points)];
        $sum += $x * $nextY - $nextX * $y;
    }

    return abs($sum) / 2;
}

it('draws every piece once, of its own area, wherever and however it lies', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        [$section, $workshop] = randomCuts($seed);
        $sheet = CutSheet::of($section, $workshop);
        $plan = StockPlan::of($sheet, $workshop, Assumptions::standard());
        $drawn = array_map(
            areaOf(...),
            outlinesOf(CutDxf::write($sheet, $plan, new Words(UnitSystem::Metric)))['CUT'] ?? [],
        );
        $wanted = [];
        foreach (CutLayout::of($sheet, $plan)->placed as ['panel' => $panel]) {
            $wanted[] = areaOf($panel->shape->outline);
            foreach ($panel->shape->holes as $hole) {
                $hole->isRound || $wanted[] = $hole->lengthMm * $hole->widthMm;
            }
        }
        sort($drawn);
        sort($wanted);
        expect($drawn)->toEqualWithDelta($wanted, 0.2, "seed {$seed}");
    }
});

it('lays no piece on another, and each on its sheet', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        [$section, $workshop] = randomCuts($seed);
        $sheet = CutSheet::of($section, $workshop);
        $layout = CutLayout::of($sheet, StockPlan::of($sheet, $workshop, Assumptions::standard()));
        foreach ($layout->placed as $i => $a) {
            expect(
                $a['x'] >= -1e-6
                    && $a['y'] >= -1e-6
                    && $layout->width + 1e-6 >= $a['x'] + $a['panel']->shape->widthMm
                    && $layout->height + 1e-6 >= $a['y'] + $a['panel']->shape->heightMm,
            )->toBeTrue("seed {$seed}");
            foreach (array_slice($layout->placed, $i + 1) as $b) {
                $apart = max(
                    $b['x'] - $a['x'] - $a['panel']->shape->widthMm,
                    $a['x'] - $b['x'] - $b['panel']->shape->widthMm,
                    $b['y'] - $a['y'] - $a['panel']->shape->heightMm,
                    $a['y'] - $b['y'] - $b['panel']->shape->heightMm,
                );
                expect($apart)->toBeGreaterThan(-1e-6, "seed {$seed}: {$a['panel']->id} and {$b['panel']->id}");
            }
        }
    }
});

it('uses no more of a sheet than there is, and buys none it does not need', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        [$section, $workshop] = randomCuts($seed);
        $sheet = CutSheet::of($section, $workshop);
        foreach (StockPlan::of($sheet, $workshop, Assumptions::standard())->uses as $use) {
            expect($use->usedShare())->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0 + 1e-9);
            $pieces = array_sum(array_map(fn (CutPanel $panel): int => $panel->count, $use->panels));
            expect($use->sheetsNeeded)->toBeLessThanOrEqual($pieces);
            if ($use->tooLarge === []) {
                $area = array_sum(
                    array_map(
                        fn (CutPanel $panel): float => $panel->count * $panel->shape->widthMm * $panel->shape->heightMm,
                        $use->panels,
                    ),
                );
                expect($use->sheetsNeeded)->toBeGreaterThanOrEqual(
                    (int) ceil($area / ($use->stock->lengthMm * $use->stock->widthMm) - 1e-9),
                );
            }
        }
    }
});

it('cuts no baffle wider than the sump less the silicone, and none that is not in the design', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        [$section, $workshop] = randomCuts($seed);
        $panels = CutSheet::of($section, $workshop)->panels;
        foreach ($section->inside->baffles as $i => $baffle) {
            expect($panels[$i]->id)
                ->toBe($baffle->id)
                ->and($panels[$i]->shape->widthMm)
                ->toBe($section->vessel->widthMm - 3.0)
                ->and($panels[$i]->shape->heightMm)
                ->toBe($baffle->edgeMm(Assumptions::standard()) - $baffle->gapMm)
                ->and($panels[$i]->set->outsideMm - $panels[$i]->set->insideMm)
                ->toAgreeWith($section->vessel->wallMm, 1e-9);
        }
        $ids = array_map(fn (CutPanel $panel): string => $panel->id, $panels);
        expect($ids)->toBe(array_values(array_unique($ids)));
    }
});
