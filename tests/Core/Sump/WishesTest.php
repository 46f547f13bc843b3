<?php

declare(strict_types=1);

use Ithys\Path\Path;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Review\Situation;
use Ithys\Sump\Review\SumpReview;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\Wish;
use Ithys\Sump\Wishes;
use Tests\Support\Sketch;
use Tests\Support\Sketched;

/** @return list<Wish> */
function wishesOf(SumpDesign $design, ?Path $path = null, ?float $flow = 2000.0): array
{
    return Wishes::of($design->section(Sketched::tank()), $flow, $path);
}

/** @return list<string> codes of faults and cautions, without those of glass */
function graveOnce(SumpDesign $design, ?Wish $granted = null): array
{
    $tank = Sketched::tank();
    $section = $design->section($tank);
    $review = SumpReview::of(new Situation(
        $granted?->in($section) ?? $section,
        2000.0,
        14.0,
        $tank->water,
        $design->plumbing,
    ));
    $codes = [];
    foreach ($review->findings as $finding) {
        if ($finding->severity->isGrave() && ! str_starts_with($finding->code, 'panel')) {
            $codes[] = $finding->code;
        }
    }

    return array_values(array_unique($codes));
}

function label(Wish $wish): string
{
    return (new Words(UnitSystem::Metric))->say($wish->label);
}

it('holds the water a skimmer wants by a weir behind it, and keeps what stands further on', function (): void {
    $design = Sketched::sump(['placed' => [
        Sketched::device('skimmer', 1, [120, 200, 420], ['depthLowMm' => 240, 'depthHighMm' => 260]),
        Sketched::device('heater', 2, [100, 30, 30], ['standMm' => 60, 'depthLowMm' => 20]),
    ]]);
    expect(graveOnce($design))->toContain('depth-off');
    [$wish] = wishesOf($design);
    expect(label($wish))->toBe('Hold 250 mm for Skimmer')
        ->and($wish->chamber)->toBe(1)
        ->and(graveOnce($design, $wish))->not->toContain('depth-off')
        ->and(array_diff(graveOnce($design, $wish), graveOnce($design)))->toBe([])
        ->and(array_map(
            static fn ($one): int => $one->chamber,
            $wish->in($design->section(Sketched::tank()))->inside->placed,
        ))->toBe([1, 3]);
});

it('offers no weir where there is no room, no flow known, or the water stands too high', function (): void {
    $with = static fn (float $long, float $low, float $high): SumpDesign => Sketched::sump(['placed' => [
        Sketched::device('skimmer', 1, [$long, 200, 420], ['depthLowMm' => $low, 'depthHighMm' => $high]),
    ]]);
    expect(wishesOf($with(245, 240, 260)))->toBe([])
        ->and(wishesOf($with(120, 240, 260), flow: null))->toBe([])
        ->and(wishesOf($with(120, 100, 120)))->toBe([])
        ->and(wishesOf($with(120, 380, 390)))->toBe([]);
});

it('lays the tray the path asks for, with a wall where what stands on it would run off', function (
    string $sketch,
    array $baffles,
    string $says,
    int $walls,
): void {
    $design = Sketched::sump(['lengthMm' => 1100, 'baffles' => array_replace_recursive([
        'socks' => ['atMm' => 320], 'skim' => ['atMm' => 580], 'over' => ['atMm' => 760],
        'under' => ['atMm' => 800], 'last' => ['atMm' => 840],
    ], $baffles)]);
    $path = Sketch::path($sketch, flow: 2000);
    [$wish] = wishesOf($design, $path);
    expect(label($wish))->toBe($says)
        ->and($wish->baffles)->toHaveCount($walls)
        ->and(array_diff(graveOnce($design, $wish), graveOnce($design)))->toBe([]);
})->with([
    'two socks, a low weir' => [
        'overflow-drilled > sock(count=2) > return-pump',
        ['socks' => ['topMm' => 210]],
        'Tray for 2 socks, with its wall',
        1,
    ],
    'a roller, a low weir' => [
        'overflow-drilled > roller > return-pump',
        ['socks' => ['topMm' => 230]],
        'Tray for the roller, with its wall',
        1,
    ],
    'a sock, a baffle that hangs to the rim' => [
        'overflow-drilled > sock > return-pump',
        ['socks' => ['kind' => 'under', 'topMm' => 390, 'gapMm' => 40]],
        'Tray for a sock',
        0,
    ],
]);

it('offers no tray where there is one, or where the path asks for none', function (): void {
    $socks = Sketch::path('overflow-drilled > sock > return-pump', flow: 2000);
    $with = Sketched::sump(['trays' => [Sketched::tray(300, [
        'sock-4in' => ['lengthMm' => 102, 'standsMm' => 25, 'hangsMm' => 200],
    ])]]);
    expect(wishesOf($with, $socks))->toBe([])
        ->and(wishesOf(Sketched::sump(), Sketch::path('overflow-drilled > skimmer > return-pump')))->toBe([])
        ->and(wishesOf(Sketched::sump(['baffles' => [
            'socks' => null, 'skim' => null, 'over' => null, 'under' => null, 'last' => null,
        ]]), $socks))->toBe([]);
});
