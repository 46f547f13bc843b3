<?php

declare(strict_types=1);

use Ithys\Media\Langmuir;

// Source: Langmuir 1918, q = qmax K C / (1 + K C); exact arithmetic (mpmath), qmax 20 mg/g, K 1.2 L/mg.
it('loads a medium by the Langmuir isotherm', function (float $mgPerLitre, float $mgPerGram): void {
    expect((new Langmuir(20, 1.2))->loading($mgPerLitre))->toAgreeWith($mgPerGram, 1e-14);
})->with([
    [0.5, 7.5],
    [1.0, 10.909090909090908],
    [0.1, 2.142857142857143],
]);

// Source: V (C0 - C) = m qmax K C / (1 + K C) as a quadratic, and scipy brentq; 300 L, 100 g, 0.5 mg/L.
it('finds where a closed body of water comes to rest', function (): void {
    $isotherm = new Langmuir(20, 1.2);
    $rest = $isotherm->restOf(300, 0.5, 100);
    expect($rest)->toAgreeWith(0.05902608401043684, 1e-12)
        ->and($isotherm->loading($rest))->toAgreeWith(1.3229217479686837, 1e-12);
});
