<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\DrainDown;
use Ithys\Sump\FurtherTank;
use Ithys\Sump\Inside;
use Ithys\Sump\PipeRun;
use Ithys\Sump\Plumbing;
use Ithys\Sump\Section;
use Ithys\Sump\SumpWater;
use Ithys\Sump\TankFall;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Ithys\Sump\Vessel;
use Ithys\Sump\WaterLines;
use Tests\Support\Said;
use Tests\Support\Sumps;

// A sump worked through with pencil and calculator, step by step, so that each figure can be followed.
//
// Inside 900 x 400 x 380 mm, walls 10 mm. A weir of 240 mm at 300 mm, 10 mm thick; a second of 220 mm at 600 mm, 10 mm
// thick. The return chamber runs at 180 mm; its pump sucks air below 60 mm. 2,000 L/h. From above come down: a display
// of 1200 x 500 mm by 20 mm, a box of 2 L, and 1.5 L in the pipes.

function handSump(float $evaporation = 4.0, float $reservoir = 30.0): Section
{
    return new Section(
        new Vessel(900, 400, 380, 10),
        new Inside([new Baffle('a', BaffleKind::Weir, 300, 10, 240), new Baffle('b', BaffleKind::Weir, 600, 10, 220)]),
        new SumpWater(180, 60, evaporationLitresADay: $evaporation, reservoirLitres: $reservoir),
        DrainDown::display(1200 * 500, 20, 2, 1.5),
    );
}

/** Head over a weir of 400 mm by Kindsvater and Carter, solved by hand from a first guess by the bare formula, mm. */
function handHead(float $litresPerHour, float $crest): float
{
    $flow = $litresPerHour / 3.6e6;
    $head = ($flow / (0.602 * 2 / 3 * sqrt(2 * 9.80665) * 0.3991)) ** (2 / 3) - 0.001;
    for ($turn = 0; $turn < 20; $turn++) {
        $head
            = ($flow / ((((0.602 + (0.075 * $head * 1000) / $crest) * 2) / 3) * sqrt(2 * 9.80665) * 0.3991)) ** (2 / 3)
            - 0.001;
    }

    return 1000 * $head;
}

it('has chambers of 300, 290 and 290 mm', function (): void {
    expect(array_map(fn ($chamber): float => $chamber->lengthMm(), handSump()->chambers()))->toBe([300.0, 290.0, 290.0])
        // 300 x 400 mm are 0.12 L for a millimetre; 290 x 400 mm are 0.116 L.
        ->and(array_map(fn ($chamber): float => $chamber->litresPerMm(), handSump()->chambers()))
        ->toEqualWithDelta([0.12, 0.116, 0.116], 1e-12)
        ->and(handSump()->rimLitres())
        ->toAgreeWith(0.352 * 380, 1e-12);
});

it('runs with the head of each weir over it', function (): void {
    $levels = WaterLines::running(handSump(), 2000)->levelsMm;
    expect($levels[0])
        ->toAgreeWith(240 + handHead(2000, 240), 1e-9)
        ->and($levels[1])
        ->toAgreeWith(220 + handHead(2000, 220), 1e-9)
        ->and($levels[2])
        ->toBe(180.0);
    // About 7 mm of head: a hair over a quarter of an inch, as the trade has it.
    expect(handHead(2000, 240))->toBeGreaterThan(6.0)->toBeLessThan(9.0);
});

it('holds 0.12, 0.116 and 0.116 L for each millimetre', function (): void {
    $running = WaterLines::running(handSump(), 2000);
    expect($running->litres)->toAgreeWith(
        0.12 * (240 + handHead(2000, 240)) + 0.116 * (220 + handHead(2000, 220)) + 0.116 * 180,
        1e-9,
    );
});

it('takes 15.5 L in a power cut: the return chamber rises first', function (): void {
    // 1200 x 500 x 20 mm are 12 L; with box and pipes 15.5 L. What stands over the weirs runs on: 0.12 h + 0.116 h'.
    expect(handSump()->drainDown->litres())->toAgreeWith(15.5, 1e-12);
    $over = 0.12 * handHead(2000, 240) + 0.116 * handHead(2000, 220);
    // The return chamber takes 0.116 x (220 - 180) = 4.64 L to the second weir; the rest raises second and third
    // chamber together, 0.232 L and, above the second weir, nothing more than that, until 240 mm.
    $rest = 15.5 + $over - 4.64;
    $joined = 220 + $rest / 0.232;
    if ($joined > 240) {
        $joined = 240 + ($rest - 0.232 * 20) / 0.352;
    }
    expect($joined)
        ->toBeGreaterThan(240.0)
        ->and(WaterLines::powerCut(handSump(), 2000)->levelsMm)
        ->toEqualWithDelta([$joined, $joined, $joined], 1e-6);
    $review = Sumps::review(handSump(), 2000, 30.0);
    expect($review->here->marginMm())
        ->toAgreeWith(380 - $joined, 1e-9)
        ->and($review->here->marginLitres())
        ->toAgreeWith(0.352 * (380 - $joined), 1e-9);
});

it('gives up 120 mm of its return chamber, and what stands over the weirs', function (): void {
    $review = Sumps::review(handSump(), 2000, 30.0);
    expect($review->here->givesUpLitres())->toAgreeWith(
        0.116 * 120 + 0.12 * handHead(2000, 240) + 0.116 * handHead(2000, 220),
        1e-9,
    );
});

it('gulps after 0.116 x 120 / 4 days, and drinks its reservoir in 7.5', function (): void {
    $review = Sumps::review(handSump(), 2000, 30.0);
    expect($review->here->daysToGulp())
        ->toAgreeWith((0.116 * 120) / 4, 1e-12)
        ->and($review->here->section->water->reservoirDays())
        ->toAgreeWith(7.5, 1e-12);
});

it('is cut 397 mm wide, set at 300 and 600 mm inside and 310 and 610 mm from outside', function (): void {
    $panels = CutSheet::of(handSump())->panels;
    expect(
        array_map(
            fn ($panel): array => [
                $panel->shape->widthMm,
                $panel->shape->heightMm,
                $panel->set?->insideMm,
                $panel->set?->outsideMm,
            ],
            $panels,
        ),
    )->toBe([[397.0, 240.0, 300.0, 310.0], [397.0, 220.0, 600.0, 610.0]]);
});

it('holds back a clogged tray by its standpipe: mouth at 295 mm, and 28 mm over it for 2,000 L/h', function (): void {
    $tray = new Tray('t', TrayKind::Tray, 0, 260, 10, [
        OpeningKind::SmallSock->usual('s', Assumptions::standard()),
        new Opening('w', OpeningKind::Standpipe, 40, 40, 35, 60),
    ]);
    // Through the mouth: v = 2000 / 3.6e6 / (0.6 x pi x 0.02²) = 0.7368 m/s, h = v² / 2g = 27.7 mm. Over its edge of
    // 125.7 mm the weir asks for less.
    $speed = 2000 / 3.6e6 / (0.6 * M_PI * 0.02 ** 2);
    expect($tray->cloggedLevelMm(2000, Assumptions::standard()))->toAgreeWith(
        295 + (1000 * $speed ** 2) / (2 * 9.80665),
        1e-6,
    );
});

it('falls through a drain of 32 mm as the energy of 0.9 m allows', function (): void {
    // At the flow found, entrance, two elbows, open gate valve, outlet and friction over 1.2 m use up just 0.9 m.
    $plumbing = new Plumbing(drain: new PipeRun(32, 1200, 900, ['elbow-90' => 2, 'gate-valve' => 1]));
    $flow = (float) $plumbing->drain->carries(Assumptions::standard(), 0.95e-6);
    $speed = $flow / 3.6e6 / (M_PI * 0.016 ** 2);
    $reynolds = $speed * 0.032 / 0.95e-6;
    $friction = 0.25 / log10(0.0015 / (3.7 * 32) + 5.74 / $reynolds ** 0.9) ** 2;
    expect(($friction * 1200 / 32 + 0.5 + 2 * 0.9 + 0.2 + 1.0) * $speed ** 2 / (2 * 9.80665))->toAgreeWith(0.9, 1e-6);
});

it('says all of it in inches too', function (): void {
    $sentences = implode(
        ' ',
        array_map(
            fn (Said $finding): string => $finding->sentence,
            Said::all(Sumps::review(handSump(), 2000, 30.0)->findings, UnitSystem::Us),
        ),
    );
    expect($sentences)
        ->toContain('in under the rim')
        ->toContain('US gal')
        ->not->toMatch('~\d mm\b~');
});

it('takes what three tanks let down, each with its own fall, box and pipes', function (): void {
    // Display of 1200 x 500 by 20 mm: 12 L; box 2 L. Its return of 25 mm, 2,000 mm: pi/4 x 25² x 2,000 = 0.981748 L;
    // its drain of 40 mm, 1,500 mm: 1.884956 L. Together 16.866704 L.
    // Frag tank of 600 x 400 by 15 mm: 3.6 L; box 1 L; drain 32 mm by 1,200 mm 0.965097 L; return 16 mm by 2,500 mm
    // 0.502655 L. Together 6.067752 L.
    // Lagoon of 500 x 500 by 10 mm: 2.5 L; box 0.5 L; drain 25 mm by 1,000 mm 0.490874 L; return 16 mm by 1,800 mm
    // 0.361911 L. Together 3.852785 L.
    $down = new DrainDown(
        new TankFall('the display', 1200 * 500, 20, 2, (float) (new Plumbing(
            return: new PipeRun(25, 2000, 1350),
            drain: new PipeRun(40, 1500, 900),
        ))->litres()),
        [
            (new FurtherTank(
                'frag',
                600,
                400,
                15,
                1,
                drain: new PipeRun(32, 1200, 900),
                return: new PipeRun(16, 2500),
            ))->fall('Frag tank'),
            (new FurtherTank(
                'lagoon',
                500,
                500,
                10,
                0.5,
                drain: new PipeRun(25, 1000, 900),
                return: new PipeRun(16, 1800),
            ))->fall('Lagoon'),
        ],
    );
    expect($down->missing())->toBe([])
        ->and($down->display->litres())->toEqualWithDelta(16.866704, 1e-6)
        ->and($down->further[0]->litres())->toEqualWithDelta(6.067752, 1e-6)
        ->and($down->further[1]->litres())->toEqualWithDelta(3.852785, 1e-6)
        ->and($down->litres())->toEqualWithDelta(26.787241, 1e-6);

    // In the sump above, 2,000 L/h: 26.787 L and what stands over the weirs, 0.12 h + 0.116 h'. The return chamber
    // takes 4.64 L to the second weir, then chambers two and three together 0.232 x 20 = 4.64 L to the first, and the
    // rest raises all three, 0.352 L for each millimetre.
    $over = 0.12 * handHead(2000, 240) + 0.116 * handHead(2000, 220);
    $level = 240 + (26.787241 + $over - 4.64 - 4.64) / 0.352;
    $sump = handSump();
    $cut = WaterLines::powerCut(
        new Section($sump->vessel, $sump->inside, $sump->water, $down),
        2000,
    );
    expect($cut->levelsMm[0])->toEqualWithDelta($level, 1e-3)
        ->and($cut->levelsMm[2])->toEqualWithDelta($level, 1e-3);

    // With the lagoon's box not given, 26.287 L are what is known, and it is named.
    $less = new DrainDown($down->display, [$down->further[0], (new FurtherTank(
        'lagoon',
        500,
        500,
        10,
        drain: new PipeRun(25, 1000, 900),
        return: new PipeRun(16, 1800),
    ))->fall('Lagoon')]);
    expect($less->litres())->toEqualWithDelta(26.287241, 1e-6)
        ->and(array_map(said(...), $less->missing()))->toBe(['the water in the overflow of Lagoon']);
});

/** What is said of a clogged sock in the first chamber of 300 mm. */
function handClogged(float $baffleMm, float $trayMm): string
{
    $section = new Section(
        new Vessel(900, 400, 380, 10),
        new Inside(
            [new Baffle('a', BaffleKind::Weir, 300, 10, $baffleMm)],
            trays: [
                new Tray('t', TrayKind::Tray, 0, $trayMm, 8, [
                    new Opening('s', OpeningKind::SmallSock, 102, 102, 25, 200),
                ]),
            ],
        ),
        new SumpWater(180, 60),
        DrainDown::display(0, 0, 0, 0),
    );
    foreach (Said::all(Sumps::review($section, 2000, 20.0)->findings) as $finding) {
        if ($finding->code === 'clogged-fits') {
            return $finding->sentence;
        }
    }

    return 'nothing';
}

it('lets water that stands on a clogged tray run over the open edge behind it', function (): void {
    // A tray at 300 mm over a baffle of 260 mm: its edge is open, 400 mm wide, and the water runs over it as over a
    // weir of 300 mm. 2,000 L/h by Kindsvater and Carter stand handHead(2000, 300) over that.
    expect(handClogged(260, 300))->toContain(sprintf('at %d mm', round(300 + handHead(2000, 300))))
        ->toContain('over the open edge of the tray into chamber 2')
        // Behind a baffle of 330 mm it stands as high over that.
        ->and(handClogged(330, 300))->toContain(sprintf('at %d mm', round(330 + handHead(2000, 330))))
        ->toContain('over the baffle behind it');
});
