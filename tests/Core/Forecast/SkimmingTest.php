<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Forecast\Advice\Foam;
use Ithys\Forecast\Advice\FoamCause;
use Ithys\Forecast\Advice\Skimming;
use Ithys\Forecast\Workload;
use Ithys\History\Course\Course;
use Ithys\History\Routines;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Tests\Support\Logged;

/** @param  list<array{float|int, string}>  $lines */
function skimming(array $lines): Skimming
{
    return Skimming::of(Logged::entries($lines), new DateTimeImmutable(Logged::START.' +30 days'));
}

/** @return list<?string> what points to each cause, in order */
function pointers(Skimming $skimming, Foam $foam): array
{
    return array_map(
        fn (FoamCause $one): ?string => $one->because === null
            ? null
            : (new Words(UnitSystem::Metric))->say($one->because),
        $skimming->causes($foam),
    );
}

it('puts first what the journal points to', function (Foam $foam, array $lines, ?string $first): void {
    expect(pointers(skimming($lines), $foam)[0])->toBe($first);
})->with([
    // Common practice: what each look of the foam comes from.
    'off' => [Foam::Empty, [[20, 'skimmer off']], 'Switched off 10 d ago.'],
    'on again' => [Foam::Empty, [[20, 'skimmer off'], [21, 'skimmer on']], null],
    'just fed' => [Foam::Empty, [[29.95, 'fed 1 g pellet']], 'Fed 1 h ago.'],
    'fed yesterday' => [Foam::Empty, [[29, 'fed 1 g pellet']], null],
    'a dirty neck' => [Foam::Dry, [[10, 'skimmer cup cleaned']], 'Looked after 20 d ago.'],
    'a clean neck' => [Foam::Dry, [[28, 'skimmer cup cleaned']], null],
    'a dose' => [Foam::Overflowing, [[29, 'vinegar 10 ml']], 'Organic carbon, vinegar 10 mL, 24 h ago.'],
    'a water change' => [Foam::Wet, [[29.5, 'water change 30 l']], 'Water change 30 L, 12 h ago.'],
    'nothing known' => [Foam::Boiling, [], null],
]);

it('says since when it is off, and nothing where no switch is logged', function (): void {
    expect(skimming([])->offSince())->toBeNull()
        ->and(skimming([[3, 'skimmer off'], [5, 'skimmer on']])->offSince())->toBeNull()
        ->and(skimming([[3, 'skimmer on'], [25, 'skimmer off']])->offSince())
        ->toEqual(new DateTimeImmutable(Logged::START.' +25 days'))
        // What is still to come is not so yet.
        ->and(skimming([[40, 'skimmer off']])->offSince())->toBeNull();
    foreach (Foam::cases() as $foam) {
        expect(count(skimming([])->causes($foam)))->toBeGreaterThan(2);
    }
});

it('counts what a course asks in a year', function (): void {
    $lines = [];
    foreach (range(0, 56, 7) as $day) {
        array_push($lines, [$day, 'water change 30 l'], [$day + 0.1, 'sock changed'], [$day + 0.2, 'vinegar 14 ml']);
    }
    [$entries, $now] = [Logged::entries($lines), new DateTimeImmutable(Logged::START.' +57 days')];
    $course = Course::present(
        $entries,
        $now,
        false,
        true,
        200.0,
        Routines::of($entries, 200.0, new DateTimeZone('UTC'), $now, Assumptions::standard()),
    );
    $work = Workload::of($course, 200.0, Assumptions::standard());
    expect([$work->sockChanges, $work->waterChanges])->toBe([52, 52])
        ->and($work->waterLitres)->toEqualWithDelta(52 * 30, 1e-6)
        // Six minutes a sock and forty a water change, our estimates.
        ->and($work->hours)->toEqualWithDelta(52 * 46 / 60, 1e-6)
        ->and($work->fleeceMm)->toEqualWithDelta(73_000, 1e-6);
    $faster = Workload::of($course->with(['rollerTimes' => 2.0, 'waterEvery' => null]), 200.0, Assumptions::standard());
    expect($faster->fleeceMm)->toEqualWithDelta(146_000, 1e-6)
        ->and([$faster->waterChanges, $faster->waterLitres])->toBe([0, 0.0])
        ->and(Workload::of($course, null, Assumptions::standard())->fleeceMm)->toBeNull();
});
