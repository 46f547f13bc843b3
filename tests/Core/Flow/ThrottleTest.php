<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Flow\Fitting;
use Ithys\Flow\Standpipe;
use Ithys\Flow\Throttle;
use Ithys\Flow\Weir;

// Gate valve, from memory as handbooks have it: open 0.2, three quarters 0.9, half 4.5, a quarter 24.
it('costs what the handbook says at its four settings', function (float $open, float $loss): void {
    expect((new Throttle(Assumptions::standard()))->loss($open))
        ->toAgreeWith($loss, 1e-9)
        ->and((new Throttle(Assumptions::standard()))->openFor($loss))
        ->toAgreeWith($open, 1e-9);
})->with([[1.0, 0.2], [0.75, 0.9], [0.5, 4.5], [0.25, 24.0]]);

it('is as good as the fitting itself while it is open', function (): void {
    expect((new Throttle(Assumptions::standard()))->loss(1.0))->toAgreeWith(
        Fitting::GateValve->loss(Assumptions::standard()),
        1e-9,
    );
});

it('costs more the further it is closed, and finds its way back', function (): void {
    $last = INF;
    for ($open = 0.05; $open <= 1.0; $open += 0.01) {
        expect((new Throttle(Assumptions::standard()))->loss($open))->toBeLessThan($last);
        $last = (new Throttle(Assumptions::standard()))->loss($open);
        expect(abs((float) (new Throttle(Assumptions::standard()))->openFor($last) - $open))->toBeLessThan(1e-9);
    }
});

it('has no setting for a loss beyond its least opening, and is open for less than nothing', function (): void {
    expect((new Throttle(Assumptions::standard()))->openFor(1e9))
        ->toBeNull()
        ->and((new Throttle(Assumptions::standard()))->openFor(0.0))
        ->toBe(1.0);
});

it('takes water into a standpipe over its edge while shallow, and through its mouth when deep', function (): void {
    $pipe = new Standpipe(40, 0.6);
    $edge = (new Weir(400, M_PI * 40))->flow(5.0);
    // Torricelli with a coefficient of 0.6: 0.6 * pi * 0.02^2 * sqrt(2 g 0.1) m3/s, checked by hand: 3,801 L/h.
    expect($pipe->flow(5.0))->toAgreeWith($edge, 1e-12)
        ->and($pipe->flow(100.0))->toAgreeWith(3801.4, 1e-3)
        ->and($pipe->flow(0.0))->toBe(0.0);
});

it('finds the head for a flow, more for more, and none where a metre does not do', function (): void {
    $pipe = new Standpipe(40, 0.6);
    $last = 0.0;
    for ($flow = 100.0; $flow < 8000.0; $flow += 100.0) {
        $head = $pipe->head($flow);
        expect($head)->toBeGreaterThan($last)->and($pipe->flow($head))->toAgreeWith($flow, 1e-6);
        $last = $head;
    }
    expect($pipe->head(50_000))->toBe(INF);
});
