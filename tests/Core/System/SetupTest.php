<?php

declare(strict_types=1);

use Ithys\Path\Figure;
use Ithys\Path\Path;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Depth;
use Ithys\Sump\DeviceKind;
use Ithys\Sump\Inside;
use Ithys\Sump\PipeRun;
use Ithys\Sump\Placed;
use Ithys\Sump\Plumbing;
use Ithys\Sump\PumpLabel;
use Ithys\Sump\Size;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\WaterLines;
use Ithys\System\Origin;
use Ithys\System\Setup;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Tests\Support\Sketch;

function saidTank(?float $flow = 2400): Tank
{
    return new Tank(
        Display::box(1000, 500, 500, 40),
        new BesideDisplay(45, 6),
        new Ground(12, 20),
        new Conditions(35, 25),
        $flow,
        TurnoverSchool::Moderate,
    );
}

/** A sump of two chambers; the heater is the path's item "heater". */
function drawnSump(
    Plumbing $plumbing = new Plumbing(new PumpLabel(3000, 3.0, 28), new PipeRun(25, 1800, 1200)),
    ?float $line = 20.0,
    float $stand = 60.0,
): SumpDesign {
    $start = SumpDesign::start();
    $inside = new Inside([new Baffle('weir', BaffleKind::Weir, 420, 6, 230)], [new Placed(
        'h',
        DeviceKind::Heater,
        'Heater',
        1,
        new Size(250, 30, 30),
        $stand,
        new Depth($line, null),
        item: 'heater',
    )]);

    return new SumpDesign($start->vessel, $start->water, $inside, $plumbing);
}

function sumpPath(?float $flow = null): Path
{
    return Sketch::path('overflow-drilled > sock > skimmer > heater#heater > return-pump#pump', flow: $flow);
}

it('puts what the drawn sump computes before what is described, and says so', function (): void {
    $setup = new Setup(saidTank(), sumpPath(), drawnSump());
    $loop = drawnSump()->returnLoop(saidTank())->litresPerHour ?? 0.0;
    $lines = WaterLines::running(drawnSump()->section(saidTank()), $loop);
    expect($setup->litresPerHour()?->value)->toBe($loop)->and($setup->litresPerHour()?->origin)->toBe(Origin::Computed)
        ->and($setup->sumpLitres()?->value)->toBe($lines->litres)
        ->and($setup->tank->filterLitresPerHour)->toBe($loop)
        ->and($setup->workingVolume()->litres)->toAgreeWith(saidTank()->workingVolume()->litres - 45 + $lines->litres)
        ->and($setup->described)->toEqual(saidTank());
});

it('goes by what is said while nothing is drawn, or where the path has no sump', function (Setup $setup): void {
    expect($setup->litresPerHour()?->origin)->toBe(Origin::Described)
        ->and($setup->sumpLitres()?->value)->toBe(45.0)
        ->and($setup->workingVolume()->litres)->toBe(saidTank()->workingVolume()->litres);
})->with([
    'nothing is drawn' => [fn (): Setup => new Setup(saidTank(), sumpPath())],
    'no path is laid out' => [fn (): Setup => new Setup(saidTank())],
    'the path has a canister' => [
        fn (): Setup => new Setup(
            saidTank(),
            Sketch::path('intake > canister-basket > return-pump', 'canister'),
            drawnSump(),
        ),
    ],
]);

it('knows no flow where nobody gave one, and then computes no water that depends on it', function (): void {
    $setup = new Setup(saidTank(null), sumpPath(), drawnSump(new Plumbing));
    expect($setup->litresPerHour())->toBeNull()->and($setup->sumpLitres()?->origin)->toBe(Origin::Described);
    $flowing = new Setup(saidTank(null), sumpPath(1500), drawnSump(new Plumbing()));
    expect($flowing->litresPerHour()?->origin)
        ->toBe(Origin::Described)
        ->and($flowing->sumpLitres()?->origin)
        ->toBe(Origin::Computed);
});

it('judges a heater by the drawing and not by what was typed, in path and sump alike', function (): void {
    $path = sumpPath();
    $typed = $path->find('heater');
    $setup = new Setup(saidTank(), $path, drawnSump());
    // Emptied to 60 mm, with its line at 80 mm: 20 mm dry, whatever cover is typed.
    expect($setup->drawn->coverMm['heater'])->toAgreeWith(-20.0, 1e-9);
    $codes = fn (Setup $of): array => array_map(
        fn ($finding): string => "{$finding->code} {$finding->severity->value}",
        Ithys\Path\Review\Review::of($of->situation())->findings,
    );
    $sump = array_map(
        fn ($finding): string => "{$finding->code} {$finding->severity->value}",
        $setup->sumpReview()->findings ?? [],
    );
    expect($codes($setup))
        ->toContain('heater-uncovered fault')
        ->and($sump)
        ->toContain('heater-dry fault')
        ->and($typed?->figure(Figure::Cover))
        ->toBeNull();
    // Stood lower, both are content.
    $low = new Setup(saidTank(), $path, drawnSump(stand: 20.0));
    expect($low->drawn->coverMm['heater'])
        ->toAgreeWith(20.0, 1e-9)
        ->and(implode(' ', $codes($low)))
        ->not->toContain('heater-uncovered')
        ->and(array_map(fn ($finding): string => $finding->code, $low->sumpReview()->findings ?? []))
        ->toContain('heater-covered');
});

it('does not know the cover of a heater without a minimum line', function (): void {
    $setup = new Setup(saidTank(), sumpPath(), drawnSump(line: null));
    expect($setup->drawn->coverMm)
        ->toBe([])
        ->and(array_column($setup->sumpReview()->findings ?? [], 'code'))
        ->toContain('heater-line-unknown')
        ->not->toContain('heater-covered');
});

it('gives the blocked drain of the path the water that the drawn return can push up', function (): void {
    $setup = new Setup(saidTank(), sumpPath(), drawnSump());
    $section = drawnSump()->section(saidTank());
    $flow = $setup->drawn->litresPerHour ?? 0.0;
    expect($setup->givesUpLitres($setup->path?->find('pump'))?->value)
        ->toAgreeWith(WaterLines::running($section, $flow)->litres - WaterLines::returnEmptied($section, $flow)->litres)
        ->and((new Setup(saidTank(), sumpPath()))->givesUpLitres(sumpPath()->find('pump')))
        ->toBeNull();
});

it('stays the same along another path or over another drawing', function (): void {
    $setup = new Setup(saidTank(), sumpPath(), drawnSump());
    expect($setup->along(sumpPath(900))->litresPerHour()?->value)->toBe($setup->litresPerHour()?->value)
        ->and($setup->over(null)->litresPerHour()?->value)->toBe(2400.0)
        ->and($setup->over(drawnSump(stand: 20.0))->drawn->coverMm['heater'])->toAgreeWith(20.0, 1e-9);
});
