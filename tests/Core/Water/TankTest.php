<?php

declare(strict_types=1);

use Ithys\Document\Refused;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Water\TankDocument;
use Ithys\Water\TurnoverSchool;
use Tests\Support\Turnovers;

/** @return array<string, string> */
function typedBox(string ...$changes): array
{
    return [
        ...[
            'shape' => 'box',
            'length' => '100',
            'width' => '50',
            'height' => '50',
            'salinity' => '35',
            'temperature' => '25',
        ],
        ...$changes,
    ];
}

it('adds up the working volume part by part', function (): void {
    $volume = TankDocument::typed(
        typedBox(belowRim: '4', sump: '40', plumbing: '5', sand: '10', rock: '20', flow: '2000'),
        UnitSystem::Metric,
    )->workingVolume();
    expect(array_map(fn (float $litres): float => round($litres, 9), array_column($volume->parts, 'litres', 'code')))
        ->toEqual([
            'gross' => 250.0,
            'unfilled' => -20.0,
            'sand' => -3.6,
            'rock' => -10.0,
            'sump' => 40.0,
            'plumbing' => 5.0,
            'further' => 0.0,
        ])
        ->and($volume->litres)
        ->toAgreeWith(261.4)
        ->and($volume->turnoverPerHour())
        ->toAgreeWith(2000 / 261.4)
        ->and($volume->parts[3]['basis']?->kind->value)
        ->toBe('estimate');
});

it('reads US units and spelled-out units alike', function (): void {
    $us = TankDocument::typed(
        ['shape' => 'volume', 'volume' => '60', 'temperature' => '78', 'rock' => '44', 'salinity' => '35'],
        UnitSystem::Us,
    );
    expect($us->display->grossLitres())
        ->toAgreeWith(227.12470704)
        ->and($us->ground->rockKg)
        ->toAgreeWith(19.95806428)
        ->and($us->water->celsius)
        ->toAgreeWith(230 / 9);
    $imperial = TankDocument::typed(['shape' => 'volume', 'volume' => '50 imp gal'], UnitSystem::Us);
    expect($imperial->display->grossLitres())->toAgreeWith(227.3045);
});

it('reads a specific gravity as the salinity it is at the temperature of the tank', function (
    string $gravity,
    string $celsius,
    float $salinity,
): void {
    expect(
        TankDocument::typed(typedBox(salinity: $gravity, temperature: $celsius), UnitSystem::Metric)->water->salinity,
    )->toEqualWithDelta($salinity, 0.05);
})->with([
    // By EOS-80 (UNESCO 1983, table of check values): density 1023.343 kg/m³ at S 35 and 25 °C, 997.047 of pure water:
    // 1.02637.
    ['1.02637', '25', 35.0],
    ['1.0264', '25', 35.0],
    ['1.000', '25', 0.0],
    // Common practice: 1.023 is a little over 30 (the formula gives 30.5).
    ['1.023', '25', 30.5],
]);

it('refuses sizes that cannot be, each at its field', function (array $changes, string $field, string $sentence): void {
    try {
        TankDocument::typed(typedBox(...$changes), UnitSystem::Metric);
        $this->fail('It was read.');
    } catch (Refused $invalid) {
        expect($invalid->problems)->toHaveKey($field)->and($invalid->problems[$field])->toContain($sentence);
    }
})->with([
    [['length' => '-100'], 'length', 'must be between 5 cm and 1,000 cm'],
    [['length' => '0'], 'length', 'must be between'],
    [['length' => '50 m'], 'length', '“50 m” is 5,000 cm'],
    [['width' => ''], 'width', 'is needed'],
    [['height' => 'NaN'], 'height', 'is not a number'],
    [['height' => 'tall'], 'height', 'is not a number'],
    [['sump' => '1e9'], 'sump', 'unit'],
    [['rock' => '600'], 'rock', 'more than the 250 L the display holds'],
    [['belowRim' => '50'], 'belowRim', 'no water would be left'],
    [['salinity' => '1.05'], 'salinity', 'specific gravity'],
    [['salinity' => '0.95'], 'salinity', 'specific gravity'],
    [['salinity' => '350'], 'salinity', 'between 0 and 45'],
    [['flow' => '0'], 'flow', 'must be between'],
    [['volume' => '12 gal', 'shape' => 'volume'], 'volume', 'US gal'],
]);

it('tells every wrong field at once', function (): void {
    try {
        TankDocument::typed(typedBox(length: 'x', width: '-1', salinity: 'y'), UnitSystem::Metric);
        $this->fail('It was read.');
    } catch (Refused $invalid) {
        expect(array_keys($invalid->problems))->toBe(['length', 'width', 'salinity']);
    }
});

it('comes back from its document the same', function (array $typed): void {
    $tank = TankDocument::typed($typed, UnitSystem::Metric);
    expect(TankDocument::stored(json_decode((string) json_encode($tank->toArray()), true)))->toEqual($tank);
})->with([
    [typedBox(belowRim: '4', sump: '40', flow: '2000', school: 'brisk')],
    [['shape' => 'cylinder', 'length' => '60', 'height' => '50']],
    [['shape' => 'volume', 'volume' => '220']],
]);

it('refuses a document it does not know', function (): void {
    expect(fn () => TankDocument::stored(['schema' => 99]))
        ->toThrow(Refused::class)
        ->and(fn () => TankDocument::stored(['schema' => 1, 'display' => ['shape' => 'box', 'lengthMm' => 1000]]))
        ->toThrow(Refused::class, 'The inner width is needed.');
});

// Common practice: 5 to 10 an hour in one school, at least 10 and better 20 to 30 in another; 1 to 2 is a freshwater
// figure.
it('judges turnover by the school', function (
    float $flow,
    TurnoverSchool $school,
    string $code,
    Severity $severity,
): void {
    $finding = Turnovers::judge($flow, 200, $school);
    expect($finding->code)->toBe($code)->and($finding->severity)->toBe($severity);
})->with([
    [300, TurnoverSchool::Moderate, 'turnover-freshwater', Severity::Caution],
    [800, TurnoverSchool::Moderate, 'turnover-low', Severity::Caution],
    [1000, TurnoverSchool::Moderate, 'turnover-fits', Severity::Good],
    [2000, TurnoverSchool::Moderate, 'turnover-fits', Severity::Good],
    [2400, TurnoverSchool::Moderate, 'turnover-high', Severity::Caution],
    [1600, TurnoverSchool::Brisk, 'turnover-low', Severity::Caution],
    [2400, TurnoverSchool::Brisk, 'turnover-fits', Severity::Good],
    [6400, TurnoverSchool::Brisk, 'turnover-high', Severity::Caution],
]);

it('says what flow would do and asks for a missing one', function (): void {
    expect(said(Turnovers::judge(800, 200, TurnoverSchool::Moderate)->sentence))
        ->toContain('at least 1,000 L/h')
        ->and(Turnovers::judge(null, 200, TurnoverSchool::Moderate)->code)
        ->toBe('turnover-unknown');
});

it('points out water no reef is kept in', function (): void {
    $codes = array_map(
        fn ($finding) => $finding->code,
        TankDocument::typed(typedBox(salinity: '20', temperature: '32'), UnitSystem::Metric)
            ->workingVolume()
            ->findings(),
    );
    expect($codes)->toContain('salinity-unusual', 'temperature-unusual');
});
