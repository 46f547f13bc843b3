<?php

declare(strict_types=1);

use App\Http\Pages\CatalogueView;
use App\Http\Pages\PathForm;
use App\Http\Pages\ReviewView;
use App\Http\Pages\StylesView;
use App\Http\Pages\SystemFrame;
use App\Models\System;
use App\Models\User;
use Ithys\Assumption\Assumptions;
use Ithys\Document\Refused;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\PathDocument;
use Ithys\Path\Style;
use Ithys\Path\Styles\RoomDocument;
use Ithys\Path\Template;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\System\Setup;
use Tests\Support\RandomPath;
use Tests\Support\Sketch;

/** @return array<string, mixed> as the page gets it and sends it back */
function throughThePage(mixed $view): array
{
    return json_decode((string) json_encode($view), true);
}

it('turns a path into a form that reads back as the same path, in either unit system', function (
    UnitSystem $units,
): void {
    for ($seed = 0; $seed < 60; $seed++) {
        $path = RandomPath::of($seed);
        $again = PathDocument::typed(throughThePage(PathForm::of($path, $units)), $units);
        expect(count($again->items()))->toBe(count($path->items()));
        foreach ($path->items() as $item) {
            $back = $again->find($item->id);
            foreach (Figure::cases() as $figure) {
                $was = $item->figure($figure);
                $was === null
                    ? expect($back?->figure($figure))->toBeNull()
                    : expect(abs((float) $back?->figure($figure) - $was))->toBeLessThan(
                        0.002 + 1e-4 * $was,
                        "seed {$seed} {$figure->value}",
                    );
            }
            expect([$back?->words, $back?->flags, $back?->choice(Ithys\Path\Choice::Hole)])
                ->toEqual([$item->words, $item->flags, $item->choice(Ithys\Path\Choice::Hole)])
                ->and(array_map(fn ($load) => $load->medium, $back->media ?? []))
                ->toBe(array_map(fn ($load) => $load->medium, $item->media));
        }
    }
})->with(UnitSystem::cases());

it('does not drift when a form is saved over and over', function (): void {
    $path = PathDocument::stored([...Template::of(Style::Sump)->toArray(), 'litresPerHour' => 2050]);
    $units = UnitSystem::Us;
    $first = PathDocument::typed(throughThePage(PathForm::of($path, $units)), $units);
    $last = $first;
    for ($save = 0; $save < 20; $save++) {
        $last = PathDocument::typed(throughThePage(PathForm::of($last, $units)), $units);
    }
    expect($last->litresPerHour)->toAgreeWith((float) $first->litresPerHour, 1e-9);
});

it('offers every kind with its own fields, each labelled and with its unit', function (UnitSystem $units): void {
    $catalogue = CatalogueView::of($units, Assumptions::standard());
    $groups = array_column($catalogue['groups'], 'key');
    foreach ($catalogue['kinds'] as $kind) {
        expect($groups)->toContain($kind['group']);
        foreach ([...$kind['figures'], ...$kind['roomAndPower']] as $key) {
            expect($catalogue['figures'][$key]['label'])->not->toBe('');
        }
        foreach ($kind['choices'] as $key) {
            expect($catalogue['choices'][$key]['options'])->not->toBe([]);
        }
        foreach ($kind['flags'] as $flag) {
            expect($catalogue['flags'])->toHaveKey($flag);
        }
    }
    expect($catalogue['figures']['flowLimitLitresPerHour']['unit'])
        ->toBe($units === UnitSystem::Metric ? 'L/h' : 'US gal/h')
        ->and($catalogue['figures']['grams']['unit'])
        ->toBe($units === UnitSystem::Metric ? 'g' : 'oz');
})->with(UnitSystem::cases());

it('has a drawing for every kind of equipment', function (): void {
    $drawings = (string) file_get_contents(resource_path('js/parts/Glyph.tsx'));
    foreach (Kind::cases() as $kind) {
        expect(
            preg_match("~^\s*(?:'".preg_quote($kind->value)."'|".preg_quote($kind->value).'):\s~m', $drawings),
        )->toBe(1, "no drawing for {$kind->value}");
    }
});

it('tells the page the flow and the words of every item', function (): void {
    $path = Sketch::path(
        'overflow-drilled > sock(count=2, micron=200, material=felt, hole=7in) > bag(gfo=120, activated-carbon) > '
            .'refugium(hours=9) > return-pump; branch from return-pump to sock 200: zeolite(grams=300)',
    );
    $view = throughThePage(
        ReviewView::of(new Setup(Sketch::in($path)->tank), $path, new Words(UnitSystem::Metric), 0.3),
    );
    expect(array_map(fn (array $item): array => [$item['flow'], $item['brief']], $view['items']))
        ->toBe([
            'overflow-drilled' => [1400, ''],
            'sock' => [1600, '×2, felt, 7 in, 200 µm'],
            'bag' => [1600, 'GFO 120 g, Activated carbon'],
            'refugium' => [1600, '9 h light'],
            'return-pump' => [1600, ''],
            'zeolite' => [200, '300 g'],
        ])
        ->and($view['stages'])
        ->toBe(['solids' => ['sock'], 'organics' => ['bag'], 'uptake' => ['bag', 'refugium', 'zeolite']])
        ->and(array_column($view['findings'], 'at'))
        ->toContain('bag')
        ->and($view['sizing']['pricePerKilowattHour'])
        ->toBe(0.3);
});

it('marks on the water line only what wants attention', function (): void {
    $system = System::factory()
        ->ownedBy(User::factory()->create())
        ->create();
    $system
        ->pathRevisions()
        ->create([
            'in_force_from' => '2026-01-01',
            'document' => Sketch::path(
                'overflow-drilled(emergency) > roller(holes=1, hole=7in) > refugium > bubble-trap > heater(cover=20) > '
                    .'return-pump; branch from return-pump to roller 100: reactor(alumina); branch from bubble-trap '
                    .'to roller 80: feed-pump > bag(resin)',
            )->toArray(),
        ]);
    $stops = SystemFrame::of($system, new Words(UnitSystem::Metric))['path']['stops'];
    expect(array_column($stops, 'severity', 'id'))
        ->toBe([
            'overflow-drilled' => null,
            'roller' => 'fault',
            'refugium' => 'caution',
            'bubble-trap' => null,
            'heater' => null,
            'return-pump' => null,
        ])
        ->and(array_map(fn (array $branch): array => array_column($branch['stops'], 'id'), $stops[5]['branches']))
        ->toBe([['reactor']])
        ->and(array_map(fn (array $branch): array => array_column($branch['stops'], 'id'), $stops[3]['branches']))
        ->toBe([['feed-pump', 'bag']]);
});

it('draws the line of the path in force, not of one to come or one gone', function (): void {
    $system = System::factory()
        ->ownedBy(User::factory()->create())
        ->create();
    $force = fn (string $since, string $sketch) => $system
        ->pathRevisions()
        ->create(['in_force_from' => $since, 'document' => Sketch::path($sketch)->toArray()]);
    $force('2026-01-01', 'weir > sponge > return-pump');
    $force('2026-03-01', 'weir > floss > return-pump');
    $force(now()->addMonth()->format('Y-m-d'), 'weir > sock > return-pump');
    $ids = fn (): array => array_column(
        SystemFrame::of(System::query()->findOrFail($system->id), new Words(UnitSystem::Metric))['path']['stops'],
        'id',
    );
    expect($ids())->toBe(['weir', 'floss', 'return-pump']);
    $system->pathRevisions()->where('in_force_from', '>=', '2026-03-01')->first()?->delete();
    expect($ids())->toBe(['weir', 'sponge', 'return-pump']);
});

it('turns a room into a form that reads back as the same room', function (UnitSystem $units): void {
    $tank = Sketch::in(Template::of(Style::Sump))->tank;
    $room = RoomDocument::stored([
        'cabinetLengthMm' => 965.2,
        'cabinetWidthMm' => 431.8,
        'cabinetHeightMm' => 711.2,
        'budget' => 350.0,
        'noise' => 'little',
        'spill' => 'much',
        'skill' => 'long',
        'pricePerKilowattHour' => 0.36,
        'drilled' => true,
        'cleanLook' => true,
    ], $tank);
    $again = RoomDocument::typed(StylesView::form($room, $units), $tank, $units);
    expect($again->cabinet->lengthMm)
        ->toAgreeWith(965.2, 1e-5)
        ->and([
            $again->taste->noise,
            $again->taste->spill,
            $again->taste->skill,
            $again->drilled,
            $again->taste->cleanLook,
            $again->budget,
            $again->pricePerKilowattHour,
        ])
        ->toBe([$room->taste->noise, $room->taste->spill, $room->taste->skill, true, true, 350.0, 0.36]);
})->with(UnitSystem::cases());

it('keeps the default of what a stored room does not say, and refuses what it cannot read', function (): void {
    $tank = Sketch::in(Template::of(Style::Sump))->tank;
    expect(RoomDocument::stored([], $tank)->pricePerKilowattHour)
        ->toBe(0.3)
        ->and(fn () => RoomDocument::stored(['noise' => 'deafening'], $tank))
        ->toThrow(Refused::class)
        ->and(fn () => RoomDocument::stored(['budget' => 'lots'], $tank))
        ->toThrow(Refused::class);
});

it('names each item of every style to start from', function (Style $style): void {
    $items = Template::of($style)->items();
    expect(count($items))->toBeGreaterThan(5)
        ->and(array_unique(array_map(fn (Item $item): string => $item->id, $items)))->toHaveCount(count($items))
        ->and(Template::empty($style)->items())->toBe([])
        ->and(Template::empty($style)->style)->toBe($style);
})->with(Style::cases());
