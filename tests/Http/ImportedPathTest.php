<?php

declare(strict_types=1);

use App\Path\ImportedPath;
use Ithys\Document\Refused;
use Ithys\Path\Path;
use Ithys\Path\Style;
use Ithys\Path\Template;
use Tests\Support\RandomPath;

/** @return array<string, mixed> a path that is right, with something of everything */
function soundPath(): array
{
    return [
        'format' => 'ithys-path',
        'schema' => 1,
        'name' => 'Sound',
        'style' => 'sump',
        'litresPerHour' => 1800,
        'stockNow' => 'light',
        'stockPlanned' => 'heavy',
        'without' => ['uptake' => 'few fish'],
        'lines' => [
            [
                'id' => 'main',
                'items' => [
                    ['id' => 'in', 'kind' => 'overflow-drilled', 'flags' => ['emergency']],
                    [
                        'id' => 'sock',
                        'kind' => 'sock',
                        'name' => 'Felt',
                        'figures' => ['count' => 2, 'micron' => 200],
                        'choices' => ['material' => 'felt'],
                    ],
                    ['id' => 'out', 'kind' => 'return-pump', 'figures' => ['watts' => 28.5]],
                ],
            ],
            [
                'id' => 'b',
                'from' => 'out',
                'to' => 'sock',
                'litresPerHour' => 200,
                'items' => [['id' => 'gfo', 'kind' => 'reactor', 'media' => [['medium' => 'gfo', 'grams' => 90]]]],
            ],
            ['id' => 't', 'tank' => true, 'tankLitres' => 60, 'to' => 'sock', 'litresPerHour' => 300, 'items' => []],
        ],
        'removed' => [['id' => 'old', 'kind' => 'biological', 'keptWhere' => 'cellar']],
    ];
}

/** Sets one place of a document, written with dots; null takes it out. */
function changed(string $place, mixed $value): string
{
    $document = soundPath();
    $at = &$document;
    $keys = explode('.', $place);
    foreach (array_slice($keys, 0, -1) as $key) {
        $at = &$at[$key];
    }
    $last = end($keys);
    if ($value === null) {
        unset($at[$last]);
    } else {
        $at[$last] = $value;
    }

    return (string) json_encode($document);
}

it('reads a path that is right', function (): void {
    $path = ImportedPath::read((string) json_encode(soundPath()));
    expect($path->name)
        ->toBe('Sound')
        ->and($path->items())
        ->toHaveCount(4)
        ->and($path->furtherTankLitres())
        ->toBe(60.0);
});

it('refuses a document with one thing wrong, by a sentence that ends', function (string $place, mixed $value): void {
    $message = '';
    try {
        ImportedPath::read(changed($place, $value));
    } catch (Refused $invalid) {
        $message = $invalid->getMessage();
    }
    expect($message)->toEndWith('.')->and(strlen($message))->toBeGreaterThan(20)->toBeLessThan(400);
})->with([
    'no format' => ['format', null],
    'another format' => ['format', 'other'],
    'a later schema' => ['schema', 2],
    'no style' => ['style', null],
    'a style of its own' => ['style', 'pond'],
    'text for a flow' => ['litresPerHour', 'fast'],
    'a flow of zero' => ['litresPerHour', 0],
    'a flow below zero' => ['litresPerHour', -5],
    'an absurd flow' => ['litresPerHour', 1e9],
    'stock unheard of' => ['stockNow', 'crowded'],
    'a fourth stage' => ['without.smell', 'none'],
    'no lines' => ['lines', []],
    'lines that are words' => ['lines', 'main'],
    'no main line' => ['lines.0.id', 'first'],
    'two main lines' => ['lines.1.id', 'main'],
    'a line without items' => ['lines.0.items', null],
    'a mark with capitals' => ['lines.0.items.0.id', 'In'],
    'a mark too long' => ['lines.0.items.0.id', str_repeat('x', 25)],
    'no mark' => ['lines.0.items.0.id', null],
    'no kind' => ['lines.0.items.0.kind', null],
    'a kind unheard of' => ['lines.0.items.0.kind', 'cauldron'],
    'a name that is a number' => ['lines.0.items.1.name', 7],
    'a name without end' => ['lines.0.items.1.name', str_repeat('x', 501)],
    'half a sock' => ['lines.0.items.1.figures.count', 1.5],
    'no sock at all' => ['lines.0.items.1.figures.count', 0],
    'a figure as text' => ['lines.0.items.1.figures.micron', '200'],
    'a figure unheard of' => ['lines.0.items.1.figures.weight', 3],
    'a material unheard of' => ['lines.0.items.1.choices.material', 'silk'],
    'a choice unheard of' => ['lines.0.items.1.choices.colour', 'blue'],
    'a property unheard of' => ['lines.0.items.0.flags.0', 'shiny'],
    'a medium unheard of' => ['lines.1.items.0.media.0.medium', 'sand'],
    'no medium' => ['lines.1.items.0.media.0.medium', null],
    'nothing of a medium' => ['lines.1.items.0.media.0.grams', 0],
    'a property nobody knows' => ['owner', 'me'],
    'an item property nobody knows' => ['lines.0.items.0.price', 20],
    'a branch from nowhere' => ['lines.1.from', 'gone'],
    'a branch from itself' => ['lines.1.from', 'gfo'],
    'a branch back to itself' => ['lines.1.to', 'gfo'],
    'an item twice' => ['lines.1.items.0.id', 'sock'],
    'an item on the path and taken out' => ['removed.0.id', 'sock'],
    'two return pumps' => ['lines.0.items.1', ['id' => 'second', 'kind' => 'return-pump']],
    'a tank without end' => ['lines.2.tankLitres', 1e6],
]);

it('reads again whatever was exported', function (): void {
    for ($seed = 0; $seed < 40; $seed++) {
        $path = RandomPath::of($seed);
        expect(ImportedPath::read((string) json_encode($path->toArray())))->toEqual($path, "seed {$seed}");
    }
    foreach (Style::cases() as $style) {
        expect(ImportedPath::read((string) json_encode(Template::of($style)->toArray())))->toBeInstanceOf(Path::class);
    }
});

it('refuses JSON nested without end', function (): void {
    expect(fn () => ImportedPath::read(str_repeat('[', 5000).str_repeat(']', 5000)))->toThrow(
        Refused::class,
        'not a JSON file',
    );
});
