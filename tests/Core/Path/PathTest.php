<?php

declare(strict_types=1);

use Ithys\Document\Refused;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\ItemWords;
use Ithys\Path\Kind;
use Ithys\Path\Line;
use Ithys\Path\Path;
use Ithys\Path\PathDocument;
use Ithys\Path\Sizing\Power;
use Ithys\Path\Stock;
use Ithys\Path\Style;
use Ithys\Path\Template;
use Ithys\Quantity\UnitSystem;
use Tests\Support\Sketch;

/** @param  array<string, mixed>  $with @return array<string, mixed> */
function typedPath(array $with = []): array
{
    return [
        'name' => 'Draft',
        'style' => 'sump',
        'litresPerHour' => '',
        'stockNow' => 'light',
        'stockPlanned' => 'medium',
        'lines' => [
            [
                'id' => 'main',
                'items' => [
                    ['id' => 'a', 'kind' => 'overflow-drilled'],
                    [
                        'id' => 'b',
                        'kind' => 'sock',
                        'figures' => ['count' => '2', 'micron' => '200'],
                        'choices' => ['material' => 'felt', 'hole' => ''],
                    ],
                    ['id' => 'c', 'kind' => 'return-pump'],
                ],
            ],
        ],
        ...$with,
    ];
}

/** @return array<string, string> problems by place */
function problemsOf(callable $make): array
{
    try {
        $make();
    } catch (Refused $invalid) {
        return $invalid->problems;
    }

    return [];
}

it('comes back from its document the same', function (Path $path): void {
    $again = PathDocument::stored(json_decode((string) json_encode($path->toArray()), true));
    expect($again)->toEqual($path)->and($again->toArray())->toEqual($path->toArray());
})->with([
    fn () => Template::of(Style::Sump),
    fn () => Template::of(Style::Canister),
    fn () => Sketch::path(
        'overflow-drilled > sock(count=2, micron=200, material=felt) > bag(gfo=120, activated-carbon) > '
            .'return-pump(gives=8); branch from return-pump to sock 250: reactor(zeolite); tank 80 to sock 400: '
            .'overflow-drilled#b; removed: heater(carries-flow)',
        flow: 1800.5,
        stock: 'light',
        planned: 'heavy',
        without: ['organics' => 'on purpose'],
    ),
    fn () => Sketch::path(''),
]);

it('keeps the words of its keeper', function (): void {
    $item = new Item(
        'a',
        Kind::Skimmer,
        new ItemWords(
            'Old skimmer',
            'mechanical, says she',
            'hums at night',
            'its sponges hold the brittle stars',
            'garage',
        ),
    );
    $path = Path::of('P', Style::Sump, null, Stock::Light, Stock::Light, [], [new Line('main', [$item])]);
    expect(PathDocument::stored($path->toArray())->items()[0])->toEqual($item)
        ->and($item->title())->toBe('Old skimmer')
        ->and((new Item('a', Kind::Skimmer))->title())->toBe('Skimmer');
});

it('refuses what cannot be, by a sentence at its place', function (callable $make, string $place, string $words): void {
    $problems = problemsOf($make);
    expect($problems)->toHaveKey($place)->and($problems[$place])->toContain($words);
})->with([
    'an item in two places' => [
        fn () => Sketch::path('overflow-drilled > sock > sock#sock'),
        'item.sock',
        'stands in two places',
    ],
    'an item on the path and taken out' => [
        fn () => Sketch::path('overflow-drilled > sock; removed: sock'),
        'item.sock',
        'stands in two places',
    ],
    'two returns' => [
        fn () => Sketch::path('overflow-drilled > return-pump > return-pump#second'),
        'item.second',
        'second return pump',
    ],
    'a return in a branch' => [
        fn () => Sketch::path(
            'overflow-drilled > return-pump; branch from return-pump to overflow-drilled 100: return-pump#second',
        ),
        'item.second',
        'feed pump',
    ],
    'a branch that feeds itself' => [
        fn () => Sketch::path('overflow-drilled > sock; branch from reactor to sock 100: reactor'),
        'line.b1.from',
        'no water would ever reach',
    ],
    'two branches that feed only each other' => [
        fn () => Sketch::path(
            'overflow-drilled > sock; branch from bag to sock 100: reactor; branch from reactor to sock 100: bag',
        ),
        'line.b1.from',
        'no water would ever reach',
    ],
    'a branch that ends in itself' => [
        fn () => Sketch::path('overflow-drilled > sock; branch from sock to reactor 100: reactor'),
        'line.b1.to',
        'never return',
    ],
    'a branch joined to nothing' => [
        fn () => Sketch::path('overflow-drilled > sock; branch from gone to sock 100: reactor'),
        'line.b1.from',
        'not on the path',
    ],
    'a branch joined to a part taken out' => [
        fn () => Sketch::path('overflow-drilled > sock; branch from bag to sock 100: reactor; removed: bag'),
        'line.b1.from',
        'not on the path',
    ],
    'no main line' => [
        fn () => Path::of('', Style::Sump, null, Stock::Light, Stock::Light, [], []),
        'path',
        'one main line',
    ],
    'too many items' => [
        fn () => Sketch::path(implode(' > ', array_map(fn (int $i): string => "pad#p{$i}", range(1, 121)))),
        'path',
        '120 items',
    ],
    'too many lines' => [fn () => Sketch::path('weir'.str_repeat('; branch:', 16)), 'path', '16 lines'],
]);

it('refuses a document it does not know', function (array $change, string $place, string $words): void {
    $problems = problemsOf(
        fn () => PathDocument::stored(array_replace_recursive(Template::of(Style::Sump)->toArray(), $change)),
    );
    expect($problems)->toHaveKey($place)->and($problems[$place])->toContain($words);
})->with([
    [['schema' => 9], 'path', 'not a path of this version'],
    [['format' => 'other'], 'path', 'not a path of this version'],
    [['style' => 'bucket'], 'style', '“bucket” is not a style'],
    [['litresPerHour' => 0], 'flow', 'from 1 to'],
    [['lines' => [['items' => [['kind' => 'cauldron']]]]], 'item.i1', '“cauldron” is not a kind of equipment'],
    [['lines' => [['items' => [['figures' => ['height' => 3]]]]]], 'item.i1', '“height” is not a figure'],
    [['lines' => [['items' => [['figures' => ['watts' => 'many']]]]]], 'item.i1.watts', 'a number from 0'],
    [['lines' => [['items' => [['figures' => ['watts' => -4]]]]]], 'item.i1.watts', 'a number from 0'],
    [['lines' => [['items' => [['choices' => ['fitting' => 'royal']]]]]], 'item.i1.fitting', '“royal” is not a word'],
    [['lines' => [['items' => [['flags' => ['shiny']]]]]], 'item.i1', '“shiny” is not a property'],
    [
        ['lines' => [['items' => [['media' => [['medium' => 'gravel']]]]]]],
        'item.i1.media.0',
        '“gravel” is not a medium',
    ],
    [['lines' => [['items' => [['id' => 'Nö']]]]], 'path', 'no mark of its own'],
    [['lines' => [['items' => [['note' => str_repeat('x', 501)]]]]], 'item.i1.note', 'at most 500 characters'],
    [['without' => ['patience' => 'none']], 'without', '“patience” is not a stage'],
]);

it('reads figures as typed, in any unit', function (): void {
    $path = PathDocument::typed(
        typedPath([
            'litresPerHour' => '600 US gal/h',
            'lines' => [
                [
                    'id' => 'main',
                    'items' => [
                        [
                            'id' => 's',
                            'kind' => 'skimmer',
                            'figures' => [
                                'claimLowLitres' => '50 imp gal',
                                'lengthMm' => '1/2 ft',
                                'watts' => '12,5',
                                'count' => '',
                            ],
                        ],
                        ['id' => 'z', 'kind' => 'zeolite', 'figures' => ['grams' => '2 lb']],
                        [
                            'id' => 'b',
                            'kind' => 'bag',
                            'media' => [['medium' => 'gfo', 'grams' => '120'], ['medium' => 'resin', 'grams' => '']],
                        ],
                    ],
                ],
            ],
        ]),
        UnitSystem::Metric,
    );
    [$skimmer, $zeolite, $bag] = $path->items();
    expect($path->litresPerHour)->toAgreeWith(600 * 3.785411784)
        ->and($skimmer->figure(Figure::ClaimLow))->toAgreeWith(50 * 4.54609)
        ->and($skimmer->figure(Figure::Length))->toAgreeWith(152.4)
        ->and($skimmer->figure(Figure::Watts))->toBe(12.5)
        ->and($skimmer->figure(Figure::Count))->toBeNull()
        ->and($zeolite->figure(Figure::Grams))->toAgreeWith(907.18474)
        ->and($bag->media[0]->grams)->toBe(120.0)
        ->and($bag->media[1]->grams)->toBeNull();
});

it('tells all that is wrong in a typed path at once, each at its place', function (): void {
    $problems = problemsOf(
        fn () => PathDocument::typed(
            typedPath([
                'litresPerHour' => '0',
                'lines' => [
                    [
                        'id' => 'main',
                        'items' => [
                            [
                                'id' => 'a',
                                'kind' => 'sock',
                                'figures' => [
                                    'count' => '1.5',
                                    'micron' => 'fine',
                                    'flowLimitLitresPerHour' => '300 furlongs',
                                    'lengthMm' => '10 L',
                                ],
                            ],
                            ['id' => 'b', 'kind' => 'bag', 'media' => [['medium' => 'gfo', 'grams' => '-3']]],
                        ],
                    ],
                    ['id' => 'x', 'litresPerHour' => '200 gal/h', 'tank' => true, 'tankLitres' => '0', 'items' => []],
                ],
            ]),
            UnitSystem::Metric,
        ),
    );
    expect(array_keys($problems))
        ->toBe([
            'flow',
            'item.a.count',
            'item.a.micron',
            'item.a.flowLimitLitresPerHour',
            'item.a.lengthMm',
            'item.b.media.0',
            'line.x.flow',
            'line.x.tankLitres',
        ])
        ->and($problems['flow'])
        ->toBe('The flow must be between 1 L/h and 500,000 L/h; “0” is 0 L/h.')
        ->and($problems['item.a.count'])
        ->toContain('a whole number between 1 and 40')
        ->and($problems['item.a.flowLimitLitresPerHour'])
        ->toContain('“furlongs” is not a unit')
        ->and($problems['line.x.flow'])
        ->toContain('imperial');
});

it('saves a draft however unfinished', function (array $with): void {
    expect(PathDocument::typed(typedPath($with), UnitSystem::Us))->toBeInstanceOf(Path::class);
})->with([
    'nothing on it' => [['lines' => [['id' => 'main', 'items' => []]]]],
    'open branches' => [
        [
            'lines' => [
                ['id' => 'main', 'items' => []],
                ['id' => 'x', 'items' => [['id' => 'r', 'kind' => 'reactor']]],
                ['id' => 'y', 'tank' => true, 'items' => []],
            ],
        ],
    ],
    'no name' => [['name' => '']],
]);

it('knows every kind, with words for each of its figures', function (Kind $kind): void {
    $spec = $kind->spec();
    expect($spec->label)
        ->not->toBe('')
        ->and($spec->says)
        ->toEndWith('.')
        ->and($kind->isPowered())
        ->toBe($spec->sockets > 0);
    foreach ($spec->figures as $figure) {
        expect($figure->label())->not->toBe('')->and($figure->bounds()[0])->toBeLessThan($figure->bounds()[1]);
    }
    foreach ($spec->choices as $choice) {
        expect(count($choice->options()))->toBeGreaterThan(1);
    }
})->with(Kind::cases());

it('counts what one item is and does', function (): void {
    $here = Sketch::in(Sketch::path('skimmer(count=2, watts=10, hours=12, sockets=2)'));
    $pair = $here->path->items()[0];
    $power = new Power($here);
    expect($power->watts($pair))->toBe(20.0)
        ->and($power->sockets($pair))->toBe(4)
        ->and($power->kilowattHoursAYear($pair))->toAgreeWith(20 * 12 * 365.25 / 1000);
});
