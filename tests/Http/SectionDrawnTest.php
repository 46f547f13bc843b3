<?php

declare(strict_types=1);

use App\Http\Pages\CutView;
use App\Http\Pages\SectionView;
use Database\Seeders\DemoSection;
use Ithys\Assumption\Assumptions;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Cutting\Pad;
use Ithys\Sump\Cutting\Stock;
use Ithys\Sump\Cutting\StockPlan;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\System\Setup;
use Ithys\Water\Tank;
use Tests\Support\Tanks;

// What the page is given to draw: every part in its place, every figure the core's own.

function drawnTank(): Tank
{
    return Tanks::box();
}

/** @return array<string, mixed> */
function drawnDemo(UnitSystem $units = UnitSystem::Metric): array
{
    return json_decode(
        (string) json_encode(
            SectionView::of(SumpDocument::stored(DemoSection::document()), new Setup(drawnTank()), new Words($units)),
        ),
        true,
    );
}

it('places the openings of a tray within its chamber and apart', function (): void {
    $view = drawnDemo();
    [$tray] = $view['trays'];
    $chamber = $view['chambers'][0];
    expect($tray['openings'])->toHaveCount(3);
    foreach ($tray['openings'] as $i => $a) {
        expect($a['atMm'])
            ->toBeGreaterThan($chamber['fromMm'])
            ->and($a['atMm'] + $a['lengthMm'])
            ->toBeLessThan($chamber['toMm'])
            ->and($a['acrossMm'] + $a['widthMm'])
            ->toBeLessThan($view['widthMm']);
        foreach (array_slice($tray['openings'], $i + 1) as $b) {
            expect(
                max(
                    $b['atMm'] - $a['atMm'] - $a['lengthMm'],
                    $a['atMm'] - $b['atMm'] - $b['lengthMm'],
                    $b['acrossMm'] - $a['acrossMm'] - $a['widthMm'],
                    $a['acrossMm'] - $b['acrossMm'] - $b['widthMm'],
                ),
            )->toBeGreaterThanOrEqual(15.0 - 1e-9);
        }
    }
});

it('draws each opening where it is cut', function (): void {
    $view = drawnDemo();
    $panel = array_values(array_filter($view['cuts']['panels'], fn (array $panel): bool => $panel['id'] === 'tray'))[0];
    foreach ($view['trays'][0]['openings'] as $i => $opening) {
        // A millimetre of play at each side of the sheet.
        expect($opening['atMm'] + $opening['lengthMm'] / 2)->toAgreeWith($panel['holes'][$i]['xMm'] + 1.0, 1e-9)
            ->and($opening['acrossMm'] + $opening['widthMm'] / 2)->toAgreeWith($panel['holes'][$i]['yMm'] + 1.0, 1e-9);
    }
});

it('gives devices the place they take, and none to one without a chamber', function (): void {
    $document = DemoSection::document();
    $document['placed'][] = [
        'id' => 'lost',
        'kind' => 'other',
        'name' => 'Lost',
        'chamber' => 9,
        'lengthMm' => 50.0,
        'widthMm' => 50.0,
        'heightMm' => 50.0,
        'standMm' => 0.0,
    ];
    $view = SectionView::of(SumpDocument::stored($document), new Setup(drawnTank()), new Words(UnitSystem::Metric));
    $by = array_column($view['placed'], 'place', 'id');
    // The skimmer of 210 mm in the middle of a chamber from 156 to 430 mm.
    expect($by['skimmer']['atMm'])->toBe(156.0 + (274.0 - 210.0) / 2)->and($by['lost'])->toBeNull();
});

it('gives the figures of drain, overflow and emergency pipe, and the cost at the keeper’s price', function (): void {
    $flow = drawnDemo()['flow'];
    expect($flow['drainLitresPerHour'])
        ->toBeGreaterThan($flow['litresPerHour'])
        ->and($flow['emergencyLitresPerHour'])
        ->toBeGreaterThan($flow['litresPerHour'])
        ->and($flow['drainTunedOpen'])
        ->toBeGreaterThan(0.05)
        ->toBeLessThan(1.0)
        ->and($flow['overflowHeadMm'])
        ->toBeGreaterThan(5.0)
        ->toBeLessThan(18.0)
        ->and($flow['costAYear'])
        ->toAgreeWith($flow['kilowattHoursAYear'] * 0.3, 1e-9);
    $dear = SectionView::of(
        SumpDocument::stored(DemoSection::document()),
        new Setup(drawnTank()),
        new Words(UnitSystem::Metric),
        0.45,
    );
    expect($dear['flow']['costAYear'])->toAgreeWith($flow['costAYear'] * 1.5, 1e-9);
});

it(
    'lays every piece of a plan on a sheet that is drawn, and says how many it counts where it draws fewer',
    function (): void {
        $many = new Workshop([new Pad('p', 'Small pad', 25, 25, 1)], ['pads' => new Stock(1500, 1000)]);
        $start = SumpDesign::start();
        $design = new SumpDesign(
            $start->vessel,
            $start->water,
            new Ithys\Sump\Inside($start->inside->baffles),
            $start->plumbing,
            $many,
        );
        $view = CutView::of($design, $design->section(drawnTank()));
        // 60 by 40 of 25 mm.
        expect($view['stock'][0]['perSheet'])
            ->toBe(2400)
            ->and($view['stock'][0]['sheets'][0])
            ->toHaveCount(600);
        foreach (drawnDemo()['cuts']['stock'] as $use) {
            foreach ($use['sheets'] as $sheet) {
                foreach ($sheet as $nest) {
                    expect($nest['xMm'] + $nest['lengthMm'])
                        ->toBeLessThanOrEqual($use['lengthMm'] + 1e-6)
                        ->and($nest['yMm'] + $nest['widthMm'])
                        ->toBeLessThanOrEqual($use['widthMm'] + 1e-6);
                }
            }
        }
        expect(
            StockPlan::of(
                $design->cutSheet($design->section(drawnTank())),
                $many,
                Assumptions::standard(),
            )->uses[0]->usedShare(),
        )->toAgreeWith((25 * 25) / (1500 * 1000), 1e-9);
    },
);

it('offers parts to begin with in the keeper’s units', function (): void {
    $metric = drawnDemo()['proposals'];
    $us = drawnDemo(UnitSystem::Us)['proposals'];
    expect($metric['openings']['sock-4in']['lengthMm'])
        ->toBe('101.6')
        ->and($us['openings']['sock-4in']['lengthMm'])
        ->toBe('4')
        ->and($us['openings']['sock-7in']['lengthMm'])
        ->toBe('7')
        ->and($us['openings']['roller']['hangsMm'])
        ->toBe('8 3/16')
        // Nothing proposed lies between the marks of a rule.
        ->and($us['trays']['tray']['topMm'])
        ->toMatch('~^\d+( \d+/(2|4|8|16))?$~');
    $choices = SectionView::choices(UnitSystem::Us, Assumptions::standard());
    expect($us['basket']['shelves'])
        ->toBe('3')
        ->and(array_column($choices['joints'], 0))
        ->toBe(['pump', 'return', 'bulkhead', 'drain', 'emergency']);
});

it('keeps the demo a sump that works, but for what it is there to show', function (): void {
    $grave = array_values(
        array_filter(
            drawnDemo()['findings'],
            fn (array $finding): bool => in_array($finding['severity'], ['fault', 'caution'], true),
        ),
    );
    expect(array_column($grave, 'code'))->toBe(['heater-dry']);
});
