<?php

declare(strict_types=1);

use App\Http\Pages\SectionView;
use Database\Seeders\DemoNano;
use Database\Seeders\DemoSection;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\System\Setup;
use Tests\Support\Golden;
use Tests\Support\RandomSump;
use Tests\Support\Sketched;

// What the page draws of forty sumps; resources/js/section/drawing/labels.test.ts holds the words on the drawing to it.
it('writes the views of forty sumps for the drawing to be tried on', function (): void {
    $designs = [
        SumpDocument::stored(DemoSection::document()),
        SumpDesign::start(),
        Sketched::sump(),
        DemoNano::section(),
        SumpDesign::startBehind(),
        Sketched::behind(),
        Sketched::behind(['rear' => ['slotsMm' => 20, 'crestMm' => 200], 'returnLevelMm' => 90]),
    ];
    for ($seed = 0; count($designs) < 40; $seed++) {
        $designs[] = RandomSump::of($seed);
    }
    $views = array_map(static function (SumpDesign $design): array {
        $view = SectionView::of($design, new Setup(Sketched::tank()), new Words(UnitSystem::Metric), null, false);
        $round = static fn (mixed $value): mixed => is_float($value) ? round($value, 2) : $value;
        $kept = array_intersect_key($view, array_flip([
            'lengthMm', 'widthMm', 'heightMm', 'wallMm', 'chambers', 'baffles', 'placed', 'trays', 'states',
            'front', 'basket',
        ]));
        array_walk_recursive($kept, static function (mixed &$value) use ($round): void {
            $value = $round($value);
        });

        return $kept;
    }, $designs);
    expect($views)->toHaveCount(40);
    Golden::json('sumps', $views);
});
