<?php

declare(strict_types=1);

use Ithys\Quantity\Quantity;
use Ithys\Severity;
use Ithys\Sump\Review\Situation;
use Ithys\Sump\Review\SumpReview;
use Ithys\Sump\SumpDesign;
use Ithys\Sump\SumpDocument;
use Ithys\Water\Display;
use Ithys\Water\Tank;
use Tests\Support\RandomSump;
use Tests\Support\Sketch;
use Tests\Support\Sketched;

/** A sump with everything in it that can be left out. */
function wholeSump(): array
{
    return Sketched::document([
        'reservoirLitres' => 5,
        'cabinetLengthMm' => 1000,
        'cabinetWidthMm' => 500,
        'baffles' => ['socks' => ['kind' => 'under', 'topMm' => 380, 'gapMm' => 40]],
        'trays' => [Sketched::tray(300, [
            'sock-4in' => ['lengthMm' => 102, 'standsMm' => 25, 'hangsMm' => 200],
            'standpipe' => ['lengthMm' => 40, 'standsMm' => 45, 'hangsMm' => 60],
        ])],
        'placed' => [
            Sketched::device('skimmer', 1, [180, 200, 420], ['depthLowMm' => 190, 'depthHighMm' => 230]),
            Sketched::device('heater', 2, [150, 30, 30], ['standMm' => 60, 'depthLowMm' => 20]),
        ],
    ]);
}

/** @return array<string, array<string, Quantity>> figures of what is called good, by code and part */
function goodOf(SumpDesign $sump, Tank $tank): array
{
    $good = [];
    foreach ($sump->review($tank)->findings as $finding) {
        if ($finding->severity === Severity::Good) {
            $good["{$finding->code} {$finding->at}"] = array_map(
                static fn (Quantity $one): float => round($one->base, 6),
                $finding->sentence->quantities(),
            );
        }
    }

    return $good;
}

/** Ways to every figure of a document that may be left out. */
function optionalFigures(): array
{
    $plumbing = array_map(
        static fn (string $key): array => ['plumbing', $key],
        array_values(array_diff(array_keys(wholeSump()['plumbing']), ['fittings'])),
    );
    $ways = [
        ['fallMm'], ['boxLitres'], ['evaporationLitresADay'], ['cabinetMm'], ['cabinetLengthMm'],
        ['cabinetWidthMm'], ['placed', 0, 'depthLowMm'], ['placed', 0, 'depthHighMm'], ['placed', 1, 'depthLowMm'],
        ...$plumbing,
    ];

    return array_combine(array_map(static fn (array $way): string => implode('.', $way), $ways), array_map(
        static fn (array $way): array => [$way],
        $ways,
    ));
}

it('calls nothing good that rests on a figure nobody gave', function (array $way): void {
    $whole = wholeSump();
    $less = $whole;
    $at = &$less;
    foreach (array_slice($way, 0, -1) as $step) {
        $at = &$at[$step];
    }
    unset($at[$way[count($way) - 1]]);
    // Without the flow of the tank too, so that a missing figure of the pump is missed.
    $tank = Sketched::tank(flow: null);
    $good = goodOf(SumpDocument::stored($whole), $tank);
    foreach (goodOf(SumpDocument::stored($less), $tank) as $what => $figures) {
        expect($good)->toHaveKey($what)
            ->and($figures)->toBe(array_intersect_key($good[$what], $figures), "{$what} without ".implode('.', $way));
    }
})->with(optionalFigures());

it('calls nothing good that rests on a display nobody measured', function (Tank $tank, array $not): void {
    expect(array_intersect(array_map(
        static fn (string $what): string => explode(' ', $what)[0],
        array_keys(goodOf(SumpDocument::stored(wholeSump()), $tank)),
    ), $not))->toBe([]);
})->with([
    'by its volume' => [Sketched::tank(Display::volume(150)), ['power-cut-fits', 'blocked-drain-fits']],
    'without room to its rim' => [Sketched::tank(Display::box(900, 400, 450)), ['blocked-drain-fits']],
]);

it('calls a blocked drain good only where what the top-off adds is known', function (): void {
    $codes = fn (?float $reservoir, string $sketch): array => array_keys(Sketched::said(
        Sketched::sump(['reservoirLitres' => $reservoir]),
        null,
        Sketch::path($sketch),
    ));
    $with = 'overflow-drilled > sock > top-off > return-pump';
    expect($codes(null, $with))->toContain('blocked-drain-top-off-unknown')->not->toContain('blocked-drain-fits')
        ->and($codes(5.0, $with))->toContain('blocked-drain-fits')
        ->and($codes(null, 'overflow-drilled > sock > return-pump'))->toContain('blocked-drain-fits');
});

it('offers only what mends the finding and makes nothing else grave', function (): void {
    $offered = [];
    $grave = static function (SumpReview $review): array {
        $grave = [];
        foreach ($review->findings as $finding) {
            // Plates are reckoned apart: a remedy moves water and not glass.
            if ($finding->severity->isGrave() && ! str_starts_with($finding->code, 'panel')) {
                $grave["{$finding->code} {$finding->at}"] = true;
            }
        }

        return $grave;
    };
    for ($seed = 0; $seed < 150; $seed++) {
        $review = RandomSump::of($seed)->review(Sketched::tank());
        foreach ($review->findings as $finding) {
            foreach ($finding->remedies as $remedy) {
                $then = $grave(SumpReview::of($review->here->after($remedy)));
                expect($then)->not->toHaveKey("{$finding->code} {$finding->at}")
                    ->and(array_keys(array_diff_key($then, $grave($review))))->toBe([]);
                $offered["{$finding->code} {$remedy->field}"] = true;
            }
        }
    }
    expect(count($offered))->toBeGreaterThan(8);
});

it('offers what can be built: nothing below the floor, over the rim or thinner than a sheet', function (): void {
    for ($seed = 0; $seed < 150; $seed++) {
        $sump = RandomSump::of($seed);
        foreach ($sump->review(Sketched::tank())->findings as $finding) {
            foreach ($finding->remedies as $remedy) {
                expect($remedy->value)->toBeGreaterThanOrEqual(0.0)
                    // A heater hangs on a bracket; a skimmer stands on a sheet.
                    ->and($finding->code === 'depth-off' && $remedy->value > 0.0 ? $remedy->value : 5.0)
                    ->toBeGreaterThanOrEqual(5.0)
                    ->and(in_array($remedy->field, ['topMm', 'returnLevelMm', 'gapMm'], true) ? $remedy->value : 0.0)
                    ->toBeLessThanOrEqual($sump->vessel->heightMm)
                    ->and(fmod($remedy->value, 1.0))->toBe(0.0);
            }
        }
    }
});

it('adds no fault when a design is made safer', function (Closure $safer): void {
    for ($seed = 0; $seed < 60; $seed++) {
        $here = RandomSump::of($seed)->review(Sketched::tank())->here;
        $faults = static fn (Situation $here): array => array_map(
            static fn ($finding): string => "{$finding->code} {$finding->at}",
            array_filter(
                SumpReview::of($here)->findings,
                static fn ($finding): bool => $finding->severity === Severity::Fault,
            ),
        );
        expect(array_diff($faults($safer($here)), $faults($here)))->toBe([], "seed {$seed}");
    }
})->with([
    'more room in the display' => [fn (Situation $here): Situation => new Situation(
        $here->section,
        $here->litresPerHour,
        100.0,
        $here->water,
        $here->plumbing,
        $here->workshop,
    )],
    'less that comes down' => [fn (Situation $here): Situation => new Situation(
        new Ithys\Sump\Section(
            $here->section->vessel,
            $here->section->inside,
            $here->section->water,
            Ithys\Sump\DrainDown::display(0, 0, 0, 0),
            $here->section->cabinet,
        ),
        $here->litresPerHour,
        $here->displayRoomLitres,
        $here->water,
        $here->plumbing,
        $here->workshop,
    )],
    'a higher cabinet' => [fn (Situation $here): Situation => new Situation(
        new Ithys\Sump\Section(
            $here->section->vessel,
            $here->section->inside,
            $here->section->water,
            $here->section->drainDown,
            new Ithys\Sump\Cabinet(3000),
        ),
        $here->litresPerHour,
        $here->displayRoomLitres,
        $here->water,
        $here->plumbing,
        $here->workshop,
    )],
    'thicker walls' => [fn (Situation $here): Situation => new Situation(
        new Ithys\Sump\Section(
            new Ithys\Sump\Vessel(
                $here->section->vessel->lengthMm,
                $here->section->vessel->widthMm,
                $here->section->vessel->heightMm,
                $here->section->vessel->wallMm + 4,
                $here->section->vessel->material,
                $here->section->vessel->braced,
                10.0,
                $here->section->vessel->bottomOnEdges,
            ),
            $here->section->inside,
            $here->section->water,
            $here->section->drainDown,
            $here->section->cabinet,
        ),
        $here->litresPerHour,
        $here->displayRoomLitres,
        $here->water,
        $here->plumbing,
        $here->workshop,
    )],
]);
