<?php

declare(strict_types=1);

use Ithys\Packing\Nest;
use Ithys\Packing\Nesting;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whether all lie on the sheet, and none on another, with the width of a cut between. @param  list<Nest>  $nests */
function liesClear(array $nests, float $length, float $width, float $kerf = 0.0): bool
{
    foreach ($nests as $i => $a) {
        if (
            $a->xMm < -1e-9
            || $a->yMm < -1e-9
            || $a->xMm + $a->lengthMm > $length + 1e-6
            || $a->yMm + $a->widthMm > $width + 1e-6
        ) {
            return false;
        }
        foreach (array_slice($nests, $i + 1) as $b) {
            if (
                max(
                    $b->xMm - $a->xMm - $a->lengthMm,
                    $a->xMm - $b->xMm - $b->lengthMm,
                    $b->yMm - $a->yMm - $a->widthMm,
                    $a->yMm - $b->yMm - $b->widthMm,
                )
                < $kerf - 1e-6
            ) {
                return false;
            }
        }
    }

    return true;
}

// Checked by area: no more can lie on a sheet than its area holds, and that many do. Worked by hand.
it('fills a sheet with as many as its area holds where that can be', function (
    float $l,
    float $w,
    float $length,
    float $width,
): void {
    $nests = Nesting::fill($l, $w, $length, $width);
    expect($nests)
        ->toHaveCount((int) floor(($length * $width) / $l / $w))
        ->and(liesClear($nests, $length, $width))
        ->toBeTrue();
})->with([
    '10 of 400 x 300 on 1200 x 1000' => [400, 300, 1200, 1000],
    '8 of 400 x 300 on 1200 x 800' => [400, 300, 1200, 800],
    '12 of 7 x 3 on 16 x 17' => [7, 3, 16, 17],
    '26 of 5 x 3 on 21 x 19' => [5, 3, 21, 19],
    '666 of 50 x 60 on 2000 x 1000' => [50, 60, 2000, 1000],
    '10 of 7 x 4 on 18 x 17' => [7, 4, 18, 17],
]);

// The textbook case of 5 x 3 on 22 x 16: 23 lie on it, but only 22 by cuts that go right across (Gilmore and Gomory
// 1966; from memory).
it('counts only what straight cuts give', function (): void {
    expect(Nesting::fill(5, 3, 22, 16))->toHaveCount(22);
});

it('turns pieces where that gives more, and takes the width of the saw off', function (): void {
    expect(Nesting::fill(300, 100, 300, 400))->toHaveCount(4)
        ->and(Nesting::fill(300, 100, 400, 300))->toHaveCount(4)
        ->and(Nesting::fill(100, 100, 300, 100))->toHaveCount(3)
        ->and(Nesting::fill(100, 100, 300, 100, 3))->toHaveCount(2)
        ->and(Nesting::fill(100, 100, 306, 100, 3))->toHaveCount(3);
});

it('gives none of a piece that is larger than the sheet, or has no size', function (float $l, float $w): void {
    expect(Nesting::fill($l, $w, 300, 200))->toBe([]);
})->with([[301, 100], [100, 301], [250, 250], [0, 100]]);

it('gives no less of a smaller piece, nor less from a larger sheet', function (): void {
    for ($seed = 0; $seed < 60; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        [$l, $w, $length, $width] = [
            $random->getInt(20, 90),
            $random->getInt(20, 90),
            $random->getInt(100, 400),
            $random->getInt(100, 400),
        ];
        $count = count(Nesting::fill($l, $w, $length, $width));
        expect($count * $l * $w)->toBeLessThanOrEqual($length * $width)
            ->and(count(Nesting::fill($l - 1, $w, $length, $width)))->toBeGreaterThanOrEqual($count, "seed {$seed}")
            ->and(count(Nesting::fill($l, $w, $length + 7, $width)))->toBeGreaterThanOrEqual($count, "seed {$seed}")
            ->and(count(Nesting::fill($w, $l, $width, $length)))->toBe($count, "seed {$seed}")
            ->and(liesClear(Nesting::fill($l, $w, $length, $width), $length, $width))->toBeTrue("seed {$seed}")
            // No less than rows of one way to lie.
            ->and($count)->toBeGreaterThanOrEqual(intdiv($length, $l) * intdiv($width, $w));
    }
});

it('puts every piece on a sheet once, clear of the others, and names what is too large', function (): void {
    for ($seed = 0; $seed < 80; $seed++) {
        $random = new Randomizer(new Mt19937($seed));
        $pieces = [];
        for ($i = 0; $i < $random->getInt(1, 14); $i++) {
            $pieces["p{$i}"] = [(float) $random->getInt(30, 700), (float) $random->getInt(30, 500)];
        }
        $nesting = Nesting::of($pieces, 600, 400, 3);
        $laid = [];
        foreach ($nesting->sheets as $sheet) {
            expect($sheet)->not->toBe([])->and(liesClear($sheet, 600, 400, 3))->toBeTrue("seed {$seed}");
            foreach ($sheet as $nest) {
                $laid[] = $nest->mark;
                expect($nest->turned ? [$nest->widthMm, $nest->lengthMm] : [$nest->lengthMm, $nest->widthMm])->toBe(
                    $pieces[$nest->mark],
                );
            }
        }
        expect([...$laid, ...$nesting->tooLarge])->toEqualCanonicalizing(array_keys($pieces));
        foreach ($nesting->tooLarge as $mark) {
            expect(max($pieces[$mark]) > 600 || min($pieces[$mark]) > 400)->toBeTrue();
        }
    }
});

it('needs one sheet for what was cut from one', function (array $sizes): void {
    expect(Nesting::of($sizes, 600, 400)->sheets)->toHaveCount(1);
})->with([
    'halves' => [['a' => [300.0, 400.0], 'b' => [300.0, 400.0]]],
    'quarters, one turned' => [
        ['a' => [300.0, 200.0], 'b' => [200.0, 300.0], 'c' => [300.0, 200.0], 'd' => [300.0, 200.0]],
    ],
    'the whole' => [['a' => [400.0, 600.0]]],
    'a strip and two blocks' => [['a' => [600.0, 100.0], 'b' => [300.0, 300.0], 'c' => [300.0, 300.0]]],
]);

it('needs nothing for nothing', function (): void {
    expect(Nesting::of([], 600, 400)->sheets)->toBe([]);
});
