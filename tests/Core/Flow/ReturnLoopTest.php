<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Flow\Bisection;
use Ithys\Flow\Fitting;
use Ithys\Flow\InvalidCurve;
use Ithys\Flow\Pipe;
use Ithys\Flow\PumpCurve;
use Ithys\Flow\ReturnLoop;
use Ithys\Flow\UnderGap;
use Ithys\Flow\Weir;
use Ithys\Water\Seawater;

it('reads a curve from two figures on the label', function (): void {
    $pump = PumpCurve::label(3000, 2.4);
    expect($pump->head(0))->toBe(2.4)
        ->and($pump->head(3000))->toBe(0.0)
        ->and($pump->head(1500))->toAgreeWith(1.8);
});

it('reads a curve from points, straight between them and on beyond', function (): void {
    $pump = PumpCurve::through([[1000, 2.0], [0, 2.5], [2000, 1.0]]);
    expect($pump->head(500))->toAgreeWith(2.25)
        ->and($pump->head(1000))->toAgreeWith(2.0)
        ->and($pump->head(1500))->toAgreeWith(1.5)
        ->and($pump->head(2500))->toAgreeWith(0.5);
});

it('refuses a curve no pump has', function (callable $make): void {
    expect($make)->toThrow(InvalidCurve::class);
})->with([
    fn () => PumpCurve::through([[1000, 2.0]]),
    fn () => PumpCurve::through([[0, 2.0], [1000, 2.1]]),
    fn () => PumpCurve::through([[0, 2.0], [0, 1.0]]),
    fn () => PumpCurve::label(0, 2.0),
    fn () => PumpCurve::label(2000, -1.0),
]);

it('runs where the curve meets lift and losses', function (): void {
    $nu = Seawater::kinematicViscosity(35, 25);
    $pipes = [Pipe::with(25, 2200, ['elbow-90' => 3, 'union' => 1, 'outlet' => 1], Assumptions::standard())];
    $loop = ReturnLoop::solve(PumpCurve::label(3000, 2.4), 1200, $pipes, $nu);
    expect($loop->headMetres)->toAgreeWith(PumpCurve::label(3000, 2.4)->head($loop->litresPerHour), 1e-9)
        ->and($loop->liftMetres)->toBe(1.2)
        ->and($loop->lossMetres)->toAgreeWith($pipes[0]->headLoss($loop->litresPerHour, $nu), 1e-9)
        ->and($loop->litresPerHour)->toBeGreaterThan(1500.0)->toBeLessThan(2122.0)
        ->and($loop->speed)->toAgreeWith($pipes[0]->speed($loop->litresPerHour));
});

it('gives what the label says where nothing is in the way', function (): void {
    expect(ReturnLoop::solve(PumpCurve::label(3000, 2.4), 0, [], 1e-6)->litresPerHour)->toAgreeWith(3000.0, 1e-9);
});

it('gives nothing where it has to lift higher than it can', function (): void {
    expect(ReturnLoop::solve(PumpCurve::label(3000, 2.4), 2500, [], 1e-6)->litresPerHour)->toBe(0.0);
});

// Laws: more head never gives more flow; a wider pipe never gives less; an elbow never helps.
it('never gains by height, length, elbows or a narrower pipe', function (): void {
    $nu = 1e-6;
    $pump = PumpCurve::label(4000, 3.0);
    $flow = fn (float $lift, float $bore, float $length, int $elbows): float => ReturnLoop::solve(
        $pump,
        $lift,
        [Pipe::with($bore, $length, ['elbow-90' => $elbows, 'outlet' => 1], Assumptions::standard())],
        $nu,
    )->litresPerHour;
    foreach ([0, 400, 900, 1500, 2200, 2900] as $lift) {
        foreach ([16, 20, 25, 32, 40] as $bore) {
            $here = $flow($lift, $bore, 2000, 2);
            expect($flow($lift + 100, $bore, 2000, 2))->toBeLessThanOrEqual($here)
                ->and($flow($lift, $bore + 2, 2000, 2))->toBeGreaterThanOrEqual($here)
                ->and($flow($lift, $bore, 3000, 2))->toBeLessThanOrEqual($here)
                ->and($flow($lift, $bore, 2000, 5))->toBeLessThanOrEqual($here);
        }
    }
});

it('carries more over a weir the higher the water, less the more it is drowned', function (): void {
    $weir = new Weir(250, 300);
    for ($head = 1.0; $head < 60; $head += 3) {
        expect($weir->flow($head + 1))->toBeGreaterThan($weir->flow($head))
            ->and($weir->flow($head, $head / 2))->toBeLessThan($weir->flow($head))
            ->and($weir->flow($head, $head))->toBe(0.0);
    }
    expect($weir->flow(-5))->toBe(0.0);
});

it('carries under a gap as an orifice does', function (): void {
    $gap = new UnderGap(30, 300, 0.6);
    // 0.6 x 0.009 m² x sqrt(2 g 5 mm).
    expect($gap->flow(5))->toAgreeWith(0.6 * 0.009 * sqrt(2 * 9.80665 * 0.005) * 3.6e6)
        ->and($gap->speed(2000))->toAgreeWith(2000 / 3.6e6 / 0.009)
        ->and($gap->flow(-1))->toBe(0.0);
});

it('labels every fitting and costs head with each', function (Fitting $fitting): void {
    expect($fitting->label())
        ->not->toBe('')
        ->and(Pipe::with(25, 0, [$fitting->value => 2], Assumptions::standard())->headLoss(1000, 1e-6))
        ->toAgreeWith(
            2 * Pipe::with(25, 0, [$fitting->value => 1], Assumptions::standard())->headLoss(1000, 1e-6),
            1e-9,
        );
})->with(Fitting::cases());

it('finds a crossing, or the nearer end where there is none', function (): void {
    expect(Bisection::root(fn (float $x): float => $x ** 3 - 2, 0, 10))->toAgreeWith(2 ** (1 / 3), 1e-11)
        ->and(Bisection::root(fn (float $x): float => $x + 1, 0, 10))->toBe(0.0)
        ->and(Bisection::root(fn (float $x): float => $x - 20, 0, 10))->toBe(10.0);
});
