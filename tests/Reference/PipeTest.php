<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Flow\Fitting;
use Ithys\Flow\Pipe;
use Ithys\Water\Seawater;

// Pipe friction: Reynolds numbers, friction factors and heads by python3-fluids 1.0.22 and mpmath; roughness in mm.
const PIPES = [
    [1500, 25, 1000, 1.0e-6, 0.0015],
    [1500, 25, 1000, 1.0e-6, 0.0],
    [3000, 25, 1000, 1.0e-6, 0.0015],
    [3000, 32, 2500, 9.0e-7, 0.007],
    [6000, 40, 3000, 9.5e-7, 0.0015],
];

it('has the Reynolds number of the package fluids', function (int $i, float $expected): void {
    [$flow, $bore, $length, $nu] = PIPES[$i];
    expect((new Pipe($bore, $length))->reynolds($flow, $nu))->toAgreeWith($expected, 1e-12);
})->with([[0, 21220.659078919383], [2, 42441.31815783877], [4, 55843.83968136678]]);

it('has the speed of the package fluids', function (int $i, float $expected): void {
    [$flow, $bore, $length] = PIPES[$i];
    expect((new Pipe($bore, $length))->speed($flow))->toAgreeWith($expected, 1e-12);
})->with([[2, 1.6976527263135504], [4, 1.326291192432461]]);

it('has the friction factor of Swamee and Jain 1976', function (int $i, float $expected): void {
    [$flow, $bore, $length, $nu, $roughness] = PIPES[$i];
    expect((new Pipe($bore, $length, 0, $roughness))->friction($flow, $nu))->toAgreeWith($expected, 1e-12);
})->with([[0, 0.025589158228122993], [2, 0.021773102936665772], [3, 0.023002613928184368], [4, 0.020416985432242157]]);

// Colebrook is the implicit formula that Swamee and Jain approximate, within 1 to 2 %; Haaland another approximation.
it('is near Colebrook and Haaland', function (int $i, float $colebrook, ?float $haaland): void {
    [$flow, $bore, $length, $nu, $roughness] = PIPES[$i];
    $friction = (new Pipe($bore, $length, 0, $roughness))->friction($flow, $nu);
    expect($friction)->toAgreeWith($colebrook, 0.015);
    $haaland === null ?: expect($friction)->toAgreeWith($haaland, 0.02);
})->with([
    [1, 0.02551096344145002, 0.025370235871562292],
    [2, 0.021872611826217473, null],
    [4, 0.020529084390989303, null],
    [3, 0.0229, 0.022755169488568674],
]);

it('is laminar in slow water: 64 / Re', function (): void {
    expect((new Pipe(25, 1000))->friction(100, 1e-6))->toAgreeWith(0.04523893421169301, 1e-12);
});

it('loses the head of Darcy and Weisbach', function (int $i, float $metres, float $within): void {
    [$flow, $bore, $length, $nu, $roughness] = PIPES[$i];
    expect((new Pipe($bore, $length, 0, $roughness))->headLoss($flow, $nu))->toAgreeWith($metres, $within);
})->with([
    'Swamee-Jain' => [1, 0.03737356759895924, 1e-12],
    'Swamee-Jain, wide' => [4, 0.13733460484530519, 1e-12],
    'by Colebrook' => [0, 0.037685545680301004, 0.015],
]);

// Two runs of the engine of EPANET 2.2 (Rossman), which uses g = 32.2 ft/s² and its own rounding of viscosity: 2e-3.
it('agrees with the engine of EPANET 2.2', function (
    float $flow,
    float $bore,
    float $length,
    float $loss,
    float $metres,
): void {
    expect((new Pipe($bore, $length, $loss))->headLoss($flow, 1.02193344e-6))->toAgreeWith($metres, 2e-3);
})->with([
    'a kilometre of pipe' => [3000, 25, 1_000_000, 0, 128.49107992544052],
    'fittings alone' => [1500, 25, 1, 1000, 36.7021664733432],
]);

// Handbook loss coefficients (EPANET 2 Users Manual table 3.3; Munson, White, Cengel; Crane), from memory: they
// scatter.
it('takes loss coefficients from the handbooks', function (Fitting $fitting, float $least, float $most): void {
    expect($fitting->loss(Assumptions::standard()))->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
})->with([
    [Fitting::Elbow90, 0.68, 1.5],
    [Fitting::Elbow45, 0.36, 0.43],
    [Fitting::CheckValve, 2.2, 3.1],
    [Fitting::BallValve, 0.05, 0.1],
    [Fitting::GateValve, 0.19, 0.22],
    [Fitting::Union, 0.08, 0.08],
    [Fitting::Entrance, 0.5, 0.5],
    [Fitting::Outlet, 1.0, 1.0],
    [Fitting::TeeThrough, 0.1, 0.9],
    [Fitting::TeeBranch, 0.7, 2.0],
]);

it('falls as Torricelli says where only the outlet costs head', function (): void {
    // 1.4005 m/s under 0.1 m of head.
    $pipe = new Pipe(25, 0.0, 1.0);
    expect($pipe->speed($pipe->flowAt(0.1, 1e-6)))->toAgreeWith(1.400474919446971, 1e-6);
});

it('holds the water of its bore and length', function (): void {
    // GNU units: pi*(32 mm)^2/4*2.2 m.
    expect((new Pipe(32, 2200))->litres())->toAgreeWith(1.76934498250177, 1e-12);
});

// Kinematic viscosity of seawater at S 35 (ITTC 7.5-02-01-03, from memory): 1.19e-6 at 15 °C, 1.05e-6 at 20 °C, 0.94e-6
// at 25 °C.
it('thickens seawater with salt and cold', function (float $celsius, float $expected): void {
    expect(Seawater::kinematicViscosity(35, $celsius))->toAgreeWith($expected, 0.012)
        ->and(Seawater::kinematicViscosity(0, $celsius))->toBeLessThan(Seawater::kinematicViscosity(35, $celsius));
})->with([[15.0, 1.1892e-6], [20.0, 1.0508e-6], [25.0, 0.9367e-6]]);

// Pure water (IAPWS, from memory): 1.0034e-6 m²/s at 20 °C.
it('has the viscosity of pure water without salt', function (): void {
    expect(Seawater::kinematicViscosity(0, 20))->toAgreeWith(1.0034e-6, 2e-3);
});
