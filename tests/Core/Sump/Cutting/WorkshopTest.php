<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Drawing\CutDxf;
use Ithys\Drawing\CutLayout;
use Ithys\Drawing\CutSvg;
use Ithys\Finding;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cutting\Basket;
use Ithys\Sump\Cutting\CutGroup;
use Ithys\Sump\Cutting\CutPanel;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\Cutting\Pad;
use Ithys\Sump\Cutting\Stock;
use Ithys\Sump\Cutting\StockPlan;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Inside;
use Ithys\Sump\Review\SumpReview;
use Ithys\Sump\Section;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Ithys\Sump\Vessel;
use Symfony\Component\Process\Process;
use Tests\Support\Sumps;
use Tests\Support\Temporary;

function workshopSection(): Section
{
    return new Section(
        new Vessel(800, 320, 360, 6),
        new Inside(
            [new Baffle('w', BaffleKind::Weir, 180, 6, 205), new Baffle('u', BaffleKind::Under, 500, 6, 290, 40)],
            trays: [
                new Tray('t', TrayKind::Tray, 0, 250, 10, [
                    OpeningKind::SmallSock->usual('s', Assumptions::standard()),
                    new Opening('r', OpeningKind::Roller, 120, 90),
                ]),
                new Tray('e', TrayKind::EggCrate, 1, 60, 12),
            ],
        ),
        new SumpWater(165, 70),
        DrainDown::display(0, 0, 0, 0),
    );
}

/** @return list<Finding> what is said of what is cut */
function cutFindings(Workshop $workshop): array
{
    return SumpReview::of(Sumps::here(workshopSection(), 1500, workshop: $workshop))->ofCuts;
}

/** @return array<string, CutPanel> by mark */
function panelsOf(Workshop $workshop = new Workshop): array
{
    $panels = CutSheet::of(workshopSection(), $workshop)->panels;

    return array_combine(array_map(fn (CutPanel $panel): string => $panel->id, $panels), $panels);
}

it('cuts a tray to its chamber less the gap it drops in by, with its holes and two ledges', function (): void {
    $panels = panelsOf();
    // The chamber is 180 by 320, with a millimetre free at each side.
    expect([$panels['t']->shape->widthMm, $panels['t']->shape->heightMm, $panels['t']->shape->thicknessMm])
        ->toBe([178.0, 318.0, 10.0])
        ->and(array_map(fn ($hole): bool => $hole->isRound, $panels['t']->shape->holes))
        ->toBe([true, false])
        ->and($panels['t-ledge']->count)
        ->toBe(2)
        ->and($panels['t-ledge']->shape->widthMm)
        ->toBe(178.0)
        ->and($panels['e']->group)
        ->toBe(CutGroup::EggCrate)
        ->and($panels['e']->shape->widthMm)
        ->toBe(312.0);
    foreach ($panels['t']->shape->holes as $hole) {
        expect($hole->xMm - $hole->lengthMm / 2)
            ->toBeGreaterThanOrEqual(15.0 - 1e-9)
            ->and($hole->xMm + $hole->lengthMm / 2)
            ->toBeLessThanOrEqual(163.0 + 1e-9);
    }
});

it('turns a piece with its holes and back again to what it was', function (): void {
    $tray = panelsOf()['t'];
    $turned = $tray->turned();
    expect([$turned->shape->widthMm, $turned->shape->heightMm])->toBe([318.0, 178.0]);
    foreach ($turned->shape->holes as $i => $hole) {
        expect($hole->xMm)
            ->toAgreeWith(318.0 - $tray->shape->holes[$i]->yMm, 1e-12)
            ->and($hole->yMm)
            ->toAgreeWith($tray->shape->holes[$i]->xMm, 1e-12);
    }
    expect($tray->turned()->turned()->turned()->turned()->shape->outline)->toEqualWithDelta(
        $tray->shape->outline,
        1e-9,
    );
});

it('closes a lit chamber off: against its baffles, and outside', function (): void {
    $panels = panelsOf(new Workshop(litChamber: 1));
    expect([$panels['blackout-inlet']->shape->widthMm, $panels['blackout-inlet']->shape->heightMm])
        ->toBe([317.0, 205.0])
        ->and($panels['blackout-return']->shape->heightMm)
        ->toBe(250.0)
        ->and([$panels['blackout-front']->shape->widthMm, $panels['blackout-front']->shape->heightMm])
        ->toBe([314.0, 360.0])
        ->and($panels['blackout-back']->shape->thicknessMm)
        ->toBe(5.0);
    // At the end of the sump the wall itself is covered, from outside.
    expect(panelsOf(new Workshop(litChamber: 0))['blackout-inlet']->shape->widthMm)->toBe(332.0)
        ->and(panelsOf(new Workshop(litChamber: 9)))->not->toHaveKey('blackout-front');
});

// Common practice: 5 mm of black acrylic blocks the light of a refugium, 2 mm lets it through.
it('warns of light that gets through', function (?float $thickness, bool $found): void {
    $codes = array_map(
        fn (Finding $finding): string => $finding->code,
        cutFindings(new Workshop(litChamber: 1, blackoutMm: $thickness)),
    );
    expect(in_array('light-leaks', $codes, true))->toBe($found);
})->with([[2.0, true], [4.9, true], [5.0, false], [6.0, false], [null, false]]);

it('says when the lit chamber is gone, and when a piece is larger than its sheet', function (): void {
    $codes = fn (Workshop $workshop): array => array_map(
        fn (Finding $finding): string => $finding->code,
        cutFindings($workshop),
    );
    expect($codes(new Workshop(litChamber: 5)))
        ->toBe(['lit-chamber-gone'])
        ->and($codes(new Workshop(stock: ['trays' => new Stock(320, 100)])))
        ->toBe(['stock-small'])
        ->and($codes(new Workshop([new Pad('p', 'Pad', 400, 400, 3)], ['pads' => new Stock(300, 300)])))
        ->toBe(['stock-small'])
        ->and($codes(new Workshop()))
        ->toBe([]);
});

it('counts the sheets that pads are cut from', function (int $count, int $sheets): void {
    $workshop = new Workshop([new Pad('p', 'Fine pad', 140, 95, $count)], ['pads' => new Stock(900, 300)]);
    $use = StockPlan::of(CutSheet::of(workshopSection(), $workshop), $workshop, Assumptions::standard())->uses;
    $pads = array_values(array_filter($use, fn ($one): bool => $one->group() === CutGroup::Pads))[0];
    // By hand: 6 along and 3 across are 18; turned, 9 along and 2 across are 18; the area holds no more than 20.
    expect($pads->perSheet)->toBeGreaterThanOrEqual(18)->toBeLessThanOrEqual(intdiv(900 * 300, 140 * 95))
        ->and($pads->sheetsNeeded)->toBe((int) ceil($count / (int) $pads->perSheet));
})->with([[1, 1], [18, 1], [200, 11]]);

it('takes what is of another thickness from another sheet, and glass baffles from none', function (): void {
    $plan = StockPlan::of(CutSheet::of(workshopSection()), new Workshop, Assumptions::standard());
    $kinds = array_map(fn ($use): string => "{$use->group()->value} {$use->thicknessMm()}", $plan->uses);
    expect($kinds)->toBe(['trays 10', 'egg-crate 12', 'trays 6']);
    $stocked = new Workshop(stock: ['baffles' => new Stock(700, 400)]);
    $plan = StockPlan::of(CutSheet::of(workshopSection(), $stocked), $stocked, Assumptions::standard());
    expect($plan->uses[0]->group())
        ->toBe(CutGroup::Baffles)
        ->and($plan->uses[0]->sheetsNeeded)
        ->toBe(1)
        ->and($plan->uses[0]->usedShare())
        ->toAgreeWith((317 * 205 + 317 * 250) / (700 * 400), 1e-9);
});

it('lays each piece once: on its stock sheet or in the rows', function (): void {
    $workshop = new Workshop([new Pad('p', 'Fine pad', 140, 95, 3)], litChamber: 1, basket: Basket::usual());
    $sheet = CutSheet::of(workshopSection(), $workshop);
    $layout = CutLayout::of($sheet, StockPlan::of($sheet, $workshop, Assumptions::standard()));
    $count = [];
    foreach ($layout->placed as $placed) {
        $count[$placed['panel']->id] = ($count[$placed['panel']->id] ?? 0) + 1;
    }
    foreach ($sheet->panels as $panel) {
        // Of equal pads one full sheet stands for all.
        expect($count[$panel->id])->toBe(
            $panel->group === CutGroup::Pads
                ? StockPlan::of($sheet, $workshop, Assumptions::standard())->uses[
                    array_search(
                        CutGroup::Pads,
                        array_map(
                            fn ($use) => $use->group(),
                            StockPlan::of($sheet, $workshop, Assumptions::standard())->uses,
                        ),
                        true,
                    )
                ]->perSheet
                : $panel->count,
            $panel->id,
        );
    }
});

it('makes a basket that fits its cavity: sheets add up to the outside, shelves lift out', function (): void {
    $basket = new Basket(120, 100, 300, 1.5, 3, 3, 40);
    $panels = [];
    foreach ($basket->panels(Assumptions::standard()) as $panel) {
        $panels[$panel->id] = $panel;
    }
    expect($basket->outerLengthMm())->toBe(117.0)->and($basket->outerWidthMm())->toBe(97.0)
        // Back and front cover the edges of the sides: side and two sheets make the depth.
        ->and($panels['basket-side']->shape->widthMm + 2 * 3.0)
        ->toBe($basket->outerWidthMm())
        ->and($panels['basket-back']->shape->widthMm)
        ->toBe(117.0)
        ->and($panels['basket-front']->shape->heightMm)
        ->toBe(260.0)
        ->and($panels['basket-shelf']->shape->widthMm)
        ->toBe(117.0 - 6.0 - 2.0)
        ->and($panels['basket-shelf']->count)
        ->toBe(3)
        ->and($panels['basket-ledge']->count)
        ->toBe(6)
        ->and($panels['basket-handle']->shape->holes)
        ->toHaveCount(1)
        // 111 x 91 mm inside, each shelf (300 - 40) / 3 - 8 mm high.
        ->and($basket->mediaLitres(1, Assumptions::standard()))->toAgreeWith(111 * 91 * (260 / 3 - 8 - 10) / 1e6, 1e-9);
});

it('judges a basket by its gap and what is left of it', function (Basket $basket, array $codes): void {
    expect(
        array_map(fn (Finding $finding): string => $finding->code, cutFindings(new Workshop(basket: $basket))),
    )->toBe(
        $codes,
    );
})->with([
    'usual' => [Basket::usual(), []],
    'loose' => [new Basket(120, 100, 300, 4, 3, 3, 40), ['basket-bypass']],
    'tight' => [new Basket(120, 100, 300, 0.2, 3, 3, 40), ['basket-jams']],
    'low shelves' => [new Basket(120, 100, 300, 1.5, 3, 8, 40), ['basket-low']],
    'nothing left' => [new Basket(20, 20, 300, 5, 6, 3, 40), ['basket-nothing', 'basket-bypass']],
    'nothing high' => [new Basket(120, 100, 60, 1.5, 3, 5, 40), ['basket-nothing']],
]);

it('writes DXF with holes, stock sheets and words that a strict reader opens without an error', function (): void {
    $workshop = new Workshop([new Pad('p', 'Fine pad', 140, 95, 3)], litChamber: 1, basket: Basket::usual());
    $sheet = CutSheet::of(workshopSection(), $workshop);
    $file = Temporary::path('ithys.dxf');
    file_put_contents(
        $file,
        CutDxf::write($sheet, StockPlan::of($sheet, $workshop, Assumptions::standard()), new Words(UnitSystem::Metric)),
    );
    $audit = new Process([
        '/usr/bin/python3',
        '-c',
        <<<'PY'
        import sys, json, ezdxf
        doc = ezdxf.readfile(sys.argv[1])
        space = doc.modelspace()
        print(json.dumps({
            'errors': len(doc.audit().errors),
            'circles': [c.dxf.radius for c in space.query('CIRCLE[layer=="CUT"]')],
            'sheets': len(space.query('POLYLINE[layer=="SHEET"]')),
            'closed': all(l.is_closed for l in space.query('POLYLINE')),
            'texts': [t.dxf.text for t in space.query('TEXT')],
        }))
        PY, $file]);
    $audit->mustRun();
    unlink($file);
    $found = json_decode($audit->getOutput(), true);
    expect($found['errors'])
        ->toBe(0)
        ->and($found['closed'])
        ->toBeTrue()
        ->and($found['circles'])
        ->toEqualWithDelta([50.8], 1e-3)
        ->and($found['sheets'])
        ->toBe(count(StockPlan::of($sheet, $workshop, Assumptions::standard())->uses))
        ->and(implode(' ', $found['texts']))
        ->toContain('Tray, chamber 1')
        ->toContain('from a sheet');
});

it('writes the same holes to SVG, as valid SVG 1.1', function (): void {
    $sheet = CutSheet::of(workshopSection());
    $svg = new DOMDocument();
    expect(
        $svg->loadXML(
            CutSvg::write(
                $sheet,
                StockPlan::of($sheet, new Workshop(), Assumptions::standard()),
                new Words(UnitSystem::Us),
            ),
        ),
    )
        ->toBeTrue()
        ->and($svg->getElementsByTagName('circle')->length)
        ->toBe(1)
        // A hole for the roller and three stock sheets.
        ->and($svg->getElementsByTagName('rect')->length)->toBe(4)
        ->and((string) $svg->documentElement?->getAttribute('version'))->toBe('1.1');
});
