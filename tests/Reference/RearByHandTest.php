<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Sump\Rear\BasketFlow;
use Ithys\Sump\Review\Situation;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\Water\Display;
use Tests\Support\Sketched;

// Chambers behind a display, worked through with pencil and calculator.
//
// The display is 600 x 300 mm: 0.18 L for a millimetre. Behind it, 100 mm deep and 380 mm high: a chamber of 150
// mm (0.015 L/mm), a weir of 280 mm, 5 mm thick, and a pump chamber of 445 mm (0.0445 L/mm), which runs at 240 mm;
// the pump draws air below 80 mm. Slots from 300 to 350 mm over 100 mm, half open: 50 mm of edge. 600 L/h. 0.8 L
// evaporate a day. A basket for the first chamber: cavity 150 x 100 mm, 310 mm high on a foot of 10 mm, its front
// 30 mm lower: at 290 mm.
//
// Weirs by Kindsvater and Carter 1957 (USBR Water Measurement Manual), drowned ones by Villemonte 1947; the gap by
// plane Poiseuille flow (textbooks of fluid mechanics).

function handRear(array $with = [], bool $sealed = true): SumpDesign
{
    return SumpDocument::stored(array_replace_recursive([
        'format' => SumpDesign::FORMAT,
        'schema' => SumpDesign::SCHEMA,
        'lengthMm' => 600,
        'widthMm' => 100,
        'heightMm' => 380,
        'wallMm' => 6,
        'returnLevelMm' => 240,
        'pumpMinimumMm' => 80,
        'evaporationLitresADay' => 0.8,
        'reservoirLitres' => 2,
        'baffles' => [['id' => 'weir', 'kind' => 'weir', 'atMm' => 150, 'thicknessMm' => 5, 'topMm' => 280]],
        'rear' => [
            'crestMm' => 300,
            'slotTopMm' => 350,
            'slotsMm' => 100,
            'openShare' => 0.5,
            'thicknessMm' => 5,
            'nozzleMm' => 290,
            'lidMm' => 372,
        ],
        'workshop' => ['basket' => [
            'lengthMm' => 150,
            'widthMm' => 100,
            'heightMm' => 310,
            'clearanceMm' => 1.5,
            'thicknessMm' => 3,
            'shelves' => 3,
            'inletMm' => 30,
            'use' => ['chamber' => 0, 'standMm' => 10, 'sealed' => $sealed, 'layers' => [
                ['id' => 'pad', 'shelf' => 1, 'kind' => 'coarse-pad', 'heightMm' => 20],
            ]],
        ]],
    ], $with));
}

function handRearHere(SumpDesign $design): Situation
{
    return $design->review(Sketched::tank(Display::box(600, 300, 380), 600.0))->here;
}

/** Q in m³/s through an edge, by hand: Ce 2/3 sqrt(2g) (b - 0.0009) (h + 0.001)^1.5. */
function handEdge(float $headMm, float $edgeMm, float $crestMm): float
{
    return (0.602 + 0.075 * $headMm / $crestMm)
        * 2 / 3 * sqrt(2 * 9.80665)
        * ($edgeMm / 1000 - 0.0009)
        * ($headMm / 1000 + 0.001) ** 1.5;
}

it('runs with 14.3 mm over the slots, 6.6 mm over the basket and 8.6 mm over the weir', function (): void {
    $here = handRearHere(handRear());
    $flow = 600 / 3.6e6;
    // 600 L/h are 1.667e-4 m³/s. Slots: (h + 1 mm)^1.5 = 1.667e-4 / (0.6056 x 2.9525 x 0.0491) = 0.001898: h = 14.3 mm.
    expect($here->running->displayMm)->toAgreeWith(314.3, 3e-4)
        ->and(handEdge($here->running->displayMm - 300, 50, 300))->toAgreeWith($flow, 1e-9)
        // Weir: (h + 1 mm)^1.5 = 1.667e-4 / (0.6043 x 2.9525 x 0.0991) = 0.0009426: h = 8.6 mm.
        ->and($here->running->levelsMm[0])->toAgreeWith(288.6, 1e-4)
        ->and(handEdge($here->running->levelsMm[0] - 280, 100, 280))->toAgreeWith($flow, 1e-9);
    // The basket is 150 - 2 x 1.5 - 2 x 3 = 141 mm wide inside: (h + 1 mm)^1.5 = 1.667e-4 / (0.6032 x 2.9525 x 0.1401)
    // = 0.000668: h = 6.64 mm, so that the water stands at 296.6 mm before it, under the slots.
    $basket = handRear()->workshop->basket;
    $through = BasketFlow::of($basket, $here->running->levelsMm[0], 600, $here->viscosity);
    expect($through->beforeMm)->toAgreeWith(296.64, 1e-4)
        ->and(handEdge($through->beforeMm - 290, 141, 400))->toAgreeWith($flow, 1e-9)
        ->and($through->besideLitresPerHour)->toEqualWithDelta(0.0, 1e-6)
        // 166,667 mm³/s through 141 x 91 mm are 13 mm/s.
        ->and($through->speed)->toAgreeWith(166_667 / (141 * 91), 1e-5);
});

it('comes to rest level at 298.9 mm, below the slots, where the mouth of the return lies lower', function (): void {
    $here = handRearHere(handRear());
    // 0.18 x 314.3 + 0.015 x 288.6 + 0.0445 x 240 = 71.59 L; over 0.2395 L/mm they stand at 298.9 mm: over the mouth at
    // 290, over the weir at 280 and under the slots at 300.
    $litres = 0.18 * $here->running->displayMm + 0.015 * $here->running->levelsMm[0] + 0.0445 * 240;
    expect($here->powerCut->displayMm)->toAgreeWith($litres / 0.2395, 1e-9)->toAgreeWith(298.9, 2e-4)
        ->and($here->powerCut->levelsMm)->toEqualWithDelta([$litres / 0.2395, $litres / 0.2395], 1e-6);
});

it('keeps the display at the foot of the slots where the mouth lies higher', function (): void {
    $here = handRearHere(handRear(['rear' => ['nozzleMm' => 312]]));
    // The display comes down to 300; 14.3 mm of it, 2.58 L, go into 0.0595 L/mm that hold 15.01 L: 295.6 mm.
    $litres = 0.18 * ($here->running->displayMm - 300) + 0.015 * $here->running->levelsMm[0] + 0.0445 * 240;
    expect($here->powerCut->displayMm)->toAgreeWith(300.0, 1e-9)
        ->and($here->powerCut->levelsMm)->toEqualWithDelta([$litres / 0.0595, $litres / 0.0595], 1e-6)
        ->and($litres / 0.0595)->toAgreeWith(295.6, 2e-4);
});

it('draws air after 8.9 days, and brings 7.25 L into a display that has room for 11.8 L', function (): void {
    $here = handRearHere(handRear());
    // 160 mm of 0.0445 L/mm are 7.12 L; at 0.8 L a day they last 8.9 days.
    expect($here->daysToGulp())->toAgreeWith(8.9, 1e-9)
        // With the pump chamber at 80 and the first at its weir: 7.12 + 0.015 x 8.6 = 7.25 L.
        ->and($here->givesUpLitres())->toAgreeWith(7.12 + 0.015 * ($here->running->levelsMm[0] - 280), 1e-9)
        // From 314.3 to 380 mm: 65.7 x 0.18 = 11.8 L.
        ->and($here->roomBeforeLitres())->toAgreeWith(0.18 * (380 - $here->running->displayMm), 1e-9)
        ->and(array_keys(Sketched::said(handRear(), Sketched::tank(Display::box(600, 300, 380), 600.0))))
        ->toContain('slots-clogged-fit', 'power-cut-fits', 'slots-draw');
});

it('has shelves 75.3 mm high of 0.967 L, ledges each 93.3 mm, and pads of 143 x 93 mm', function (): void {
    $basket = handRear()->workshop->basket;
    $standard = Assumptions::standard();
    // (310 - 30) / 3 = 93.33 mm from ledge to ledge, less a ledge of 8 and a grid of 10 mm.
    expect($basket->shelfMm($standard))->toAgreeWith(280 / 3 - 18, 1e-12)
        ->and($basket->mediaLitres(2, $standard))->toAgreeWith(141 * 91 * (280 / 3 - 18) / 1e6, 1e-12)
        // Under a pad of 20 mm: 0.710 L.
        ->and($basket->mediaLitres(1, $standard))->toAgreeWith(141 * 91 * (280 / 3 - 38) / 1e6, 1e-12);
    $stack = $basket->stack($standard);
    expect(array_map(static fn ($shelf): float => $shelf->ledgeMm, $stack))
        ->toEqualWithDelta([186.667, 93.333, 0.0], 1e-3)
        ->and([$stack[0]->layers[0]['fromMm'], $stack[0]->layers[0]['toMm']])
        ->toEqualWithDelta([204.667, 224.667], 1e-3);
    $pads = array_values(array_filter(
        $basket->panels($standard),
        static fn ($panel): bool => $panel->id === 'basket-pad',
    ));
    expect([$pads[0]->shape->widthMm, $pads[0]->shape->heightMm])->toBe([143.0, 93.0]);
});

it('lets as much pass beside an open gap as friction and its two ends allow', function (): void {
    $here = handRearHere(handRear(sealed: false));
    $basket = handRear(sealed: false)->workshop->basket;
    $flow = BasketFlow::of($basket, $here->running->levelsMm[0], 600, $here->viscosity);
    $head = ($flow->beforeMm - $here->running->levelsMm[0]) / 1000;
    // Through a gap of 1.5 mm, 500 mm round and 280 mm deep: what is left of the head after 1.5 u²/2g for both ends is
    // 12 v L u / (g b²) of friction.
    $u = $flow->besideLitresPerHour / 3.6e6 / (0.0015 * 0.5);
    expect(1.5 * $u ** 2 / (2 * 9.80665) + 12 * $here->viscosity * 0.28 * $u / (9.80665 * 0.0015 ** 2))
        ->toAgreeWith($head, 1e-9)
        ->and($flow->throughLitresPerHour + $flow->besideLitresPerHour)->toAgreeWith(600.0, 1e-9)
        // Some 130 of 600 L/h: more than a tenth.
        ->and($flow->besideLitresPerHour)->toBeGreaterThan(100.0)->toBeLessThan(170.0);
});

it('takes off what would go over an edge at the top of the slots', function (): void {
    $wall = handRear()->inside->rear;
    expect($wall->flow(380, 0) / 3.6e6)->toAgreeWith(handEdge(80, 50, 300) - handEdge(30, 50, 300), 1e-3)
        ->and($wall->flow(350, 0) / 3.6e6)->toAgreeWith(handEdge(50, 50, 300), 1e-9)
        // Half drowned, Villemonte: (1 - (7.5/15)^1.5)^0.385 = 0.844.
        ->and($wall->flow(315, 307.5) / 3.6e6)
        ->toAgreeWith(handEdge(15, 50, 300) * (1 - 0.5 ** 1.5) ** 0.385, 1e-9);
});
