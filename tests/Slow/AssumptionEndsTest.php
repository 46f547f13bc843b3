<?php

declare(strict_types=1);

use App\Http\Pages\BuildView;
use App\Http\Pages\CutView;
use App\Http\Pages\ReviewView;
use App\Http\Pages\SectionView;
use App\Http\Pages\StylesView;
use App\Http\Pages\WorkingVolumeView;
use Database\Seeders\DemoSection;
use Ithys\Assumption\Assumptions;
use Ithys\Assumption\Overlay;
use Ithys\Dosing\DoseMethods;
use Ithys\Forecast\Workload;
use Ithys\History\Course\Fresh;
use Ithys\History\Routines;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Media\Medium;
use Ithys\Path\Style;
use Ithys\Path\Styles\Cabinet;
use Ithys\Path\Styles\Room;
use Ithys\Path\Template;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\SumpDocument;
use Ithys\System\Setup;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Tests\Support\Logged;
use Tests\Support\RandomPath;
use Tests\Support\RandomSump;

/** What the model makes of a tank that has something of everything, under these assumptions. */
function nutrientsWith(Assumptions $assumptions): array
{
    $lines = [
        [0, 'no3 8 po4 0.1'], [0, 'feeding plan 1 g flake a day'], [1, 'fed 1 g pellet'], [2, 'fed 3 g frozen'],
        [3, 'fed 1 g seaweed'], [4, 'gfo 60 ml in reactor'], [5, 'alumina 50 ml in canister'],
        [6, 'resin 40 ml in basket'], [7, 'activated carbon 80 ml in bag'], [8, 'spirit 1 ml'], [9, 'vinegar 5 ml'],
        [10, 'sponge cleaned'], [11, 'harvested 20 g'], [12, 'water change 20 l'], [20, 'blend 2 ml'],
        [13, 'fleece 20 m left'], [16, 'fleece 19.4 m left'], [21, 'lanthanum 2 ml holding 3 mg'],
        [22, 'sock changed'], [23, 'unlisted medium 50 ml in bag'],
    ];
    $path = Logged::path([
        ['id' => 'sock', 'kind' => 'sock', 'choices' => ['material' => 'felt']],
        ['id' => 'sponge', 'kind' => 'sponge'],
        ['id' => 'pad', 'kind' => 'pad'],
        ['id' => 'floss', 'kind' => 'floss'],
        ['id' => 'roller', 'kind' => 'roller'],
        ['id' => 'skimmer', 'kind' => 'skimmer'],
        ['id' => 'refugium', 'kind' => 'refugium', 'figures' => ['watts' => 20, 'hoursPerDay' => 10]],
    ]);
    $timeline = Logged::timeline($lines, 40, $path, $assumptions);
    $end = $timeline->simulation()->at(40.0);
    $roads = new DoseMethods($assumptions);
    $course = $timeline->course();
    foreach (Medium::cases() as $medium) {
        $course = $course->putting(new Fresh($medium, 10.0));
    }

    return [
        $end->nitrate(),
        $end->phosphate(),
        $end->plant->settled,
        $end->balance->out,
        (array) Workload::of($course, $timeline->fleece()->pace(), $assumptions),
        array_map(fn (Medium $one): array => [
            $roads->byVolume($one, 300, 1500)->grams,
            $roads->byVessel($one, 'Vessel', 1.0)->grams,
        ], Medium::cases()),
    ];
}

/**
 * How routines go on of which some acts were skipped, and nothing was logged of late.
 *
 * @return list<?float>
 */
function routinesWith(Assumptions $assumptions): array
{
    $lines = [];
    foreach (range(0, 120) as $day) {
        if ($day % 9 !== 4) {
            $lines[] = [$day + 0.1, 'fed 1 g pellet'];
            $lines[] = [$day + 0.2, 'vinegar 8 ml'];
        }
        if ($day % 7 === 0 && $day !== 49) {
            $lines[] = [$day + 0.3, 'water change 30 l'];
            $lines[] = [$day + 0.4, 'sock changed'];
        }
    }
    $now = new DateTimeImmutable(Logged::START.' +180 days');
    $routines = Routines::of(Logged::entries($lines), 300.0, new DateTimeZone('UTC'), $now, $assumptions);

    return array_map(
        static fn (Repeated $of): ?float => $routines->at($of, $now)?->perDay,
        [Repeated::Feeding, Repeated::Vinegar, Repeated::Water, Repeated::Socks],
    );
}

/** What every page of a design says with these assumptions, as text. */
function everythingWith(Assumptions $assumptions): string
{
    $words = new Words(UnitSystem::Metric);
    $tank = (new Tank(
        Display::box(1000, 500, 500, 30),
        new BesideDisplay(40, 5, 20),
        new Ground(10, 20),
        new Conditions(35, 25),
        1800,
        TurnoverSchool::Moderate,
    ))->assuming($assumptions);
    $said = [WorkingVolumeView::of(new Setup($tank), $words)];
    $paths = [Template::of(Style::Sump), Template::of(Style::Canister), RandomPath::of(3), RandomPath::of(8)];
    foreach ($paths as $path) {
        $said[] = ReviewView::of(new Setup($tank, $path), $path, $words, 0.3);
    }
    foreach ([SumpDocument::stored(DemoSection::document()), RandomSump::of(5), RandomSump::of(9)] as $sump) {
        $setup = new Setup($tank, Template::of(Style::Sump), $sump);
        $said[] = SectionView::of($sump, $setup, $words);
        $said[] = CutView::of($sump, $sump->section($setup->tank));
        $said[] = BuildView::of($sump, new BuildRecord(), $setup, $words);
    }
    $said[] = SectionView::choices(UnitSystem::Metric, $assumptions);
    $said[] = StylesView::rows(
        new Room(220.0, 1000.0, new Cabinet(900.0, 400.0, 700.0), 300.0, assumptions: $assumptions),
        $words,
    );

    $said[] = nutrientsWith($assumptions);
    $said[] = routinesWith($assumptions);

    // What is no number fails here.
    return (string) json_encode($said, JSON_THROW_ON_ERROR);
}

it('reckons with every assumption at either end of its range', function (): void {
    $standard = Assumptions::standard();
    $now = everythingWith($standard);
    $idle = [];
    foreach ($standard->all() as $assumption) {
        $moved = false;
        foreach ([$assumption->range->least, $assumption->range->most] as $end) {
            $said = everythingWith($standard->with([$assumption->key => new Overlay($end, 'Tried.')]));
            $moved = $moved || $said !== $now;
        }
        if (! $moved) {
            $idle[] = $assumption->key;
        }
    }
    // Those of verdicts, alerts, targets and lanthanum, and of equipment that is not on these paths.
    expect(count($idle))->toBeLessThan(110, implode(' ', $idle));
});
