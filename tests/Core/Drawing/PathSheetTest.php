<?php

declare(strict_types=1);

use Ithys\Drawing\PathSheet;
use Ithys\Path\Item;
use Ithys\Path\ItemWords;
use Ithys\Path\Kind;
use Ithys\Path\Line;
use Ithys\Path\Path;
use Ithys\Path\Review\Review;
use Ithys\Path\Stock;
use Ithys\Path\Style;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Tests\Support\Sketch;

function pathSheet(Path $path): DOMDocument
{
    $here = Sketch::in($path);
    $sheet = new DOMDocument();
    expect(
        $sheet->loadXML(PathSheet::svg($here, Review::of($here), 'Test tank', new Words(UnitSystem::Metric))),
    )->toBeTrue();

    return $sheet;
}

it('is SVG in millimetres, with every item on it', function (): void {
    $path = Sketch::path(
        'overflow-drilled > sock(count=2, holes=1) > skimmer > bubble-trap > return-pump; branch from return-pump to '
            .'sock 200: reactor(gfo); tank 80 to sock 300: overflow-drilled#b',
    );
    $sheet = pathSheet($path);
    $root = $sheet->documentElement;
    expect($root?->namespaceURI)->toBe('http://www.w3.org/2000/svg')
        ->and($root?->getAttribute('width'))->toBe('210mm')
        ->and($root?->getAttribute('height'))->toEndWith('mm')
        ->and($root?->getAttribute('viewBox'))->toBe('0 0 210 '.rtrim($root->getAttribute('height'), 'm'))
        ->and($sheet->getElementsByTagName('rect')->length)->toBe(count($path->items()));
    $height = (float) $root?->getAttribute('height');
    foreach ($sheet->getElementsByTagName('text') as $text) {
        expect((float) $text->getAttribute('y'))->toBeGreaterThan(0.0)->toBeLessThan($height);
    }
    expect($sheet->textContent)
        ->toContain('Sock ×2')
        ->toContain('Water takes the open hole')
        ->toContain('300 L/h, into the path before Sock')
        ->toContain('200 L/h, from Return pump to Sock');
});

it('takes any words of a keeper', function (): void {
    $name = "<script>& \"x\" 'y' \x01 Ölfilm";
    $sheet = pathSheet(
        Path::of(
            $name,
            Style::Sump,
            null,
            Stock::Light,
            Stock::Light,
            [],
            [new Line('main', [new Item('a', Kind::Skimmer, new ItemWords($name, '</text>'))])],
        ),
    );
    expect($sheet->textContent)
        ->toContain("<script>& \"x\" 'y'  Ölfilm")
        ->and($sheet->getElementsByTagName('script')->length)
        ->toBe(0);
});
