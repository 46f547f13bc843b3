<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Flow\InvalidCurve;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;
use Ithys\Severity;
use Ithys\Sump\PipeRun;
use Ithys\Sump\PipeSystem;
use Ithys\Sump\Plumbing;
use Ithys\Sump\PumpLabel;
use Tests\Support\Sumps;

define('VISCOSITY', Sumps::water()->viscosity());

/** @return array<string, Severity> by code */
function plumbingFindings(
    Plumbing $plumbing,
    float $flow,
    float $fall = 20.0,
    ?Path $path = null,
): array {
    $findings = Sumps::plumbing($plumbing, $flow, $fall, $path);

    return array_combine(
        array_map(fn (Finding $finding): string => $finding->code, $findings),
        array_map(fn (Finding $finding): Severity => $finding->severity, $findings),
    );
}

function drained(float $bore, ?float $open = null, ?float $emergency = null): Plumbing
{
    return new Plumbing(
        drain: new PipeRun($bore, 1300, 900, ['elbow-90' => 2, 'gate-valve' => 1], $open),
        emergency: new PipeRun($emergency, 900, 900, ['elbow-90' => 2]),
    );
}

it('holds the drain to the flow of the return', function (float $share, string $code, Severity $severity): void {
    $carries = (float) drained(32)->drain->carries(Assumptions::standard(), VISCOSITY);
    expect(plumbingFindings(drained(32), $share * $carries)[$code] ?? null)->toBe($severity);
})->with([
    'carries it' => [0.5, 'drain-fits', Severity::Good],
    'just carries it' => [1.0, 'drain-fits', Severity::Good],
    'does not' => [1.05, 'drain-small', Severity::Fault],
]);

it('says that a drain far too wide for the return can hardly be tuned', function (): void {
    $findings = Sumps::plumbing(drained(50, null, 50), 500);
    expect($findings[0]->code)
        ->toBe('drain-fits')
        ->and(said($findings[0]->advice?->fix ?? ''))
        ->toContain('narrower pipe');
});

it('says nothing of a drain that is not described', function (): void {
    expect(plumbingFindings(new Plumbing, 2000))->toBe([]);
});

it('tunes the drain so that it just carries the return', function (float $flow): void {
    $open = drained(32)->drain->tunedOpen(Assumptions::standard(), $flow, VISCOSITY);
    expect($open)->toBeGreaterThan(0.05)->toBeLessThan(1.0)
        // A valve set so lets by just this flow.
        ->and(drained(32, $open)->drain->carries(Assumptions::standard(), VISCOSITY))->toAgreeWith($flow, 1e-6);
    expect(plumbingFindings(drained(32, $open), $flow)['drain-fits'])->toBe(Severity::Good);
})->with([2000.0, 3000.0, 4000.0, 5000.0]);

it('opens the valve further for more flow, and knows no setting for more than the pipe carries', function (): void {
    $last = 0.0;
    foreach ([1800, 2500, 3500, 4500] as $flow) {
        expect(drained(32)->drain->tunedOpen(Assumptions::standard(), $flow, VISCOSITY))->toBeGreaterThan($last);
        $last = (float) drained(32)->drain->tunedOpen(Assumptions::standard(), $flow, VISCOSITY);
    }
    expect(drained(32)->drain->tunedOpen(Assumptions::standard(), 20_000, VISCOSITY))
        ->toBeNull()
        ->and(drained(32)->drain->tunedOpen(Assumptions::standard(), 0.0, VISCOSITY))
        ->toBeNull()
        ->and((new Plumbing())->drain->tunedOpen(Assumptions::standard(), 2000, VISCOSITY))
        ->toBeNull();
});

it('wants an emergency pipe that carries all of the return alone', function (
    ?float $bore,
    string $code,
    Severity $severity,
): void {
    expect(plumbingFindings(drained(40, null, $bore), 3000)[$code] ?? null)->toBe($severity);
})->with([
    'wide' => [32.0, 'emergency-fits', Severity::Good],
    'narrow' => [16.0, 'emergency-small', Severity::Fault],
    'none' => [null, 'no-emergency', Severity::Caution],
]);

it('counts a throttled return: less flow the further its valve is closed', function (): void {
    $last = 0.0;
    foreach ([0.2, 0.4, 0.6, 0.8, 1.0, null] as $open) {
        $flow
            = (new Plumbing(
                new PumpLabel(2900, 3.2, 28),
                new PipeRun(25, 2100, 1350, ['elbow-90' => 3, 'gate-valve' => 1, 'outlet' => 1], $open),
            ))->returnLoop(Assumptions::standard(), VISCOSITY)->litresPerHour ?? 0.0;
        expect($flow)->toBeGreaterThanOrEqual($last - 1e-9);
        $last = $flow;
    }
    // A gate valve that is open, and one that was said to be all open, are the same.
    $same = fn (?float $open): ?float => (new Plumbing(
        new PumpLabel(2900, 3.2, 28),
        new PipeRun(25, 2100, 1350, ['gate-valve' => 1], $open),
    ))->returnLoop(Assumptions::standard(), VISCOSITY)?->litresPerHour;
    expect($same(1.0))->toAgreeWith((float) $same(null), 1e-9);
});

it('takes the points of a curve before the label, and refuses what no pump does', function (): void {
    $label = new Plumbing(new PumpLabel(2900, 3.2, 28), new PipeRun(25, 2100, 1350));
    $points = [];
    for ($flow = 0.0; $flow <= 2900.0; $flow += 29.0) {
        $points[] = [$flow, 3.2 * (1 - ($flow / 2900) ** 2)];
    }
    $byPoints = new Plumbing(new PumpLabel(watts: 28, points: $points), new PipeRun(25, 2100, 1350));
    // The parabola of the label drawn point by point gives the same flow.
    expect($byPoints->returnLoop(Assumptions::standard(), VISCOSITY)?->litresPerHour)->toAgreeWith(
        (float) $label->returnLoop(Assumptions::standard(), VISCOSITY)?->litresPerHour,
        1e-4,
    );
    expect(
        fn () => (new Plumbing(
            new PumpLabel(points: [[0.0, 2.0], [1000.0, 3.0]]),
            new PipeRun(25, heightMm: 1000),
        ))->returnLoop(Assumptions::standard(), VISCOSITY),
    )->toThrow(InvalidCurve::class, 'gives less the higher it lifts');
});

it('finds a fall that is less than what stands over the edge of the overflow', function (
    float $fall,
    bool $found,
): void {
    expect(
        isset(plumbingFindings(new Plumbing(overflowMm: 300, overflowOpenShare: 0.5), 2000, $fall)['fall-below-head']),
    )->toBe($found);
})->with(['too little' => [5.0, true], 'enough' => [20.0, false]]);

// Common practice: over an edge of 12 in 270 to 760 US gal/h stand 1/4 to 1/2 in.
it('has the display stand over its overflow as the trade knows it', function (): void {
    $edge = (new Plumbing(overflowMm: 304.8))->overflow();
    expect(round(((float) $edge?->headMm(270 * 3.785411784) / 25.4) * 8) / 8)
        ->toBe(0.25)
        ->and(round(((float) $edge?->headMm(760 * 3.785411784) / 25.4) * 8) / 8)
        ->toBe(0.5);
});

it('flags metric against inch where two parts meet, and only there', function (array $systems, int $count): void {
    $findings = Sumps::plumbing(new Plumbing(systems: array_map(PipeSystem::from(...), $systems)),
        2000);
    expect($findings)->toHaveCount($count);
    foreach ($findings as $finding) {
        expect($finding->code)->toBe('pipes-mixed')->and(said($finding->advice?->fix ?? ''))->toContain('adapter');
    }
})->with([
    'same' => [['pump' => 'metric', 'return' => 'metric'], 0],
    'pump and pipe' => [['pump' => 'inch', 'return' => 'metric'], 1],
    'drain and return are not joined' => [['drain' => 'inch', 'return' => 'metric'], 0],
    'bulkhead against both pipes' => [['bulkhead' => 'inch', 'drain' => 'metric', 'emergency' => 'metric'], 2],
    'one not known' => [['bulkhead' => 'inch'], 0],
]);

it('goes by what the path says of a part where nothing is said here', function (): void {
    $path = PathDocument::stored([
        'format' => Path::FORMAT,
        'schema' => Path::SCHEMA,
        'name' => 'Inch return',
        'style' => 'sump',
        'litresPerHour' => 2000,
        'stockNow' => 'light',
        'stockPlanned' => 'light',
        'lines' => [
            [
                'id' => 'main',
                'items' => [['id' => 'pump', 'kind' => 'return-pump', 'choices' => ['fitting' => 'inch']]],
            ],
        ],
    ]);
    expect(plumbingFindings(new Plumbing(systems: ['return' => PipeSystem::Metric]), 2000, 20, $path))
        ->toHaveKey('pipes-mixed')
        ->and(
            plumbingFindings(
                new Plumbing(systems: ['return' => PipeSystem::Metric, 'pump' => PipeSystem::Metric]),
                2000,
                20,
                $path,
            ),
        )
        ->not->toHaveKey('pipes-mixed');
});
