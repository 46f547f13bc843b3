<?php

declare(strict_types=1);

use Ithys\Path\Review\Review;
use Ithys\Path\Style;
use Ithys\Path\Template;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Tests\Support\Said;
use Tests\Support\Sketch;

// The rules are common practice of the trade. Each row: a small path, the findings it must raise and where, and those
// it must not.

const SUMP_END = 'bubble-trap > heater(cover=15) > return-pump';

/** @return array<string, array{0: string, 1: array<string, string|null>, 2: list<string>, 3?: array<string, mixed>}> */
function reviewTable(): array
{
    $end = SUMP_END;

    return [
        // Order of the mechanical stages.
        'coarse then fine' => ["overflow-drilled > sponge > floss > {$end}", [], ['fine-before-coarse']],
        'fine then coarse' => ["overflow-drilled > floss > sponge > {$end}", ['fine-before-coarse' => 'sponge'], []],
        'by micron, fine then coarse' => [
            "overflow-drilled > sock(micron=100) > pad(micron=400) > {$end}",
            ['fine-before-coarse' => 'pad'],
            [],
        ],
        'by micron, coarse then fine' => [
            "overflow-drilled > sock(micron=400) > pad(micron=100) > {$end}",
            [],
            ['fine-before-coarse'],
        ],
        'a coarse catch after media is a catch' => [
            "overflow-drilled > floss > bag(gfo) > sponge > {$end}",
            [],
            ['fine-before-coarse', 'no-catch-after-dust'],
        ],
        'a dual pad has its order in itself' => [
            'weir > dual-pad > basket(gfo) > floss > return-pump',
            [],
            ['fine-before-coarse'],
            ['style' => 'rear-chamber'],
        ],
        'fine through a branch, coarse after it' => [
            "overflow-drilled > sponge > {$end}; branch from overflow-drilled to sponge 400: feed-pump > roller",
            [],
            ['fine-before-coarse'],
        ],

        // Mechanical before biological and chemical.
        'media before mechanical' => [
            "overflow-drilled > biological > sock > {$end}",
            ['media-before-mechanical' => 'biological'],
            [],
        ],
        'mechanical before media' => ["overflow-drilled > sock > biological > {$end}", [], ['media-before-mechanical']],
        'media in a branch off the clean side' => [
            "overflow-drilled > sock > {$end}; branch from return-pump to sock 200: reactor(gfo)",
            [],
            ['media-before-mechanical', 'no-catch-after-dust'],
        ],
        'media in a branch off the dirty side' => [
            "overflow-drilled > sock > {$end}; branch from overflow-drilled to bubble-trap 200: reactor(alumina)",
            ['media-before-mechanical' => 'reactor'],
            [],
        ],
        'no mechanical stage at all is one finding, not two' => [
            "overflow-drilled > biological > {$end}",
            ['missing-solids' => null],
            ['media-before-mechanical'],
        ],

        // Dust.
        'carbon without a catch' => [
            "overflow-drilled > sock > bag(activated-carbon) > {$end}",
            ['no-catch-after-dust' => 'bag'],
            [],
        ],
        'carbon with a fine pad after it' => [
            "overflow-drilled > sock > bag(activated-carbon) > pad(grade=fine) > {$end}",
            [],
            ['no-catch-after-dust'],
        ],
        'alumina sheds little' => ["overflow-drilled > sock > bag(alumina) > {$end}", [], ['no-catch-after-dust']],
        'a reactor that returns before the sock' => [
            "overflow-drilled > sock > {$end}; branch from bubble-trap to sock 150: feed-pump > reactor(gfo)",
            [],
            ['no-catch-after-dust', 'branch-undriven'],
        ],
        'a reactor that returns after it' => [
            "overflow-drilled > sock > {$end}; branch from sock to bubble-trap 150: feed-pump > reactor(gfo)",
            ['no-catch-after-dust' => 'reactor'],
            [],
        ],

        // Algae and bubbles before the return.
        'algae at the pump' => [
            'overflow-drilled > sock > skimmer > refugium > return-pump',
            ['algae-at-return' => 'refugium'],
            ['bubbles-to-return'],
        ],
        'algae with only a heater between' => [
            'overflow-drilled > sock > refugium > heater(cover=13) > return-pump',
            ['algae-at-return' => 'refugium'],
            [],
        ],
        'algae behind a comb' => ['overflow-drilled > sock > refugium > comb > return-pump', [], ['algae-at-return']],
        'algae behind a catch tray' => [
            'overflow-drilled > sock > refugium > catch-tray > return-pump',
            [],
            ['algae-at-return'],
        ],
        'algae, then media and a trap' => [
            "overflow-drilled > sock > refugium > bag(alumina) > {$end}",
            [],
            ['algae-at-return', 'bubbles-to-return'],
        ],
        'an algae reactor that flows into the pump chamber' => [
            'intake(surface) > pre-filter > canister-basket > return-pump; branch from canister-basket to return-pump '
                .'300: algae-reactor',
            ['algae-at-return' => 'algae-reactor'],
            [],
            ['style' => 'canister'],
        ],
        'skimmer next to the pump' => [
            'overflow-drilled > sock > skimmer > return-pump',
            ['bubbles-to-return' => 'return-pump'],
            [],
        ],
        'skimmer, then a calm section' => [
            'overflow-drilled > sock > skimmer > calm-section > return-pump',
            [],
            ['bubbles-to-return'],
        ],
        'rear chamber: skimmer next to the pump' => [
            'weir > sponge > skimmer > return-pump',
            ['bubbles-to-return' => 'return-pump'],
            [],
            ['style' => 'rear-chamber'],
        ],
        'rear chamber: media between' => [
            'weir > sponge > skimmer > biological > return-pump',
            [],
            ['bubbles-to-return'],
            ['style' => 'rear-chamber'],
        ],
        'rear chamber without a skimmer' => [
            'weir > sponge > biological > return-pump',
            [],
            ['bubbles-to-return'],
            ['style' => 'rear-chamber'],
        ],
        'a canister has no bubbles to calm' => [
            'intake(surface) > pre-filter > canister-basket > return-pump',
            [],
            ['bubbles-to-return', 'no-top-off'],
            ['style' => 'canister'],
        ],

        // Bypass, and parts that carry the flow.
        'an open hole beside a sock' => ["overflow-drilled > sock(holes=1) > {$end}", ['bypass-hole' => 'sock'], []],
        'a capped tray' => ["overflow-drilled > sock(holes=0) > {$end}", [], ['bypass-hole']],
        'a loose pad' => [
            'weir > pad(loose) > biological > return-pump',
            ['bypass-pad' => 'pad'],
            [],
            ['style' => 'rear-chamber'],
        ],
        'an open basket' => [
            'weir > pad > basket(resin, open-sides) > return-pump',
            ['bypass-sides' => 'basket'],
            [],
            ['style' => 'rear-chamber'],
        ],
        'a part that carried the flow is gone' => [
            'intake(surface) > sponge > biological > return-pump; removed: heater(carries-flow)',
            ['flow-part-removed' => 'heater'],
            [],
            ['style' => 'internal'],
        ],
        'a spare part is gone' => [
            'intake(surface) > sponge > biological > return-pump; removed: heater',
            [],
            ['flow-part-removed'],
            ['style' => 'internal'],
        ],

        // The three stages.
        'all three' => [
            "overflow-drilled > sock > skimmer > refugium > {$end}",
            [],
            ['missing-solids', 'missing-organics', 'missing-uptake'],
        ],
        'no skimmer, but carbon' => [
            "overflow-drilled > sock > bag(activated-carbon) > pad > refugium > {$end}",
            [],
            ['missing-organics'],
        ],
        'no uptake' => ["overflow-drilled > sock > skimmer > {$end}", ['missing-uptake' => null], ['missing-organics']],
        'no skimmer, on purpose' => [
            "overflow-drilled > sock > refugium > {$end}",
            ['without-organics' => null],
            ['missing-organics'],
            ['without' => ['organics' => 'weekly water change of a fifth']],
        ],

        // Skimmer against stock: 200 L at medium stock asks for 300 L.
        'skimmer too small' => [
            "overflow-drilled > sock > skimmer(high=250) > {$end}",
            ['skimmer-small' => 'skimmer'],
            [],
        ],
        'skimmer fits' => [
            "overflow-drilled > sock > skimmer(low=150, high=400) > {$end}",
            ['skimmer-fits' => 'skimmer'],
            ['skimmer-small', 'skimmer-large'],
        ],
        'skimmer too big' => [
            "overflow-drilled > sock > skimmer(low=600, high=1200) > {$end}",
            ['skimmer-large' => 'skimmer'],
            [],
        ],
        'skimmer for a stock that grows' => [
            "overflow-drilled > sock > skimmer(low=250, high=500) > {$end}",
            ['skimmer-early' => 'skimmer'],
            ['skimmer-large'],
            ['stock' => 'light', 'planned' => 'heavy'],
        ],
        'skimmer that will be outgrown' => [
            "overflow-drilled > sock > skimmer(high=320) > {$end}",
            ['skimmer-outgrown' => 'skimmer'],
            ['skimmer-small'],
            ['planned' => 'heavy'],
        ],
        'skimmer without a rating is not judged' => [
            "overflow-drilled > sock > skimmer > {$end}",
            [],
            ['skimmer-small', 'skimmer-fits', 'skimmer-large'],
        ],

        // Flow.
        'roller over its rating' => [
            'overflow-drilled > roller(hole=4in) > bubble-trap > return-pump',
            ['flow-over-limit' => 'roller'],
            [],
            ['flow' => 3000.0],
        ],
        'two rollers share it' => [
            'overflow-drilled > roller(hole=4in, count=2) > bubble-trap > return-pump',
            [],
            ['flow-over-limit'],
            ['flow' => 3000.0],
        ],
        'UV over its limit' => [
            "overflow-drilled > sock(hole=7in) > uv(limit=800) > {$end}",
            ['flow-over-limit' => 'uv'],
            [],
        ],
        'UV in a branch' => [
            "overflow-drilled > sock(hole=7in) > {$end}; branch from return-pump to sock 600: uv(limit=800)",
            [],
            ['flow-over-limit'],
        ],
        'a pump that cannot feed its manifold' => [
            'overflow-drilled > sock > bubble-trap > return-pump(limit=1500); branch from return-pump to sock 600: '
                .'reactor(alumina)',
            ['pump-too-small' => 'return-pump'],
            [],
        ],
        'a pump that can' => [
            'overflow-drilled > sock > bubble-trap > return-pump(limit=2100); branch from return-pump to sock 600: '
                .'reactor(alumina)',
            [],
            ['pump-too-small'],
        ],
        'a branch that takes more than there is' => [
            "overflow-drilled > sock > skimmer > {$end}; branch from overflow-drilled to bubble-trap 5000: feed-pump "
                .'> roller(hole=7in)',
            ['flow-negative' => 'sock'],
            [],
        ],
        'zeolite in a fast path' => [
            'intake(surface) > pre-filter > zeolite(grams=200) > return-pump',
            ['zeolite-fast' => 'zeolite'],
            [],
            ['style' => 'canister', 'flow' => 1000.0],
        ],
        'zeolite in a slow branch' => [
            "overflow-drilled > sock > {$end}; branch from return-pump to sock 400: reactor(zeolite)",
            [],
            ['zeolite-fast'],
        ],
        'turnover low' => [
            "overflow-drilled > sock > {$end}",
            ['turnover-low' => 'return-pump'],
            [],
            ['flow' => 700.0],
        ],
        'turnover fits' => [
            "overflow-drilled > sock > {$end}",
            ['turnover-fits' => 'return-pump'],
            ['turnover-low', 'turnover-high'],
        ],

        // Canister, siphon, heater, light, fittings, bags, ozone, surface.
        'canister without a pre-filter' => [
            'intake(surface) > canister-basket > biological > return-pump',
            ['no-pre-filter' => 'canister-basket'],
            [],
            ['style' => 'canister'],
        ],
        'canister with one' => [
            'intake(surface) > pre-filter > canister-basket > return-pump',
            [],
            ['no-pre-filter'],
            ['style' => 'canister'],
        ],
        'siphon, nothing known' => ["overflow-rim > sock > {$end}", ['flood-unchecked' => 'overflow-rim'], []],
        'siphon that floods' => [
            'overflow-rim > sock > bubble-trap > return-pump(gives=30)',
            ['flood' => 'overflow-rim'],
            ['flood-unchecked'],
            ['belowRim' => 30],
        ],
        'siphon that does not' => [
            'overflow-rim > sock > bubble-trap > return-pump(gives=10)',
            ['flood-fits' => 'overflow-rim'],
            ['flood', 'flood-unchecked'],
            ['belowRim' => 30],
        ],
        'a drilled overflow that floods when blocked' => [
            'overflow-drilled > sock > bubble-trap > return-pump(gives=30)',
            ['flood' => 'overflow-drilled'],
            [],
            ['belowRim' => 30],
        ],
        'heater of unknown cover' => [
            'overflow-drilled > sock > bubble-trap > heater > return-pump',
            ['heater-uncovered' => 'heater'],
            [],
        ],
        'heater too high' => [
            'overflow-drilled > sock > bubble-trap > heater(cover=4) > return-pump',
            ['heater-uncovered' => 'heater'],
            [],
        ],
        'heater half an inch under' => [
            'overflow-drilled > sock > bubble-trap > heater(cover=12.7) > return-pump',
            [],
            ['heater-uncovered'],
        ],
        'refugium light on the roller' => [
            'overflow-drilled > roller > refugium > comb > return-pump',
            ['light-spill' => 'refugium'],
            [],
        ],
        'shielded light' => [
            'overflow-drilled > roller > refugium(shielded) > comb > return-pump',
            [],
            ['light-spill'],
        ],
        'refugium with nothing to spill on' => [
            'overflow-drilled > sock > refugium > comb > return-pump',
            [],
            ['light-spill'],
        ],
        'metric meets inch' => [
            'overflow-drilled(fitting=inch) > drain(fitting=metric) > sock > bubble-trap > return-pump',
            ['fittings-mixed' => 'drain'],
            [],
        ],
        'one system' => [
            'overflow-drilled(fitting=inch) > sock > bubble-trap > return-pump(fitting=inch)',
            [],
            ['fittings-mixed'],
        ],
        'carbon and alumina in one bag' => [
            "overflow-drilled > sock > bag(activated-carbon, alumina) > pad > {$end}",
            ['lives-mixed' => 'bag'],
            [],
        ],
        'GFO and resin live alike' => ["overflow-drilled > sock > bag(gfo, resin) > pad > {$end}", [], ['lives-mixed']],
        'shelves of a basket come out one by one' => [
            'weir > floss > basket(activated-carbon, alumina) > pad > return-pump',
            [],
            ['lives-mixed'],
            ['style' => 'rear-chamber'],
        ],
        'ozone without probe and skimmer' => [
            "overflow-drilled > sock > ozone > {$end}",
            ['ozone-unsafe' => 'ozone'],
            [],
        ],
        'ozone with both' => [
            "overflow-drilled > sock > skimmer > ozone(probe) > {$end}",
            ['ozone' => 'ozone'],
            ['ozone-unsafe'],
        ],
        'an intake in mid-water' => [
            'intake > pre-filter > canister-basket > return-pump',
            ['no-surface' => 'intake'],
            [],
            ['style' => 'canister'],
        ],
        'a second intake at the surface' => [
            'intake > intake#top(surface) > pre-filter > canister-basket > return-pump',
            [],
            ['no-surface'],
            ['style' => 'canister'],
        ],
        'a box that claims too much' => [
            'intake(surface) > sponge > biological(grams=550) > return-pump(low=60, high=400)',
            ['claim-too-high' => 'return-pump'],
            [],
            ['style' => 'hang-on'],
        ],
        'a box brought down, and enough' => [
            'intake(surface) > sponge > biological(grams=2200) > return-pump(high=400)',
            ['claim-derated' => 'return-pump'],
            ['claim-too-high'],
            ['style' => 'hang-on'],
        ],

        // What a draft lacks.
        'nothing yet' => ['', ['empty' => null], ['missing-solids', 'no-return']],
        'no way out of the tank' => ['sock > skimmer > return-pump', ['no-inlet' => 'sock'], []],
        'nothing brings it back' => [
            'overflow-drilled > sock > skimmer',
            ['no-return' => 'skimmer'],
            ['bubbles-to-return'],
        ],
        'a branch without ends' => [
            "overflow-drilled > sock > {$end}; branch: reactor(alumina)",
            ['branch-open' => 'reactor'],
            [],
        ],
        'a branch nothing drives' => [
            "overflow-drilled > sock > skimmer > {$end}; branch from sock to skimmer 100: reactor(alumina)",
            ['branch-undriven' => 'reactor'],
            ['branch-open'],
        ],
        'an inline reactor after the motor' => [
            'intake(surface) > pre-filter > canister-basket > return-pump; branch from return-pump to intake 300: '
                .'algae-reactor',
            [],
            ['branch-open', 'branch-undriven', 'algae-at-return'],
            ['style' => 'canister'],
        ],
        'three tanks on one sump' => [
            "overflow-drilled > sock > {$end}; tank 80 to sock 400: overflow-drilled#b; tank 60 to sock 300: "
                .'overflow-drilled#c',
            [],
            ['branch-open', 'no-inlet'],
        ],
        // What stands where the water no longer falls.
        'a roller behind the return' => [
            'overflow-drilled > bubble-trap > return-pump > roller',
            ['after-return' => 'roller', 'missing-solids' => null],
            [],
        ],
        'a heater behind the return' => [
            "overflow-drilled > sock > {$end} > heater#b(cover=20)",
            ['after-return' => 'b'],
            [],
        ],
        'a top-off behind the return' => [
            "overflow-drilled > sock > {$end} > top-off",
            ['after-return' => 'top-off'],
            [],
        ],
        'a bubble trap behind the return' => [
            'overflow-drilled > sock > return-pump > bubble-trap',
            ['after-return' => 'bubble-trap'],
            [],
        ],
        'UV, chiller and reactors behind the return' => [
            "overflow-drilled > sock > {$end} > uv > chiller > reactor(resin)",
            [],
            ['after-return'],
        ],
        'media behind the motor of a hang-on filter' => [
            'intake(surface) > pre-filter > return-pump > biological > floss',
            [],
            ['after-return'],
            ['style' => 'hang-on'],
        ],
        'the skimmer behind the refugium' => [
            "overflow-drilled > sock > refugium > skimmer > {$end}",
            ['skimmer-after-algae' => 'skimmer'],
            [],
        ],
        'the skimmer before it' => [
            "overflow-drilled > sock > skimmer > refugium > {$end}",
            [],
            ['skimmer-after-algae'],
        ],

        // More flow than a closed vessel takes.
        'a media reactor in all of the flow' => [
            "overflow-drilled > sock(count=3) > {$end}; branch from return-pump to sock 1200: reactor(gfo)",
            ['flow-over-limit' => 'reactor'],
            [],
        ],
        'a media reactor with its own limit' => [
            "overflow-drilled > sock(count=3) > {$end}; branch from return-pump to sock 1200: reactor(gfo, limit=1500)",
            [],
            ['flow-over-limit'],
        ],
        'a media reactor that trickles' => [
            "overflow-drilled > sock(count=3) > {$end}; branch from return-pump to sock 250: reactor(gfo)",
            [],
            ['flow-over-limit'],
        ],
        'an algae reactor in line, torn by 1,600 L/h' => [
            'intake(surface) > pre-filter > biological > return-pump > algae-reactor',
            ['flow-over-limit' => 'algae-reactor'],
            [],
            ['style' => 'canister', 'flow' => 1600],
        ],

        // Phosphate media take no nitrate.
        'GFO alone' => [
            "overflow-drilled > sock > {$end}; branch from return-pump to sock 200: reactor(gfo)",
            ['nitrate-not-taken' => 'reactor'],
            ['missing-uptake'],
        ],
        'GFO beside algae' => [
            "overflow-drilled > sock > refugium > {$end}; branch from return-pump to sock 200: reactor(gfo)",
            [],
            ['nitrate-not-taken', 'missing-uptake'],
        ],
        'GFO alone, on purpose' => [
            "overflow-drilled > sock > {$end}; branch from return-pump to sock 200: reactor(gfo)",
            [],
            ['nitrate-not-taken'],
            ['without' => ['uptake' => 'water changes']],
        ],
        'a skimmer that draws little air' => [
            "overflow-drilled > sock > skimmer(low=100, high=300, air=300) > {$end}",
            ['skimmer-air' => 'skimmer'],
            [],
        ],
        'one drain, and nothing said of a blocked one' => [
            "overflow-drilled > sock > {$end}",
            ['flood-unchecked' => 'overflow-drilled'],
            ['flood', 'flood-fits'],
        ],
        'an emergency drain, and nothing said of a blocked one' => [
            "overflow-drilled(emergency) > sock > {$end}",
            [],
            ['flood-unchecked', 'flood', 'flood-fits'],
        ],
        'pump in metric, overflow in inch, with a sump between' => [
            'overflow-drilled(fitting=inch) > sock > return-pump(fitting=metric)',
            [],
            ['fittings-mixed'],
        ],
        'overflow in inch on a drain in metric' => [
            'overflow-drilled(fitting=inch) > drain(fitting=metric) > sock > return-pump',
            ['fittings-mixed' => 'drain'],
            [],
        ],

        'topped up by hand' => ["overflow-drilled > sock > {$end}", ['no-top-off' => 'return-pump'], []],
        'topped up by itself' => ["overflow-drilled > sock > top-off > {$end}", [], ['no-top-off']],
    ];
}

it('raises what it must, where it must, and nothing it must not', function (
    string $sketch,
    array $must,
    array $mustNot,
    array $with = [],
): void {
    $path = Sketch::path(
        $sketch,
        $with['style'] ?? 'sump',
        $with['flow'] ?? null,
        $with['stock'] ?? 'medium',
        $with['planned'] ?? '',
        $with['without'] ?? [],
    );
    $review = Review::of(Sketch::in($path, belowRimMm: $with['belowRim'] ?? 0));
    foreach ($must as $code => $at) {
        $found = array_values(array_filter($review->findings, fn ($finding): bool => $finding->code === $code));
        expect($found)->toHaveCount(1, "{$code} in: ".implode(', ', $review->codes()))
            ->and($found[0]->at)->toBe($at);
    }
    expect(array_values(array_intersect($review->codes(), $mustNot)))->toBe([]);
})->with(reviewTable());

it('has a table of forty paths and more', fn () => expect(count(reviewTable()))->toBeGreaterThanOrEqual(40));

it('words every judgement as a sentence, and every caution with its reason and what would fix it', function (
    UnitSystem $units,
): void {
    $seen = [];
    foreach (reviewTable() as $row) {
        $with = $row[3] ?? [];
        $path = Sketch::path(
            $row[0],
            $with['style'] ?? 'sump',
            $with['flow'] ?? null,
            $with['stock'] ?? 'medium',
            $with['planned'] ?? '',
            $with['without'] ?? [],
        );
        $here = Sketch::in($path, belowRimMm: $with['belowRim'] ?? 0);
        foreach (
            Said::all(Review::of(new \Ithys\Path\Review\Situation($path, $here->tank))->findings, $units) as $finding
        ) {
            $seen[$finding->code] = true;
            expect($finding->sentence)->toMatch('~^[A-Z0-9].*\.$~u', $finding->code)
                ->and($finding->title)->not->toEndWith('.')
                ->and($finding->sentence.$finding->reason.$finding->fix)->not->toContain('  ');
            if (in_array($finding->severity, [Severity::Caution, Severity::Fault], true)) {
                expect($finding->reason)->toBeString($finding->code);
                $finding->code === 'turnover-unknown' ?: expect($finding->fix)->toBeString($finding->code);
            }
            if ($units === UnitSystem::Us) {
                expect($finding->sentence)->not->toMatch('~\d (L|L/h|cm)\b~', $finding->code);
            }
        }
    }
    expect(count($seen))->toBeGreaterThanOrEqual(35);
})->with([UnitSystem::Metric, UnitSystem::Us]);

it('finds no fault in what it suggests to start from', function (Style $style): void {
    $review = Review::of(Sketch::in(Template::of($style), 200, 1400));
    $grave = array_filter(
        $review->findings,
        fn ($finding): bool => in_array($finding->severity, [Severity::Fault, Severity::Caution], true),
    );
    // Only the keeper can say how the heater stands, what the drain has beside it and what keeps the light off.
    expect(array_values(array_diff(
        array_map(fn ($finding): string => $finding->code, $grave),
        ['heater-uncovered', 'flood-unchecked', 'light-spill'],
    )))->toBe([]);
})->with(Style::cases());

it('puts the gravest first and says which is gravest at an item', function (): void {
    $review = Review::of(Sketch::in(Sketch::path('overflow-drilled(emergency) > sock(holes=1) > ozone > return-pump')));
    $order = array_map(
        fn ($finding): int => array_search(
            $finding->severity,
            [Severity::Fault, Severity::Caution, Severity::Remark, Severity::Good],
            true,
        ),
        $review->findings,
    );
    $sorted = $order;
    sort($sorted);
    expect($order)->toBe($sorted)
        ->and($review->gravestAt('ozone'))->toBe(Severity::Fault)
        ->and($review->gravestAt('sock'))->toBe(Severity::Caution)
        ->and($review->gravestAt('overflow-drilled'))->toBeNull();
});

it('shows what each school wants of the turnover', function (): void {
    $turnover = array_values(
        array_filter(
            Review::of(Sketch::in(Sketch::path('overflow-drilled > sock > bubble-trap > return-pump')))->findings,
            fn ($finding): bool => $finding->code === 'turnover-fits',
        ),
    )[0];
    expect(said($turnover->advice?->school ?? ''))->toContain('moderate school')->toContain('brisk school');
});
