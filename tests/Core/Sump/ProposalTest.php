<?php

declare(strict_types=1);

use App\Http\Pages\SectionForm;
use Ithys\Finding;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Geometry;
use Ithys\Sump\Proposal;
use Ithys\Sump\Section;

function roomySection(array $baffles): Section
{
    return new Section(1200, 400, 400, 10, $baffles, 180, 60, new DrainDown(0, 0, 0, 0));
}

it('proposes baffles that can stand where they are proposed', function (string $kind): void {
    foreach ([[], [new Baffle('a', BaffleKind::Weir, 300, 6, 240)], [new Baffle('a', BaffleKind::Weir, 300, 6, 240), new Baffle('b', BaffleKind::Under, 700, 6, 340, 30)]] as $there) {
        $proposed = Proposal::baffles(roomySection($there))[$kind];
        $grave = array_filter(Geometry::findings(roomySection([...$there, ...$proposed]), UnitSystem::Metric), fn (Finding $finding): bool => $finding->severity->isGrave());
        expect($proposed)->toHaveCount($kind === 'trap' ? 3 : 1)->and($grave)->toBe([]);
    }
})->with(['weir', 'gate', 'comb', 'under', 'trap']);

it('proposes a heater behind the last baffle and a skimmer before the first', function (): void {
    $devices = Proposal::devices(roomySection([new Baffle('a', BaffleKind::Weir, 300, 6, 240)]));
    expect($devices['heater']->chamber)->toBe(1)->and($devices['skimmer']->chamber)->toBe(0);
});

it('proposes them in the keeper\'s units', function (): void {
    $under = Proposal::baffles(roomySection([]))['under'][0]->toArray();
    expect(SectionForm::texts($under, UnitSystem::Metric)['gapMm'])->toBe('30')
        ->and(SectionForm::texts($under, UnitSystem::Us)['gapMm'])->toBe('1.1811');
});

it('orders findings by how grave they are and leaves equals in their order', function (): void {
    $of = fn (Severity $severity, string $code): Finding => Finding::of($severity, $code, 'T', 'S.');
    $mixed = [$of(Severity::Good, 'a'), $of(Severity::Caution, 'b'), $of(Severity::Fault, 'c'), $of(Severity::Caution, 'd'), $of(Severity::Remark, 'e')];
    expect(array_map(fn (Finding $finding): string => $finding->code, Finding::gravestFirst($mixed)))->toBe(['c', 'b', 'd', 'e', 'a'])
        ->and(array_map(fn (Severity $severity): bool => $severity->isGrave(), Severity::cases()))->toBe([false, false, true, true]);
});
