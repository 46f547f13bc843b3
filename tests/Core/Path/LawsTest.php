<?php

declare(strict_types=1);

use Ithys\Drawing\PathSheet;
use Ithys\Path\Course;
use Ithys\Path\Item;
use Ithys\Path\Line;
use Ithys\Path\Path;
use Ithys\Path\PathDiff;
use Ithys\Path\PathDocument;
use Ithys\Path\Review\Review;
use Ithys\Path\Review\ThreeStages;
use Ithys\Path\Sizing\Power;
use Ithys\Path\Sizing\Sizing;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;
use Tests\Support\RandomPath;
use Tests\Support\Said;
use Tests\Support\Sketch;

// Laws that hold for every path, tried on two hundred that nobody would lay.

const SEEDS = 200;

it('comes back from its document the same, whatever it is', function (): void {
    for ($seed = 0; $seed < SEEDS; $seed++) {
        $path = RandomPath::of($seed);
        expect(PathDocument::stored(json_decode((string) json_encode($path->toArray()), true)))->toEqual(
            $path,
            "seed {$seed}",
        );
    }
});

it('is reviewed, sized and drawn without falling over, and pins only to what is there', function (): void {
    for ($seed = 0; $seed < SEEDS; $seed++) {
        $path = RandomPath::of($seed);
        $marks = array_map(fn ($item): string => $item->id, [...$path->items(), ...$path->removed]);
        foreach ([Sketch::in($path, flow: null), Sketch::in($path, belowRimMm: 25)] as $here) {
            $review = Review::of($here);
            foreach (Said::all($review->findings) as $finding) {
                expect($finding->at === null || in_array($finding->at, $marks, true))
                    ->toBeTrue("seed {$seed}: {$finding->code}")
                    ->and($finding->sentence)
                    ->not->toContain('NAN')
                    ->not->toContain('INF');
            }
            $sizing = Sizing::of($here);
            expect(is_finite($sizing->watts) && is_finite($sizing->costAYear))
                ->toBeTrue()
                ->and(
                    (new DOMDocument())->loadXML(
                        PathSheet::svg($here, $review, 'Tank <&>', new Words(UnitSystem::Metric)),
                    ),
                )
                ->toBeTrue("seed {$seed}");
        }
    }
});

it('says the same of the same path every time', function (): void {
    for ($seed = 0; $seed < SEEDS; $seed += 5) {
        $here = fn () => Sketch::in(RandomPath::of($seed));
        expect(Review::of($here())->findings)->toEqual(Review::of($here())->findings);
    }
});

// What leaves the display comes back to it: where all branches have both ends on the main line, its end carries its
// beginning.
it('conserves the water', function (): void {
    $tried = 0;
    for ($seed = 0; $seed < 4 * SEEDS; $seed++) {
        $path = RandomPath::of($seed);
        $onMain = fn (?string $id): bool => $id !== null && $path->lineOf($id)?->isMain() === true;
        $whole
            = array_filter(
                $path->branches(),
                fn (Line $line): bool => ! $onMain($line->to)
                    || $line->isTank
                    || ! $onMain($line->from)
                    || $line->litresPerHour === null,
            ) === [];
        if (! $whole || $path->branches() === []) {
            continue;
        }
        $course = new Course($path, 1000.0);
        $last = $path->main()->items[count($path->main()->items) - 1];
        $takenThere = array_sum(
            array_map(
                fn (Line $line): float => $line->from === $last->id ? (float) $line->litresPerHour : 0.0,
                $path->branches(),
            ),
        );
        expect($course->flowAt($last) - $takenThere)->toAgreeWith(1000.0, 1e-9);
        $tried++;
    }
    expect($tried)->toBeGreaterThan(40);
});

it('walks up and down every path without going round', function (): void {
    for ($seed = 0; $seed < SEEDS; $seed++) {
        $path = RandomPath::of($seed);
        $course = new Course($path, 1000.0);
        foreach ($path->items() as $item) {
            $after = $course->after($item);
            expect(count($after))->toBeLessThan(2 * count($path->items()) + 1);
            foreach ($course->before($item) as $earlier) {
                $line = $path->lineOf($item->id);
                if ($line?->isMain() === true) {
                    expect(in_array($item, $course->after($earlier), true))->toBeTrue(
                        "seed {$seed}: {$item->id} is after {$earlier->id}",
                    );
                }
            }
        }
    }
});

it('finds no difference between a path and itself, and tells there and back alike', function (): void {
    for ($seed = 0; $seed < SEEDS; $seed += 2) {
        $one = RandomPath::of($seed);
        $other = RandomPath::of($seed + 1);
        $count = fn (Path $a, Path $b, string $what): int => count(
            array_filter(
                PathDiff::between($a, $b)->changes,
                fn (array $change): bool => $change['what'] === $what,
            ),
        );
        expect(PathDiff::between($one, $one)->changes)
            ->toBe([])
            ->and($count($one, $other, 'added'))
            ->toBe($count($other, $one, 'taken away'))
            ->and($count($one, $other, 'moved'))
            ->toBe($count($other, $one, 'moved'));
    }
});

it('counts every item that serves a stage and is reached by the water, and no other', function (): void {
    for ($seed = 0; $seed < SEEDS; $seed++) {
        $path = RandomPath::of($seed);
        $served = ThreeStages::of($path);
        $beyond = array_map(fn (Item $item): string => $item->id, $path->beyondReturn());
        foreach ($path->items() as $item) {
            foreach (array_keys($served) as $stage) {
                $serves = in_array($stage, array_map(fn ($one): string => $one->value, $item->stages()), true)
                    && ! in_array($item->id, $beyond, true);
                expect(in_array($item->id, $served[$stage], true))->toBe($serves);
            }
        }
    }
});

it('adds up power and sockets over every unit', function (): void {
    for ($seed = 0; $seed < SEEDS; $seed++) {
        $here = Sketch::in(RandomPath::of($seed));
        $sizing = Sizing::of($here);
        $watts = 0.0;
        $sockets = 0;
        foreach ($here->path->lines as $line) {
            foreach ($line->items as $item) {
                $watts += (new Power($here))->watts($item);
                $sockets += (new Power($here))->sockets($item);
            }
        }
        expect($sizing->watts)->toAgreeWith($watts, 1e-9)->and($sizing->sockets)->toBe($sockets);
    }
});
