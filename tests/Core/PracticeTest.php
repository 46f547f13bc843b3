<?php

declare(strict_types=1);

use Ithys\Assumption\Assumed;
use Ithys\Assumption\AssumptionKind;
use Ithys\Assumption\Assumptions;
use Ithys\Flow\Pipe;
use Ithys\Path\Style;
use Ithys\Path\Styles\Criterion;
use Ithys\Path\Styles\RoomDocument;
use Ithys\Path\Styles\StyleComparison;
use Ithys\Severity;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

// Figures that keepers pass on (common practice, no source to name), written as they say them and compared with what
// the core holds.
it('holds the figures of the trade', function (float $held, float $said, float $within = 1e-6): void {
    expect($held)->toAgreeWith($said, $within);
})->with([
    'a small drop-in roller takes 750 US gal/h' => [
        fn () => Assumptions::standard()->value(Assumed::SmallRollerFlow) / 3.785411784,
        750,
    ],
    'a large one 1800' => [fn () => Assumptions::standard()->value(Assumed::LargeRollerFlow) / 3.785411784, 1800],
    'zeolite wants about 500 L/h' => [fn () => Assumptions::standard()->value(Assumed::ZeoliteFlow), 500],
    '550 g of porous gravel suits 60 L' => [fn () => Assumptions::standard()->value(Assumed::GravelPerLitre) * 60, 550],
    'biological media: buy three times the need' => [
        fn () => Assumptions::standard()->value(Assumed::BiologicalSpare),
        3,
    ],
    'and renew a third every 6 months' => [fn () => Assumptions::standard()->value(Assumed::BiologicalRenewal), 6],
    'half an inch over a heater, emptied' => [
        fn () => Assumptions::standard()->value(Assumed::HeaterCover) / 25.4,
        0.5,
    ],
    '3 in free behind the tank' => [fn () => Assumptions::standard()->value(Assumed::RearClearance) / 25.4, 3, 0.02],
    'at least six more sockets' => [fn () => Assumptions::standard()->value(Assumed::SpareSockets), 6],
    '2 x 9 W on 150 L is a small start' => [fn () => Assumptions::standard()->value(Assumed::RefugiumLight) * 150, 18],
    '3 to 4 cups of alumina on 55 US gal' => [
        fn () => (Assumptions::standard()->value(Assumed::AluminaVolume) * 55 * 3.785411784) / 236.5882365,
        3.5,
    ],
    'moderate turnover from 5' => [fn () => Assumptions::standard()->value(Assumed::TurnoverModerateLow), 5],
    'to 10' => [fn () => Assumptions::standard()->value(Assumed::TurnoverModerateHigh), 10],
    'brisk from 10' => [fn () => Assumptions::standard()->value(Assumed::TurnoverBriskLow), 10],
]);

it('calls practice practice, and what is recalled an estimate', function (): void {
    foreach (
        [
            Assumptions::standard()->of(Assumed::SmallRollerFlow),
            Assumptions::standard()->of(Assumed::ZeoliteFlow),
            Assumptions::standard()->of(Assumed::GravelPerLitre),
            Assumptions::standard()->of(Assumed::HeaterCover),
            Assumptions::standard()->of(Assumed::RefugiumLight),
            Assumptions::standard()->of(Assumed::AluminaVolume),
        ] as $practice
    ) {
        expect($practice->kind)->toBe(AssumptionKind::Practice);
    }
    foreach (
        [
            Assumptions::standard()->of(Assumed::SmallSockFlow),
            Assumptions::standard()->of(Assumed::SkimmerAir),
            Assumptions::standard()->of(Assumed::MediumStock),
            Assumptions::standard()->of(Assumed::PowerPrice),
            Assumptions::standard()->of(Assumed::GlassStrength),
            Assumptions::standard()->of(Assumed::Orifice),
            Assumptions::standard()->of(Assumed::BubbleSpeed),
        ] as $estimate
    ) {
        expect($estimate->kind)->toBe(AssumptionKind::Estimate);
    }
});

/** @param  array<string, mixed>  $stored */
function cellOf(float $litres, array $stored, Criterion $criterion, Style $style): Ithys\Path\Styles\Cell
{
    return (new StyleComparison(
        RoomDocument::stored($stored,
            new Tank(
                Display::volume($litres),
                new BesideDisplay(0, 0),
                new Ground(0, 0),
                new Conditions(35, 25),
                null,
                TurnoverSchool::Moderate,
            )),
    ))->cell($criterion, $style);
}

// What keepers say of the ways to filter (common practice): a beginner does best with a rear chamber, hang-on is
// cheapest, a sump gives most water and options, an internal filter carries only the smallest tank.
it('says of the styles what keepers say', function (
    float $litres,
    array $room,
    Criterion $criterion,
    Style $style,
    Severity $suits,
    string $words,
): void {
    $cell = cellOf($litres, $room, $criterion, $style);
    expect($cell->suits)
        ->toBe($suits)
        ->and(said($cell->text).' '.said($cell->reason).' '.said($cell->school ?? ''))
        ->toContain($words);
})->with([
    [100, ['skill' => 'new'], Criterion::Skill, Style::RearChamber, Severity::Good, 'a beginner usually does best'],
    [100, ['skill' => 'new'], Criterion::Skill, Style::Sump, Severity::Caution, 'Most options'],
    [100, [], Criterion::Skill, Style::HangOn, Severity::Good, 'Cheapest'],
    [100, [], Criterion::Skill, Style::Canister, Severity::Remark, 'every 3 to 4 days'],
    [300, [], Criterion::Turnover, Style::Internal, Severity::Caution, 'Not reached'],
    [40, [], Criterion::Turnover, Style::Internal, Severity::Good, 'Reached'],
    [200, [], Criterion::Surface, Style::Sump, Severity::Good, 'film and all'],
    [200, [], Criterion::Surface, Style::Internal, Severity::Caution, 'below the surface'],
    [
        200,
        ['cabinetLengthMm' => 1000, 'cabinetWidthMm' => 450, 'cabinetHeightMm' => 700],
        Criterion::Gear,
        Style::Sump,
        Severity::Good,
        'all three',
    ],
    [
        200,
        ['cabinetLengthMm' => 700, 'cabinetWidthMm' => 450, 'cabinetHeightMm' => 700],
        Criterion::Gear,
        Style::Sump,
        Severity::Remark,
        'two of the three',
    ],
    [
        200,
        ['cabinetLengthMm' => 450, 'cabinetWidthMm' => 450, 'cabinetHeightMm' => 700],
        Criterion::Gear,
        Style::Sump,
        Severity::Caution,
        'a small skimmer',
    ],
    [
        200,
        ['cabinetLengthMm' => 250, 'cabinetWidthMm' => 450, 'cabinetHeightMm' => 700],
        Criterion::Gear,
        Style::Sump,
        Severity::Fault,
        'No sump fits',
    ],
    [200, [], Criterion::Gear, Style::HangOn, Severity::Caution, 'media only'],
    [
        200,
        ['spill' => 'little', 'drilled' => true],
        Criterion::Failures,
        Style::Sump,
        Severity::Caution,
        'emergency drain',
    ],
    [200, ['spill' => 'little'], Criterion::Failures, Style::Sump, Severity::Fault, 'lose its prime'],
    [200, ['spill' => 'little'], Criterion::Failures, Style::Canister, Severity::Fault, 'power cut'],
    [200, ['spill' => 'some'], Criterion::Failures, Style::HangOn, Severity::Caution, 'clogs over'],
    [200, ['noise' => 'little'], Criterion::Noise, Style::Canister, Severity::Good, 'quiet'],
    [200, ['noise' => 'much'], Criterion::Noise, Style::Sump, Severity::Remark, 'gate valve'],
    [200, ['cleanLook' => true], Criterion::Look, Style::HangOn, Severity::Caution, 'box'],
    [200, ['cleanLook' => true, 'drilled' => true], Criterion::Look, Style::Sump, Severity::Good, 'weir box'],
    [200, ['budget' => 80.0], Criterion::Price, Style::HangOn, Severity::Good, 'about 70'],
    [200, ['budget' => 60.0], Criterion::Price, Style::HangOn, Severity::Caution, 'Over the 60'],
]);

it('orders the styles by water gained, price and power as keepers do', function (): void {
    $comparison = new StyleComparison(
        RoomDocument::stored([
            'cabinetLengthMm' => 1000,
            'cabinetWidthMm' => 450,
            'cabinetHeightMm' => 700,
            'drilled' => true,
        ],
            new Tank(
                Display::volume(250),
                new BesideDisplay(0, 0),
                new Ground(0, 0),
                new Conditions(35, 25),
                null,
                TurnoverSchool::Moderate,
            )),
    );
    $by = function (callable $figure): array {
        $styles = Style::cases();
        usort($styles, fn (Style $a, Style $b): int => $figure($a) <=> $figure($b));

        return array_map(fn (Style $style): string => $style->value, $styles);
    };
    expect($by(fn (Style $style): float => -$comparison->gainedLitres($style)))
        ->toBe(['sump', 'canister', 'hang-on', 'rear-chamber', 'internal'])
        ->and($by(fn (Style $style): float => -$comparison->turnoverPerHour($style))[4])
        ->toBe('internal')
        ->and($by(fn (Style $style): float => -$comparison->kilowattHoursAYear($style))[0])
        ->toBe('sump');
});

/** The implicit formula of Colebrook and White, solved here as a second opinion. */
function colebrook(float $reynolds, float $roughnessOverBore): float
{
    $x = 8.0;
    for ($i = 0; $i < 60; $i++) {
        $x = -2 * log10($roughnessOverBore / 3.7 + 2.51 * $x / $reynolds);
    }

    return 1 / $x ** 2;
}

it('stays near Colebrook over every pipe of a tank', function (): void {
    foreach ([12, 16, 20, 25, 32, 40, 50] as $bore) {
        foreach ([600, 1200, 2500, 5000, 9000] as $flow) {
            $pipe = new Pipe($bore, 1000);
            $reynolds = $pipe->reynolds($flow, 9.4e-7);
            if ($reynolds > 4000) {
                expect($pipe->friction($flow, 9.4e-7))->toAgreeWith(colebrook($reynolds, 0.0015 / $bore), 0.035);
            }
        }
    }
});

it(
    'loses head as the square of the flow or a little less, and by the fifth power of the bore or a little less',
    function (): void {
        foreach ([20, 25, 32] as $bore) {
            $pipe = new Pipe($bore, 2000);
            $slope = log($pipe->headLoss(4000, 9.4e-7) / $pipe->headLoss(2000, 9.4e-7)) / log(2);
            $wider = log($pipe->headLoss(3000, 9.4e-7) / (new Pipe(2 * $bore, 2000))->headLoss(3000, 9.4e-7)) / log(2);
            expect($slope)
                ->toBeGreaterThan(1.7)
                ->toBeLessThan(2.0)
                ->and($wider)
                ->toBeGreaterThan(4.5)
                ->toBeLessThan(5.0);
        }
    },
);
