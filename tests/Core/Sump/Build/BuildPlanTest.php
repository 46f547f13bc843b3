<?php

declare(strict_types=1);

use Ithys\Document\Refused;
use Ithys\Finding;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;
use Ithys\Sump\Build\BuildDocument;
use Ithys\Sump\Build\BuildPlan;
use Ithys\Sump\Build\BuildRecord;
use Ithys\Sump\Build\BuildStep;
use Ithys\Sump\Build\LeakResult;
use Ithys\Sump\Build\LeakTest;
use Ithys\Sump\Build\Measured;
use Ithys\Sump\Cutting\Basket;
use Ithys\Sump\Cutting\Workshop;
use Ithys\Sump\DrainDown;
use Ithys\Sump\Inside;
use Ithys\Sump\Review\SumpReview;
use Ithys\Sump\Section;
use Ithys\Sump\SumpWater;
use Ithys\Sump\Tray\Tray;
use Ithys\Sump\Tray\TrayKind;
use Ithys\Sump\Vessel;
use Ithys\Water\Display;
use Tests\Support\Sketched;
use Tests\Support\Sumps;

function dayOf(string $day): DateTimeImmutable
{
    return new DateTimeImmutable($day, new DateTimeZone('UTC'));
}

/** @param  list<Tray>  $trays */
function planOf(
    BuildRecord $record,
    array $trays = [],
    bool $lit = false,
    bool $basket = false,
): BuildPlan {
    $section = new Section(
        new Vessel(800, 320, 360, 6),
        new Inside(
            [new Baffle('a', BaffleKind::Weir, 200, 6, 205), new Baffle('b', BaffleKind::Weir, 500, 6, 195)],
            trays: $trays,
        ),
        new SumpWater(165, 70),
        DrainDown::display(0, 0, 10, 0),
    );

    return new BuildPlan(SumpReview::of(Sumps::here($section, 2000, workshop: new Workshop(
        litChamber: $lit ? 1 : null,
        basket: $basket ? Basket::usual() : null,
    ))), $record);
}

/** @return list<string> */
function stepKeys(BuildPlan $plan): array
{
    return array_map(fn (BuildStep $step): string => $step->key, $plan->steps());
}

/** @return list<string> */
function buildCodes(BuildRecord $record): array
{
    return array_map(fn (Finding $finding): string => $finding->code, planOf($record)->findings());
}

it('follows the design: a step for each baffle, and for what else belongs to it', function (): void {
    expect(stepKeys(planOf(new BuildRecord())))
        ->toBe([
            'leak-empty',
            'check-cuts',
            'mark',
            'dry-fit',
            'set-a',
            'set-b',
            'measure',
            'cure',
            'leak-built',
            'plumb',
            'run',
            'power-cut',
            'block-drain',
        ])
        ->and(stepKeys(planOf(new BuildRecord(retrofit: true))))
        ->toContain('cut-out', 'leak-again')
        ->and(stepKeys(planOf(new BuildRecord(), [new Tray('t', TrayKind::Tray, 0, 250, 10)], true, true)))
        ->toContain('trays', 'blackout', 'basket');
});

it('has the caution at the step that needs it', function (string $step, string $words): void {
    $steps = array_values(
        array_filter(planOf(new BuildRecord(retrofit: true))->steps(), fn (BuildStep $one) => $one->key === $step),
    );
    expect($steps[0]->caution)->toContain($words);
})->with([
    ['leak-empty', 'not lifted'],
    ['cut-out', 'Blades slip'],
    ['check-cuts', 'gloves'],
    ['set-a', 'fumes'],
    ['plumb', 'residual-current'],
    ['plumb', 'licensed electrician'],
    ['leak-built', 'glazier'],
]);

it('says at what the sump should come to rest when the plug is pulled', function (): void {
    $plan = planOf(new BuildRecord());
    $section = new Section(
        new Vessel(800, 320, 360, 6),
        new Inside([new Baffle('a', BaffleKind::Weir, 200, 6, 205), new Baffle('b', BaffleKind::Weir, 500, 6, 195)]),
        new SumpWater(165, 70),
        DrainDown::display(0, 0, 10, 0),
    );
    $rest = round(Sumps::review($section, 2000, 20.0)->here->powerCut->highestMm());
    $step = array_values(array_filter($plan->steps(), fn (BuildStep $one): bool => $one->key === 'power-cut'))[0];
    expect(said($step->says))->toContain("{$rest} mm");
});

it('lets the next baffle wait overnight, and says when two were set on one day', function (): void {
    $record = new BuildRecord(done: ['set-a' => dayOf('2026-03-14')]);
    $next = array_values(array_filter(planOf($record)->steps(), fn (BuildStep $one): bool => $one->key === 'set-b'))[0];
    expect($next->notBefore?->format('Y-m-d'))
        ->toBe('2026-03-15')
        ->and(buildCodes(new BuildRecord(done: ['set-a' => dayOf('2026-03-14'), 'set-b' => dayOf('2026-03-14')])))
        ->toBe(['set-too-soon'])
        ->and(buildCodes(new BuildRecord(done: ['set-a' => dayOf('2026-03-14'), 'set-b' => dayOf('2026-03-15')])))
        ->toBe([]);
});

it('reckons the cure from the end of the day of the last baffle, and not while one is open', function (): void {
    $done = ['set-a' => dayOf('2026-03-14'), 'set-b' => dayOf('2026-03-15')];
    expect(planOf(new BuildRecord(cureHours: 72, done: $done))->waterNotBefore()?->format('Y-m-d H:i'))
        ->toBe('2026-03-19 00:00')
        ->and(planOf(new BuildRecord(cureHours: 72, done: ['set-a' => dayOf('2026-03-14')]))->waterNotBefore())
        ->toBeNull()
        ->and(planOf(new BuildRecord(done: $done))->waterNotBefore())
        ->toBeNull();
    $tested = fn (string $day): array => buildCodes(
        new BuildRecord(cureHours: 72, done: $done, leakTests: [new LeakTest(dayOf($day), 355, LeakResult::Dry)]),
    );
    expect($tested('2026-03-17'))
        ->toBe(['water-early'])
        ->and($tested('2026-03-19'))
        ->toBe([])
        ->and($tested('2026-03-01'))
        ->toBe([]);
});

it('takes only a full leak test for one, and a leak for open until a later test is dry', function (
    array $tests,
    array $codes,
): void {
    expect(buildCodes(new BuildRecord(leakTests: $tests)))->toBe($codes);
})->with([
    'full and dry' => [[new LeakTest(dayOf('2026-03-01'), 355, LeakResult::Dry)], []],
    'half full' => [[new LeakTest(dayOf('2026-03-01'), 180, LeakResult::Dry)], ['leak-test-low']],
    'weeps' => [[new LeakTest(dayOf('2026-03-01'), 355, LeakResult::Weeps)], ['leaks']],
    'leaked, then dry' => [
        [
            new LeakTest(dayOf('2026-03-01'), 355, LeakResult::Leaks),
            new LeakTest(dayOf('2026-03-08'), 355, LeakResult::Dry),
        ],
        [],
    ],
    'dry, then leaks' => [
        [
            new LeakTest(dayOf('2026-03-01'), 355, LeakResult::Dry),
            new LeakTest(dayOf('2026-03-08'), 355, LeakResult::Leaks),
        ],
        ['leaks'],
    ],
]);

it('shows what is out of square, leans or stands elsewhere', function (array $corners, array $codes): void {
    expect(buildCodes(new BuildRecord(measured: ['a' => new Measured($corners)])))->toBe($codes);
})->with([
    'true' => [['frontBottom' => 200.0, 'frontTop' => 200.5, 'backBottom' => 199.5, 'backTop' => 200.0], ['set-true']],
    'crooked' => [
        ['frontBottom' => 198.0, 'frontTop' => 198.0, 'backBottom' => 202.0, 'backTop' => 202.0],
        ['out-of-square'],
    ],
    'leans' => [['frontBottom' => 199.0, 'frontTop' => 202.0, 'backBottom' => 199.0, 'backTop' => 202.0], ['leaning']],
    'elsewhere' => [
        ['frontBottom' => 204.0, 'frontTop' => 204.0, 'backBottom' => 204.0, 'backTop' => 204.0],
        ['off-plan'],
    ],
    'one corner, in its place' => [['frontBottom' => 200.0], []],
]);

it('measures by the greatest difference, with its sign', function (): void {
    $measured = new Measured(['frontBottom' => 200.0, 'frontTop' => 201.0, 'backBottom' => 197.0, 'backTop' => 202.0]);
    expect($measured->outOfSquareMm())
        ->toBe(-3.0)
        ->and($measured->leaningMm())
        ->toBe(5.0)
        ->and($measured->offPlanMm(199.0))
        ->toBe(1.0)
        ->and((new Measured(['frontBottom' => 200.0]))->outOfSquareMm())
        ->toBeNull()
        ->and((new Measured([]))->offPlanMm(200.0))
        ->toBeNull();
});

it('comes back from its document the same', function (): void {
    $record = new BuildRecord(
        true,
        168.0,
        ['set-a' => dayOf('2026-03-14')],
        [new LeakTest(dayOf('2026-03-01'), 355.5, LeakResult::Weeps, 'back left')],
        ['a' => new Measured(['frontBottom' => 200.25, 'backTop' => 199.0])],
    );
    expect(BuildDocument::stored(json_decode((string) json_encode($record->toArray()), true)))->toEqual($record);
    expect(fn () => BuildDocument::stored(['format' => 'something', 'schema' => 1]))->toThrow(Refused::class);
});

it('reads what is typed in either unit system', function (): void {
    $typed = [
        'retrofit' => true,
        'cureHours' => '48',
        'done' => ['mark' => '2026-03-02', 'run' => ''],
        'leakTests' => [['day' => '2026-03-01', 'levelMm' => '14', 'result' => 'dry']],
        'measured' => ['a' => ['frontBottom' => '7 7/8', 'backTop' => '']],
    ];
    $record = BuildDocument::typed($typed, UnitSystem::Us, dayOf('2026-04-01'));
    expect($record->leakTests[0]->levelMm)
        ->toAgreeWith(14 * 25.4, 1e-12)
        ->and($record->measured['a']->cornersMm)
        ->toEqualWithDelta(['frontBottom' => 200.025], 1e-9)
        ->and(array_keys($record->done))
        ->toBe(['mark'])
        ->and($record->retrofit)
        ->toBeTrue();
});

it('refuses with a sentence at the place', function (array $typed, string $at, string $words): void {
    try {
        BuildDocument::typed($typed, UnitSystem::Metric, dayOf('2026-04-01'));
        $problems = [];
    } catch (Refused $invalid) {
        $problems = $invalid->problems;
    }
    expect($problems[$at] ?? '')->toContain($words);
})->with([
    'no such day' => [['done' => ['mark' => '2026-02-30']], 'done.mark', 'There is no day'],
    'not a day at all' => [['done' => ['mark' => 'soon']], 'done.mark', 'not a date such as 2026-03-04'],
    'a day to come' => [['done' => ['mark' => '2026-04-02']], 'done.mark', 'yet to come'],
    'a test without a level' => [
        ['leakTests' => [['day' => '2026-03-01', 'levelMm' => '', 'result' => 'dry']]],
        'leakTests.0.levelMm',
        'is needed',
    ],
    'a test without a day' => [
        ['leakTests' => [['day' => '', 'levelMm' => '300', 'result' => 'dry']]],
        'leakTests.0.day',
        'is needed',
    ],
    'a test that showed nothing' => [
        ['leakTests' => [['day' => '2026-03-01', 'levelMm' => '300', 'result' => '']]],
        'leakTests.0.result',
        'Say what it showed',
    ],
    'a corner that is no number' => [
        ['measured' => ['a' => ['frontTop' => 'about 200']]],
        'measured.a.frontTop',
        'not a number',
    ],
    'a cure of no time' => [['cureHours' => '0'], 'cureHours', 'between'],
]);

it('builds a basket and tries the chambers out where the chambers came with the tank', function (): void {
    $tank = Sketched::tank(Display::box(600, 300, 380), 600.0);
    $plan = new BuildPlan(Sketched::behind()->review($tank), new BuildRecord);
    expect(stepKeys($plan))->toBe([
        'basket-marks', 'basket', 'basket-cure', 'basket-fill', 'basket-in', 'run', 'power-cut', 'block-slots',
    ]);
    $says = static fn (BuildPlan $of, string $key): string => (new Words(UnitSystem::Metric))->say(
        array_values(array_filter($of->steps(), static fn (BuildStep $step): bool => $step->key === $key))[0]->says,
    );
    // (300 - 40) / 3 = 86.7 mm from ledge to ledge; 166 x 91 x 68.7 mm of room on a shelf are 1.04 L.
    expect($says($plan, 'basket-marks'))->toContain('0 mm, 87 mm, 173 mm')
        ->and($says($plan, 'basket-fill'))
        ->toBe('Shelf 3: nothing said, room for 1.04 L. Shelf 2: Activated carbon. Shelf 1: Coarse pad of 20 mm.')
        ->and($says($plan, 'basket-in'))->toContain('In chamber 2, its foot 20 mm over the floor')
        ->and($says($plan, 'power-cut'))->toContain('The display should come to rest at 310 mm')
        ->and($says($plan, 'block-slots'))->toContain('before it draws air');
    $unknown = new BuildPlan(Sketched::behind()->review(Sketched::tank(Display::volume(60), 600.0)), new BuildRecord);
    expect($says($unknown, 'power-cut'))->toContain('is not reckoned')
        ->and($says($unknown, 'block-slots'))->toContain('is not reckoned')
        ->and(stepKeys(new BuildPlan(Sketched::behind(['workshop' => []])->review($tank), new BuildRecord)))
        ->toBe(['run', 'power-cut', 'block-slots']);
});

it('fills a wall to the brim only where it is made for that', function (float $wall, bool $toTheBrim): void {
    // The 900 x 400 x 380 mm of glass that the review calls nearly broken when it is full, and one of 10 mm.
    $section = new Section(
        new Vessel(900, 400, 380, $wall),
        new Inside([new Baffle('a', BaffleKind::Weir, 300, 6, 205)]),
        new SumpWater(165, 70),
        DrainDown::display(0, 0, 10, 0),
    );
    $plan = fn (BuildRecord $record): BuildPlan => new BuildPlan(
        SumpReview::of(Sumps::here($section, 2000)),
        $record,
    );
    $says = fn (BuildStep $step): string => (new Words(UnitSystem::Metric))->say($step->says);
    $steps = [];
    foreach ($plan(new BuildRecord)->steps() as $step) {
        $steps[$step->key] = $says($step);
    }
    foreach (['leak-empty', 'leak-built'] as $key) {
        expect(str_contains($steps[$key], 'ull to the brim'))->toBe($toTheBrim, $steps[$key]);
    }
    $codes = fn (float $level): array => array_map(
        fn (Finding $finding): string => $finding->code,
        $plan(new BuildRecord(leakTests: [new LeakTest(dayOf('2026-03-01'), $level, LeakResult::Dry)]))->findings(),
    );
    // A page whose first step warns of the glass has a finding on it too.
    expect($plan(new BuildRecord)->ofGlass() === [])->toBe($toTheBrim)
        ->and($codes(375))->toBe($toTheBrim ? [] : ['leak-test-high']);
    if (! $toTheBrim) {
        expect($steps['leak-empty'])->toContain('Brace the top');
        preg_match('~at most (\\d+) mm~', $steps['leak-empty'], $most);
        // What the plan asks for is neither too low nor too high for its own check.
        expect($codes((float) $most[1]))->toBe([])->and((float) $most[1])->toBeGreaterThan(100.0)->toBeLessThan(300.0);
    }
})->with([[4.0, false], [10.0, true]]);
