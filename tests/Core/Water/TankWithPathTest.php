<?php

declare(strict_types=1);

use Ithys\Quantity\UnitSystem;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TankDocument;
use Ithys\Water\TurnoverSchool;
use Tests\Support\Sketch;
use Tests\Support\Turnovers;

function described(?float $flow = 1500): Tank
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

it('lays the flow of a path over that of the description', function (
    ?float $tank,
    ?float $path,
    ?float $together,
): void {
    expect(Sketch::path('weir > return-pump', flow: $path)->tank(described($tank))->filterLitresPerHour)->toBe(
        $together,
    );
})->with([
    'the path has its own' => [1500.0, 1800.0, 1800.0],
    'the path leaves it to the description' => [1500.0, null, 1500.0],
    'only the path knows' => [null, 1800.0, 1800.0],
    'neither knows' => [null, null, null],
]);

it('adds the water and the flow of further tanks', function (): void {
    $tank = Sketch::path(
        'weir > return-pump; tank 80 to return-pump 300: overflow-drilled; tank 60: overflow-drilled#b',
        flow: 1800,
    )->tank(described());
    expect($tank->beside->furtherTankLitres)
        ->toBe(140.0)
        ->and($tank->filterLitresPerHour)
        ->toBe(2100.0)
        ->and($tank->workingVolume()->litres)
        ->toAgreeWith(described()->workingVolume()->litres + 140.0)
        ->and($tank->workingVolume()->displayLitres)
        ->toAgreeWith(described()->workingVolume()->displayLitres);
});

it('keeps further tanks out of the description itself', function (): void {
    $with = Sketch::path('weir > return-pump; tank 80 to return-pump 300: overflow-drilled')->tank(described());
    expect($with->toArray())->not->toHaveKey('furtherTankLitres')
        ->and(TankDocument::stored(described()->toArray())->beside->furtherTankLitres)->toBe(0.0);
});

it('changes nothing by a path that says nothing', function (): void {
    expect(Sketch::path('')->tank(described()))->toEqual(described());
});

it('knows the surface of a display by its shape', function (Display $display, float $squareMm): void {
    expect($display->surfaceSquareMm())->toEqualWithDelta($squareMm, 1e-6);
})->with([
    [Display::box(1000, 500, 500), 500_000.0],
    [Display::cylinder(600, 500), M_PI * 600 ** 2 / 4],
    [Display::volume(200), 0.0],
]);

it('says in the keeper\'s units how much flow would do', function (UnitSystem $units, string $words): void {
    expect(said(Turnovers::judge(700, 200, TurnoverSchool::Moderate)->sentence, $units))->toContain($words);
})->with([[UnitSystem::Metric, 'at least 1,000 L/h here'], [UnitSystem::Us, 'at least 264 US gal/h here']]);
