<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Forecast\Expected;
use Ithys\Forecast\Outlook;
use Ithys\History\Timeline\Missing;
use Ithys\History\Timeline\Observed;
use Ithys\History\Timeline\Timeline;
use Ithys\History\Timeline\Undone;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\HalfDays;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Learning\Calibration;
use Ithys\Learning\Fit;
use Ithys\Learning\Ledger\Ledger;
use Ithys\Learning\Ledger\LedgerLine;
use Ithys\Learning\Taught;
use Ithys\Learning\TooFewReadings;
use Ithys\Learning\Unknown;
use Ithys\Nutrient\Element;
use Ithys\Path\Path;
use Ithys\Path\Style;
use Ithys\Path\Template;
use Ithys\System\Setup;
use Tests\Support\Logged;
use Tests\Support\Within;

const FIRST = [0, 'no3 8 po4 0.08'];

/** @return list<string> */
function remarksOf(array $lines, float $days, mixed $path = null): array
{
    return array_map(
        fn (Finding $finding): string => $finding->code,
        Logged::timeline($lines, $days, $path)->remarks(),
    );
}

it('says what is missing before anything can be reckoned, with the line that would mend it', function (
    array $lines,
    string $sentence,
    string $mend,
): void {
    try {
        Logged::timeline($lines, 30);
        $this->fail('Something was reckoned from nothing.');
    } catch (Missing $missing) {
        expect($missing->getMessage())->toContain($sentence)->and($missing->mend)->toBe($mend);
        Logged::timeline([FIRST, [0, 'feeding plan 1 g pellet a day'], [1, $mend === '' ? 'no3 8' : $mend]], 30);
    }
})->with([
    [[[0, 'no3 8'], [0, 'fed 2 g pellet']], 'No reading of phosphate is logged.', 'po4 0.06'],
    [[[0, 'fed 2 g pellet']], 'No reading of nitrate and phosphate is logged.', 'no3 8.5 po4 0.06'],
    [[FIRST], 'Nothing is logged of what is fed.', 'feeding plan 6 g pellet a day'],
]);

it('feeds what is logged: meals, a plan, and meals instead of the plan of their day', function (): void {
    $fed = function (array $lines, float $days = 28): float {
        $end = Logged::timeline([FIRST, ...$lines], $days)->simulation()->at($days);

        return $end->balance->in['fed'][0];
    };
    // A gram of pellets: 0.92 dry, 0.48 protein of it, 6.25 of that one nitrogen.
    $gram = 1000 * 0.92 * 0.48 / 6.25;
    $daily = array_map(fn (int $day): array => [$day, 'fed 1 g pellet'], range(0, 27));
    expect($fed($daily))->toEqualWithDelta(28 * $gram, 1e-6)
        ->and($fed([[0, 'feeding plan 1 g pellet a day']]))->toEqualWithDelta(28 * $gram, 1e-6)
        ->and($fed([[0, 'feeding plan 1 g pellet a day'], [14, 'feeding plan 2 g pellet a day']]))
        ->toEqualWithDelta(42 * $gram, 1e-6)
        ->and($fed([[0, 'feeding plan 1 g pellet a day'], [14, 'feeding plan off']]))
        ->toEqualWithDelta(14 * $gram, 1e-6)
        // Two meals on a day stand instead of the plan of that day.
        ->and($fed([[0, 'feeding plan 1 g pellet a day'], [10, 'fed 2 g pellet'], [10.3, 'fed 1 g pellet']]))
        ->toEqualWithDelta((27 + 3) * $gram, 1e-6);
});

it('takes silence for silence, not for hunger, and says so', function (): void {
    $lines = [FIRST];
    foreach ([...range(0, 13), ...range(42, 55)] as $day) {
        $lines[] = [$day, 'fed 1 g pellet'];
    }
    $timeline = Logged::timeline($lines, 56);
    $gram = 1000 * 0.92 * 0.48 / 6.25;
    expect($timeline->simulation()->at(56)->balance->in['fed'][0])->toEqualWithDelta(56 * $gram, 0.06 * 56 * $gram)
        ->and(remarksOf($lines, 56))->toContain('feeding-silent')
        ->and(remarksOf([FIRST, [0, 'feeding plan 1 g pellet a day']], 56))->not->toContain('feeding-silent')
        ->and(remarksOf([FIRST, ...array_map(fn (int $day): array => [$day, 'fed 1 g'], range(0, 27))], 28))
        ->toContain('food-unnamed')->not->toContain('feeding-silent');
});

it('reads what was done into what it takes out', function (): void {
    $path = Logged::path([
        ['id' => 'sock', 'kind' => 'sock', 'choices' => ['material' => 'felt']],
        ['id' => 'skimmer', 'kind' => 'skimmer'],
        ['id' => 'refugium', 'kind' => 'refugium', 'figures' => ['watts' => 20, 'hoursPerDay' => 10]],
        ['id' => 'reactor', 'kind' => 'reactor'],
    ]);
    $end = Logged::timeline([
        FIRST,
        [0, 'feeding plan 1 g pellet a day'],
        [7, 'sock changed'],
        [14, 'sock changed soiling 5'],
        [15, 'water change 30 l mix no3 2'],
        [16, 'gfo 100 g in reactor'],
        [17, 'harvested 100 g'],
        [18, 'vinegar 20 ml'],
        [20, 'skimmer off'],
        [22, 'activated carbon 100 g in bag'],
        [23, 'sand siphoned'],
        [25, 'gfo 50 g in reactor'],
        [26, 'carbon out'],
    ], 28, $path)->simulation()->at(28);
    $out = $end->balance->out;
    foreach (['changed', 'water', 'media', 'harvested', 'skimmed', 'adsorbed', 'siphoned'] as $line) {
        expect(max($out[$line]))->toBeGreaterThan(0.0, $line);
    }
    expect($out['harvested'][0])->toEqualWithDelta(10 * 19.0, 1e-6)
        ->and($end->balance->in['new_water'][0])->toEqualWithDelta(30 * 2 / Element::Nitrogen->ion(), 1e-6)
        ->and($end->plant->skimmerOn)->toBeFalse()
        ->and($end->plant->stages)->toHaveKeys(['sock'])
        // A charge in the same vessel takes the place of the one before.
        ->and(array_values(array_map(fn ($one): bool => $one->isIn, array_filter(
            $end->plant->charges,
            fn ($one): bool => $one->bindsPhosphate(),
        ))))->toBe([false, true])
        ->and(count(array_filter($end->plant->charges, fn ($one): bool => $one->isIn)))->toBe(1);
});

it('says what it assumes of a path without words', function (): void {
    $feeding = [0, 'feeding plan 1 g pellet a day'];
    expect(remarksOf([FIRST, $feeding], 28))->toContain('no-path', 'no-water-change');
    $path = Logged::path([
        ['id' => 'sock', 'kind' => 'sock', 'choices' => ['material' => 'felt']],
        ['id' => 'refugium', 'kind' => 'refugium'],
    ]);
    $lines = [FIRST, $feeding, [3, 'water change 20 l'], [4, 'lanthanum 2 ml'], [5, 'harvested 50 g']];
    expect(remarksOf($lines, 28, $path))
        ->toContain('sock-interval', 'no-watts', 'left-out')->not->toContain('no-path', 'no-water-change');
});

it('keeps a ledger that closes, with what the readings show beyond it', function (): void {
    $lines = [[0, 'feeding plan 1.5 g pellet a day']];
    foreach (range(0, 84, 7) as $day) {
        // Nitrate stays where it is, whatever the model says of so much food.
        $lines[] = [$day, 'no3 8 po4 0.08'];
        $lines[] = [$day + 0.1, 'water change 30 l'];
    }
    $ledger = Ledger::of(Logged::timeline($lines, 84), null, 12);
    $sum = fn (array $all): float => array_sum(array_map(
        fn (LedgerLine $line): float => $line->of(Element::Nitrogen),
        $all,
    ));
    $grown = array_values(array_filter($ledger->stores, fn (LedgerLine $line): bool => $line->key === 'inorganic'));
    expect($sum($ledger->in))->toEqualWithDelta($sum($ledger->out) + $sum($ledger->stores), 1e-6)
        ->and($ledger->broughtIn(Element::Nitrogen))->toEqualWithDelta(7 * 1.5 * 70.656, 0.01)
        // The readings did not rise by what the model says the water gained.
        ->and($ledger->unexplained[0])
        ->toEqualWithDelta(-$grown[0]->of(Element::Nitrogen), 0.25 * $grown[0]->of(Element::Nitrogen))
        ->and($ledger->greatest(Element::Nitrogen)?->key)->toBe('water')
        ->and(Ledger::of(Logged::timeline(array_slice($lines, 0, 7), 21), null, 12)->unexplained[0])->toBeNull();
});

it('learns what it can from readings, and says of each figure whether it is learned or assumed', function (): void {
    $water = array_map(fn (int $day): array => [$day + 0.2, 'water change 60 l'], range(0, 273, 7));
    $lines = [[0, 'feeding plan 1.5 g pellet a day'], ...$water];
    $truth = Logged::timeline([FIRST, [0, 'feeding plan 0.8 g pellet a day'], ...$water], 280)->simulation();
    foreach (range(0, 273, 7) as $day) {
        $now = $truth->before((float) $day);
        $lines[] = [$day, sprintf('no3 %.1f po4 %.2f', $now->nitrate(), $now->phosphate())];
    }
    $timeline = Logged::timeline($lines, 280);
    $fit = Calibration::of($timeline);
    $food = $fit->factor(Unknown::Input);
    $after = $timeline->simulation($fit->parameters($timeline), $fit->start($timeline))->before(273.0);
    // Food and what all else takes up look alike; what they make of the water together is what is learned.
    expect($food)->toBeLessThan(0.85)
        ->and($fit->interval(Unknown::Input)[0])->toBeLessThan(0.8 / 1.5 * 1.05)
        ->and($fit->taught(Unknown::RockRate))->toBe(Taught::Assumed)
        ->and($after->nitrate())->toEqualWithDelta($truth->before(273.0)->nitrate(), 0.1 * $after->nitrate())
        ->and($fit->isDone)->toBeTrue()
        ->and(array_column($fit->residuals, 'day'))->toHaveCount(80)
        // It can be put by and taken up again.
        ->and($fit::from((array) json_decode((string) json_encode($fit->toArray()), true)))->toEqual($fit);
    expect(fn () => Calibration::of(Logged::timeline([...array_slice($lines, 0, 1), ...array_slice($lines, -4)], 280)))
        ->toThrow(TooFewReadings::class, 'There are 4 readings of nitrate. 2 more are needed');
});

it('goes on as it went, or otherwise', function (): void {
    $lines = [[0, 'feeding plan 1 g pellet a day']];
    foreach (range(0, 84, 7) as $day) {
        $lines[] = [$day, 'no3 8 po4 0.08'];
        $lines[] = [$day + 0.2, 'water change 30 l'];
        $lines[] = [$day + 0.3, 'sock changed'];
    }
    $timeline = Logged::timeline($lines, 85, Logged::path([
        ['id' => 'sock', 'kind' => 'sock', 'choices' => ['material' => 'felt']],
    ]));
    $course = $timeline->course();
    expect($course->feed)->toEqual(['pellet' => 1.0])
        ->and($course->socks->every)->toEqualWithDelta(7.0, 1e-9)
        ->and($course->water->every)->toEqualWithDelta(7.0, 1e-9)
        ->and($course->water->amount)->toEqualWithDelta(30.0, 1e-9)
        ->and($course->machines->skimmerOn)->toBeFalse();
    $outlook = Outlook::of($timeline, Calibration::of($timeline));
    $end = fn (array $levers): float => array_slice($outlook->along($course->with($levers), 12)['no3'], -1)[0]->level;
    $now = $end([]);
    expect($end(['feedTimes' => 2.0]))->toBeGreaterThan(1.1 * $now)
        ->and($end(['feedTimes' => 0.0]))->toBeLessThan($now)
        ->and($end(['waterEvery' => null]))->toBeGreaterThan($now)
        ->and($end(['sockEvery' => 3.5]))->toBeLessThan($now)
        ->and($end(['skimmerOn' => true]))->toBeLessThan($now)
        // What is asked once changes nothing of what is asked next.
        ->and($end([]))->toBe($now);
    $points = $outlook->along($course, 12)['no3'];
    expect($points)->toHaveCount(25);
    foreach ($points as $point) {
        expect($point->low)->toBeLessThan($point->level)->and($point->high)->toBeGreaterThan($point->level);
    }
    // It grows less sure with time.
    expect($points[24]->high / $points[24]->level)->toBeGreaterThan($points[2]->high / $points[2]->level);
});

it('feeds with the stock as it grows, and with visitors while they stay', function (): void {
    $fed = fn (array $lines): float => Logged::timeline([FIRST, ...$lines], 28)
        ->simulation()->at(28)->balance->in['fed'][0];
    $plan = [0, 'feeding plan 1 g pellet a day growing with stock'];
    $steady = $fed([[0, 'stock 100 g'], $plan]);
    expect($fed([[0, 'stock 100 g growing 10 % a week'], $plan]) / $steady)
        ->toEqualWithDelta((1 + 1.1 + 1.1 ** 2 + 1.1 ** 3) / 4, 1e-9)
        // A week with half as many again.
        ->and($fed([[0, 'stock 100 g'], $plan, [7, 'visitors 50 g for 1 week']]) / $steady)
        ->toEqualWithDelta((3 + 1.5) / 4, 1e-9)
        // Visitors do not grow, and what lives here grows on beside them.
        ->and($fed([[0, 'stock 100 g growing 10 % a week'], $plan, [14, 'visitors 50 g for 7 days']]) / $steady)
        ->toEqualWithDelta((1 + 1.1 + 1.21 + 0.5 + 1.331) / 4, 1e-9);
    expect(remarksOf([FIRST, $plan], 28))->toContain('stock-unknown')
        ->and(remarksOf([FIRST, $plan, [3, 'stock 90 g']], 28))->not->toContain('stock-unknown');
});

it('reads from the fleece left how fast it winds on, and when the roll is empty', function (): void {
    $path = Logged::path([['id' => 'roller', 'kind' => 'roller']]);
    $lines = [FIRST, [0, 'feeding plan 1 g pellet a day'], [0, 'fleece 20 m left'], [14, 'fleece 17.2 m left']];
    $timeline = Logged::timeline($lines, 21, $path);
    $fleece = $timeline->fleece();
    expect($fleece->pace())->toEqualWithDelta(200.0, 1e-9)
        ->and($fleece->leftMm)->toEqualWithDelta(15_800.0, 1e-9)
        ->and($fleece->empty())->toEqualWithDelta([79.0, 63.2, 98.75], 1e-9)
        // 150 mm spread in the flow over 200 mm a day.
        ->and($timeline->simulation()->at(21)->plant->stages['roller']->tau)->toBe(0.75);
    // A new roll is not fleece wound back, and one length alone says no pace.
    $new = Logged::timeline([...$lines, [15, 'roller changed'], [15, 'fleece 25 m left']], 21, $path)->fleece();
    expect($new->pace())->toEqualWithDelta(200.0, 1e-9)->and($new->leftMm)->toEqualWithDelta(23_800.0, 1e-9);
    $once = Logged::timeline(array_slice($lines, 0, 3), 21, $path)->fleece();
    expect([$once->pace(), $once->empty(), $once->leftMm])->toBe([null, null, 20_000.0]);
});

it('takes light, rest, lanthanum and the flow of a reactor as they are said', function (): void {
    $path = Logged::path([
        ['id' => 'skimmer', 'kind' => 'skimmer'],
        ['id' => 'refugium', 'kind' => 'refugium', 'figures' => ['watts' => 20, 'hoursPerDay' => 10]],
        ['id' => 'reactor', 'kind' => 'reactor'],
    ]);
    $plant = Logged::timeline([
        FIRST,
        [0, 'feeding plan 1 g pellet a day'],
        [2, 'refugium 8 h 2 days a week at 50 %'],
        [3, 'skimmer on off 6 h a day'],
        [4, 'lanthanum 5 ml holding 10 mg'],
        [5, 'gfo 50 g reactor'],
    ], 7, $path)->simulation()->at(7)->plant;
    $light = $plant->cultures['refugium'];
    expect([$light->hours, $light->daysPerWeek, $light->dim])->toBe([8.0, 2.0, 0.5])
        ->and($plant->skimmerOffHours)->toBe(6.0)
        // 80 % of one atom of phosphorus for one of lanthanum.
        ->and($plant->out['lanthanum'][1])->toEqualWithDelta(0.8 * 10 * 30.973761998 / 138.90547, 1e-9);
});

it('lets go on as it really went, but for what is set otherwise', function (): void {
    $lines = [[0, 'feeding plan 1 g pellet a day']];
    foreach (range(0, 98, 7) as $day) {
        $lines[] = [$day, 'no3 8 po4 0.08'];
        $lines[] = [$day + 0.2, 'water change 30 l'];
        $lines[] = [$day + 0.3, 'sock changed'];
    }
    // After the moment that is looked back to.
    $lines[] = [70, 'feeding plan 2 g pellet a day'];
    $lines[] = [75, 'skimmer on'];
    $lines[] = [80, 'sand siphoned'];
    $path = Logged::path([['id' => 'sock', 'kind' => 'sock', 'choices' => ['material' => 'felt']]]);
    $timeline = Logged::timeline($lines, 98, $path);
    $fit = Calibration::of($timeline);
    $outlook = Outlook::of($timeline, $fit, new DateTimeImmutable(Logged::START.' +56 days'));
    $simulation = $timeline->simulation($fit->parameters($timeline), $fit->start($timeline));
    $now = $simulation->before(98)->nitrate();
    $went = $outlook->along($outlook->present, 6)['no3'][12];
    // Of what the model says a change does, three quarters are counted.
    expect($went->level)->toBeGreaterThan(8.5)->toBeLessThan(1.1 * $now)
        ->and($went->high)->toBeGreaterThan($now);
    $levels = fn (array $levers): float => $outlook->along($outlook->present->with($levers), 6)['no3'][12]->level;
    expect(fn () => Outlook::of($timeline, $fit, new DateTimeImmutable(Logged::START.' -1 day')))
        ->toThrow(Missing::class, 'from a later day only');
    expect($levels([]))->toBe($went->level)
        ->and($levels(['sockEvery' => 3.5]))->toBeLessThan($went->level)
        // With half of what was fed then; without the second gram that came after.
        ->and($levels(['feedTimes' => 0.5]))->toBeLessThan($levels(['feedTimes' => 0.9]))
        ->and($levels(['feedTimes' => 0.9]))->toBeLessThan($went->level);
});

it('takes a charge that comes and goes at one moment for one that was hardly there', function (): void {
    $timeline = Logged::timeline([
        FIRST,
        [0, 'feeding plan 1 g pellet a day'],
        [5, 'gfo 50 g reactor'],
        [5, 'gfo 60 g reactor'],
        [5, 'gfo out'],
    ], 7);
    $plant = $timeline->simulation()->at(7)->plant;
    expect(array_filter($plant->charges, fn ($one): bool => $one->isIn))->toBe([])
        ->and($plant->level(Element::Phosphorus))->toBeGreaterThan(0.0)
        ->and(array_filter($timeline->charges(), fn ($one): bool => $one->isIn()))->toBe([]);
});

it('tells doses of vinegar as the spirit that holds as much carbon', function (): void {
    $lines = [[0, 'feeding plan 1 g pellet a day']];
    foreach (range(0, 77, 7) as $day) {
        array_push($lines, [$day, 'no3 8 po4 0.08'], [$day + 0.3, 'vinegar 70 ml']);
    }
    $timeline = Logged::timeline($lines, 78);
    $outlook = Outlook::of($timeline, Calibration::of($timeline));
    // 70 mL a week with 20 mg a mL, against 165 in spirit; 8 doses in the 56 days before.
    expect($outlook->asSpirit($outlook->present->doses))
        ->toEqualWithDelta(array_sum($outlook->present->doses->perDay) * 20 / 165, 1e-9)
        ->and($outlook->present->doses->perDay['vinegar'])->toEqualWithDelta(10, 1.5);
});

it('goes on past every week of a stock that grows, whatever the minute it was logged at', function (int $minute): void {
    $timeline = Logged::timeline([
        FIRST,
        [($minute - 1) / 1440, 'stock 250 g growing 1 % a week'],
        [$minute / 1440, 'feeding plan 1.2 g pellet a day growing with stock'],
    ], 70);
    Within::seconds(5, "Minute {$minute}", static fn () => $timeline->simulation()->at(420.0));
    // 1 % with each whole week.
    $fed = $timeline->simulation()->at(420.0)->plant->feeding->perDay(420.0)[0];
    $first = $timeline->simulation()->at($minute / 1440)->plant->feeding->perDay($minute / 1440)[0];
    expect($fed / $first)->toEqualWithDelta(1.01 ** floor((420 - ($minute - 1) / 1440) / 7), 1e-9);
})->with([1440, 1443, 1447, 2879, 20_159, 4321]);

it('takes what is done at the moment of the first reading', function (string $done, ?Path $path): void {
    $timeline = Logged::timeline([[0, "no3 4 po4 0.04 {$done}"], [0, 'feeding plan 1 g pellet a day']], 30, $path);
    expect($timeline->simulation()->at(30)->balance->in['fed'][0])->toBeGreaterThan(0.0);
})->with([
    ['sock changed', null],
    ['sock changed soiling 5', null],
    ['sock changed', fn (): Path => Template::of(Style::Sump)],
    ['sponge cleaned', fn (): Path => Template::of(Style::Internal)],
    ['water change 20 l', null],
    ['gfo 60 g reactor', fn (): Path => Template::of(Style::Sump)],
    ['skimmer off', null],
    ['harvest 40 g', fn (): Path => Template::of(Style::Sump)],
]);

it('counts readings of half a day as one, but not across what was done to the water', function (): void {
    $often = array_map(fn (int $n): array => [$n / 96, 'no3 '.(8 + $n % 2).' po4 0.08'], range(0, 96 * 8));
    $of = fn (array $more): array => array_values(array_filter(
        Logged::timeline([...$often, [0, 'feeding plan 1 g pellet a day'], ...$more], 8)->read->observed,
        fn (Observed $one): bool => $one->parameter === Parameter::Nitrate,
    ));
    expect(count($of([])))->toBe(18)
        ->and($of([])[4]->level)->toEqualWithDelta(8.5, 0.02)
        ->and($of([])[4]->day)->toEqualWithDelta(1.75, 0.01)
        ->and(count($of([[3.2, 'water change 20 l']])))->toBe(19);
});

it('pools what is pooled no further', function (): void {
    $entries = Logged::entries(array_map(fn (int $n): array => [$n / 7, 'no3 8 po4 0.08'], range(0, 60)));
    $once = iterator_to_array(HalfDays::pooled($entries), false);
    expect(iterator_to_array(HalfDays::pooled($once), false))->toEqual($once)
        ->and(count($once))->toBeLessThan(count($entries) / 2);
});

it('leaves a skimmer as it was when its first switch is taken back', function (): void {
    $entries = Logged::entries([
        FIRST,
        [0, 'feeding plan 1 g pellet a day'],
        [20, 'skimmer off'],
        [24, 'skimmer on'],
    ]);
    $off = array_values(array_filter($entries, fn (Entry $one): bool => $one->payload instanceof SkimmerSwitch))[0];
    $timeline = fn (array $entries): Timeline => Timeline::of(
        $entries,
        [[new DateTimeImmutable(Logged::START), new Setup(Logged::tank(), Template::of(Style::Sump))]],
        (new DateTimeImmutable(Logged::START))->modify('+40 days'),
        Assumptions::standard(),
    );
    $expected = Expected::of(
        $timeline($entries),
        $timeline(Undone::in($entries, (int) $off->id)),
        new Fit([], [], [], [], true, 0),
        $off->at,
        14,
    );
    // Four days without a skimmer leave more in the water.
    expect($expected['no3'] ?? 0.0)->toBeGreaterThan(0.0);
});
