<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Drawing\CutDxf;
use Ithys\Drawing\CutLayout;
use Ithys\Drawing\CutSvg;
use Ithys\Flow\Weir;
use Ithys\Panel\Material;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\Cutting\Pad;
use Ithys\Sump\Cutting\Stock;
use Ithys\Sump\Cutting\StockPlan;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Inside;
use Ithys\Sump\Section;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Vessel;
use Ithys\Sump\WaterLines;
use Symfony\Component\Process\Process;
use Tests\Support\Temporary;

function cutSection(float $wall = 6.35): Section
{
    return new Section(
        new Vessel(800, 320, 360, $wall),
        new Inside([
            new Baffle('w', BaffleKind::Weir, 228.6, 6, 205),
            new Baffle('c', BaffleKind::Comb, 520, 6, 195, openShare: 0.5),
            new Baffle('u', BaffleKind::Under, 560, 6, 290, 40),
            new Baffle('g', BaffleKind::Gate, 600, 10, 180),
        ]),
        new SumpWater(165, 70),
        DrainDown::display(0, 0, 0, 0),
    );
}

function stockOf(Section $section, Workshop $workshop = new Workshop): StockPlan
{
    return StockPlan::of(
        CutSheet::of($section, $workshop, Assumptions::standard()),
        $workshop,
        Assumptions::standard(),
    );
}

/** Area inside a closed outline, by the shoelace formula, mm². */
function outlineArea(array $outline): float
{
    $sum = 0.0;
    foreach ($outline as $i => [$x, $y]) {
        [$nextX, $nextY] = $outline[($i + 1) % count($outline)];
        $sum += $x * $nextY - $nextX * $y;
    }

    return $sum / 2;
}

it('cuts each baffle to the inner width less the silicone, and to its own height', function (): void {
    [$weir, $comb, $under, $gate] = CutSheet::of(cutSection())->panels;
    expect($weir->shape->widthMm)
        ->toBe(317.0)
        ->and($weir->shape->heightMm)
        ->toBe(205.0)
        ->and($under->shape->heightMm)
        ->toBe(250.0)
        ->and($gate->shape->thicknessMm)
        ->toBe(10.0)
        ->and(outlineArea($under->shape->outline))
        ->toAgreeWith(317.0 * 250.0, 1e-9)
        // Two corners of 8 x 8 mm off.
        ->and(outlineArea($weir->shape->outline))->toAgreeWith(317.0 * 205.0 - 64.0, 1e-9)
        ->and($comb->label)->toBe('2. Comb-topped baffle');
});

// Common practice: 9 in inside to inside is 9 1/4 in from the outside with a wall of a quarter inch.
it('says where to set it, inside and from the outside as a check', function (): void {
    $weir = CutSheet::of(cutSection())->panels[0];
    expect($weir->set->insideMm / 25.4)
        ->toAgreeWith(9.0, 1e-9)
        ->and($weir->set->outsideMm / 25.4)
        ->toAgreeWith(9.25, 1e-9);
});

it('cuts a comb that is open by its share, slots within the sheet', function (float $share): void {
    $section = new Section(
        new Vessel(800, 320, 360, 6),
        new Inside([new Baffle('c', BaffleKind::Comb, 520, 6, 195, openShare: $share)]),
        new SumpWater(165, 70),
        DrainDown::display(0, 0, 0, 0),
    );
    $panel = CutSheet::of($section)->panels[0];
    $open = (317.0 * 220.0 - 64.0 - outlineArea($panel->shape->outline)) / 25.0 / 317.0;
    expect($open)->toAgreeWith($share, 0.06);
    foreach ($panel->shape->outline as [$x, $y]) {
        expect($x)
            ->toBeGreaterThanOrEqual(0.0)
            ->toBeLessThanOrEqual(317.0)
            ->and($y)
            ->toBeGreaterThanOrEqual(0.0)
            ->toBeLessThanOrEqual(220.0);
    }
})->with([0.3, 0.5, 0.7]);

it('reckons the water over the piece that is cut: the slots end where it goes over', function (): void {
    $baffle = new Baffle('c', BaffleKind::Comb, 520, 6, 195, openShare: 0.5);
    $section = new Section(
        new Vessel(800, 320, 360, 6),
        new Inside([$baffle]),
        new SumpWater(165, 70),
        DrainDown::display(0, 0, 0, 0),
    );
    $heights = array_column(CutSheet::of($section)->panels[0]->shape->outline, 1);
    sort($heights);
    $slots = array_values(array_unique(array_filter($heights, fn (float $y): bool => $y > 20.0)));
    // The lowest edge of the cut piece that water can go over is the foot of its slots.
    expect($slots)->toBe([195.0, 220.0]);
    $weir = new Weir($slots[0], 320 * 0.5);
    expect(WaterLines::running($section, 1500)->levelsMm[0])->toAgreeWith($slots[0] + $weir->head(1500), 1e-6);
});

it('cuts nothing where the gap leaves nothing, and draws what it says in plain XML', function (): void {
    $section = new Section(
        new Vessel(800, 320, 360, 6),
        new Inside([
            new Baffle('gone', BaffleKind::Under, 300, 6, 100, 100),
            new Baffle('w', BaffleKind::Weir, 500, 6, 180),
        ]),
        new SumpWater(165, 70),
        DrainDown::display(0, 0, 0, 0),
    );
    expect(array_map(fn ($panel): string => $panel->id, CutSheet::of($section)->panels))->toBe(['w']);
    $workshop = new Workshop(pads: [new Pad('p', "fine\x01 \x0B<pad> & \u{FFFE}more", 100, 80, 1)]);
    expect(
        CutSvg::write(CutSheet::of($section, $workshop), stockOf($section, $workshop), new Words(UnitSystem::Metric)),
    )
        ->toBeValidSvg()
        ->toContain('fine &lt;pad&gt; &amp; more');
});

it('lays the sheets out without one on another', function (): void {
    $placed = CutLayout::of(CutSheet::of(cutSection()), stockOf(cutSection()))->placed;
    foreach ($placed as $i => $a) {
        foreach (array_slice($placed, $i + 1) as $b) {
            $apart
                = $b['x'] >= $a['x'] + $a['panel']->shape->widthMm
                || $a['x'] >= $b['x'] + $b['panel']->shape->widthMm
                || $b['y'] >= $a['y'] + $a['panel']->shape->heightMm
                || $a['y'] >= $b['y'] + $b['panel']->shape->heightMm;
            expect($apart)->toBeTrue();
        }
    }
    expect($placed)->toHaveCount(4);
});

it('writes DXF that a strict reader opens without an error, outlines closed and in the units it names', function (
    UnitSystem $units,
): void {
    $file = Temporary::path('ithys.dxf');
    file_put_contents($file, CutDxf::write(CutSheet::of(cutSection()), stockOf(cutSection()), new Words($units)));
    $audit = new Process(['/usr/bin/python3', '-c', <<<'PY'
        import sys, json, ezdxf
        doc = ezdxf.readfile(sys.argv[1])
        audit = doc.audit()
        lines = doc.modelspace().query('POLYLINE[layer=="CUT"]')
        ends = lambda l, axis: [f(getattr(v.dxf.location, axis) for v in l.vertices) for f in (min, max)]
        box = [ends(l, 'x') + ends(l, 'y') for l in lines]
        print(json.dumps({
            'errors': len(audit.errors),
            'version': doc.dxfversion,
            'units': [doc.header.get('$INSUNITS'), doc.header.get('$MEASUREMENT')],
            'closed': [l.is_closed for l in lines],
            'sizes': [[b[1]-b[0], b[3]-b[2]] for b in box],
            'texts': [t.dxf.text for t in doc.modelspace().query('TEXT[layer=="TEXT"]')],
        }))
        PY, $file]);
    $audit->mustRun();
    $found = json_decode($audit->getOutput(), true);
    unlink($file);
    expect($found['errors'])
        ->toBe(0)
        ->and($found['version'])
        ->toBe('AC1009')
        ->and($found['closed'])
        ->toBe([true, true, true, true])
        ->and($found['sizes'])
        ->toEqualWithDelta(array_map(
            static fn (array $size): array => array_map(
                static fn (float $mm): float => $units === UnitSystem::Metric ? $mm : $mm / 25.4,
                $size,
            ),
            [[317.0, 205.0], [317.0, 220.0], [317.0, 250.0], [317.0, 180.0]],
        ), 1e-3)
        // The DXF reference: $INSUNITS 4 is mm, 1 inches; $MEASUREMENT 1 is metric, 0 English.
        ->and($found['units'])
        ->toBe($units === UnitSystem::Metric ? [4, 1] : [1, 0])
        ->and(implode(' ', $found['texts']))
        ->toContain('one unit of this drawing is '.($units === UnitSystem::Metric ? '1 mm.' : '1 in.'))
        ->and($found['texts'])
        ->toContain(
            '1. Weir baffle',
            $units === UnitSystem::Metric ? '317 mm x 205 mm x 6 mm, glass' : '12 1/2 in x 8 1/16 in x 1/4 in, glass',
        );
})->with(UnitSystem::cases());

it('writes SVG in true millimetres with a closed outline for every sheet', function (): void {
    $svg = new DOMDocument();
    expect(
        $svg->loadXML(CutSvg::write(CutSheet::of(cutSection()), stockOf(cutSection()), new Words(UnitSystem::Metric))),
    )->toBeTrue();
    $root = $svg->documentElement;
    $size = fn (string $of): string => (string) $root?->getAttribute($of);
    expect($root?->namespaceURI)->toBe('http://www.w3.org/2000/svg')
        ->and($size('viewBox'))->toBe('0 0 '.rtrim($size('width'), 'm').' '.rtrim($size('height'), 'm'))
        ->and($svg->getElementsByTagName('polygon')->length)->toBe(4)
        ->and($svg->textContent)->toContain('229 mm inside, 235 mm from outside');
});

it('writes an empty sheet for a sump without baffles', function (): void {
    $empty = new Section(
        new Vessel(800, 320, 360, 6),
        new Inside([]),
        new SumpWater(165, 70),
        DrainDown::display(0, 0, 0, 0),
    );
    $none = CutSheet::of($empty);
    expect($none->panels)
        ->toBe([])
        ->and(CutDxf::write($none, stockOf($empty), new Words(UnitSystem::Metric)))
        ->toContain('EOF')
        ->and((new DOMDocument())->loadXML(CutSvg::write($none, stockOf($empty), new Words(UnitSystem::Metric))))
        ->toBeTrue();
});

it('lays acrylic baffles out with the width of the blade, and glass on sheets of its own', function (): void {
    $baffle = fn (string $id, float $at): Baffle => new Baffle($id, BaffleKind::Weir, $at, 6, 200);
    $of = fn (Material $material): StockPlan => stockOf(
        new Section(
            new Vessel(900, 350, 400, 6, $material),
            new Inside([$baffle('a', 150), $baffle('b', 300), $baffle('c', 450), $baffle('d', 600)]),
            new SumpWater(165, 70),
            DrainDown::display(0, 0, 0, 0),
        ),
        new Workshop(stock: ['baffles' => new Stock(694, 400)]),
    );
    // Four of 347 x 200 mm are just as large as the sheet: scored glass gives them, a saw does not.
    expect($of(Material::Glass)->uses[0]->sheetsNeeded)->toBe(1)
        ->and($of(Material::Glass)->uses[0]->label)->toBe('Baffles, glass')
        ->and($of(Material::Acrylic)->uses[0]->sheetsNeeded)->toBe(2);
    $mixed = stockOf(cutSection(), new Workshop(stock: ['baffles' => new Stock(900, 600)]));
    // The comb of a glass sump is acrylic.
    expect(array_map(fn ($use): string => $use->label, $mixed->uses))->toContain('Baffles, glass', 'Baffles, acrylic');
});
