<?php

declare(strict_types=1);

use Ithys\Document\Refused;
use Ithys\Path\Style;
use Ithys\Path\Styles\Criterion;
use Ithys\Path\Styles\Room;
use Ithys\Path\Styles\RoomDocument;
use Ithys\Path\Styles\Skill;
use Ithys\Path\Styles\StyleComparison;
use Ithys\Path\Styles\SumpFit;
use Ithys\Path\Styles\Tolerance;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

function roomTank(): Tank
{
    return new Tank(
        Display::box(1200, 500, 500, 30),
        new BesideDisplay(60, 5),
        new Ground(20, 30),
        new Conditions(35, 25),
        2000,
        TurnoverSchool::Moderate,
    );
}

/** @param  array<string, mixed>  $with */
function room(array $with = []): Room
{
    return RoomDocument::stored([
        'cabinetLengthMm' => 1100,
        'cabinetWidthMm' => 450,
        'cabinetHeightMm' => 750,
        ...$with,
    ], roomTank());
}

it('opens a reason behind every cell, in either unit system', function (Criterion $criterion, UnitSystem $units): void {
    $comparison = new StyleComparison(room(['budget' => 200]));
    foreach (Style::cases() as $style) {
        $cell = $comparison->cell($criterion, $style);
        expect(said($cell->text, $units))->not->toBe('')
            ->and(said($cell->reason, $units))->toEndWith('.');
        if ($units === UnitSystem::Us) {
            expect(said($cell->text, $units).said($cell->reason, $units))->not->toMatch(
                '~\d (L|cm)\b~',
                "{$criterion->value} {$style->value}",
            );
        }
    }
})->with(Criterion::cases())->with([UnitSystem::Metric, UnitSystem::Us]);

it('reckons the sump from the cabinet: less gaps and clearance, half full', function (): void {
    // (1100 - 60) x (450 - 75) x (750 x 0.55) mm, half full.
    $fit = SumpFit::of(room());
    expect($fit?->lengthMm)
        ->toBe(1040.0)
        ->and($fit?->runningLitres)
        ->toAgreeWith((1040 * 375 * 412.5) / 1e6 / 2)
        ->and((new StyleComparison(room()))->gainedLitres(Style::Sump))
        ->toAgreeWith((1040 * 375 * 412.5) / 1e6 / 2)
        ->and(SumpFit::of(room(['cabinetHeightMm' => null])))
        ->toBeNull()
        ->and(SumpFit::of(room(['cabinetLengthMm' => 200])))
        ->toBeNull();
});

it('says that no sump fits, or asks for the cabinet', function (): void {
    expect(
        (new StyleComparison(room(['cabinetLengthMm' => 200])))->cell(
            Criterion::Volume,
            Style::Sump,
        )->suits,
    )
        ->toBe(Severity::Fault)
        ->and(
            (new StyleComparison(room(['cabinetHeightMm' => null])))->cell(
                Criterion::Volume,
                Style::Sump,
            )->text,
        )
        ->toBe('cabinet not given');
});

it('shows what each school says of a turnover', function (): void {
    $comparison = new StyleComparison(room());
    $canister = $comparison->cell(Criterion::Turnover, Style::Canister);
    expect($comparison->turnoverPerHour(Style::Canister))
        ->toAgreeWith(1000 / (roomTank()->workingVolume()->displayLitres * 1.05))
        ->and($canister->suits)
        ->toBe(Severity::Caution)
        ->and(said($canister->school ?? ''))
        ->toContain('moderate school')
        ->toContain('brisk school')
        ->toContain('Not reached.');
});

it('weighs a drilled tank, the budget and what is put up with', function (): void {
    $cell = fn (array $with, Criterion $criterion, Style $style) => (new StyleComparison(
        room($with),
    ))->cell($criterion, $style);
    expect((new StyleComparison(room(['drilled' => true])))->turnoverPerHour(Style::Sump))
        ->toBeGreaterThan((new StyleComparison(room()))->turnoverPerHour(Style::Sump))
        ->and($cell(['budget' => 100], Criterion::Price, Style::Sump)->suits)
        ->toBe(Severity::Caution)
        ->and($cell(['budget' => 2000], Criterion::Price, Style::Sump)->suits)
        ->toBe(Severity::Good)
        ->and($cell([], Criterion::Price, Style::Sump)->suits)
        ->toBe(Severity::Remark)
        ->and($cell(['spill' => 'little'], Criterion::Failures, Style::Sump)->suits)
        ->toBe(Severity::Fault)
        ->and($cell(['spill' => 'much'], Criterion::Failures, Style::Sump)->suits)
        ->toBe(Severity::Remark)
        ->and($cell(['spill' => 'little'], Criterion::Failures, Style::RearChamber)->suits)
        ->toBe(Severity::Good)
        ->and($cell(['noise' => 'little'], Criterion::Noise, Style::Sump)->suits)
        ->toBe(Severity::Caution)
        ->and($cell(['skill' => 'new'], Criterion::Skill, Style::Sump)->suits)
        ->toBe(Severity::Caution)
        ->and($cell(['cleanLook' => true], Criterion::Look, Style::Internal)->suits)
        ->toBe(Severity::Caution)
        ->and(said($cell([], Criterion::Surface, Style::HangOn)->reason))
        ->toContain('120 cm is long');
});

it('puts power at the price given', function (): void {
    $comparison = new StyleComparison(room(['pricePerKilowattHour' => 0.5]));
    $hours = $comparison->kilowattHoursAYear(Style::Canister);
    expect($hours)
        ->toAgreeWith(((1000 / 1000) * 16 * 24 * 365.25) / 1000)
        ->and(said($comparison->cell(Criterion::Power, Style::Canister)->reason))
        ->toContain(number_format($hours * 0.5, 2));
});

it('reads the room as typed and keeps it', function (): void {
    $room = RoomDocument::typed(
        [
            'cabinetLength' => '40 in',
            'cabinetWidth' => '45',
            'cabinetHeight' => '',
            'budget' => '500',
            'powerPrice' => '0,42',
            'noise' => 'little',
            'spill' => 'much',
            'skill' => 'new',
            'drilled' => 'yes',
            'look' => 'clean',
        ],
        roomTank(),
        UnitSystem::Metric,
    );
    expect($room->cabinet->lengthMm)
        ->toAgreeWith(1016.0)
        ->and($room->taste->noise)
        ->toBe(Tolerance::Little)
        ->and($room->taste->skill)
        ->toBe(Skill::New)
        ->and(RoomDocument::stored(json_decode((string) json_encode($room->toArray()), true), roomTank()))
        ->toEqual($room);
});

it('says what is wrong with a room, field by field', function (): void {
    try {
        RoomDocument::typed(
            ['cabinetLength' => 'wide', 'budget' => '-3', 'powerPrice' => '1,234'],
            roomTank(),
            UnitSystem::Metric,
        );
        $problems = [];
    } catch (Refused $invalid) {
        $problems = $invalid->problems;
    }
    expect(array_keys($problems))->toBe(['cabinetLength', 'budget', 'powerPrice']);
});
