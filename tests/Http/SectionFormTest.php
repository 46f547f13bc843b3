<?php

declare(strict_types=1);

use App\Exchange\SchemaFile;
use App\Http\Pages\SectionForm;
use App\Http\Pages\SectionView;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSection;
use Ithys\Assumption\Assumptions;
use Ithys\Panel\Material;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Cutting\Basket;
use Ithys\Sump\Cutting\Pad;
use Ithys\Sump\Cutting\Stock;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\Depth;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\Inside;
use Ithys\Sump\PipeRun;
use Ithys\Sump\PipeSystem;
use Ithys\Sump\Placed;
use Ithys\Sump\Plumbing;
use Ithys\Sump\PumpLabel;
use Ithys\Sump\Size;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\OpeningKind;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Ithys\Sump\Vessel;
use Ithys\System\Setup;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Random\Engine\Mt19937;
use Random\Randomizer;

function randomDesign(int $seed): SumpDesign
{
    $random = new Randomizer(new Mt19937($seed));
    $mm = fn (int $least, int $most): float => $random->getInt($least * 10, $most * 10) / 10;
    $baffles = [];
    for ($i = 0; $i < $random->getInt(0, 6); $i++) {
        $kind = BaffleKind::cases()[$random->getInt(0, 3)];
        $baffles[] = new Baffle(
            "b{$i}",
            $kind,
            $mm(0, 900),
            $mm(3, 12),
            $mm(60, 380),
            $kind === BaffleKind::Under ? $mm(5, 60) : 0.0,
            $kind === BaffleKind::Comb ? $random->getInt(10, 100) / 100 : 1.0,
        );
    }
    $placed = [];
    for ($i = 0; $i < $random->getInt(0, 3); $i++) {
        $placed[] = new Placed(
            "p{$i}",
            DeviceKind::from(['skimmer', 'heater', 'other'][$random->getInt(0, 2)]),
            "Device {$i}",
            $random->getInt(0, 3),
            new Size($mm(20, 300), $mm(20, 300), $mm(20, 500)),
            $mm(0, 100),
            new Depth($mm(0, 200), $random->getInt(0, 1) === 0 ? null : $mm(200, 300)),
        );
    }
    $plumbing
        = $random->getInt(0, 1) === 0
            ? new Plumbing()
            : new Plumbing(
                new PumpLabel(
                    $mm(800, 6000),
                    $random->getInt(10, 60) / 10,
                    25.0,
                    $random->getInt(0, 1) === 0 ? [] : [[0.0, 4.0], [$mm(500, 900), 3.0], [$mm(1000, 3000), 0.5]],
                ),
                new PipeRun(
                    $mm(16, 40),
                    $mm(500, 4000),
                    $mm(500, 2000),
                    ['elbow-90' => $random->getInt(1, 6)],
                    $random->getInt(5, 100) / 100,
                ),
                new PipeRun($mm(25, 50), $mm(500, 2000), $mm(400, 1500), ['gate-valve' => 1]),
                new PipeRun($mm(25, 50), heightMm: $mm(400, 900), fittings: ['elbow-45' => 2]),
                $mm(100, 600),
                $random->getInt(10, 100) / 100,
                ['pump' => PipeSystem::Metric, 'return' => PipeSystem::cases()[$random->getInt(0, 1)]],
            );
    $trays = [];
    for ($i = 0; $i < $random->getInt(0, 2); $i++) {
        $openings = array_map(
            fn (OpeningKind $kind): Opening => $kind->usual("o-{$kind->value}", Assumptions::standard()),
            array_slice(OpeningKind::cases(), 0, $random->getInt(0, 5)),
        );
        $trays[]
            = $random->getInt(0, 1) === 0
                ? new Tray("t{$i}", TrayKind::EggCrate, $random->getInt(0, 5), $mm(50, 300), 12.0)
                : new Tray("t{$i}", TrayKind::Tray, $random->getInt(0, 5), $mm(100, 400), $mm(4, 12), $openings);
    }
    $workshop
        = $random->getInt(0, 1) === 0
            ? new Workshop()
            : new Workshop(
                [new Pad('pad', 'Fine pad', $mm(50, 300), $mm(50, 300), $random->getInt(1, 40))],
                ['pads' => new Stock($mm(300, 1200), $mm(200, 600))],
                $random->getInt(0, 4),
                $mm(2, 6),
                new Basket(
                    $mm(80, 200),
                    $mm(60, 150),
                    $mm(200, 400),
                    $mm(0, 4),
                    3.0,
                    $random->getInt(1, 5),
                    $mm(0, 60),
                ),
            );

    $material = Material::cases()[$random->getInt(0, 1)];
    $yes = fn (): bool => $random->getInt(0, 1) === 1;
    $maybe = fn (float $value): ?float => $random->getInt(0, 1) === 0 ? null : $value;

    return new SumpDesign(
        new Vessel($mm(300, 1500), $mm(150, 600), $mm(250, 500), $mm(4, 15), $material, $yes(), $maybe(6.0), $yes()),
        new SumpWater($mm(100, 240), $mm(20, 90), $mm(0, 60), $mm(0, 20), $maybe($mm(1, 8)), $maybe($mm(5, 40))),
        new Inside($baffles, $placed, $trays),
        $plumbing,
        $workshop,
        $maybe($mm(400, 900)),
        $yes(),
    );
}

it('turns any sump into a form that reads back as the same sump, in either unit system', function (
    UnitSystem $units,
): void {
    for ($seed = 0; $seed < 60; $seed++) {
        $design = randomDesign($seed);
        $again = SumpDocument::typed(json_decode((string) json_encode(SectionForm::of($design, $units)), true), $units);
        foreach (['vessel', 'water'] as $part) {
            foreach (get_object_vars($design->{$part}) as $key => $figure) {
                is_float($figure)
                    ? expect(abs((float) $again->{$part}->{$key} - $figure))->toBeLessThan(0.01, "seed {$seed}: {$key}")
                    : expect($again->{$part}->{$key})->toBe($figure);
            }
        }
        expect($again->cabinetMm === null)->toBe($design->cabinetMm === null);
        foreach ($design->inside->baffles as $i => $baffle) {
            expect([$again->inside->baffles[$i]->id, $again->inside->baffles[$i]->kind])
                ->toBe([$baffle->id, $baffle->kind])
                ->and(abs($again->inside->baffles[$i]->atMm - $baffle->atMm))
                ->toBeLessThan(0.01)
                ->and(abs($again->inside->baffles[$i]->gapMm - $baffle->gapMm))
                ->toBeLessThan(0.01);
        }
        expect($again->plumbing->return->fittings)
            ->toBe($design->plumbing->return->fittings)
            ->and($again->toTheLeft)
            ->toBe($design->toTheLeft)
            ->and(count($again->inside->placed))
            ->toBe(count($design->inside->placed))
            ->and($again->plumbing->systems)
            ->toBe($design->plumbing->systems)
            ->and($again->plumbing->pump->points)
            ->toEqualWithDelta($design->plumbing->pump->points, 0.1)
            ->and($again->workshop->litChamber)
            ->toBe($design->workshop->litChamber)
            ->and(array_map(fn (Pad $pad): int => $pad->count, $again->workshop->pads))
            ->toBe(array_map(fn (Pad $pad): int => $pad->count, $design->workshop->pads));
        foreach ($design->inside->trays as $i => $tray) {
            expect($again->inside->trays[$i]->chamber)
                ->toBe($tray->chamber)
                ->and(abs($again->inside->trays[$i]->topMm - $tray->topMm))
                ->toBeLessThan(0.01)
                ->and(
                    array_column($again->inside->trays[$i]->openings, 'kind'),
                )
                ->toBe(array_column($tray->openings, 'kind'));
        }
    }
})->with(UnitSystem::cases());

it('comes back from its document the same, whatever it is', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        $design = randomDesign($seed);
        expect(SumpDocument::stored(json_decode((string) json_encode($design->toArray()), true)))->toEqual(
            $design,
            "seed {$seed}",
        );
    }
});

it(
    'is drawn without falling over: a level for every chamber in every state, and figures that are numbers',
    function (): void {
        $tank = new Tank(
            Display::box(1000, 500, 500, 30),
            new BesideDisplay(40, 5),
            new Ground(10, 20),
            new Conditions(35, 25),
            1800,
            TurnoverSchool::Moderate,
        );
        for ($seed = 0; $seed < 60; $seed++) {
            $view = SectionView::of(randomDesign($seed), new Setup($tank), new Words(UnitSystem::Metric));
            foreach ($view['states'] as $state) {
                expect($state['levels'])->toHaveCount(count($view['chambers']));
                foreach ($state['levels'] as $level) {
                    expect(is_finite($level) && $level >= 0.0)->toBeTrue("seed {$seed}");
                }
            }
            expect(json_encode($view))->toBeString();
        }
    },
);

it('writes every sump by the published schema, which refuses what it does not know', function (): void {
    foreach (range(1, 60) as $seed) {
        expect(SchemaFile::faults(json_decode((string) json_encode(randomDesign($seed)->toArray())), 'sump-1'))->toBe(
            [],
            "seed {$seed}",
        );
    }
    expect(SchemaFile::faults(json_decode((string) json_encode(DemoSection::document())), 'sump-1'))
        ->toBe([])
        ->and(SchemaFile::faults(json_decode((string) json_encode(SumpDesign::start()->toArray())), 'sump-1'))
        ->toBe([]);
    $strange = [...SumpDesign::start()->toArray(), 'lid' => 'oak'];
    expect(implode(' ', SchemaFile::faults(json_decode((string) json_encode($strange)), 'sump-1')))->toContain('lid');
    $this->actingAs(User::factory()->create());
    $system = System::factory()->ownedBy(auth()->user())->create();
    $this->postJson("/systems/{$system->id}/section/open", ['file' => json_encode($strange)])
        ->assertUnprocessable()
        ->assertJsonPath(
            'errors.file.0',
            fn (string $sentence): bool => str_contains($sentence, 'not by the schema')
                && str_contains($sentence, 'lid'),
        );
    $this->postJson("/systems/{$system->id}/section/open", [
        'file' => json_encode(DemoSection::document()),
    ])->assertOk();
});
