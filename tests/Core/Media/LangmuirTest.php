<?php

declare(strict_types=1);

use Ithys\Media\Langmuir;

it('never holds more than its capacity, and more at more', function (): void {
    $isotherm = new Langmuir(12, 3);
    $before = 0.0;
    foreach ([0.0, 0.01, 0.05, 0.2, 1.0, 10.0, 1e6] as $mgPerLitre) {
        $held = $isotherm->loading($mgPerLitre);
        expect($held)->toBeGreaterThanOrEqual($before)->toBeLessThanOrEqual(12.0);
        $before = $held;
    }
    expect($isotherm->loading(1 / 3))->toAgreeWith(6.0)
        ->and($isotherm->loading(-1.0))->toBe(0.0);
});
