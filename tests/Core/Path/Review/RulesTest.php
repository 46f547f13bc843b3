<?php

declare(strict_types=1);

use Ithys\Path\Path;
use Ithys\Path\Review\Review;
use Ithys\Path\Review\Situation;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use Tests\Support\Said;
use Tests\Support\Sketch;

// What each rule says and reckons, at its edges. The rules are common practice; the arithmetic is ours and open.

/** @return list<Said> */
function findingsOf(
    Path $path,
    string $code,
    float $litres = 200,
    ?float $flow = 1400,
    float $belowRimMm = 0,
    TurnoverSchool $school = TurnoverSchool::Moderate,
    UnitSystem $units = UnitSystem::Metric,
): array {
    $tank = Sketch::in($path, $litres, $flow, $belowRimMm, $school)->tank;

    return array_values(
        array_filter(
            Said::all(Review::of(new Situation($path, $tank))->findings, $units),
            fn (Said $finding): bool => $finding->code === $code,
        ),
    );
}

it('works out the room above the water line to the litre', function (
    float $gives,
    string $code,
    Severity $severity,
    string $words,
): void {
    // 1000 x 425.5 mm of surface and 30 mm to the rim are 12.77 L.
    $findings = findingsOf(
        Sketch::path("overflow-rim > sock > bubble-trap > return-pump(gives={$gives})"),
        $code,
        belowRimMm: 30,
    );
    expect($findings)
        ->toHaveCount(1)
        ->and($findings[0]->severity)
        ->toBe($severity)
        ->and($findings[0]->sentence)
        ->toContain($words);
})->with([
    'well within' => [5.0, 'flood-fits', Severity::Good, 'push up 5 L; above the water line of the display 12.8 L fit'],
    'just within' => [12.7, 'flood-fits', Severity::Good, '12.7 L'],
    'just over' => [12.9, 'flood', Severity::Fault, 'would run over the rim'],
    'far over' => [30.0, 'flood', Severity::Fault, '17.2 L would run over the rim'],
]);

it('takes an emergency drain for a second way down', function (): void {
    expect(
        findingsOf(
            Sketch::path('overflow-drilled(emergency) > sock > bubble-trap > return-pump(gives=30)'),
            'flood',
            belowRimMm: 30,
        )[0]->severity,
    )
        ->toBe(Severity::Caution)
        ->and(
            findingsOf(
                Sketch::path('overflow-drilled > sock > bubble-trap > return-pump(gives=30)'),
                'flood',
                belowRimMm: 30,
            )[0]->severity,
        )
        ->toBe(Severity::Fault)
        ->and(
            findingsOf(
                Sketch::path('overflow-drilled(emergency) > sock > bubble-trap > return-pump'),
                'flood-unchecked',
                belowRimMm: 30,
            ),
        )
        ->toBe([])
        ->and(
            findingsOf(
                Sketch::path('overflow-drilled > sock > bubble-trap > return-pump'),
                'flood-unchecked',
                belowRimMm: 30,
            )[0]->severity,
        )
        ->toBe(Severity::Caution);
});

it('asks for what is missing in a flood check, the one or the other', function (): void {
    expect(findingsOf(Sketch::path('overflow-rim > return-pump'), 'flood-unchecked', belowRimMm: 30)[0]->fix)
        ->toContain('the water the return pump can give up')
        ->and(findingsOf(Sketch::path('overflow-rim > return-pump(gives=8)'), 'flood-unchecked')[0]->fix)
        ->toContain('the gap below the rim');
});

it('weighs the skimmer by stock, with its arithmetic', function (
    string $skimmer,
    string $stock,
    string $planned,
    string $code,
    string $words,
): void {
    expect(
        findingsOf(
            Sketch::path(
                "overflow-drilled > sock > skimmer({$skimmer}) > bubble-trap > return-pump",
                stock: $stock,
                planned: $planned,
            ),
            $code,
        )[0]->sentence,
    )->toContain($words);
})->with([
    ['high=299', 'medium', 'medium', 'skimmer-small', 'rated to 299 L, but 200 L x 1.5 for medium stock is 300 L'],
    ['high=300', 'medium', 'medium', 'skimmer-fits', 'rated to 300 L'],
    ['high=300', 'medium', 'heavy', 'skimmer-outgrown', '200 L x 2 for heavy stock is 400 L'],
    ['low=401, high=900', 'light', 'heavy', 'skimmer-large', 'rated from 401 L'],
    ['low=400, high=900', 'light', 'heavy', 'skimmer-early', '200 L x 1 for light stock is 200 L'],
    ['high=150, count=2', 'medium', 'medium', 'skimmer-fits', 'rated to 300 L'],
]);

it('keeps half an inch over the heater, and says how much there is', function (
    string $cover,
    ?Severity $severity,
): void {
    $findings = findingsOf(
        Sketch::path("overflow-drilled > sock > bubble-trap > heater{$cover} > return-pump"),
        'heater-uncovered',
    );
    expect($findings[0]->severity ?? null)->toBe($severity);
})->with([
    ['', Severity::Caution],
    ['(cover=0)', Severity::Fault],
    ['(cover=12.6)', Severity::Fault],
    ['(cover=12.7)', null],
    ['(cover=40)', null],
]);

it('says how many side by side would carry the flow', function (): void {
    $finding = findingsOf(
        Sketch::path('overflow-drilled > roller(hole=4in) > bubble-trap > return-pump'),
        'flow-over-limit',
        flow: 9000,
    )[0];
    expect($finding->sentence)
        ->toContain('gets 9,000 L/h and takes 2,839 L/h')
        ->and($finding->fix)
        ->toContain('4 side by side');
    $each = findingsOf(
        Sketch::path('overflow-drilled > roller(hole=4in, count=3) > bubble-trap > return-pump'),
        'flow-over-limit',
        flow: 9000,
    )[0];
    expect($each->sentence)->toContain('gets 3,000 L/h each');
    expect(
        findingsOf(
            Sketch::path('overflow-drilled > roller(hole=4in, count=4) > bubble-trap > return-pump'),
            'flow-over-limit',
            flow: 9000,
        ),
    )->toBe([]);
});

it('takes the keeper\'s own limit before the usual one', function (): void {
    expect(
        findingsOf(Sketch::path('overflow-drilled > sock(limit=1500) > bubble-trap > return-pump'), 'flow-over-limit'),
    )
        ->toBe([])
        ->and(
            findingsOf(
                Sketch::path('overflow-drilled > sock(limit=900) > bubble-trap > return-pump'),
                'flow-over-limit',
            )[0]->basis,
        )
        ->toBeNull()
        ->and(
            findingsOf(Sketch::path('overflow-drilled > sock > bubble-trap > return-pump'), 'flow-over-limit')[0]->basis
                ?->kind->value,
        )
        ->toBe('estimate');
});

it('doses zeolite by the flow it gets, not by the path', function (): void {
    expect(
        findingsOf(
            Sketch::path('intake(surface) > pre-filter > zeolite(grams=100) > return-pump', 'canister'),
            'zeolite-fast',
            flow: 1000,
        )[0]->sentence,
    )
        ->toContain('the 100 g here work like 200 g')
        ->and(
            findingsOf(
                Sketch::path('intake(surface) > pre-filter > zeolite(count=2) > return-pump', 'canister'),
                'zeolite-fast',
                flow: 1000,
            ),
        )
        ->toBe([])
        ->and(
            findingsOf(
                Sketch::path('intake(surface) > pre-filter > zeolite(limit=1200) > return-pump', 'canister'),
                'zeolite-fast',
                flow: 1000,
            ),
        )
        ->toBe([])
        ->and(
            findingsOf(
                Sketch::path('intake(surface) > pre-filter > zeolite > return-pump', 'canister'),
                'zeolite-fast',
                flow: null,
            ),
        )
        ->toBe([]);
});

it('brings a claim down to the smaller of media and flow', function (string $grams, float $flow, string $words): void {
    expect(
        findingsOf(
            Sketch::path("intake(surface) > sponge > biological(grams={$grams}) > return-pump(high=400)", 'hang-on'),
            'claim-too-high',
            300,
            $flow,
        )[0]->sentence,
    )->toContain($words);
})->with([
    'media set the limit' => ['1100', 2000.0, 'So it suits 120 L'],
    'flow sets the limit' => ['3300', 500.0, 'So it suits 100 L'],
]);

it('judges turnover in the keeper\'s units and by the keeper\'s school', function (): void {
    $path = Sketch::path('overflow-drilled > sock(hole=7in) > bubble-trap > return-pump');
    expect(findingsOf($path, 'turnover-low', flow: 1400, school: TurnoverSchool::Brisk)[0]->sentence)
        ->toContain('at least 2,000 L/h')
        ->and(
            findingsOf($path, 'turnover-low', flow: 1400, school: TurnoverSchool::Brisk, units: UnitSystem::Us)[0]
                ->sentence,
        )
        ->toContain('at least 528 US gal/h')
        ->and(findingsOf($path, 'turnover-high', flow: 2400)[0]->severity)
        ->toBe(Severity::Caution)
        ->and(findingsOf($path, 'turnover-unknown', flow: null)[0]->severity)
        ->toBe(Severity::Remark);
});

it('counts the flow of all tanks against all water', function (): void {
    // 1400 L/h through 200 L are 7 an hour; with 100 L more and 400 L/h more they are 6.
    $path = Sketch::path(
        'overflow-drilled > sock(hole=7in) > bubble-trap > return-pump; tank 100 to sock 400: overflow-drilled#b',
    );
    expect(findingsOf($path, 'turnover-fits')[0]->sentence)->toContain('6 volumes');
});

it('says which of the three stages is missing, and what stands in for one left out', function (
    string $sketch,
    array $without,
    array $codes,
): void {
    $review = Review::of(Sketch::in(Sketch::path($sketch, without: $without)));
    expect(
        array_values(
            array_filter(
                $review->codes(),
                fn (string $code): bool => str_starts_with($code, 'missing-') || str_starts_with($code, 'without-'),
            ),
        ),
    )->toBe($codes);
})->with([
    ['overflow-drilled > return-pump', [], ['missing-solids', 'missing-organics', 'missing-uptake']],
    ['overflow-drilled > sock > return-pump', [], ['missing-organics', 'missing-uptake']],
    [
        'overflow-drilled > sock > return-pump',
        ['organics' => 'changes', 'uptake' => 'few fish'],
        ['without-organics', 'without-uptake'],
    ],
    ['overflow-drilled > sock > bag(resin) > scrubber > comb > return-pump', [], []],
    ['overflow-drilled > skimmer > zeolite > return-pump', [], ['missing-solids']],
]);

it('does not speak of what the keeper left out where it is there', function (): void {
    expect(
        Review::of(
            Sketch::in(
                Sketch::path('overflow-drilled > sock > skimmer > return-pump', without: ['solids' => 'old note']),
            ),
        )->codes(),
    )->not->toContain('without-solids');
});

it('finds the pad, the basket and the hole where water slips by', function (string $item, string $code): void {
    expect(findingsOf(Sketch::path("weir > sponge > {$item} > return-pump", 'rear-chamber'), $code))->toHaveCount(1);
})->with([
    ['pad(loose)', 'bypass-pad'],
    ['floss(loose)', 'bypass-pad'],
    ['dual-pad(loose)', 'bypass-pad'],
    ['pre-filter(loose)', 'bypass-pad'],
    ['basket(open-sides)', 'bypass-sides'],
    ['canister-basket(open-sides)', 'bypass-sides'],
    ['sock(holes=2)', 'bypass-hole'],
    ['roller(holes=1)', 'bypass-hole'],
]);

it('tells where the flow path went, as far as is noted', function (): void {
    $finding = findingsOf(
        Sketch::path('intake(surface) > sponge > return-pump; removed: heater(carries-flow)', 'internal'),
        'flow-part-removed',
    )[0];
    expect($finding->severity)->toBe(Severity::Fault)->and($finding->sentence)->toContain('not noted where');
});

it('reads the fitting at the source of a branch too', function (): void {
    expect(
        findingsOf(
            Sketch::path(
                'overflow-drilled > sock > return-pump(fitting=metric); branch from return-pump to sock 200: '
                    .'reactor(fitting=inch)',
            ),
            'fittings-mixed',
        )[0]->at,
    )
        ->toBe('reactor')
        ->and(
            findingsOf(
                Sketch::path(
                    'overflow-drilled(fitting=inch) > sock > return-pump(fitting=inch); branch from return-pump to '
                        .'sock 200: reactor(fitting=inch)',
                ),
                'fittings-mixed',
            ),
        )
        ->toBe([]);
});

it('asks of ozone what keeps people and animals safe', function (string $rest, array $lacks): void {
    $findings = findingsOf(
        Sketch::path("overflow-drilled > sock > {$rest} > bubble-trap > return-pump"),
        'ozone-unsafe',
    );
    foreach ($lacks as $words) {
        expect($findings[0]->sentence)->toContain($words);
    }
    expect(count($findings))->toBe($lacks === [] ? 0 : 1);
})->with([
    ['ozone', ['ORP probe', 'skimmer']],
    ['ozone(probe)', ['skimmer']],
    ['skimmer > ozone', ['ORP probe']],
    ['skimmer > ozone(probe)', []],
]);

it('names all that algae light may spill on', function (): void {
    expect(
        findingsOf(
            Sketch::path('overflow-drilled > roller > refugium > comb > top-off > return-pump'),
            'light-spill',
        )[0]->sentence,
    )->toContain('off Fleece roller and Top-off');
});

it('pins a finding about a branch without items to an end it has', function (): void {
    expect(findingsOf(Sketch::path('overflow-drilled > sock > return-pump; branch from sock:'), 'branch-open')[0]->at)
        ->toBe('sock')
        ->and(
            findingsOf(Sketch::path('overflow-drilled > sock > return-pump; branch to sock:'), 'branch-open')[0]
                ->sentence,
        )
        ->toContain('has no items')
        ->and(
            findingsOf(
                Sketch::path('overflow-drilled > sock > return-pump; tank to sock 300: overflow-drilled#b'),
                'branch-open',
            )[0]->sentence,
        )
        ->toContain('has no volume');
});

it('does not mistake the sump itself for a tank without water', function (): void {
    $tank = new Tank(
        Display::volume(200),
        new BesideDisplay(60, 5),
        new Ground(0, 0),
        new Conditions(35, 25),
        1500,
        TurnoverSchool::Moderate,
    );
    $here = new Situation(Sketch::path('overflow-drilled > sock > return-pump'), $tank);
    expect($here->workingLitres)->toBe(265.0)->and($here->litresPerHour)->toBe(1500.0);
});
