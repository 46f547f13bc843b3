<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Flow\Standpipe;
use Ithys\Severity;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cabinet;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Inside;
use Ithys\Sump\Placed;
use Ithys\Sump\Section;
use Ithys\Sump\Size;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Ithys\Sump\Vessel;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Said;
use Tests\Support\Sumps;

/** @param  list<Opening>  $openings */
function trayAt(float $top, array $openings, int $chamber = 0, TrayKind $kind = TrayKind::Tray): Tray
{
    return new Tray('tray', $kind, $chamber, $top, 10, $openings);
}

/**
 * @param  list<Tray>  $trays
 * @param  list<Placed>  $placed
 */
function traySump(
    array $trays,
    ?float $cabinet = null,
    array $placed = [],
    float $weir = 190.0,
    float $rim = 360.0,
): Section {
    return new Section(
        new Vessel(900, 320, $rim, 6),
        new Inside([new Baffle('w', BaffleKind::Weir, 240, 6, $weir)], placed: $placed, trays: $trays),
        new SumpWater(165, 70),
        DrainDown::display(0, 0, 5, 0),
        new Cabinet($cabinet),
    );
}

/** @return array<string, Finding> of the tray, by code */
function trayFindings(Section $section, float $flow = 2000): array
{
    $findings = [];
    foreach (Said::all(Sumps::review($section, $flow, 20.0)->findings) as $finding) {
        if ($finding->at === 'tray') {
            $findings[$finding->code] = $finding;
        }
    }

    return $findings;
}

function sockOf(float $hangs): Opening
{
    return new Opening('sock', OpeningKind::SmallSock, 101.6, 101.6, 25, $hangs);
}

function pipeOf(float $mouth, float $diameter = 40.0): Opening
{
    return new Opening('pipe', OpeningKind::Standpipe, $diameter, $diameter, $mouth, 60);
}

it('floods when a sock clogs and there is no other way, and says how much a minute', function (): void {
    $finding = trayFindings(traySump([trayAt(250, [sockOf(200)])], weir: 360))['clogged-no-way'];
    expect($finding->severity)
        ->toBe(Severity::Fault)
        ->and($finding->sentence)
        ->toContain('no other way')
        ->toContain('33.3 L a minute');
});

it('does not flood with a standpipe that carries the flow below the rim', function (): void {
    $findings = trayFindings(traySump([trayAt(250, [sockOf(200), pipeOf(45)])], weir: 360));
    expect($findings)
        ->not->toHaveKey('clogged-no-way')
        ->and($findings['clogged-fits']->sentence)
        ->toContain('down the standpipe');
    // Tray, mouth and the head over it add up.
    expect((float) trayAt(250, [sockOf(200), pipeOf(45)])->cloggedLevelMm(2000, Assumptions::standard()))->toAgreeWith(
        250 + 45 + (new Standpipe(40, 0.6))->head(2000),
        1e-12,
    );
});

it('floods with a standpipe that is too thin or too high', function (Opening $pipe): void {
    expect(trayFindings(traySump([trayAt(250, [sockOf(200), $pipe])], weir: 360))['clogged-no-way']->severity)->toBe(
        Severity::Fault,
    );
})->with(['thin' => [pipeOf(45, 16)], 'high' => [pipeOf(105)]]);

it('lets clogged water run over the baffle behind, or over the open edge of a tray that is higher', function (
    float $weir,
    string $code,
    string $words,
): void {
    $findings = trayFindings(traySump([trayAt(250, [sockOf(200)])], weir: $weir));
    expect($findings[$code]->sentence ?? '')->toContain($words);
})->with([
    // 2,000 L/h over 320 mm stand 8.7 mm high by the weir formula.
    'lower than the tray' => [
        240.0,
        'clogged-fits',
        'at 259 mm, 101 mm under the rim, and runs unfiltered over the open edge of the tray into chamber 2',
    ],
    'between' => [
        290.0,
        'clogged-fits',
        'at 299 mm, 61 mm under the rim, and runs unfiltered over the baffle behind it into chamber 2',
    ],
    'to the rim' => [360.0, 'clogged-no-way', 'rises to the rim'],
]);

it('does not speak of clogging where nothing is or nothing has to go through cloth', function (array $openings): void {
    $findings = trayFindings(traySump([trayAt(250, $openings)]));
    expect($findings)->not->toHaveKey('clogged-no-way')->not->toHaveKey('clogged-fits');
})->with([
    'only a standpipe' => [[pipeOf(45)]],
    'a spare hole beside the sock' => [[sockOf(200), OpeningKind::Spare->usual('s', Assumptions::standard())]],
    'nothing' => [[]],
]);

// Common practice: at least 1.5 in (38 mm) of water over a roller's tray and 8.2 in (208 mm) below it.
it('gives a roller its water above and its room below', function (float $top, float $mouth, ?string $code): void {
    $findings = trayFindings(
        traySump(
            [
                new Tray('tray', TrayKind::Tray, 0, $top, 10, [
                    OpeningKind::Roller->usual('r', Assumptions::standard()),
                    pipeOf($mouth),
                ]),
            ],
            weir: 360,
        ),
    );
    foreach (['roller-water', 'roller-room'] as $one) {
        expect(isset($findings[$one]))->toBe($one === $code);
    }
    expect(isset($findings['roller-fits']))->toBe($code === null);
})->with([
    'both' => [220.0, 45.0, null],
    'just both' => [218.28, 38.0, null],
    'too near the floor' => [205.0, 45.0, 'roller-room'],
    'the standpipe takes the water before it stands' => [220.0, 20.0, 'roller-water'],
    'too near the rim' => [330.0, 45.0, 'roller-water'],
]);

it('caps spare holes, since a roller behind one never moves on', function (): void {
    expect(
        trayFindings(
            traySump(
                [
                    trayAt(230, [
                        OpeningKind::Roller->usual('r', Assumptions::standard()),
                        OpeningKind::Spare->usual('s', Assumptions::standard()),
                    ]),
                ],
                weir: 150,
            ),
        )['spare-open']->reason,
    )->toContain('never moves on');
});

it('lifts a sock out of the cabinet, and keeps its foot off the floor', function (
    float $hangs,
    float $cabinet,
    array $codes,
): void {
    $findings = trayFindings(traySump([trayAt(250, [sockOf($hangs), pipeOf(45)])], $cabinet));
    expect(array_values(array_intersect(array_keys($findings), ['sock-lift', 'sock-on-floor'])))->toEqualCanonicalizing(
        $codes,
    );
})->with([
    'comes out' => [200.0, 450.0, []],
    'is bent out' => [200.0, 449.0, ['sock-lift']],
    'stands on the floor' => [240.0, 600.0, ['sock-on-floor']],
    'both' => [330.0, 500.0, ['sock-lift', 'sock-on-floor']],
]);

it('says when the water stands higher than the tray, when the tray is outside and when its chamber is gone', function (
    Tray $tray,
    string $code,
): void {
    expect(trayFindings(traySump([$tray])))->toHaveKey($code);
})->with([
    'drowned' => [trayAt(195, [sockOf(150), pipeOf(45)]), 'tray-drowned'],
    'over the rim' => [trayAt(370, [sockOf(200)]), 'tray-outside'],
    'under the floor' => [trayAt(5, []), 'tray-outside'],
    'no chamber' => [trayAt(250, [], 7), 'no-chamber'],
    'too many holes' => [
        trayAt(
            250,
            array_map(fn (int $i): Opening => new Opening("h{$i}", OpeningKind::LargeSock, 177.8, 177.8), range(1, 3)),
        ),
        'openings-too-many',
    ],
    'a shelf in the air' => [trayAt(250, [], 0, TrayKind::EggCrate), 'shelf-dry'],
]);

it('does not let a device stand through a tray', function (float $height, bool $found): void {
    $findings = trayFindings(
        traySump(
            [trayAt(250, [sockOf(200), pipeOf(45)])],
            placed: [new Placed('p', DeviceKind::Other, 'Reactor', 0, new Size(80, 80, $height))],
        ),
    );
    expect(isset($findings['tray-in-the-way']))->toBe($found);
})->with([[230.0, false], [240.0, false], [241.0, true], [400.0, true]]);

// Laws, whatever is cut into a tray: every opening lies within the sheet with its web around it, and none lies on
// another.
it('places openings within the sheet and apart, or says that they do not fit', function (): void {
    $fitted = 0;
    for ($seed = 0; $seed < 150; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $openings = [];
        for ($i = 0; $i < $random->getInt(1, 7); $i++) {
            $openings[] = new Opening("o{$i}", OpeningKind::Roller, $random->getInt(20, 180), $random->getInt(20, 180));
        }
        $tray = trayAt(250, $openings);
        $chamber = (new Section(
            new Vessel($random->getInt(150, 700), $random->getInt(150, 450), 360, 6),
            new Inside([]),
            new SumpWater(165, 70),
            DrainDown::display(0, 0, 0, 0),
        ))->chambers()[0];
        $places = $tray->places($chamber, Assumptions::standard());
        if ($places === null) {
            continue;
        }
        $fitted++;
        expect(array_keys($places))->toEqualCanonicalizing(
            array_map(fn (Opening $opening): string => $opening->id, $openings),
        );
        $list = array_values($places);
        foreach ($list as $i => $a) {
            expect(
                $a->xMm >= 15 - 1e-9
                    && $a->yMm >= 15 - 1e-9
                    && $a->xMm + $a->lengthMm <= $tray->lengthMm($chamber, Assumptions::standard()) - 15 + 1e-9
                    && $a->yMm + $a->widthMm <= $tray->widthMm($chamber, Assumptions::standard()) - 15 + 1e-9,
            )->toBeTrue("seed {$seed}");
            foreach (array_slice($list, $i + 1) as $b) {
                $apart = max(
                    $b->xMm - $a->xMm - $a->lengthMm,
                    $a->xMm - $b->xMm - $b->lengthMm,
                    $b->yMm - $a->yMm - $a->widthMm,
                    $a->yMm - $b->yMm - $b->widthMm,
                );
                expect($apart)->toBeGreaterThanOrEqual(15 - 1e-9, "seed {$seed}");
            }
        }
    }
    expect($fitted)->toBeGreaterThan(40);
});

it('words what it finds in inches where they are chosen', function (): void {
    $review = Sumps::review(traySump([trayAt(250, [sockOf(240), pipeOf(45)])], 400.0), 2000, 20.0);
    foreach (Said::all($review->findings, \Ithys\Quantity\UnitSystem::Us) as $finding) {
        if ($finding->at === 'tray') {
            expect($finding->sentence.$finding->fix)->not->toMatch('~\d mm~');
        }
    }
});

it('keeps the margin to the rim when a sock is clogged', function (float $mouth, string $code): void {
    // The tray is at 250 mm and the rim at 360: a pipe of 40 mm takes 200 L/h with little over its mouth.
    $findings = trayFindings(traySump([trayAt(250, [sockOf(200), pipeOf($mouth)])], weir: 360), 200);
    expect(array_keys($findings))->toContain($code);
})->with([
    'far below' => [60.0, 'clogged-fits'],
    'a centimetre below' => [98.0, 'clogged-close'],
    'at the rim' => [110.0, 'clogged-no-way'],
]);

it('counts what passes the wall and the pipe before it says how much runs over', function (): void {
    // A wall of 20 mm under the rim passes by the weir formula; the rest of 8,000 L/h runs over.
    $passes = (new Ithys\Flow\Weir(340, 320))->flow(20.0);
    $finding = trayFindings(traySump([trayAt(250, [sockOf(200)])], weir: 340), 8000)['clogged-no-way'];
    expect($passes)->toBeLessThan(8000)
        ->and($finding->sentence)->toMatch('~ '.preg_quote(number_format((8000 - $passes) / 60, 0)).'(\.\d+)? L a '
            .'minute run over it~');
});
