<?php

declare(strict_types=1);

use Ithys\Assumption\Assumed;
use Ithys\Assumption\AssumptionKind;
use Ithys\Assumption\Assumptions;
use Ithys\Assumption\Overlay;
use Ithys\Assumption\UnknownAssumption;
use Ithys\Flow\Fitting;
use Ithys\Path\Kind;
use Ithys\Path\Style;
use Ithys\Path\Styles\Room;
use Ithys\Path\Styles\StyleComparison;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Cutting\CutGroup;
use Ithys\Sump\Tray\OpeningKind;

it('says of every default what it is, where it comes from and what it may be', function (): void {
    foreach (Assumptions::standard()->all() as $assumption) {
        foreach (UnitSystem::cases() as $units) {
            expect(said($assumption->label, $units))->not->toBe('', $assumption->key)
                ->and(said($assumption->quantity(), $units))->not->toBe('', $assumption->key)
                ->and(strlen(said($assumption->source, $units)))->toBeGreaterThan(10, $assumption->key);
        }
        expect($assumption->range->holds($assumption->value))->toBeTrue($assumption->key)
            ->and($assumption->range->least)->toBeLessThan($assumption->range->most, $assumption->key);
    }
});

it('has every named default once, and those of every kind, fitting, opening, stock and style', function (): void {
    $all = Assumptions::standard();
    foreach (Assumed::cases() as $assumed) {
        expect($all->of($assumed)->key)->toBe($assumed->value);
    }
    foreach (Kind::cases() as $kind) {
        if ($kind->hasUsualPower()) {
            expect($all->value("watts-{$kind->value}"))->toBeGreaterThan(0.0)
                ->and($all->value("hours-{$kind->value}"))->toBeGreaterThan(0.0);
        }
    }
    foreach (Fitting::cases() as $fitting) {
        expect($fitting->loss($all))->toBeGreaterThan(0.0);
    }
    foreach (OpeningKind::cases() as $kind) {
        expect($kind->usual('a', $all)->lengthMm)->toBeGreaterThan(0.0);
    }
    foreach (CutGroup::cases() as $group) {
        expect($group->usualStock($all) === null)->toBe($group === CutGroup::Baffles);
    }
    foreach (Style::cases() as $style) {
        expect((new StyleComparison(new Room(200.0, 900.0)))->kilowattHoursAYear($style))->toBeGreaterThan(0.0);
    }
    $keys = array_column($all->all(), 'key');
    expect($keys)->toBe(array_values(array_unique($keys)));
});

it('calls what is recalled from memory an estimate', function (): void {
    foreach (Assumptions::standard()->all() as $assumption) {
        if (str_contains(mb_strtolower(said($assumption->source)), 'memory')) {
            expect($assumption->kind)->toBe(AssumptionKind::Estimate, $assumption->key);
        }
    }
});

it('lets one tank have a default otherwise, with its reason, and leaves all others alone', function (): void {
    $mine = Assumptions::standard()->with(['rock-displacement' => new Overlay(0.42, 'Weighed in a bucket.')]);
    expect($mine->value(Assumed::RockDisplacement))->toBe(0.42)
        ->and($mine->of(Assumed::RockDisplacement)->overlay?->reason)->toBe('Weighed in a bucket.')
        ->and($mine->value(Assumed::SandDisplacement))->toBe(0.36)
        ->and(Assumptions::standard()->value(Assumed::RockDisplacement))->toBe(0.5)
        ->and(fn () => Assumptions::standard()->with(['no-such' => new Overlay(1.0, 'x')]))
        ->toThrow(UnknownAssumption::class, '“no-such”');
});
