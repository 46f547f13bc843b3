<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Flow\Standpipe;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Sump\Build\BuildPlan;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\Build\BuildStep;
use Ithys\Sump\Build\LeakResult;
use Ithys\Sump\Build\LeakTest;
use Ithys\Sump\Build\Measured;
use Ithys\Sump\Overflow;
use Ithys\Sump\PipeRun;
use Ithys\Sump\Plumbing;
use Ithys\Sump\PumpLabel;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Said;
use Tests\Support\Sumps;
use Tests\Support\Tanks;

// Laws of what runs through pipes, over edges and down standpipes: more cause, more effect, and never the other way.

define('LAW_VISCOSITY', Sumps::water()->viscosity());

it('stands higher over an overflow for more flow, lower over a longer or more open edge', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        [$length, $open, $flow] = [$random->getInt(80, 900), $random->getInt(20, 90) / 100, $random->getInt(300, 9000)];
        $head = (new Overflow($length, $open))->headMm($flow);
        expect($head)
            ->toBeGreaterThan(0.0)
            ->and((new Overflow($length, $open))->headMm($flow * 1.1))
            ->toBeGreaterThan($head)
            ->and((new Overflow($length * 1.1, $open))->headMm($flow))
            ->toBeLessThan($head)
            ->and((new Overflow($length, $open + 0.1))->headMm($flow))
            ->toBeLessThan($head)
            // Only the water's own width counts: half of it open is as good as half as long.
            ->and((new Overflow($length * $open))->headMm($flow))
            ->toAgreeWith($head, 1e-9);
    }
});

it('carries more down a wider or steeper emergency pipe, and less through more fittings', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        [$bore, $fall, $elbows] = [$random->getInt(16, 50), $random->getInt(300, 1500), $random->getInt(0, 5)];
        $carries = fn (float $bore, float $fall, int $elbows): float => (float) (new Plumbing(
            emergency: new PipeRun($bore, 2000, $fall, ['elbow-90' => $elbows]),
        ))->emergency->carries(Assumptions::standard(), LAW_VISCOSITY);
        $flow = $carries($bore, $fall, $elbows);
        expect($carries($bore * 1.1, $fall, $elbows))
            ->toBeGreaterThan($flow)
            ->and($carries($bore, $fall * 1.1, $elbows))
            ->toBeGreaterThan($flow)
            ->and($carries($bore, $fall, $elbows + 1))
            ->toBeLessThan($flow);
    }
});

it('loses the speed of the water at the outlet once, whether or not an outlet was counted', function (): void {
    $return = fn (array $fittings): float => (new Plumbing(
        new PumpLabel(2900, 3.2, 28),
        new PipeRun(25, 2100, 1350, $fittings),
    ))->returnLoop(Assumptions::standard(), LAW_VISCOSITY)->litresPerHour ?? 0.0;
    expect($return(['elbow-90' => 3]))
        ->toBe($return(['elbow-90' => 3, 'outlet' => 1]))
        ->toBeGreaterThan($return(['elbow-90' => 3, 'outlet' => 2]));
});

it('names a valve setting at which the drain carries just the return', function (array $fittings, float $flow): void {
    $drain = fn (?float $open): Plumbing => new Plumbing(drain: new PipeRun(40, 1200, 700, $fittings, $open));
    $open = $drain(null)->drain->tunedOpen(Assumptions::standard(), $flow, LAW_VISCOSITY);
    expect($open)
        ->not->toBeNull()
        ->and($drain($open)->drain->carries(Assumptions::standard(), LAW_VISCOSITY))
        ->toAgreeWith($flow, 1e-6);
})->with([
    [[], 3000.0],
    [['gate-valve' => 1], 3000.0],
    [['elbow-90' => 2, 'gate-valve' => 1], 2200.0],
    [['elbow-90' => 2], 4000.0],
]);

it('carries the same down a drain and an emergency pipe of the same make', function (): void {
    $plumbing = new Plumbing(
        drain: new PipeRun(32, 1200, 900, ['elbow-90' => 2]),
        emergency: new PipeRun(32, 1200, 900, ['elbow-90' => 2]),
    );
    expect($plumbing->drain->carries(Assumptions::standard(), LAW_VISCOSITY))->toBe(
        $plumbing->emergency->carries(Assumptions::standard(), LAW_VISCOSITY),
    );
});

it('raises clogged water with the flow and with the mouth, and lowers it with a wider pipe', function (): void {
    $level = fn (float $mouth, float $diameter, float $flow): float => (float) (new Tray(
        't',
        TrayKind::Tray,
        0,
        250,
        10,
        [new Opening('w', OpeningKind::Standpipe, $diameter, $diameter, $mouth)],
    ))->cloggedLevelMm($flow, Assumptions::standard());
    for ($seed = 0; $seed < 60; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        [$mouth, $diameter, $flow] = [$random->getInt(10, 80), $random->getInt(25, 60), $random->getInt(300, 3000)];
        expect($level($mouth, $diameter, $flow * 1.1))
            ->toBeGreaterThan($level($mouth, $diameter, $flow))
            ->and($level($mouth + 5, $diameter, $flow))
            ->toAgreeWith($level($mouth, $diameter, $flow) + 5, 1e-9)
            ->and($level($mouth, $diameter * 1.1, $flow))
            ->toBeLessThan($level($mouth, $diameter, $flow))
            ->and((new Standpipe($diameter, 0.6))->flow(20.0))
            ->toBeLessThan((new Standpipe($diameter, 0.6))->flow(21.0));
    }
});

it('judges any plumbing with findings that say why, each severity by its figure', function (): void {
    for ($seed = 0; $seed < 120; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $maybe = fn (float $value): ?float => $random->getInt(0, 3) === 0 ? null : $value;
        $plumbing = new Plumbing(
            drain: new PipeRun(
                $maybe($random->getInt(12, 50)),
                heightMm: $maybe($random->getInt(200, 1500)),
                valveOpen: $maybe($random->getInt(5, 100) / 100),
            ),
            emergency: new PipeRun($maybe($random->getInt(12, 50)), heightMm: $maybe($random->getInt(200, 1500))),
            overflowMm: $maybe($random->getInt(50, 900)),
        );
        $flow = $random->getInt(0, 8000);
        foreach (
            Said::all(Sumps::plumbing($plumbing, $flow, 15.0), UnitSystem::Us) as $finding
        ) {
            expect($finding->reason)
                ->not->toBeNull("{$seed}: {$finding->code}")
                ->and($finding->sentence)
                ->toEndWith('.')
                ->and(
                    $finding->severity === Severity::Fault || $finding->severity === Severity::Caution
                        ? $finding->fix !== null
                        : true,
                )
                ->toBeTrue("{$seed}: {$finding->code}");
            if ($finding->code === 'drain-fits') {
                expect(
                    (float) $plumbing->drain->carries(Assumptions::standard(), LAW_VISCOSITY),
                )->toBeGreaterThanOrEqual(0.99 * $flow);
            }
            if ($finding->code === 'emergency-small') {
                expect((float) $plumbing->emergency->carries(Assumptions::standard(), LAW_VISCOSITY))->toBeLessThan(
                    $flow,
                );
            }
        }
    }
});

it(
    'keeps a build in order, whatever was recorded: each step once, findings only of baffles that are there',
    function (): void {
        $tank = Tanks::box();
        foreach (
            [SumpDesign::start(), SumpDocument::stored(Database\Seeders\DemoSection::document())] as $design
        ) {
            $section = $design->section($tank);
            for ($seed = 0; $seed < 60; $seed++) {
                $random = new Randomizer(new Mt19937($seed));
                $day = fn (): DateTimeImmutable => new DateTimeImmutable('2026-03-'.$random->getInt(1, 28));
                $done = $measured = $tests = [];
                foreach ($section->inside->baffles as $baffle) {
                    if ($random->getInt(0, 2) > 0) {
                        $done["set-{$baffle->id}"] = $day();
                        $measured[$baffle->id] = new Measured(
                            array_filter(
                                [
                                    'frontBottom' => $baffle->atMm + $random->getInt(-5, 5),
                                    'frontTop' => $baffle->atMm + $random->getInt(-5, 5),
                                    'backBottom' => $baffle->atMm + $random->getInt(-5, 5),
                                ],
                                fn (): bool => $random->getInt(0, 4) > 0,
                            ),
                        );
                    }
                }
                for ($i = 0; $i < $random->getInt(0, 3); $i++) {
                    $tests[] = new LeakTest(
                        $day(),
                        $random->getInt(50, 400),
                        LeakResult::cases()[$random->getInt(0, 2)],
                    );
                }
                $record = new BuildRecord(
                    $random->getInt(0, 1) === 1,
                    $random->getInt(0, 1) === 1 ? 72.0 : null,
                    $done,
                    $tests,
                    [...$measured, 'gone' => new Measured(['frontTop' => 3.0])],
                );
                $plan = new BuildPlan($design->review($tank), $record);
                $keys = array_map(fn (BuildStep $step): string => $step->key, $plan->steps());
                expect($keys)
                    ->toBe(array_values(array_unique($keys)))
                    ->and(array_search('leak-built', $keys, true))
                    ->toBeGreaterThan(array_search('cure', $keys, true));
                $ids = array_map(fn ($baffle): string => $baffle->id, $section->inside->baffles);
                foreach ($plan->findings() as $finding) {
                    expect($finding->at === null || in_array($finding->at, $ids, true))->toBeTrue("seed {$seed}");
                }
                $leaks = array_filter($plan->findings(), fn (Finding $finding): bool => $finding->code === 'leaks');
                $open = array_filter(
                    $tests,
                    fn (LeakTest $test): bool => $test->result !== LeakResult::Dry
                        && array_filter(
                            $tests,
                            fn (LeakTest $later) => $later->day > $test->day && $later->result === LeakResult::Dry,
                        ) === [],
                );
                expect(count($leaks))->toBe(count($open), "seed {$seed}");
            }
        }
    },
);
