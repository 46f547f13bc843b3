<?php

declare(strict_types=1);

use Ithys\Flow\Weir;

// Kindsvater & Carter 1957, suppressed weir, as ISO 1438 and the USBR Water Measurement Manual have it. Flows in m³/s
// with kb = -0.9 mm, computed outside the project; the package python3-fluids 1.0.22 uses kb = -1 mm and differs by
// 0.03 to 0.07 %.
it('lets the flow over a full-width weir that Kindsvater and Carter found', function (
    float $h,
    float $p,
    float $b,
    float $iso,
    float $fluids,
): void {
    $flow = (new Weir($p * 1000, $b * 1000))->flow($h * 1000) / 3.6e6;
    expect($flow)->toAgreeWith($iso, 1e-9)
        ->and($flow)->toAgreeWith($fluids, 1e-3);
})->with([
    [0.3, 0.4, 2, 0.641592394143598, 0.641560300081563],
    [0.03, 0.1, 0.15, 0.0015005024313701966, 0.0014994960581767897],
    [0.05, 0.2, 0.3, 0.006313533394843615, 0.006311422551181014],
    [0.02, 0.15, 0.2, 0.00109480229928987, 0.0010942524237000713],
    [0.015, 0.1, 0.2, 0.0007295799114677555, 0.0007292134725368325],
]);

// Francis, Rehbock and Ackers are other published fits to the same weir; at these heads they spread by some per cent.
it('lies among the other published formulas', function (
    float $h,
    float $p,
    float $b,
    float $rehbock,
    float $ackers,
    float $francis,
): void {
    $flow = (new Weir($p * 1000, $b * 1000))->flow($h * 1000) / 3.6e6;
    foreach ([$rehbock, $ackers, $francis] as $other) {
        expect($flow)->toAgreeWith($other, 0.09);
    }
})->with([
    [0.3, 0.4, 2, 0.6486856330601333, 0.6489618999846898, 0.6041761711289182],
    [0.03, 0.1, 0.15, 0.0015338758221666894, 0.0015110872181664202, 0.0014329296065752847],
    [0.05, 0.2, 0.3, 0.006400217600399689, 0.006331462894285854, 0.006166347225059583],
    [0.02, 0.15, 0.2, 0.0011214478109102233, 0.0010964745385634886, 0.0010399841106478503],
]);

// The Francis formula Q = 3.33 L H^1.5 in feet (USBR, from memory): an order of size for tank weirs, no more.
it('is within a tenth of Francis for tank weirs', function (float $metres, float $head, float $litresPerHour): void {
    expect((new Weir(250, $metres * 1000))->flow($head * 1000))->toAgreeWith($litresPerHour, 0.12);
})->with([[0.3048, 0.06096, 30362.43623724342], [0.3, 0.02, 5615.914197498391], [0.2, 0.015, 2431.7621802536532]]);

// Common practice: over a 12 in baffle 270 to 760 US gal/h stand 1/4 to 1/2 in, read to the eighth of an inch.
it('stands a quarter to half an inch over a 12 in baffle at 270 to 760 gallons an hour', function (
    float $usGalPerHour,
    float $inches,
): void {
    $head = (new Weir(230, 304.8))->head($usGalPerHour * 3.785411784);
    expect(round($head / 25.4 * 8) / 8)->toBe($inches);
})->with([[270, 0.25], [760, 0.5]]);

it('finds the head of a flow and the flow of a head alike', function (): void {
    foreach ([100, 270, 800, 2300, 6000, 20000] as $flow) {
        foreach ([80, 200, 350] as $crest) {
            $weir = new Weir($crest, 300);
            expect($weir->flow($weir->head($flow)))->toAgreeWith((float) $flow, 1e-9);
        }
    }
});
