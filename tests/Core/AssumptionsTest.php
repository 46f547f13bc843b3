<?php

declare(strict_types=1);

use Ithys\Assumption\Assumption;
use Ithys\Assumption\AssumptionKind;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Severity;

/** @return list<Assumption> */
function everyAssumption(): array
{
    $methods = array_filter(
        (new ReflectionClass(Assumptions::class))->getMethods(),
        fn (ReflectionMethod $method): bool => $method->isPublic(),
    );

    return array_values(array_map(fn (ReflectionMethod $method): Assumption => $method->invoke(null), $methods));
}

it('says of every default what it is and where it comes from', function (): void {
    foreach (everyAssumption() as $assumption) {
        expect($assumption->label)->not->toBe('', $assumption->key)
            ->and(strlen($assumption->source))->toBeGreaterThan(10, $assumption->key)
            ->and(is_finite($assumption->value))->toBeTrue();
    }
});

it('has each default once', function (): void {
    $keys = array_map(fn (Assumption $assumption): string => $assumption->key, everyAssumption());
    expect($keys)->toBe(array_unique($keys))
        ->and(count($keys))->toBeGreaterThan(10);
});

it('calls what is recalled from memory an estimate', function (): void {
    foreach (everyAssumption() as $assumption) {
        if (str_contains($assumption->source, 'memory')) {
            expect($assumption->kind)->toBe(AssumptionKind::Estimate, $assumption->key);
        }
    }
});

it('carries its reason in a finding', function (): void {
    $finding = Finding::of(Severity::Caution, 'a-code', 'A title', 'A sentence.', Assumptions::rockDisplacement());
    expect($finding->toArray())
        ->toMatchArray(['severity' => 'caution', 'code' => 'a-code', 'title' => 'A title', 'sentence' => 'A sentence.'])
        ->and($finding->toArray()['basis'])
        ->toMatchArray(['kind' => 'estimate', 'value' => 0.5, 'unit' => 'L/kg'])
        ->and(Finding::of(Severity::Good, 'b', 'B', 'B.')->toArray()['basis'])
        ->toBeNull();
});
