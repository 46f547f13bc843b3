<?php

declare(strict_types=1);

use App\Http\Pages\AssumptionsPage;
use App\Http\Pages\BuildView;
use App\Http\Pages\CatalogueView;
use App\Http\Pages\ReviewView;
use App\Http\Pages\SectionView;
use App\Http\Pages\StylesView;
use App\Http\Pages\WorkingVolumeView;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\QuickEntry\Chip;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\QuickEntry;
use Ithys\Path\Styles\Cabinet;
use Ithys\Path\Styles\Room;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\Build\LeakResult;
use Ithys\Sump\Build\LeakTest;
use Ithys\Sump\Build\Measured;
use Ithys\System\Setup;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Tests\Support\RandomPath;
use Tests\Support\RandomSump;
use Tests\Support\Sketch;
use Tests\Support\Tanks;

// Who chose one system of units never meets a figure of the other, whatever the page says.

// A sock and its hole are called by their inches everywhere, and in keys; pipes are sold in both.
const CALLED_SO = '~\b[47] in\b|[\w-]*\b[47]in\b[\w-]*|a 25 mm and a 1 in fitting~';

const METRIC_FIGURE = '~\d\s?(?:mm|cm|m|L|mL|kg|g|°C|L/h|m/s|MPa|g/L|mL/L|L/kg|W/L|L/h per L|mg/g|L/mg)(?![\w°])~u';

const US_FIGURE = '~\d\s?(?:in|ft|US gal|gal|lb|oz|US fl oz|psi|°F|ft/s|US gal/h|mil)(?![\w°])~u';

/** @return list<string> every text of a page, where it stands aside */
function textsOf(mixed $page): array
{
    $texts = [];
    $gather = function (mixed $part) use (&$gather, &$texts): void {
        foreach (is_array($part) ? $part : [] as $one) {
            is_string($one) ? $texts[] = (string) preg_replace(CALLED_SO, '', $one) : $gather($one);
        }
    };
    $gather(json_decode((string) json_encode($page), true));

    return array_values(array_unique($texts));
}

dataset('pages', [
    'review of a path' => [function (UnitSystem $units, int $seed): array {
        $path = RandomPath::of($seed);

        return ReviewView::of(new Setup(Sketch::in($path, belowRimMm: 25)->tank), $path, new Words($units), 0.3);
    }],
    'sump' => [function (UnitSystem $units, int $seed): array {
        $tank = Tanks::box();

        return SectionView::of(RandomSump::of($seed), new Setup($tank), new Words($units));
    }],
    'styles' => [fn (UnitSystem $units, int $seed): array => StylesView::rows(
        new Room(40.0 * (1 + $seed), 300.0 + 40 * $seed, new Cabinet(400.0 + 20 * $seed, 400.0, 500.0 + 10 * $seed)),
        new Words($units),
    )],
    'working volume' => [function (UnitSystem $units, int $seed): array {
        $tank = new Tank(
            Display::box(400 + 20 * $seed, 500, 500, 30),
            new BesideDisplay(40, 5),
            new Ground($seed, 3 * $seed),
            new Conditions(35, 25),
            100.0 * $seed,
            TurnoverSchool::cases()[$seed % count(TurnoverSchool::cases())],
        );

        return WorkingVolumeView::of(new Setup($tank), new Words($units));
    }],
    'build' => [function (UnitSystem $units, int $seed): array {
        $tank = Tanks::box();
        $record = new BuildRecord(
            true,
            24.0,
            [],
            [new LeakTest(new DateTimeImmutable('2026-01-05'), 100.0 + $seed, LeakResult::Dry)],
            array_map(
                static fn (int $at): Measured => new Measured(
                    array_fill_keys(array_keys(Measured::CORNERS), 200.0 + $at),
                ),
                array_combine(['b0', 'b1'], [0, $seed]),
            ),
        );

        return BuildView::of(RandomSump::of($seed), $record, new Setup($tank), new Words($units));
    }],
    'journal' => [fn (UnitSystem $units): array => array_map(
        static fn (Chip $chip): string => $chip->text,
        QuickEntry::read(
            'no3 8.5 po4 0.06 sock changed, water change 40 l, gfo 60 g reactor, vinegar 10 ml, '
                .'activated carbon 200 ml, feed 2 cubes, feed 6 g pellet, '
                .'refugium 9 h, gfo 4 oz reactor, water change 10 us gal',
            new Context(new DateTimeImmutable('2026-11-25 09:30', new DateTimeZone('UTC')), $units, 350),
        )->chips,
    )],
    'assumptions' => [fn (UnitSystem $units): array => AssumptionsPage::groups(Assumptions::standard(), $units)],
    // Its units stand apart from what is typed.
    'catalogue' => [fn (UnitSystem $units): array => CatalogueView::of($units, Assumptions::standard()), -1],
]);

it('says nothing in units that its reader did not choose', function (Closure $page, int $least = 40): void {
    $figures = 0;
    for ($seed = 0; $seed < 30; $seed++) {
        foreach ([[UnitSystem::Us, METRIC_FIGURE, US_FIGURE], [UnitSystem::Metric, US_FIGURE, METRIC_FIGURE]] as $one) {
            [$units, $strange, $own] = $one;
            foreach (textsOf($page($units, $seed)) as $text) {
                expect($text)->not->toMatch($strange, "{$units->value}, seed {$seed}");
                $figures += preg_match($own, $text);
            }
        }
    }
    // It would be no law over pages that say no figures.
    expect($figures)->toBeGreaterThan($least);
})->with('pages');
