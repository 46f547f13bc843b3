<?php

declare(strict_types=1);

use Ithys\Document\Unfinished;
use Ithys\Quantity\UnitSystem;
use Ithys\Sump\Build\BuildDocument;
use Ithys\Sump\SumpDocument;
use Tests\Support\Sketched;

/** A good sump as typed, with more. */
function typedSump(array $with = []): array
{
    return [...array_diff_key(Sketched::document(), ['format' => 0, 'schema' => 0]), ...$with];
}

it('leaves parts out by their id and figures by their place', function (): void {
    $typed = ['fall' => 'x', 'in' => ['a' => 'y', 'b' => '1'], 'parts' => [['id' => 'one'], ['id' => 'two']]];
    expect(Unfinished::leftOut($typed, ['part.one.size', 'fall', 'in.a'], ['part' => ['parts', '*']]))->toBe([
        'fall' => '',
        'in' => ['a' => '', 'b' => '1'],
        'parts' => [['id' => 'two']],
    ]);
});

it('leaves two parts of a list out that go by their place in it', function (): void {
    $typed = ['tests' => [['n' => 0], ['n' => 1], ['n' => 2]]];
    expect(Unfinished::leftOut($typed, ['tests.0.day', 'tests.2.day'], ['tests' => ['tests', '*']]))
        ->toBe(['tests' => [['n' => 1]]]);
});

it('draws a sump while a pad, which is only cut, is not finished', function (): void {
    $pads = [['id' => 'a', 'name' => 'Pad', 'lengthMm' => '', 'widthMm' => '100', 'count' => '1']];
    [$design, $problems] = SumpDocument::partly(typedSump(['workshop' => ['pads' => $pads]]), UnitSystem::Metric, true);
    expect($design)->not->toBeNull()
        ->and($design->workshop->pads)->toBe([])
        ->and($design->inside->baffles)->toHaveCount(5)
        ->and(array_keys($problems))->toBe(['pad.a.lengthMm']);
});

it('waits for a baffle on the drawing, and cuts the rest without it', function (): void {
    $typed = typedSump();
    $typed['baffles'][1]['atMm'] = 'where?';
    [$drawn, $problems] = SumpDocument::partly($typed, UnitSystem::Metric, true);
    [$cut, $same] = SumpDocument::partly($typed, UnitSystem::Metric, false);
    expect($drawn)->toBeNull()
        ->and(array_keys($problems))->toBe(['baffle.skim.atMm'])
        ->and($same)->toBe($problems)
        ->and(array_map(static fn ($one): string => $one->id, $cut->inside->baffles))
        ->toBe(['socks', 'over', 'under', 'last']);
});

it('makes nothing of a sump without its size', function (): void {
    foreach ([true, false] as $whole) {
        [$design, $problems] = SumpDocument::partly(typedSump(['lengthMm' => '']), UnitSystem::Metric, $whole);
        expect($design)->toBeNull()->and(array_keys($problems))->toBe(['lengthMm']);
    }
});

it('leaves a basket out of what is cut, and never a figure that is wrong in it', function (): void {
    $typed = typedSump(['workshop' => ['basket' => ['lengthMm' => '', 'widthMm' => '100', 'heightMm' => '300',
        'clearanceMm' => '1', 'thicknessMm' => '3', 'shelves' => '3', 'inletMm' => '40']]]);
    [$design, $problems] = SumpDocument::partly($typed, UnitSystem::Metric, false);
    expect($design->workshop->basket)->toBeNull()->and(array_keys($problems))->toBe(['basket.lengthMm']);
});

it('goes on with the record of a build while a leak test and a corner are not finished', function (): void {
    $today = new DateTimeImmutable('2026-11-20');
    [$record, $problems] = BuildDocument::partly([
        'retrofit' => false,
        'cureHours' => '',
        'done' => ['mark' => '2026-11-01'],
        'leakTests' => [
            ['day' => '2026-11-02', 'levelMm' => '', 'result' => 'dry'],
            ['day' => '2026-11-03', 'levelMm' => '380', 'result' => 'dry'],
            ['day' => '2026-13-03', 'levelMm' => '380', 'result' => 'dry'],
        ],
        'measured' => ['socks' => ['frontTop' => 'x', 'backTop' => '150']],
    ], UnitSystem::Metric, $today);
    expect($record)->not->toBeNull()
        ->and(array_keys($record->done))->toBe(['mark'])
        ->and(array_map(static fn ($test): string => $test->day->format('Y-m-d'), $record->leakTests))
        ->toBe(['2026-11-03'])
        ->and(array_keys($problems))->toContain('leakTests.0.levelMm', 'leakTests.2.day')
        ->and($record->measured['socks']->cornersMm)->toBe(['backTop' => 150.0]);
});
