<?php

declare(strict_types=1);

use App\Exchange\SchemaFile;
use App\Http\Pages\SectionForm;
use App\Http\Pages\SectionView;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSection;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Cutting\Pad;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\System\Setup;
use Tests\Support\RandomSump;
use Tests\Support\Tanks;

it('turns any sump into a form that reads back as the same sump, in either unit system', function (
    UnitSystem $units,
): void {
    for ($seed = 0; $seed < 60; $seed++) {
        $design = RandomSump::of($seed);
        // A rule in inches has a mark every sixty-fourth.
        $near = $units === UnitSystem::Metric ? 0.01 : 0.2;
        $again = SumpDocument::typed(json_decode((string) json_encode(SectionForm::of($design, $units)), true), $units);
        foreach (['vessel', 'water'] as $part) {
            foreach (get_object_vars($design->{$part}) as $key => $figure) {
                is_float($figure)
                    ? expect(abs((float) $again->{$part}->{$key} - $figure))->toBeLessThan($near, "{$seed}: {$key}")
                    : expect($again->{$part}->{$key})->toBe($figure);
            }
        }
        expect($again->cabinet->heightMm === null)->toBe($design->cabinet->heightMm === null)
            ->and(count($again->further))->toBe(count($design->further));
        foreach ($design->further as $i => $tank) {
            expect($again->further[$i]->line)->toBe($tank->line)
                ->and($again->further[$i]->fallMm === null)->toBe($tank->fallMm === null)
                ->and($again->further[$i]->drain->fittings)->toBe($tank->drain->fittings)
                ->and(abs((float) $again->further[$i]->lengthMm - (float) $tank->lengthMm))->toBeLessThan($near);
        }
        foreach ($design->inside->baffles as $i => $baffle) {
            expect([$again->inside->baffles[$i]->id, $again->inside->baffles[$i]->kind])
                ->toBe([$baffle->id, $baffle->kind])
                ->and(abs($again->inside->baffles[$i]->atMm - $baffle->atMm))
                ->toBeLessThan($near)
                ->and(abs($again->inside->baffles[$i]->gapMm - $baffle->gapMm))
                ->toBeLessThan($near);
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
                ->toBeLessThan($near)
                ->and(
                    array_column($again->inside->trays[$i]->openings, 'kind'),
                )
                ->toBe(array_column($tray->openings, 'kind'));
        }
    }
})->with(UnitSystem::cases());

it('comes back from its document the same, whatever it is', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        $design = RandomSump::of($seed);
        expect(SumpDocument::stored(json_decode((string) json_encode($design->toArray()), true)))->toEqual(
            $design,
            "seed {$seed}",
        );
    }
});

it(
    'is drawn without falling over: a level for every chamber in every state, and figures that are numbers',
    function (): void {
        $tank = Tanks::box();
        for ($seed = 0; $seed < 60; $seed++) {
            $view = SectionView::of(RandomSump::of($seed), new Setup($tank), new Words(UnitSystem::Metric));
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
        expect(SchemaFile::faults(json_decode((string) json_encode(RandomSump::of($seed)->toArray())), 'sump-1'))->toBe(
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
