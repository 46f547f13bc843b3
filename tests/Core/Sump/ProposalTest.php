<?php

declare(strict_types=1);

use App\Http\Pages\SectionForm;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Inside;
use Ithys\Sump\Placed;
use Ithys\Sump\Proposal;
use Ithys\Sump\Review\BafflesStand;
use Ithys\Sump\Section;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Tray\Opening;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Vessel;
use Tests\Support\Said;
use Tests\Support\Sketch;
use Tests\Support\Sketched;
use Tests\Support\Sumps;

function roomySection(array $baffles): Section
{
    return new Section(
        new Vessel(1200, 400, 400, 10),
        new Inside($baffles),
        new SumpWater(180, 60),
        DrainDown::display(0, 0, 0, 0),
    );
}

it('proposes baffles that can stand where they are proposed', function (string $kind): void {
    foreach (
        [
            [],
            [new Baffle('a', BaffleKind::Weir, 300, 6, 240)],
            [new Baffle('a', BaffleKind::Weir, 300, 6, 240), new Baffle('b', BaffleKind::Under, 700, 6, 340, 30)],
        ] as $there
    ) {
        $proposed = Proposal::baffles(roomySection($there))[$kind];
        $grave = array_filter(
            [...(new BafflesStand)->judge(Sumps::here(roomySection([...$there, ...$proposed]), 1500))],
            fn (Finding $finding): bool => $finding->severity->isGrave(),
        );
        expect($proposed)
            ->toHaveCount($kind === 'trap' ? 3 : 1)
            ->and($grave)
            ->toBe([]);
    }
})->with(['weir', 'gate', 'comb', 'under', 'trap']);

it('proposes a heater behind the last baffle and a skimmer before the first', function (): void {
    $devices = Proposal::devices(roomySection([new Baffle('a', BaffleKind::Weir, 300, 6, 240)]));
    expect($devices['heater']->chamber)->toBe(1)->and($devices['skimmer']->chamber)->toBe(0);
});

it('proposes them in the keeper\'s units', function (): void {
    $under = Proposal::baffles(roomySection([]))['under'][0]->toArray();
    expect(SectionForm::texts($under, UnitSystem::Metric)['gapMm'])->toBe('30')
        ->and(SectionForm::texts($under, UnitSystem::Us)['gapMm'])->toBe('1 3/16');
});

it('orders findings by how grave they are and leaves equals in their order', function (): void {
    $of = fn (Severity $severity, string $code): Finding => Finding::of($severity, $code, 'T', 'S.');
    $mixed = [
        $of(Severity::Good, 'a'),
        $of(Severity::Caution, 'b'),
        $of(Severity::Fault, 'c'),
        $of(Severity::Caution, 'd'),
        $of(Severity::Remark, 'e'),
    ];
    expect(array_map(fn (Finding $finding): string => $finding->code, Finding::gravestFirst($mixed)))
        ->toBe(['c', 'b', 'd', 'e', 'a'])
        ->and(array_map(fn (Severity $severity): bool => $severity->isGrave(), Severity::cases()))
        ->toBe([false, false, true, true]);
});

it('proposes a tray that holds what the path asks for, and can be laid', function (string $sketch, array $kinds): void {
    $section = roomySection([new Baffle('a', BaffleKind::Weir, 300, 6, 200)]);
    $tray = Proposal::trays($section, Sketch::path($sketch, flow: 2000))['tray'];
    expect(array_map(fn (Opening $opening): string => $opening->kind->value, $tray->openings))->toBe($kinds)
        ->and($tray->places($section->chambers()[0], Assumptions::standard()))->not->toBeNull()
        ->and($tray->topMm)->toBeLessThan($section->vessel->heightMm);
})->with([
    'no cloth' => ['overflow-drilled > skimmer > return-pump', ['sock-4in', 'standpipe']],
    'two socks' => ['overflow-drilled > sock(count=2) > return-pump', ['sock-4in', 'sock-4in', 'standpipe']],
    'a roller, with its room below' => ['overflow-drilled > roller > return-pump', ['roller', 'standpipe']],
]);

it('leaves the room below a roller that it wants', function (): void {
    $tray = Proposal::trays(
        roomySection([new Baffle('a', BaffleKind::Weir, 300, 6, 200)]),
        Sketch::path('overflow-drilled > roller > return-pump', flow: 2000),
    )['tray'];
    expect($tray->undersideMm())->toBeGreaterThanOrEqual(208.0);
});

it('proposes what of a path stands in a sump, where it would stand, and nothing that does not', function (): void {
    $section = roomySection([new Baffle('a', BaffleKind::Weir, 300, 6, 200)]);
    $placed = Proposal::fromPath(
        $section,
        Sketch::path(
            'overflow-drilled > sock > skimmer > refugium > heater > bag(gfo) > return-pump; branch from return-pump '
                .'to sock 300: reactor(gfo)',
            flow: 2000,
        ),
    );
    $by = [];
    foreach ($placed as $device) {
        $by[$device->item] = $device;
        expect($section->chambers()[$device->chamber] ?? null)->not->toBeNull();
    }
    expect(array_keys($by))->toBe(['skimmer', 'heater', 'bag', 'return-pump', 'reactor'])
        ->and($by['return-pump']->chamber)->toBe(count($section->inside->baffles))
        // The maker's depth is for the keeper to enter.
        ->and($by['skimmer']->depth->leastMm)->toBeNull()
        ->and($by['heater']->depth->leastMm)->toBe(30.0);
});

it('proposes nothing that raises a finding of its own', function (SumpDesign $sump): void {
    $section = $sump->section(Sketched::tank());
    $with = static function (array $baffles, array $placed, array $trays) use ($sump): array {
        $inside = new Inside(
            [...$sump->inside->baffles, ...$baffles],
            [...$sump->inside->placed, ...$placed],
            [...$sump->inside->trays, ...$trays],
        );
        $now = new SumpDesign(
            $sump->vessel,
            $sump->water,
            $inside,
            $sump->plumbing,
            $sump->workshop,
            $sump->cabinet,
        );

        return array_keys(array_filter(
            Sketched::said($now),
            static fn (Said $finding): bool => $finding->severity->isGrave(),
        ));
    };
    $before = $with([], [], []);
    $alone = fn (Baffle|Placed|Tray $part): array => array_values(array_filter(
        $part instanceof Baffle ? $with([$part], [], []) : ($part instanceof Placed
            ? $with([], [$part], [])
            : $with([], [], [$part])),
        static fn (string $code): bool => str_ends_with($code, "@{$part->id}"),
    ));
    foreach (Proposal::devices($section) as $device) {
        // Where a device may stand is its keeper's to say; that it fits and has its water is not.
        expect($alone($device))->toBe([]);
    }
    foreach (Proposal::trays($section) as $tray) {
        expect($alone($tray))->toBe([]);
    }
    expect(array_values(array_filter(
        array_diff($with(Proposal::baffles($section)['trap'], [], []), $before),
        static fn (string $code): bool => str_contains($code, '@') && ! str_contains($code, '@#'),
    )))->toBe([]);
})->with([
    'a plain one' => [Sketched::sump()],
    'a plain one without its trap' => [
        Sketched::sump(['baffles' => ['over' => null, 'under' => null, 'last' => null]]),
    ],
    'the one to start from' => [SumpDesign::start()],
]);
