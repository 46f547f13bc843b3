<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Drawing\CutSvg;
use Ithys\Drawing\PathSheet;
use Ithys\Path\Review\Review;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Cutting\Basket;
use Ithys\Sump\Cutting\CutSheet;
use Ithys\Sump\Cutting\Pad;
use Ithys\Sump\Cutting\StockPlan;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Tests\Support\Sketch;
use Tests\Support\Tanks;

// Every drawing that leaves the house, held to the rules of SVG 1.1 (W3C, second edition 2011).

it('knows a drawing that breaks the rules', function (): void {
    expect(
        fn () => expect('<svg xmlns="http://www.w3.org/2000/svg" version="1.1"><rect foo="1"/></svg>')->toBeValidSvg(),
    )->toThrow(Exception::class, 'foo');
});

it('writes cut sheets by the rules, in either unit system', function (UnitSystem $units, bool $all): void {
    $workshop = $all
        ? new Workshop([new Pad('p', 'Pad “fine” & <soft>', 140, 95, 3)], litChamber: 1, basket: Basket::usual())
        : new Workshop();
    $section = SumpDocument::stored(Database\Seeders\DemoSection::document())->section(
        Tanks::box(),
    );
    $sheet = CutSheet::of($section, $workshop);
    expect(
        CutSvg::write($sheet, StockPlan::of($sheet, $workshop, Assumptions::standard()), new Words($units)),
    )->toBeValidSvg();
})
    ->with(UnitSystem::cases())
    ->with([true, false]);

it('writes an empty cut sheet by the rules', function (): void {
    $design = new SumpDesign(SumpDesign::start()->vessel, SumpDesign::start()->water, new Ithys\Sump\Inside([]));
    $sheet = CutSheet::of(
        $design->section(
            new Tank(
                Display::volume(100),
                new BesideDisplay(0, 0),
                new Ground(0, 0),
                new Conditions(35, 25),
                null,
                TurnoverSchool::Moderate,
            ),
        ),
    );
    expect(
        CutSvg::write(
            $sheet,
            StockPlan::of($sheet, new Workshop(), Assumptions::standard()),
            new Words(UnitSystem::Metric),
        ),
    )->toBeValidSvg();
});

it('writes the sheet of a path by the rules', function (): void {
    $here = Sketch::in(
        Sketch::path(
            'overflow-drilled > sock(count=2, holes=1) > skimmer > bubble-trap > return-pump; branch from return-pump '
                .'to sock 200: reactor(gfo)',
        ),
    );
    expect(
        PathSheet::svg($here, Review::of($here), 'Hall & “stair” reef', new Words(UnitSystem::Metric)),
    )->toBeValidSvg();
});
