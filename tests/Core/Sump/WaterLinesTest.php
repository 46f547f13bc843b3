<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Flow\Weir;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Inside;
use Ithys\Sump\Pools;
use Ithys\Sump\Section;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Vessel;
use Ithys\Sump\WaterLines;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @param  list<Baffle>  $baffles */
function section(
    array $baffles,
    float $level = 180,
    float $drain = 0.0,
    float $minimum = 60,
    float $length = 900,
    float $width = 400,
    float $height = 400,
): Section {
    return new Section(
        new Vessel($length, $width, $height, 6),
        new Inside($baffles),
        new SumpWater($level, $minimum),
        DrainDown::display(0, 0, $drain, 0),
    );
}

function weir(float $at, float $top, string $id = 'w'): Baffle
{
    return new Baffle($id, BaffleKind::Weir, $at, 6, $top);
}

function under(float $at, float $gap, float $top = 390, string $id = 'u'): Baffle
{
    return new Baffle($id, BaffleKind::Under, $at, 6, $top, $gap);
}

/** @return list<Baffle> an over-under-over trap */
function trap(float $at, float $top = 220, float $gap = 30): array
{
    return [weir($at, $top, 'a'), under($at + 36, $gap, 390, 'b'), weir($at + 72, $top - 10, 'c')];
}

function randomSection(int $seed, bool $gaps = true): Section
{
    $random = new Randomizer(new Mt19937($seed));
    $baffles = [];
    $at = 0.0;
    for ($i = 0; $i < $random->getInt(1, 7); $i++) {
        $at += $random->getInt(40, 120);
        $baffles[]
            = $gaps && $random->getInt(0, 2) === 0
                ? under($at, $random->getInt(15, 60), $random->getInt(300, 390), "u{$i}")
                : weir($at, $random->getInt(80, 330), "w{$i}");
        $at += 6;
    }

    return section($baffles, $random->getInt(70, 300), $random->getInt(0, 60), $random->getInt(20, 65), $at + 200);
}

it('stands at the level of the return where no baffle is', function (): void {
    $lines = WaterLines::running(section([]), 2000);
    expect($lines->levelsMm)->toBe([180.0])->and($lines->litres)->toAgreeWith(900 * 400 * 180 / 1e6);
});

it('stands over a weir by the head of the flow', function (): void {
    $lines = WaterLines::running(section([weir(400, 250)]), 2000);
    expect($lines->levelsMm[0] - 250)->toAgreeWith((new Weir(250, 400))->head(2000), 1e-6)
        ->and($lines->levelsMm[1])->toBe(180.0);
});

it('backs up little under a wide gap and more under a narrow one', function (): void {
    $wide = WaterLines::running(section([under(400, 60)]), 2000)->levelsMm[0] - 180;
    $narrow = WaterLines::running(section([under(400, 5)]), 2000)->levelsMm[0] - 180;
    expect($wide)->toBeGreaterThan(0.0)->toBeLessThan(1.0)->and($narrow)->toBeGreaterThan(5.0);
});

it('stands as high as it must before a comb, for its teeth take width', function (): void {
    $comb = new Baffle('k', BaffleKind::Comb, 400, 6, 250, openShare: 0.5);
    expect(WaterLines::running(section([$comb]), 2000)->levelsMm[0])->toBeGreaterThan(
        WaterLines::running(section([weir(400, 250)]), 2000)->levelsMm[0],
    );
});

it('drowns a weir that is lower than the water behind it', function (): void {
    $lines = WaterLines::running(section([weir(400, 150)]), 2000);
    expect($lines->levelsMm[0])->toBeGreaterThan(180.0)->toBeLessThan(185.0);
});

it('spills into the return first and then rises everywhere together', function (): void {
    // 394 mm before the weir, 500 behind, 400 wide.
    $section = section([weir(394, 250)], 100);
    $full = WaterLines::filled($section, 394 * 400 * 250 / 1e6 + 500 * 400 * 100 / 1e6);
    expect($full->levelsMm[0])->toAgreeWith(250.0, 1e-9)->and($full->levelsMm[1])->toAgreeWith(100.0, 1e-9);
    $over = WaterLines::filled($section, 894 * 400 * 300 / 1e6);
    expect($over->levelsMm[0])->toAgreeWith(300.0, 1e-9)->and($over->levelsMm[1])->toAgreeWith(300.0, 1e-9);
});

// GNU units: 120 x 50 cm falling 2.5 cm, a box of 30 x 15 cm falling 40 cm, 3 m of 25 mm pipe, into 90 x 40 cm of sump.
it('rises in a power cut by what comes down over its area', function (): void {
    $drain = DrainDown::display(1200 * 500, 25, 300 * 150 * 400 / 1e6, M_PI * 25 ** 2 / 4 * 3000 / 1e6);
    $section = new Section(new Vessel(900, 400, 380, 6), new Inside([]), new SumpWater(220, 60), $drain);
    $cut = WaterLines::powerCut($section, 2000);
    expect($cut->levelsMm[0] - 220)->toAgreeWith(95.7572821010284, 1e-12)
        ->and($section->rimLitres() - $cut->litres)->toAgreeWith(23.1273784436298, 1e-9);
});

it('keeps the water behind a baffle when the return is emptied, and lets it go under a gap', function (): void {
    $weir = WaterLines::returnEmptied(section([weir(400, 250)]), 2000);
    expect($weir->levelsMm)->toBe([250.0, 60.0]);
    $gap = WaterLines::returnEmptied(section([under(400, 30)]), 2000);
    expect($gap->levelsMm)->toBe([60.0, 60.0]);
    $trap = WaterLines::returnEmptied(section(trap(400)), 2000);
    expect($trap->levelsMm)->toBe([220.0, 210.0, 210.0, 60.0]);
});

// Law: no water is made or lost. In a power cut there is what ran and what came down, to the drop.
it(
    'leaves no wall of water when the return is emptied: a lower baffle is under what stands behind it',
    function (): void {
        // By hand: the weir of 220 holds its chamber at 220, and the water behind the weir of 120 stands over that
        // weir, at 220 too.
        $section = section([weir(300, 120), weir(600, 220)], 180, height: 380);
        expect(WaterLines::returnEmptied($section, 2000)->levelsMm)->toBe([220.0, 220.0, 60.0]);
    },
);

it('comes to rest with the return emptied: nothing stands over a baffle with lower water beside it', function (
    int $seed,
): void {
    $section = randomSection($seed);
    $levels = WaterLines::returnEmptied($section, 2000)->levelsMm;
    foreach ($section->inside->baffles as $i => $baffle) {
        $crest = $baffle->hangs() ? 0.0 : $baffle->topMm;
        foreach ([[$i, $i + 1], [$i + 1, $i]] as [$here, $there]) {
            // Only what was there while running can stand there now.
            expect($levels[$here])->toBeLessThanOrEqual(max($crest, $levels[$there]) + 1e-6);
        }
    }
})->with(range(1, 60));

it('conserves the water between running and a power cut', function (): void {
    for ($seed = 0; $seed < 300; $seed++) {
        $section = randomSection($seed);
        $running = WaterLines::running($section, 1800);
        $cut = WaterLines::powerCut($section, 1800);
        expect($cut->litres)->toAgreeWith($running->litres + $section->drainDown->litres(), 1e-9);
    }
});

it('comes to rest: nothing stands over a baffle with lower water beside it', function (): void {
    for ($seed = 0; $seed < 300; $seed++) {
        $section = randomSection($seed);
        $levels = WaterLines::powerCut($section, 1800)->levelsMm;
        foreach ($section->inside->baffles as $i => $baffle) {
            $crest = $baffle->gapMm > 0 ? 0.0 : $baffle->topMm;
            if (max($levels[$i], $levels[$i + 1]) > $crest + 1e-6) {
                expect(abs($levels[$i] - $levels[$i + 1]))->toBeLessThan(1e-6, "seed {$seed}");
            }
        }
    }
});

it('empties only downwards, and never below what the pump leaves', function (): void {
    for ($seed = 0; $seed < 200; $seed++) {
        $section = randomSection($seed);
        $running = WaterLines::running($section, 1800)->levelsMm;
        $emptied = WaterLines::returnEmptied($section, 1800)->levelsMm;
        foreach ($emptied as $i => $level) {
            expect($level)
                ->toBeLessThanOrEqual($running[$i] + 1e-9)
                ->toBeGreaterThanOrEqual(min($section->water->pumpMinimumMm, $running[$i]) - 1e-9);
        }
    }
});

// Law: raising a baffle never lowers its upstream level; more flow never lowers any.
it('rises with a raised baffle and with the flow', function (): void {
    for ($seed = 0; $seed < 120; $seed++) {
        $section = randomSection($seed);
        $running = WaterLines::running($section, 1500)->levelsMm;
        $more = WaterLines::running($section, 2500)->levelsMm;
        foreach ($running as $i => $level) {
            expect($more[$i])->toBeGreaterThanOrEqual($level - 1e-6);
        }
        foreach ($section->inside->baffles as $i => $baffle) {
            $raised = $section->inside->baffles;
            $raised[$i] = new Baffle(
                $baffle->id,
                $baffle->kind,
                $baffle->atMm,
                $baffle->thicknessMm,
                $baffle->topMm + 20,
                $baffle->gapMm,
            );
            $higher = WaterLines::running(
                section(
                    array_values($raised),
                    $section->water->returnLevelMm,
                    0,
                    $section->water->pumpMinimumMm,
                    $section->vessel->lengthMm,
                ),
                1500,
            )->levelsMm;
            expect($higher[$i])->toBeGreaterThanOrEqual($running[$i] - 1e-6);
        }
    }
});

// Law: above the highest baffle the order of the chambers does not matter, only how much water there is.
it('forgets the order of the chambers above the highest baffle', function (): void {
    $one = section([weir(200, 120, 'a'), weir(450, 240, 'b'), weir(600, 180, 'c')], 100);
    $other = section([weir(200, 240, 'a'), weir(450, 180, 'b'), weir(600, 120, 'c')], 100);
    $litres = $one->litresPerMm() * 300;
    expect(WaterLines::filled($one, $litres)->levelsMm)
        ->toEqualWithDelta(WaterLines::filled($other, $litres)->levelsMm, 1e-9)
        ->and(WaterLines::filled($one, $litres)->levelsMm[0])
        ->toAgreeWith(300.0, 1e-9);
});

it('stands still without a flow: full before each weir', function (): void {
    expect(WaterLines::running(section(trap(400)), 0)->levelsMm)->toBe([220.0, 210.0, 210.0, 180.0]);
});

it('orders its baffles from inlet to return', function (): void {
    $section = section([weir(500, 200, 'late'), weir(100, 200, 'early')]);
    expect(array_map(fn (Baffle $baffle): string => $baffle->id, $section->inside->baffles))
        ->toBe(['early', 'late'])
        ->and(array_map(fn ($chamber): float => $chamber->lengthMm(), $section->chambers()))
        ->toBe([100.0, 394.0, 394.0]);
});

// Law: while running, every baffle lets exactly the flow by, over and under together.
it('lets the whole flow by at every baffle', function (float $flow): void {
    for ($seed = 0; $seed < 150; $seed++) {
        $section = randomSection($seed);
        $levels = WaterLines::running($section, $flow)->levelsMm;
        foreach ($section->inside->baffles as $i => $baffle) {
            expect(
                $baffle->flow($levels[$i], $levels[$i + 1], $section->vessel->widthMm, Assumptions::standard()),
            )->toAgreeWith($flow, 1e-4);
        }
    }
})->with([300.0, 1500.0, 6000.0]);

it('never stands lower before a baffle than behind it while running', function (): void {
    for ($seed = 0; $seed < 200; $seed++) {
        $levels = WaterLines::running(randomSection($seed), 2000)->levelsMm;
        $sorted = $levels;
        rsort($sorted);
        expect($levels)->toBe($sorted, "seed {$seed}");
    }
});

it('pours the same water in one go or in many', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        $section = randomSection($seed);
        $pools = Pools::of($section, WaterLines::running($section, 1500)->levelsMm);
        $pools->pour(24.0);
        $many = Pools::of($section, WaterLines::running($section, 1500)->levelsMm);
        for ($n = 0; $n < 12; $n++) {
            $many->pour(2.0);
        }
        expect($many->levelsMm())->toEqualWithDelta($pools->levelsMm(), 1e-6);
    }
});

it('keeps a high chamber full to its crest while what runs over fills the low ones', function (): void {
    // 200 mm behind a crest at 300, then 150 mm behind one at 120, then the return.
    $section = section([weir(200, 300, 'a'), weir(356, 120, 'b')], 50, length: 700);
    $litres = (200 * 300 + 150 * 120 + 338 * 60) * 400 / 1e6;
    expect(WaterLines::filled($section, $litres)->levelsMm)->toEqualWithDelta([300.0, 120.0, 60.0], 1e-9);
    $more = (200 * 300 + 488 * 200) * 400 / 1e6;
    expect(WaterLines::filled($section, $more)->levelsMm)->toEqualWithDelta([300.0, 200.0, 200.0], 1e-9);
});
