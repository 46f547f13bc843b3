<?php

declare(strict_types=1);

use Ithys\Assumption\Assumed;
use Ithys\Assumption\Assumptions;
use Ithys\Dosing\DoseMethods;
use Ithys\Path\Path;
use Ithys\Path\PathDiff;
use Ithys\Path\Review\MakersClaim;
use Ithys\Path\Review\Review;
use Ithys\Path\Review\Situation;
use Ithys\Path\Sizing\Need;
use Ithys\Path\Sizing\Sizing;
use Ithys\Path\Sizing\UnitsByFlow;
use Ithys\Path\Style;
use Ithys\Path\Template;
use Ithys\Quantity\Unit;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Tests\Support\Sketch;
use Tests\Support\Turnovers;

// Common practice of the trade, no source to name: the figures keepers pass on.

const US_GAL_PER_HOUR = 3.785411784;

/** @return array<string, Need> by code */
function needs(Sizing $sizing): array
{
    return array_combine(array_map(fn (Need $need): string => $need->code, $sizing->needs), $sizing->needs);
}

it('counts rollers by flow and not by holes (common practice)', function (
    float $usGalPerHour,
    int $holes,
    int $units,
    int $caps,
    int $controllers,
): void {
    $plan = UnitsByFlow::of($usGalPerHour * US_GAL_PER_HOUR, 750 * US_GAL_PER_HOUR, $holes, 2.0);
    expect([$plan->units, $plan->caps, $plan->controllers, $plan->lacking])->toBe([
        $units,
        $caps,
        $controllers,
        max(0, $units - $holes),
    ]);
})->with([
    '600 US gal/h in two holes: one small unit and a cap' => [600, 2, 1, 1, 1],
    '1000 US gal/h in two holes: two small units on one controller' => [1000, 2, 2, 0, 1],
    'just at the rating' => [750, 1, 1, 0, 1],
    'three units, two controllers, a hole short' => [1600, 2, 3, 0, 2],
]);

it('says so of the path: one roller, one cap; two rollers, one controller (common practice)', function (): void {
    $one = needs(
        Sizing::of(
            Sketch::in(
                Sketch::path('overflow-drilled > roller(hole=4in, holes=1) > return-pump'),
                250,
                600 * US_GAL_PER_HOUR,
            ),
        ),
    )['units-by-flow'];
    $two = needs(
        Sizing::of(
            Sketch::in(
                Sketch::path('overflow-drilled > roller(hole=4in, count=2) > return-pump'),
                400,
                1000 * US_GAL_PER_HOUR,
            ),
        ),
    )['units-by-flow'];
    expect(said($one->amount))
        ->toBe('1, 1 cap, 1 controller')
        ->and(said($two->amount))
        ->toBe('2, 1 controller')
        ->and(said($two->why))
        ->toContain('share one controller');
});

it('cuts the dose of zeolite in a fast path to the quarter or half that keepers use (common practice)', function (
    float $flow,
    float $share,
): void {
    expect(round(DoseMethods::zeoliteShare($flow, 500), 2))->toBe($share);
    $finding = collectFinding(
        Sketch::in(
            Sketch::path('intake(surface) > pre-filter > zeolite(grams=100) > return-pump', 'canister'),
            200,
            $flow,
        ),
        'zeolite-fast',
    );
    expect(said($finding->sentence))->toContain('Dose '.round($share, 2).' of the full');
})->with([[1000, 0.5], [1800, 0.28]]);

it(
    'finds 500 L/h through 60 L just short of brisk and near the upper end of moderate (common practice)',
    function (): void {
        $finding = collectFinding(
            Sketch::in(Sketch::path('weir > sponge > return-pump', 'rear-chamber'), 60, 500),
            'turnover-fits',
        );
        expect(said($finding->sentence))->toContain('8.3 volumes');
        // 500 L/h is just under ten an hour in 55 L of water.
        expect(
            Turnovers::judge(500, 55, Ithys\Water\TurnoverSchool::Brisk)
                ->code,
        )
            ->toBe('turnover-low')
            ->and(Ithys\Water\Turnover::perHour(500, 55))
            ->toBeGreaterThan(9.0)
            ->toBeLessThan(10.0);
    },
);

it('brings 60 to 400 L on the box down to the 60 L that 550 g of gravel suits (common practice)', function (): void {
    $finding = collectFinding(
        Sketch::in(
            Sketch::path('intake(surface) > sponge > biological(grams=550) > return-pump(low=60, high=400)', 'hang-on'),
            120,
            700,
        ),
        'claim-too-high',
    );
    expect(said($finding->sentence))
        ->toContain('60 L to 400 L')
        ->toContain('550 g at 9.17 g/L')
        ->toContain('700 L/h at 5 volumes an hour')
        ->toContain('So it suits 60 L, and this water is 120 L.');
});

it('counts six sockets and at least six more (common practice)', function (): void {
    $sizing = Sizing::of(
        Sketch::in(
            Sketch::path(
                'overflow-drilled > sock > skimmer > chiller > bubble-trap > return-pump; branch from sock to '
                    .'skimmer 300: algae-reactor',
            ),
        ),
    );
    expect($sizing->sockets)->toBe(6)->and($sizing->spareSockets)->toBe(6)->and($sizing->pumps)->toBe(4);
});

it('tells US from imperial gallons: 150 L is 39.6 of one and 33.0 of the other', function (): void {
    expect(round(150 / Unit::UsGallon->factor(), 1))->toBe(39.6)
        ->and(round(150 / Unit::ImperialGallon->factor(), 1))->toBe(33.0);
});

it('takes a 50 gal display and a 20 gal sump, half full, for 60 and not for 70 (common practice)', function (): void {
    $gal = Unit::UsGallon->factor();
    $tank = new Ithys\Water\Tank(
        Ithys\Water\Display::volume(50 * $gal),
        new Ithys\Water\BesideDisplay(20 * $gal * Assumptions::standard()->value(Assumed::StyleSumpFill), 0),
        new Ithys\Water\Ground(0, 0),
        new Ithys\Water\Conditions(35, 25),
        null,
        Ithys\Water\TurnoverSchool::Moderate,
    );
    expect($tank->workingVolume()->litres / $gal)->toAgreeWith(60.0);
});

it(
    'buys three times the biological media in thirds, light by volume and room for the media (common practice)',
    function (): void {
        $needs = needs(
            Sizing::of(
                Sketch::in(
                    Sketch::path(
                        'overflow-drilled > sock > skimmer(air=400) > refugium > bag(activated-carbon, alumina) > '
                            .'bubble-trap > return-pump',
                        planned: 'heavy',
                    ),
                    150,
                    1000,
                ),
            ),
        );
        expect(said($needs['biological']->amount))
            ->toBe('4.13 kg: 3 times 1.38 kg')
            ->and(said($needs['light']->amount))
            ->toBe('18 W or more, 12 h a day to start')
            ->and(said($needs['skimmer']->amount))
            ->toBe('rated from at most 225 L to at least 300 L')
            ->and(said($needs['skimmer']->why))
            ->toContain('360 L/h of air')
            ->toContain('draws 400 L/h')
            ->and(said($needs['clearance']->amount))
            ->toBe('7.5 cm or more')
            ->and(said($needs['media-volume']->amount))
            ->toBe('0.75 L');
    },
);

it('asks for no room for media that nobody chose, and counts the rock that is described', function (): void {
    $here = fn (string $sketch, float $rock): Situation => new Situation(Sketch::path($sketch), new Tank(
        Display::volume(150),
        new BesideDisplay(0, 0),
        new Ground(0, $rock),
        new Conditions(35, 25),
        1000,
        TurnoverSchool::Moderate,
    ));
    $of = fn (string $sketch, float $rock): array => needs(Sizing::of($here($sketch, $rock)));
    expect($of('bag(gfo) > return-pump', 0))->not->toHaveKey('media-volume')
        ->and(said($of('bag(activated-carbon) > return-pump', 0)['media-volume']->why))
        ->toStartWith('Activated carbon')->not->toContain('lumina')
        // 15 kg of rock displace 7.5 L; 142.5 L ask for 1,306.25 g, of which the rock stands for 1,275 g.
        ->and(said($of('return-pump', 15)['biological']->amount))->toContain('3 times 31.3 g')
        ->and(said($of('return-pump', 30)['biological']->amount))->toBe('none beside the rock');
});

it('does not say from at most to at least the same', function (): void {
    $same = needs(Sizing::of(Sketch::in(Sketch::path('skimmer > return-pump'), 200)));
    expect(said($same['skimmer']->amount))->toBe('rated for 300 L');
});

it('shows the digit that decides where a turnover is just beside a limit', function (): void {
    $says = fn (float $flow): string => said(Turnovers::judge($flow, 100, TurnoverSchool::Brisk)->sentence);
    expect($says(996))->toContain('9.96, just under 10 volumes')
        ->and($says(1003))->toContain('10.03, just over 10 volumes')
        ->and($says(1000))->toContain('10 volumes an hour')->not->toContain('just')
        ->and($says(900))->toContain('9 volumes an hour')->not->toContain('just');
});

it('adds up power, and its price', function (): void {
    $sizing = Sizing::of(
        Sketch::in(
            Sketch::path('overflow-drilled > skimmer(watts=10) > refugium(watts=20, hours=12) > return-pump(watts=30)'),
        ),
        0.4,
    );
    expect($sizing->watts)
        ->toBe(60.0)
        ->and($sizing->kilowattHoursAYear)
        ->toAgreeWith(((10 + 10 + 30) * 24 * 365.25) / 1000)
        ->and($sizing->costAYear)
        ->toAgreeWith(((50 * 24 * 365.25) / 1000) * 0.4);
});

it('says nothing of socks while the flow is not known', function (): void {
    expect(
        needs(Sizing::of(Sketch::in(Sketch::path('overflow-drilled > sock > return-pump'), 200, null))),
    )->not->toHaveKey('units-by-flow');
});

it('tells two paths apart, item by item', function (Path $before, Path $after, array $expected): void {
    $changes = array_map(
        fn (array $change): string => "{$change['what']} | {$change['item']} | ".said($change['detail']),
        PathDiff::between($before, $after)->changes,
    );
    expect($changes)->toBe($expected);
})->with([
    'the same' => [fn () => Template::of(Style::Sump), fn () => Template::of(Style::Sump), []],
    'one new, one gone' => [
        fn () => Sketch::path('weir > sponge > return-pump'),
        fn () => Sketch::path('weir > floss > return-pump'),
        ['taken away | Sponge | on main line', 'added | Floss | on main line'],
    ],
    'one moved' => [
        fn () => Sketch::path('weir > sponge > floss > bag > return-pump'),
        fn () => Sketch::path('weir > floss > bag > sponge > return-pump'),
        ['moved | Sponge | at another place in the order'],
    ],
    'taken out' => [
        fn () => Sketch::path('weir > sponge'),
        fn () => Sketch::path('weir; removed: sponge'),
        ['moved | Sponge | on main line, now among the parts taken out'],
    ],
    'figures and flow' => [
        fn () => Sketch::path('weir > skimmer(watts=10, high=300)'),
        fn () => Sketch::path('weir > skimmer(watts=12.5, high=300, air=400)', flow: 900),
        [
            'changed | Skimmer | power each 10 W to 12.5 W, air it draws not given to 400 L/h',
            'changed | Flow | not given, now 900 L/h',
        ],
    ],
    'words' => [
        fn () => Sketch::path('weir(fitting=inch) > bag(gfo) > sock(holes=1)', 'rear-chamber', stock: 'light'),
        fn () => Sketch::path(
            'weir(fitting=metric) > bag(resin) > sock(loose, holes=1)',
            stock: 'light',
            planned: 'heavy',
        ),
        [
            'changed | Slotted weir | pipe fittings inch to metric',
            'changed | Media bag | media',
            'changed | Sock | properties',
            'changed | Style | Rear chamber, now Sump',
            'changed | Stock planned | light, now heavy',
        ],
    ],
]);

function collectFinding(Situation $here, string $code): Ithys\Finding
{
    return array_values(
        array_filter(Review::of($here)->findings, fn (Ithys\Finding $finding): bool => $finding->code === $code),
    )[0];
}

it('says nothing of a range where neither media nor flow is known', function (): void {
    expect(
        iterator_to_array((new MakersClaim())->judge(Sketch::in(Sketch::path('return-pump(high=400)'), 200, null))),
    )->toBe([]);
});
