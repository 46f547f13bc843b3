<?php

declare(strict_types=1);

use Ithys\Journal\Reading\Parameter;
use Ithys\Statistics\FDistribution;
use Ithys\Statistics\Groups;
use Ithys\Statistics\TPower;
use Ithys\Statistics\Welch;
use Ithys\Trial\Judgement;
use Ithys\Trial\Sheet;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialReading;

// Welch: the project's check values, section g (R 4.2.2 t.test). The interval is R's too.
it('compares two means as R does', function (): void {
    $welch = Welch::of([22.1, 24.3, 21.8, 25, 23.7, 22.9, 26.2], [14, 15.5, 12.8, 16.1, 13.9]);
    expect($welch->t)->toEqualWithDelta(10.9648559094783, 1e-12)
        ->and($welch->df)->toEqualWithDelta(9.63761039306725, 1e-11)
        ->and($welch->p)->toEqualWithDelta(9.32272683867526e-07, 1e-15)
        ->and($welch->interval()[0])->toEqualWithDelta(7.364118, 1e-6)
        ->and($welch->interval()[1])->toEqualWithDelta(11.144453, 1e-6)
        ->and(Welch::of([1.0], [2.0, 3.0]))->toBeNull()->and(Welch::of([2.0, 2.0], [2.0, 2.0]))->toBeNull();
});

// NIST StRD SiRstv, certified: between 5.11462616000000E-02 on 4, within 2.16636560000000E-01 on 20,
// F 1.18046237440255.
// R gives p 0.34944749340217 (section f). R's own data set "sleep" (Student 1908) by t.test(extra ~ group).
it('tells several means apart as NIST certifies and R does', function (): void {
    $silicon = [
        [196.3052, 196.1240, 196.1890, 196.2569, 196.3403], [196.3042, 196.3825, 196.1669, 196.3257, 196.0422],
        [196.1303, 196.2005, 196.2889, 196.0343, 196.1811], [196.2795, 196.1748, 196.1494, 196.1485, 195.9885],
        [196.2119, 196.1051, 196.1850, 196.0052, 196.2090],
    ];
    $anova = Groups::anova($silicon);
    expect($anova['f'])->toEqualWithDelta(1.18046237440255, 1e-8)->and($anova['p'])->toEqualWithDelta(0.349447493, 1e-8)
        ->and([$anova['between'], $anova['within']])->toBe([4.0, 20.0]);
    $sleep = Welch::of(
        [0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0.0, 2.0],
        [1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4],
    );
    expect($sleep->interval()[0])->toEqualWithDelta(-3.36548323071171, 1e-9)
        ->and($sleep->interval()[1])->toEqualWithDelta(0.20548323071171, 1e-9)
        ->and(FDistribution::above(0.0, 2, 6))->toBe(1.0);
});

// R 4.2.2, p.adjust(c(.01, .04, .03, .005), "holm").
it('corrects for several pairs as R does', function (): void {
    expect(Groups::holm([0.01, 0.04, 0.03, 0.005]))->toEqual([0.03, 0.06, 0.06, 0.02])
        ->and(Groups::holm([0.6, 0.7]))->toBe([1.0, 1.0])->and(Groups::holm([]))->toBe([]);
});

// R 4.2.2 by combn: mean(abs differences >= the one seen). 3 against 3 cannot be below 2 of 20.
it('counts every exchange of units as R does', function (): void {
    expect(Groups::exchange([1.2, 3.1, 2.2, 4.0], [2.5, 3.3, 1.9, 5.2, 6.0]))->toEqualWithDelta(0.2936508, 1e-7)
        ->and(Groups::exchange([1.0, 2.0, 3.0], [7.0, 8.0, 9.0]))->toBe(0.1)
        ->and(Groups::exchange([1.0, 1.0], [1.0, 1.0]))->toBe(1.0)
        ->and(Groups::exchange(array_fill(0, 12, 1.0), array_fill(0, 12, 2.0)))->toBeNull();
});

// R 4.2.2, power.t.test(n, delta, sd = 1, strict = TRUE).
it('knows the power of a plan as R does', function (int $units, float $effect, float $power): void {
    expect(TPower::of($units, $effect))->toEqualWithDelta($power, 2e-6);
})->with([
    [3, 2.0, 0.46264081], [6, 1.2, 0.46752301], [10, 1.0, 0.56200665], [2, 3.0, 0.38740013], [4, 0.5, 0.092282379],
]);

it('knows the smallest difference as R does', function (int $units, float $smallest): void {
    expect(TPower::smallest($units))->toEqualWithDelta($smallest, 5e-5);
})->with([[2, 5.6535153], [3, 3.0709084], [4, 2.3807542], [6, 1.7955428], [10, 1.3249436]]);

it('shows nothing with one unit an arm', function (): void {
    expect(TPower::smallest(1))->toBeNull();
});

// By hand: (5 + 7)/2 x 10 + (7 + 3)/2 x 20 = 160 over 30 days.
it('takes the mean over time by trapezoids', function (): void {
    expect(Judgement::meanOver([0 => 5.0, 10 => 7.0, 30 => 3.0]))->toEqualWithDelta(160 / 30, 1e-12)
        ->and(Judgement::meanOver([7 => 4.0]))->toBe(4.0)->and(Judgement::meanOver([]))->toBe(0.0);
});

// ChickWeight of R's package "datasets" 4.2.2 (GPL-2 | GPL-3; Crowder and Hand 1990): four diets, ten to twenty chicks
// each, weighed every two days, some of which die. Figures by R: t.test, p.adjust("holm"), anova(lm), and all 184,756
// ways by combn. Grams stand for ppm; the rules of the trial (each chick's last weight on day 18 or 20) hold for R too.
it('judges an open data set of treatments and replicates as R does', function (): void {
    $placed = $cells = [];
    foreach (array_slice(file(__DIR__.'/trial/chicks.csv', FILE_IGNORE_NEW_LINES), 1) as $line) {
        [$diet, $chick, $day, $weight] = explode(',', $line);
        $placed["U{$chick}"] = (int) $diet - 1;
        $cells['no3']["U{$chick}"][(int) $day] = TrialReading::typed($weight, Parameter::Nitrate);
    }
    foreach (array_keys($placed) as $unit) {
        $cells['no3'][$unit][20] ??= TrialReading::typed('died', Parameter::Nitrate);
    }
    $plan = TrialPlan::stored([
        'format' => TrialPlan::FORMAT, 'schema' => TrialPlan::SCHEMA, 'question' => 'Which diet makes chicks heavier?',
        'reads' => [['parameter' => 'no3', 'step' => 1.0, 'scatter' => 50.0]], 'arms' => ['diet 1', 'diet 2', 'diet 3',
            'diet 4'], 'control' => 'diet 1', 'feed' => 'by diet', 'units' => 12, 'litres' => 1.0, 'cyclingWeeks' => 0,
        'weeks' => 3, 'every' => 2,
    ]);
    $judged = Judgement::of($plan, $placed, new Sheet($cells), 20);
    $outcome = $judged->outcomes[0];
    $holm = [
        'end' => [0.583985276959, 0.0139042671407, 0.383328287139, 0.0526931988141, 0.583985276959, 0.583985276959],
        'mean' => [0.666958116046, 0.0207946261432, 0.666958116046, 0.00320365142352, 0.666958116046, 0.666958116046],
    ];
    foreach ($holm as $of => $chances) {
        foreach ($chances as $n => $p) {
            expect($outcome->{$of}[$n]->p)->toEqualWithDelta($p, 1e-10);
        }
    }
    expect(array_map(fn ($one): bool => $one->isClear, $outcome->end))->toBe([false, true, false, false, false, false])
        ->and($outcome->anova)->toEqualWithDelta(0.00437404804078, 1e-12)
        ->and($outcome->end[1]->difference)->toEqualWithDelta(88.4882352941, 1e-9)
        ->and($outcome->end[1]->interval[0])->toEqualWithDelta(36.4322464872, 1e-8)
        ->and($outcome->end[1]->interval[1])->toEqualWithDelta(140.5442241010, 1e-8)
        ->and($outcome->end[2]->exchange)->toEqualWithDelta(0.09624586, 1e-8)
        ->and($outcome->mean[3]->difference)->toEqualWithDelta(25.6708823529, 1e-9)
        // Three chicks were gone before day 18.
        ->and($judged->left)->toHaveCount(3);
});
