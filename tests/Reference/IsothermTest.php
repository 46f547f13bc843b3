<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Media\Langmuir;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Basin;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\Lever\MediaIn;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Plant;
use Ithys\Nutrient\Simulation;
use Ithys\Nutrient\Start;

// Source: Langmuir 1918, q = qmax K C / (1 + K C); exact arithmetic (mpmath), qmax 20 mg/g, K 1.2 L/mg.
it('loads a medium by the Langmuir isotherm', function (float $mgPerLitre, float $mgPerGram): void {
    expect((new Langmuir(20, 1.2))->loading($mgPerLitre))->toAgreeWith($mgPerGram, 1e-14);
})->with([
    [0.5, 7.5],
    [1.0, 10.909090909090908],
    [0.1, 2.142857142857143],
]);

// The same by the nutrient model: a closed body of water with a charge comes to the same rest, whatever the way there.
it('comes to the rest of the isotherm in a closed body of water', function (): void {
    $closed = Parameters::of(Assumptions::standard())
        ->with(['background_no3' => 0.0, 'background_po4' => 0.0, 'rock_capacity' => 0.0])
        ->withRow('media', 'gfo', [20.0, 1.2, 2.0, 0.3, 0.0, 0.0]);
    $simulation = new Simulation(new Basin(300), new Start(5.0, 0.5), $closed, [
        new Act(0.0, new MediaIn('gfo', 'gfo', 100.0, 'reactor')),
    ]);
    $end = $simulation->at(200.0);
    expect($end->phosphate())->toEqualWithDelta(0.05902608401043684, 1e-6)
        ->and($end->plant->charges['gfo']->load / 100)->toEqualWithDelta(1.3229217479686837, 1e-5);
});

// Source: Freundlich, q = K C^(1/n), exact arithmetic (mpmath); batch of 300 L, 100 g, 0.5 mg/L, K 10, n 2 by scipy
// brentq. Rock follows it where its foot is nought; it counts mg of phosphorus, hence the factor of the ion.
it('holds phosphate on rock by the Freundlich isotherm', function (): void {
    $rock = fn (float $capacity, float $exponent): Parameters => Parameters::of(Assumptions::standard())->with([
        'rock_capacity' => $capacity, 'rock_exponent' => $exponent, 'rock_foot' => 0.0,
        'background_no3' => 0.0, 'background_po4' => 0.0, 'denitrification' => 0.0, 'rock_rate' => 0.1,
    ]);
    $one = new Basin(300, 1.0);
    expect((new Plant($one, $rock(10, 0.5)))->rockAt(0.5))->toAgreeWith(7.0710678118654755, 1e-12)
        ->and((new Plant($one, $rock(10, 0.5)))->rockAt(1.0))->toAgreeWith(10.0, 1e-12)
        ->and((new Plant($one, $rock(4.5, 1 / 2.8)))->rockAt(0.1))->toAgreeWith(1.977286752342356, 1e-12);
    $ion = Element::Phosphorus->ion();
    $simulation = new Simulation(
        new Basin(300, 100.0),
        new Start(5.0, 0.5, rockFactor: 0.0),
        $rock(10 / $ion, 0.5),
        [],
    );
    expect($simulation->at(400.0)->phosphate())->toEqualWithDelta(0.0206775048887691, 1e-6);
});

// Source: stoichiometric time of a bed, m q / (Q C0), exact arithmetic: 150 g of 8 mg/g at 60 L/h and 0.2 mg/L last
// 100 h. A charge whose film and pores hold nothing up takes all that flows by until then, and nothing after.
it('lasts as long as its capacity allows where nothing holds it up', function (): void {
    $ideal = Parameters::of(Assumptions::standard())
        ->with(['background_no3' => 0.0, 'background_po4' => 0.0])
        ->withRow('media', 'gfo', [8.0, 1e6, 1e3, 200.0, 0.0, 0.0]);
    // So much water that its level stands still.
    $simulation = new Simulation(new Basin(1e8), new Start(5.0, 0.2), $ideal, [
        new Act(0.0, new MediaIn('gfo', 'gfo', 150.0, 'reactor', null, 60.0)),
    ]);
    $load = fn (float $hours): float => $simulation->at($hours / 24)->plant->charges['gfo']->load;
    expect($load(50))->toEqualWithDelta(0.2 * 60 * 50, 6.0)
        ->and($load(90))->toEqualWithDelta(0.2 * 60 * 90, 11.0)
        ->and($load(150))->toEqualWithDelta(8.0 * 150, 6.0);
});
