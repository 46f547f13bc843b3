<?php

declare(strict_types=1);

use Ithys\Effect\Relaxed\Course;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Relaxed\Interval;
use Ithys\Effect\Relaxed\Mixture;
use Ithys\Effect\Relaxed\RelaxedStick;
use Ithys\Effect\Relaxed\Series;
use Ithys\Effect\Relaxed\Wander;
use Ithys\Statistics\StudentT;
use Ithys\Statistics\TheilSen;
use Tests\Support\SimulatedTank;

/** Wander that is assumed, as a share of the level a day. */
const USUAL = SimulatedTank::USUAL_WANDER;

/** @param  list<Dilution>  $dilutions */
function seriesOf(array $days, array $levels, array $dilutions = [], float $source = 0.0): Series
{
    $n = count($days);

    return new Series($days, $levels, array_fill(0, $n, 1.0), array_fill(0, $n, 0.0), $dilutions, $source);
}

it('responds to start, input and change as the balance of the water does', function (): void {
    // 10 % changed on day 2; loss of 5 % a day. dC/dt = u - k C has C = u/k + (C0 - u/k) e^-kt.
    $series = seriesOf([0.0, 1.0, 4.0], [0.0, 0.0, 0.0], [new Dilution(2.0, 0.1)]);
    $k = 0.05;
    expect($series->response($k, 1.0, INF, INF))
        ->toEqualWithDelta([1.0, exp(-$k), 0.9 * exp(-4 * $k)], 1e-12);
    $two = (1 - exp(-2 * $k)) / $k;
    expect($series->response($k, 0.0, -INF, INF))
        ->toEqualWithDelta([0.0, (1 - exp(-$k)) / $k, 0.9 * $two * exp(-2 * $k) + $two], 1e-12)
        // From day 1 to day 3 only, without loss: 1 by the change of water, 0.9 of it stays, and 1 more.
        ->and($series->response(0.0, 0.0, 1.0, 3.0))->toEqualWithDelta([0.0, 0.0, 1.9], 1e-12)
        // New water with 4 mg/L brings a tenth of that.
        ->and($series->response(0.0, 0.0, INF, INF, true))->toBe([0.0, 0.0, 0.0])
        // A tenth of the water came with 4 mg/L; of one water it was said, of the other it is assumed.
        ->and((new Series([0.0, 1.0, 4.0], [0, 0, 0], [1, 1, 1], [0, 0, 0], [
            new Dilution(0.5, 0.1, 4.0),
            new Dilution(2.0, 0.1),
        ], 1.0))->response(0.0, 0.0, INF, INF, true))->toEqualWithDelta([0.0, 0.4, 0.9 * 0.4 + 0.1], 1e-12);
});

it('whitens by the covariance that the model says', function (): void {
    // Without loss or change of water: x(t) gathers g and w from day 0; covariances written out by hand.
    $days = [0.0, 3.0, 10.0];
    $strength = 0.01;
    $tau = 21.0;
    $slow = static function (float $s, float $t) use ($tau): float {
        // Cov of the integrals of an Ornstein-Uhlenbeck process of variance 1 up to s <= t.
        $e = static fn (float $x): float => exp(-$x / $tau);

        return 2 * $tau * $s + $tau ** 2 * ($e($s) + $e($t) - 1 - $e($t - $s));
    };
    $v = [];
    foreach ($days as $i => $a) {
        foreach ($days as $j => $b) {
            $v[$i][$j] = $strength * ($slow(min($a, $b), max($a, $b)) + 8 * min($a, $b)) + ($i === $j ? 1.0 : 0.0);
        }
    }
    $unit = static fn (int $i): array => array_map(static fn (int $j): float => $i === $j ? 1.0 : 0.0, [0, 1, 2]);
    [$rows, $logs] = (new Wander(seriesOf($days, [0.0, 0.0, 0.0]), 0.0))
        ->whiten([$unit(0), $unit(1), $unit(2)], [1.0, 1.0, 1.0], $strength);
    // W V W' = 1, and the logarithms add up to ln det V.
    for ($a = 0; $a < 3; $a++) {
        for ($b = 0; $b < 3; $b++) {
            $sum = 0.0;
            for ($i = 0; $i < 3; $i++) {
                for ($j = 0; $j < 3; $j++) {
                    $sum += $rows[$a][$i] * $v[$i][$j] * $rows[$b][$j];
                }
            }
            expect($sum)->toEqualWithDelta($a === $b ? 1.0 : 0.0, 1e-6);
        }
    }
    $determinant = $v[0][0] * ($v[1][1] * $v[2][2] - $v[1][2] * $v[2][1])
        - $v[0][1] * ($v[1][0] * $v[2][2] - $v[1][2] * $v[2][0])
        + $v[0][2] * ($v[1][0] * $v[2][1] - $v[1][1] * $v[2][0]);
    expect($logs)->toEqualWithDelta(log($determinant), 1e-6);
});

it('smooths to what all readings say of each moment', function (): void {
    // By the textbook: what is expected of the level given the readings is K (K + 1)^-1 y, with K the covariance of
    // the level by itself, here of two readings, by hand.
    $strength = 0.02;
    $tau = 21.0;
    $e = static fn (float $x): float => exp(-$x / $tau);
    $k = static fn (float $s, float $t): float => $strength * (
        2 * $tau * $s + $tau ** 2 * ($e($s) + $e($t) - 1 - $e($t - $s)) + 8 * $s
    );
    [$k11, $k12, $k22] = [$k(4.0, 4.0), $k(4.0, 9.0), $k(9.0, 9.0)];
    // The first reading, on day 0, stands where the course begins and says nothing of the wander.
    $y = [0.0, 1.5, -0.7];
    $determinant = ($k11 + 1) * ($k22 + 1) - $k12 ** 2;
    $a = (($k22 + 1) * $y[1] - $k12 * $y[2]) / $determinant;
    $b = (($k11 + 1) * $y[2] - $k12 * $y[1]) / $determinant;
    $states = (new Wander(seriesOf([0.0, 4.0, 9.0], [0.0, 0.0, 0.0]), 0.0))->smooth($y, [1.0, 1.0, 1.0], $strength);
    expect($states[1][0])->toEqualWithDelta($k11 * $a + $k12 * $b, 1e-6)
        ->and($states[2][0])->toEqualWithDelta($k12 * $a + $k22 * $b, 1e-6)
        // Its variance: K - K (K + 1)^-1 K.
        ->and($states[2][2])->toEqualWithDelta(
            $k22 - ($k12 ** 2 * ($k22 + 1) - 2 * $k12 ** 2 * $k22 + $k22 ** 2 * ($k11 + 1)) / $determinant,
            1e-6,
        );
});

it('has the interval of Student\'s t for one model, and one that holds 95 % for two', function (): void {
    $one = (new Mixture([['weight' => 1.0, 'estimate' => 2.0, 'error' => 0.5, 'freedom' => 7]]))->interval();
    $t = StudentT::withDegreesOfFreedom(7)->quantile(0.975);
    expect($one)->toEqualWithDelta(new Interval(2.0, 2.0 - 0.5 * $t, 2.0 + 0.5 * $t), 1e-6);
    $parts = [
        ['weight' => 0.7, 'estimate' => 0.0, 'error' => 1.0, 'freedom' => 9],
        ['weight' => 0.3, 'estimate' => 4.0, 'error' => 0.5, 'freedom' => 9],
    ];
    $two = (new Mixture($parts))->interval();
    $within = 0.0;
    foreach ($parts as $part) {
        $of = StudentT::withDegreesOfFreedom(9);
        $within += $part['weight'] * ($of->probability(($two->high - $part['estimate']) / $part['error'])
            - $of->probability(($two->low - $part['estimate']) / $part['error']));
    }
    expect($within)->toEqualWithDelta(0.95, 1e-6)->and($two->estimate)->toEqualWithDelta(1.2, 1e-12);
});

it('sets a slip aside, and no more than one reading in eight', function (): void {
    $tank = new SimulatedTank(4, ['change' => -2]);
    $levels = $tank->levels;
    $levels[5] += 6.0;
    $fit = static fn (array $levels): RelaxedStick => RelaxedStick::of(
        seriesOf($tank->days, $levels, $tank->dilutions),
        new Course(0.0),
        10.0,
        0.01,
        USUAL,
    );
    $stick = $fit($levels);
    $clean = $fit($tank->levels);
    expect($stick->outliers)->toBe([5])
        ->and($stick->difference()->estimate)->toEqualWithDelta($clean->difference()->estimate, 0.03);
    foreach ([7, 9, 12] as $i) {
        $levels[$i] += 6.0;
    }
    $many = RelaxedStick::of(seriesOf($tank->days, $levels, $tank->dilutions), new Course(0.0), 10.0, 0.01, USUAL);
    expect(count($many->outliers))->toBeLessThanOrEqual(3);
});

it('tells another change in the time apart from the one that is asked about', function (): void {
    $off = 0;
    for ($seed = 0; $seed < 40; $seed++) {
        $tank = new SimulatedTank(700 + $seed, ['change' => 0, 'other' => -2, 'otherDay' => -17.0]);
        $series = seriesOf($tank->days, $tank->levels, $tank->dilutions);
        $difference = RelaxedStick::of($series, new Course(0.0, [-17.0]), 10.0, 0.01, USUAL)->difference();
        $off += $difference->high < 0.0 || $difference->low > 0.0 ? 1 : 0;
    }
    expect($off)->toBeLessThanOrEqual(3);
});

it('has a median of slopes that one slip does not move', function (): void {
    expect(TheilSen::slope([0.0, 1.0, 2.0, 3.0, 4.0], [1.0, 3.0, 5.0, 70.0, 9.0]))->toEqualWithDelta(2.0, 1e-12)
        ->and(TheilSen::slope([1.0, 1.0], [1.0, 2.0]))->toBeNull();
});

it('holds the acceptance table, in small', function (array $tank, float $false, float $covers, float $finds): void {
    [$wrong, $within, $lower] = SimulatedTank::tried($tank, 30);
    // A share of 30 tries scatters; four standard errors are let be.
    $slack = static fn (float $share): float => 4 * sqrt(max($share * (1 - $share), 0.02) / 30);
    expect($wrong)->toBeLessThanOrEqual($false + $slack($false))
        ->and($within)->toBeGreaterThanOrEqual($covers - $slack($covers))
        ->and($lower)->toBeGreaterThanOrEqual($finds - $slack($finds));
})->with(array_map(
    static fn (array $row): array => [$row[0], $row[1] / 100, $row[2] / 100, $row[3] / 100],
    array_intersect_key(SimulatedTank::TABLE, array_flip([
        'white noise', 'four a side, weekly', 'noise with memory', 'falling to balance', 'scattered feeding',
        'drifting input', 'slips', 'real A', 'real B', 'phosphate, real A',
    ])),
));

/**
 * Levels that fall by 3 mg/L at once on day 0, over those of a tank.
 *
 * @return list<float>
 */
function fallenAtOnce(SimulatedTank $tank, float $loss): array
{
    return array_map(static function (float $day, float $level) use ($tank, $loss): float {
        $left = $day > 0.0 ? exp(-$loss * $day) : 0.0;
        foreach ($tank->dilutions as $dilution) {
            $left *= $dilution->day > 0.0 && $dilution->day < $day ? 1 - $dilution->share : 1.0;
        }

        return max(0.0, $level - 3.0 * $left);
    }, $tank->days, $tank->levels);
}

it('leaves of what stood in the water at once what losses and water changes leave', function (): void {
    $series = seriesOf([-2.0, 0.0, 1.0, 4.0], [0.0, 0.0, 0.0, 0.0], [new Dilution(2.0, 0.1)]);
    // A reading at the moment of the change comes before it.
    expect($series->pulse(0.05, 0.0))->toEqualWithDelta([0.0, 0.0, exp(-0.05), 0.9 * exp(-0.2)], 1e-12)
        ->and($series->pulse(0.0, 3.0))->toEqualWithDelta([0.0, 0.0, 0.0, 1.0], 1e-12);
});

it('tells a level that stepped at once from an input that changed', function (string $kind, int $found): void {
    $options = SimulatedTank::TABLE[$kind][0];
    $jumps = $covered = $false = $mistaken = 0;
    $tries = 25;
    for ($seed = 1; $seed <= $tries; $seed++) {
        foreach (['quiet' => 0, 'jump' => 0, 'step' => -2] as $what => $change) {
            $tank = new SimulatedTank($seed + crc32($what) % 10_000, [...$options, 'change' => $change]);
            $levels = $what === 'jump' ? fallenAtOnce($tank, (float) ($options['loss'] ?? 0.0)) : $tank->levels;
            $step = (float) ($options['step'] ?? 0.01);
            $stick = RelaxedStick::of(
                seriesOf($tank->days, $levels, $tank->dilutions),
                new Course(0.0),
                10.0,
                $step,
                USUAL,
            );
            $jump = $stick->jump(0.0, $step);
            $isSeen = $jump !== null && ($jump->high < 0.0 || $jump->low > 0.0);
            $false += $isSeen && $what === 'quiet' ? 1 : 0;
            $mistaken += $isSeen && $what === 'step' ? 1 : 0;
            $jumps += $isSeen && $what === 'jump' ? 1 : 0;
            $covered += $isSeen && $what === 'jump' && $jump->low <= -3.0 && $jump->high >= -3.0 ? 1 : 0;
        }
    }
    expect($false)->toBeLessThanOrEqual(2)
        ->and($mistaken)->toBeLessThanOrEqual(1)
        ->and($jumps)->toBeGreaterThanOrEqual((int) round($found / 100 * $tries))
        ->and($covered)->toBeGreaterThanOrEqual((int) floor(0.85 * $jumps));
})->with([['white noise', 95], ['noise with memory', 85], ['drifting input', 85], ['slips', 70], ['real A', 80]]);

it('tells a lively tank from a calm one', function (): void {
    $own = [];
    foreach (['calm' => [], 'lively' => ['drift' => 0.4, 'loss' => 0.02]] as $name => $options) {
        $sum = 0.0;
        foreach (range(1, 20) as $seed) {
            $tank = new SimulatedTank($seed, $options);
            $series = seriesOf($tank->days, $tank->levels, $tank->dilutions);
            $sum += (float) RelaxedStick::of($series, new Course(0.0), 10.0, 0.01, USUAL)->wander;
        }
        $own[$name] = $sum / 20;
    }
    expect($own['calm'])->toBeLessThan(USUAL * 0.9)
        ->and($own['lively'])->toBeGreaterThan(USUAL * 1.6);
});
