<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Effect\AlsoChanged;
use Ithys\Effect\ChangeEffect;
use Ithys\Effect\ChargeAccount;
use Ithys\Effect\Judgement;
use Ithys\Effect\Question;
use Ithys\Effect\Verdict;
use Ithys\Finding;
use Ithys\History\Routines;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Learning\Charges\ChargeState;
use Ithys\Media\Medium;
use Ithys\Water\MixedTank;
use Random\Engine\Mt19937;
use Random\Randomizer;

function onDay(float $day, Payload $payload, ?int $id = null): Entry
{
    return new Entry(
        (new DateTimeImmutable('2026-06-01 12:00:00Z'))->modify('+'.(int) round($day * 86400).' seconds'),
        $payload,
        $id,
    );
}

/**
 * Readings of a tank whose net input steps from one rate to another at day 0, with weekly water changes of a tenth.
 *
 * @param  float  $noise  standard scatter of the kit, mg/L
 * @return list<Entry>
 */
function steppedTank(
    float $before,
    float $after,
    float $noise,
    int $seed,
    float $every = 3.5,
    int $days = 42,
    float $litres = 200,
    float $start = 8,
    Parameter $nutrient = Parameter::Nitrate,
    float $step = 0.0,
): array {
    $random = new Randomizer(new Mt19937($seed));
    $tank = new MixedTank($litres, $start);
    $entries = [];
    $now = (float) -$days;
    $events = [];
    for ($day = -$days + 1.0; $day <= $days; $day += $every) {
        $events[] = [$day, 'read'];
    }
    for ($day = -$days + 2.2; $day <= $days; $day += 7) {
        $events[] = [$day, 'water'];
    }
    $events[] = [0.0, 'step'];
    usort($events, fn (array $a, array $b): int => $a[0] <=> $b[0]);
    foreach ($events as [$day, $what]) {
        $tank = $tank->after($day - $now, $now < 0 ? $before : $after, 0);
        $now = $day;
        if ($what === 'read') {
            $normal = array_sum(array_map(fn (): float => $random->getInt(0, 1_000_000) / 1e6, range(1, 12))) - 6;
            $shown = max(0.0, $tank->mgPerLitre + $noise * $normal);
            $entries[] = onDay(
                $day,
                Reading::of($nutrient, $step > 0 ? round($shown / $step) * $step : $shown, step: $step),
            );
        } elseif ($what === 'water') {
            $entries[] = onDay($day, WaterChange::of(0.1 * $litres));
            $tank = $tank->changed(0.1);
        }
    }

    return $entries;
}

/** @param  list<Entry>  $journal */
function judge(
    array $journal,
    ?Entry $change = null,
    Parameter $nutrient = Parameter::Nitrate,
    int $window = 42,
    ?float $wanted = null,
    float $nowDay = 300,
    array $tankChanges = [],
): Judgement {
    $change ??= onDay(0, SkimmerSwitch::of(true), 1);
    $journal[] = $change;
    usort($journal, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
    $now = onDay($nowDay, SkimmerSwitch::of(true))->at;
    $routines = Routines::of($journal, 200.0, new DateTimeZone('UTC'), $now, Assumptions::standard());

    return ChangeEffect::judge(
        new Question(
            $change,
            $nutrient,
            200,
            $now,
            $window,
            $wanted,
            AlsoChanged::of($tankChanges, $routines),
        ),
        $journal,
    );
}

/** @return list<string> */
function codes(Judgement $judgement): array
{
    return array_map(fn (Finding $finding): string => $finding->code, $judgement->findings);
}

it('finds the exact rates behind the water changes when the kit is perfect', function (): void {
    $judgement = judge(steppedTank(120, 30, 0, 1));
    expect($judgement->rates?->before?->estimate)->toAgreeWith(120, 1e-9)
        ->and($judgement->rates?->after?->estimate)->toAgreeWith(30, 1e-9)
        ->and($judgement->rates?->difference?->estimate)->toAgreeWith(-90, 1e-9)
        ->and($judgement->rates?->difference->toArray(200)['ppmPerWeek'])->toAgreeWith(-90 * 7 / 200, 1e-9)
        ->and($judgement->verdict)->toBe(Verdict::Lower)
        ->and($judgement->readings->before)->toBe(12)->and($judgement->readings->after)->toBe(12)
        ->and(codes($judgement))->toContain('water-changes');
});

it('would be misled without undoing the dilution', function (): void {
    // The tank sits at its weekly balance: readings are flat while 120 mg a day come in.
    $judgement = judge(
        array_values(
            array_filter(
                steppedTank(120, 120, 0, 1, start: 40),
                fn (Entry $entry): bool => ! ($entry->payload instanceof WaterChange),
            ),
        ),
    );
    expect(abs($judgement->rates?->before->estimate ?? 0))->toBeLessThan(20.0);
});

it('gives each of the four answers', function (): void {
    expect(judge(steppedTank(120, 40, 0.25, 2))->verdict)->toBe(Verdict::Lower)
        ->and(judge(steppedTank(40, 120, 0.25, 3))->verdict)->toBe(Verdict::Higher)
        ->and(judge(steppedTank(115, 115, 0.1, 4))->verdict)->toBe(Verdict::NoDifferenceShown)
        ->and(judge(steppedTank(115, 115, 1.5, 5))->verdict)->toBe(Verdict::CannotTellYet);
});

it('covers the true difference about as often as it claims', function (): void {
    $covered = 0;
    $wrong = 0;
    for ($seed = 0; $seed < 80; $seed++) {
        $judgement = judge(steppedTank(120, 90, 0.4, 1000 + $seed));
        $covered += $judgement->rates?->difference?->low <= -30 && $judgement->rates?->difference?->high >= -30 ? 1 : 0;
        $wrong += $judgement->verdict === Verdict::Higher ? 1 : 0;
    }
    // 95 % nominal; four standard errors of 80 tries below it is 0.85.
    expect($covered / 80)->toBeGreaterThanOrEqual(0.85)
        ->and($wrong)->toBeLessThanOrEqual(2);
});

it('says how many more readings would show the wanted size, within those that count', function (): void {
    $until = onDay(18, SkimmerSwitch::of(true))->at;
    $said = $none = 0;
    for ($seed = 1; $seed <= 30; $seed++) {
        $judgement = judge(
            array_values(array_filter(
                steppedTank(115, 75, 0.5, $seed),
                fn (Entry $entry): bool => $entry->at < $until,
            )),
            wanted: 0.5,
            nowDay: 18,
        );
        if ($judgement->verdict !== Verdict::CannotTellYet) {
            continue;
        }
        $more = $judgement->readings->more;
        $more === null ? $none++ : $said++;
        // Fourteen on a side count, and five are there.
        expect($more ?? 1)->toBeGreaterThanOrEqual(1)->toBeLessThanOrEqual(9)
            ->and(said($judgement->answer->says))->toContain($more === null
                ? (str_contains(said($judgement->answer->says), 'lean to')
                    ? 'not far enough to say so'
                    : 'The readings that can still be used (9) would hardly show')
                : ($more === 1 ? 'One more reading' : "{$more} more readings every 3.5 days"));
    }
    expect($said)->toBeGreaterThan(3)->and($said + $none)->toBeGreaterThan(8);
});

it('cannot tell from two readings before the change, and says that later ones do not help', function (): void {
    $journal = [
        onDay(-7, Reading::of(Parameter::Nitrate, 8)),
        onDay(-3, Reading::of(Parameter::Nitrate, 8.5)),
        ...array_map(fn (int $d): Entry => onDay($d, Reading::of(Parameter::Nitrate, 8)), range(2, 30, 3)),
    ];
    $judgement = judge($journal);
    expect($judgement->verdict)->toBe(Verdict::CannotTellYet)
        ->and($judgement->rates?->difference)->toBeNull()
        ->and($judgement->readings->more)->toBeNull()
        ->and(said($judgement->answer->says))->toContain('Only 2 readings before')->and($judgement->line)->toBe([]);
});

it('says nothing of an empty journal', function (): void {
    $judgement = judge([]);
    expect($judgement->verdict)->toBe(Verdict::CannotTellYet)
        ->and($judgement->readings->before + $judgement->readings->after)->toBe(0);
});

it('never claims less scatter than the kit resolves', function (): void {
    // A coarse kit reads 8 every time; rounding alone leaves an interval as wide as its step allows.
    $flat = array_map(fn (int $d): Entry => onDay($d, Reading::of(Parameter::Nitrate, 8, step: 1)), [
        -20,
        -15,
        -10,
        -5,
        5,
        10,
        15,
        20,
    ]);
    $judgement = judge($flat);
    expect($judgement->rates?->difference?->high)->toBeGreaterThan(200 * sqrt(1 / 12) * 0.1)
        ->and($judgement->rates?->difference?->estimate)->toBeLessThan(1e-9);
});

it('takes the steps between the readings for the resolution when they were written finer', function (): void {
    $halves = array_map(
        fn (int $d): Entry => onDay($d, Reading::of(Parameter::Nitrate, $d % 2 === 0 ? 8.0 : 8.5, step: 0.1)),
        [-20, -15, -10, -5, 5, 10, 15, 20],
    );
    $fine = array_map(
        fn (int $d): Entry => onDay($d, Reading::of(Parameter::Nitrate, $d % 2 === 0 ? 8.0 : 8.1, step: 0.1)),
        [-20, -15, -10, -5, 5, 10, 15, 20],
    );
    expect(judge($halves)->wantedPerDay)
        ->toBeGreaterThan(0)
        ->and(judge($halves)->rates?->difference?->high)
        ->toBeGreaterThan(2 * (judge($fine)->rates?->difference->high ?? INF));
});

it('lists what else changed, and when', function (): void {
    $journal = [
        ...steppedTank(120, 60, 0.1, 6),
        onDay(16, MediaCharge::grams(Medium::ActivatedCarbon, 60), 7),
        onDay(-20, SkimmerSwitch::of(false), 8),
    ];
    $sentences = array_map(fn (Finding $finding): string => said($finding->sentence), judge($journal)->findings);
    expect($sentences)->toContain('Activated carbon 60 g, 16 days after.', 'Skimmer off, 20 days before.');
});

it('will not tell two changes apart that lie too close', function (): void {
    $judgement = judge([...steppedTank(120, 40, 0.1, 6), onDay(2, MediaCharge::grams(Medium::Zeolite, 60), 7)]);
    expect($judgement->verdict)
        ->toBe(Verdict::CannotTellYet)
        ->and(said($judgement->answer->says))
        ->toContain('cannot be told apart. The other: Zeolite 60 g, 2 days after.')
        ->and($judgement->rates?->difference)
        ->not->toBeNull();
});

it('sees feeding and sock intervals shift, but not routine go on', function (): void {
    $feeds = fn (float $after): array => array_map(
        fn (int $d): Entry => onDay($d + 0.3, Feed::of($d < 0 ? 3.0 : $after)),
        range(-42, 41),
    );
    $socks = fn (int $after): array => [
        ...array_map(fn (int $d): Entry => onDay($d + 0.4, SockChange::of()), range(-42, -1, 4)),
        ...array_map(fn (int $d): Entry => onDay($d + 0.4, SockChange::of()), range(1, 41, $after)),
    ];
    $steady = judge([...steppedTank(120, 60, 0.1, 6), ...$feeds(3.1), ...$socks(4)]);
    expect(codes($steady))->not->toContain('confounder');
    $shifted = array_map(
        fn (Finding $finding): string => said($finding->sentence),
        judge([...steppedTank(120, 60, 0.1, 6), ...$feeds(4.5), ...$socks(8)])->findings,
    );
    expect(implode(' ', $shifted))->toContain('Feeding: from 3 g a day to 4.5 g a day, on the same day.')
        ->toMatch('~The sock interval: (perhaps )?from one in (4|3.9) days to one in [78][.0-9]* days~');
});

it('says when the tank itself was changed', function (): void {
    $judgement = judge(steppedTank(120, 60, 0.1, 6), tankChanges: [onDay(20, SkimmerSwitch::of(true))->at]);
    expect(array_map(fn (Finding $f): string => said($f->sentence), $judgement->findings))->toContain(
        'The tank or its path was changed 20 days after.',
    );
});

it('does not run a line through another phosphate charge', function (): void {
    $charge = onDay(0, MediaCharge::grams(Medium::Gfo, 80), 1);
    $other = onDay(-21, MediaCharge::grams(Medium::Gfo, 80), 2);
    $journal = [...steppedTank(2, 0.5, 0.002, 6, nutrient: Parameter::Phosphate, start: 0.1), $other];
    $phosphate = judge($journal, $charge, Parameter::Phosphate);
    expect($phosphate->readings->before)->toBeLessThan(8)
        ->and(codes($phosphate))->toContain('beyond-charge', 'confounder');
    // An older charge outside the window still wears out inside it.
    $old = judge(
        [
            ...steppedTank(2, 0.5, 0.002, 6, nutrient: Parameter::Phosphate, start: 0.1),
            onDay(-60, MediaCharge::grams(Medium::Gfo, 80), 2),
        ],
        null,
        Parameter::Phosphate,
    );
    expect(codes($old))->toContain('wearing-medium', 'confounder');
    expect(
        codes(judge([...steppedTank(120, 60, 0.1, 6), onDay(-60, MediaCharge::grams(Medium::Gfo, 80), 2)])),
    )->not->toContain('confounder');
});

it('leaves out readings while the medium settles', function (): void {
    $judgement = judge(
        [...steppedTank(120, 60, 0.1, 6), onDay(0.5, Reading::of(Parameter::Nitrate, 20))],
        onDay(0, MediaCharge::grams(Medium::Resin, 80), 1),
    );
    expect(codes($judgement))->toContain('settling')->and($judgement->readings->after)->toBe(12);
});

it('starts a new series where the method changes', function (): void {
    $journal = array_map(
        fn (int $d): Entry => onDay(
            $d,
            Reading::of(Parameter::Nitrate, $d < 20 ? 8 + $d / 100 : 30, method: $d < 20 ? 'old kit' : 'new kit'),
        ),
        range(-30, 40, 2),
    );
    $judgement = judge($journal);
    expect($judgement->readings->after)->toBe(9)->and(codes($judgement))->toContain('method-changed')
        ->and($judgement->rates?->after?->estimate)->toAgreeWith(2.0, 1e-6);
});

it('mentions cloudy water and readings below the kit', function (): void {
    $journal = [
        ...steppedTank(120, 60, 0.1, 6),
        onDay(3, Reading::of(Parameter::Nitrate, 8, cloudy: true)),
        onDay(6, Reading::of(Parameter::Nitrate, 8, belowLimit: true)),
    ];
    expect(codes(judge($journal)))->toContain('cloudy', 'below-limit');
});

it('counts a reading at the moment of the change and of a water change as taken before it', function (): void {
    $judgement = judge([
        onDay(0, Reading::of(Parameter::Nitrate, 8)),
        ...array_map(fn (int $d): Entry => onDay($d, Reading::of(Parameter::Nitrate, 8)), [-9, -6, -3, 3, 6, 9]),
    ]);
    expect($judgement->readings->before)->toBe(4)->and($judgement->readings->after)->toBe(3);
});

it('splits nothing by the order of same-moment entries', function (): void {
    $journal = steppedTank(120, 60, 0.2, 9);
    $doubled = [
        ...$journal,
        onDay(7, Reading::of(Parameter::Nitrate, 8.1)),
        onDay(7, Reading::of(Parameter::Nitrate, 8.3)),
    ];
    $swapped = [
        ...$journal,
        onDay(7, Reading::of(Parameter::Nitrate, 8.3)),
        onDay(7, Reading::of(Parameter::Nitrate, 8.1)),
    ];
    expect(judge($doubled)->rates?->difference?->estimate)->toAgreeWith(
        judge($swapped)->rates?->difference->estimate ?? 0,
        1e-2,
    );
});

it('ignores what lies outside the window', function (): void {
    $inside = judge(steppedTank(120, 60, 0.2, 9));
    $more = judge([
        ...steppedTank(120, 60, 0.2, 9),
        onDay(-50, Reading::of(Parameter::Nitrate, 400)),
        onDay(60, Reading::of(Parameter::Nitrate, 400)),
    ]);
    expect($more->rates->difference)->toEqual($inside->rates->difference);
});

it('cries wolf no more often than it admits', function (): void {
    $wolf = 0;
    for ($seed = 0; $seed < 80; $seed++) {
        $verdict = judge(steppedTank(115, 115, 0.3, 5000 + $seed, step: 0.25))->verdict;
        $wolf += $verdict === Verdict::Lower || $verdict === Verdict::Higher ? 1 : 0;
    }
    // 2 % in the method's table; four standard errors of 80 tries are 6 %.
    expect($wolf / 80)->toBeLessThan(0.09);
});

it('stays honest with a kit that shows hundredths of phosphate', function (): void {
    $covered = 0;
    for ($seed = 0; $seed < 80; $seed++) {
        $journal = steppedTank(1.2, 0.6, 0.004, 9000 + $seed, nutrient: Parameter::Phosphate, start: 0.08, step: 0.01);
        $difference = judge($journal, nutrient: Parameter::Phosphate)->rates?->difference;
        $covered += $difference !== null && $difference->low <= -0.6 && $difference->high >= -0.6 ? 1 : 0;
    }
    expect($covered / 80)->toBeGreaterThanOrEqual(0.85);
});

it('tells more from more readings', function (): void {
    $width = function (float $every): float {
        $difference = judge(steppedTank(115, 115, 0.3, 77, every: $every))->rates?->difference;

        return $difference === null ? INF : $difference->high - $difference->low;
    };
    expect($width(3.5))->toBeLessThan($width(7.0))
        ->and($width(7.0))->toBeLessThan($width(10.0));
});

it('does not depend on the size of the tank but for the milligrams', function (): void {
    $small = judge(steppedTank(120, 40, 0.2, 31));
    $litres = 200;
    expect($small->rates?->difference->toArray($litres)['ppmPerWeek'])
        ->toAgreeWith((($small->rates->difference->estimate ?? 0) * 7) / $litres, 1e-12)
        ->and($small->rates?->difference->toArray($litres)['ppmPerWeekLow'])
        ->toAgreeWith((($small->rates->difference->low ?? 0) * 7) / $litres, 1e-12)
        ->and($small->wantedPerDay)
        ->toBeGreaterThan(0.0);
});

it('draws its fit through the readings, water changes put back', function (): void {
    $journal = steppedTank(120, 30, 0, 1);
    $line = judge($journal)->line;
    $readings = array_values(array_filter($journal, fn (Entry $entry): bool => $entry->payload instanceof Reading));
    expect($line)->toHaveCount(count($readings));
    foreach ($readings as $i => $entry) {
        assert($entry->payload instanceof Reading);
        expect($line[$i]['ppm'])->toAgreeWith($entry->payload->value, 1e-9);
    }
});

it('words the direction by what the tank did and does', function (float $before, float $after, string $words): void {
    expect(said(judge(steppedTank($before, $after, 0.02, 3, start: 30))->answer->says))->toBe($words);
})->with([
    [100, -60, 'Less comes in, on average over the 40 days since, before water changes. '
        .'The tank was gaining; since this change it loses.'],
    [-60, 100, 'More comes in, on average over the 40 days since, before water changes. '
        .'The tank was losing; since this change it gains.'],
    [120, 40, 'Less comes in, on average over the 40 days since, before water changes. The tank still gains.'],
    [40, 120, 'More comes in, on average over the 40 days since, before water changes. The tank gains now.'],
    [-20, -60, 'Less comes in, on average over the 40 days since, before water changes. The tank loses now.'],
    [-60, -20, 'More comes in, on average over the 40 days since, before water changes. The tank still loses.'],
]);

it('tells what a charge did in one account, and why its figures differ', function (
    float $gross,
    float $expected,
    string $words,
): void {
    $journal = steppedTank(2, 0.8, 0.001, 6, nutrient: Parameter::Phosphate, start: 0.1);
    $judgement = judge($journal, onDay(0, MediaCharge::grams(Medium::Gfo, 80), 1), Parameter::Phosphate);
    $lost = $judgement->lost();
    // 1.2 mg a day less over some forty days.
    expect($lost->estimate)->toBeGreaterThan(30.0)->toBeLessThan(60.0)
        ->and($lost->low)->toBeLessThan($lost->estimate)
        ->and($lost->high)->toBeGreaterThan($lost->estimate);
    $account = ChargeAccount::of(new ChargeState(
        [0.9, 0.8, 1.0],
        [$gross, 0.8 * $gross, 1.2 * $gross],
        ['room' => 300.0, 'expected' => $expected, 'rate' => 1.0, 'fresh' => 1.2],
        [null, null, null],
        ['exhausted' => 0.0, 'half' => 1.0, 'bypassed' => 0.1, 'weak' => 0.1, 'lost' => 0.0],
        null,
        [],
    ), $judgement);
    expect(said($account->why()))->toContain($words)
        ->and($account->net)->toEqual($lost)
        ->and($account->gross[0])->toBe($gross);
})->with([
    'they agree' => [45.0, 45.0, 'agree within their ranges.'],
    'more came in' => [400.0, 400.0, 'The water lost less than the charge removed'],
    'something else helped' => [2.0, 2.0, 'something else helped'],
    'another grade' => [45.0, 200.0, 'less than the usual figures say'],
]);

it('has no account of the water where no answer can be given', function (): void {
    $journal = steppedTank(2, 0.8, 0.001, 6, nutrient: Parameter::Phosphate, start: 0.1);
    $charge = onDay(0, MediaCharge::grams(Medium::Gfo, 80), 1);
    $judgement = judge(array_slice($journal, 0, 3), $charge, Parameter::Phosphate);
    expect($judgement->lost())->toBeNull();
});

/**
 * A charge that takes phosphate out fast and is spent by day 25.
 *
 * @return list<Entry>
 */
function spentCharge(int $seed): array
{
    $random = new Randomizer(new Mt19937($seed));
    $level = 0.09;
    $entries = [];
    for ($day = -42.0; $day <= 42.0; $day += 0.25) {
        $taken = $day >= 0.0 && $day < 25.0 ? 0.35 * (1 - $day / 25) * $level : 0.0;
        $level += 0.25 * (0.1 * 0.09 / 7 - $taken);
        if (fmod($day + 98, 7) === 3.0) {
            $entries[] = onDay($day + 0.01, WaterChange::of(20));
            $level *= 0.9;
        }
        if (fmod($day + 42, 3.5) === 1.0) {
            $normal = array_sum(array_map(fn (): float => $random->getInt(0, 1_000_000) / 1e6, range(1, 12))) - 6;
            $shown = max(0.0, round($level + 0.004 * $normal, 2));
            $entries[] = onDay($day, Reading::of(Parameter::Phosphate, $shown, step: 0.01));
        }
    }

    return $entries;
}

it('answers over its first days for a medium that worked fast and wore out', function (): void {
    $found = $early = 0;
    for ($seed = 0; $seed < 20; $seed++) {
        $charge = onDay(0, MediaCharge::grams(Medium::Gfo, 100), 1);
        $journal = [...spentCharge($seed), $charge];
        usort($journal, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
        $question = new Question($charge, Parameter::Phosphate, 200, onDay(60, SkimmerSwitch::of(true))->at, 42);
        $overTen = ChangeEffect::judge($question, $journal, 10);
        $found += $overTen->verdict === Verdict::Lower ? 1 : 0;
        $early += in_array('early', codes(ChangeEffect::judge($question, $journal)), true) ? 1 : 0;
        if ($overTen->verdict === Verdict::Lower) {
            // It takes about 0.35 x 0.06 x 10 x 200 x 0.8 = 33 mg at the most in ten days, and half of it at the least.
            expect(said($overTen->answer->says))
                ->toStartWith('Over its first 10 days ')
                ->toContain(' mg less came in, 95 % ')
                ->and($overTen->rates?->difference->estimate * 10)->toBeLessThan(-8.0)->toBeGreaterThan(-34.0);
        }
    }
    expect($found)->toBeGreaterThanOrEqual(17)->and($early)->toBeGreaterThanOrEqual(9);
});

it('gives no answer where water changes are logged on one side only', function (): void {
    $journal = static fn (bool $since): array => array_values(array_filter(
        steppedTank(115, 115, 0.3, 8, start: 40),
        static fn (Entry $entry): bool => ! $entry->payload instanceof WaterChange
            || ($entry->at > onDay(0, SkimmerSwitch::of(true))->at) === $since,
    ));
    $late = judge($journal(true));
    $early = judge($journal(false));
    expect($late->verdict)->toBe(Verdict::CannotTellYet)
        ->and(said($late->answer->says))->toStartWith('No water change is logged before this change and 6 since.')
        ->toContain('“water change 10 % weekly from 2026-04-21 to 2026-05-31”')
        ->and($early->verdict)->toBe(Verdict::CannotTellYet)
        ->and(said($early->answer->says))->toStartWith('No water change is logged since this change and 6 before.')
        ->toContain('“water change 10 % weekly from 2026-06-02 to 2026-07-11”');
});

it('does not answer for one litre, but for a side that says that none was made', function (): void {
    $late = array_values(array_filter(
        steppedTank(115, 115, 0.3, 8, start: 40),
        static fn (Entry $entry): bool => ! $entry->payload instanceof WaterChange
            || $entry->at > onDay(0, SkimmerSwitch::of(true))->at,
    ));
    $with = static function (Entry ...$more) use ($late): array {
        $all = [...$late, ...$more];
        usort($all, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);

        return $all;
    };
    $litre = judge($with(onDay(-20, WaterChange::of(1))));
    expect($litre->verdict)->toBe(Verdict::CannotTellYet)
        ->and(said($litre->answer->says))->toStartWith('Only 1 of the water changes is logged before this change and 6 '
            .'since.')
        ->toContain('“no water changes from 2026-04-21 to 2026-05-31”')
        ->and(said(judge($with(onDay(-20, WaterChange::of(0))))->answer->says))
        ->toContain('Only 1 of the water changes');
    // None in any week is an answer to the question, whatever the verdict then is.
    $none = array_map(static fn (int $week): Entry => onDay(-7 * $week + 1, WaterChange::of(0)), range(1, 6));
    expect(said(judge($with(...$none))->answer->says))->not->toContain('is not known, and it decides');
});

it('goes on with a series through a reading whose kit was not named, and says so', function (): void {
    $named = array_map(
        static fn (Entry $entry, int $i): Entry => $entry->payload instanceof Reading
            ? new Entry($entry->at, Reading::of(
                Parameter::Nitrate,
                $entry->payload->value,
                step: 0.1,
                method: $i === 15 ? null : 'colour comparison',
            ))
            : $entry,
        steppedTank(120, 60, 0.2, 3),
        array_keys(steppedTank(120, 60, 0.2, 3)),
    );
    $judgement = judge($named);
    expect($judgement->readings->before + $judgement->readings->after)->toBe(24)
        ->and(codes($judgement))->toContain('method-unnamed')->not->toContain('method-changed');
});

it('takes readings of one moment for one, and no more than fourteen on a side', function (): void {
    $twice = [];
    foreach (steppedTank(115, 115, 0.3, 5) as $entry) {
        $twice[] = $entry;
        if ($entry->payload instanceof Reading) {
            $twice[] = new Entry($entry->at, Reading::of(Parameter::Nitrate, $entry->payload->value + 0.2));
        }
    }
    expect(judge($twice)->readings->before)->toBe(12)
        ->and(judge(steppedTank(115, 115, 0.3, 5, every: 1.0))->readings->before)->toBe(14)
        ->and(judge(steppedTank(115, 115, 0.3, 5, every: 1.0))->readings->after)->toBe(14);
});

it('says what cannot be told without a single reading', function (): void {
    expect(said(judge([])->answer->says))->toBe('No nitrate was read around this change.');
});

it('gives no answer where most of one side was read in cloudy water', function (): void {
    $clouded = array_map(
        static fn (Entry $entry): Entry => $entry->payload instanceof Reading
            && $entry->at > onDay(8, $entry->payload)->at
            ? new Entry($entry->at, Reading::of(Parameter::Nitrate, $entry->payload->value, cloudy: true))
            : $entry,
        steppedTank(120, 40, 0.2, 2),
    );
    $judgement = judge($clouded);
    expect($judgement->verdict)->toBe(Verdict::CannotTellYet)
        ->and(said($judgement->answer->says))->toContain('cloudy water')
        ->and(codes($judgement))->toContain('cloudy');
});

it('says where nobody looked around the change', function (): void {
    $gone = array_values(array_filter(
        steppedTank(120, 40, 0.2, 2),
        static fn (Entry $entry): bool => ! $entry->payload instanceof Reading
            || $entry->at < onDay(-15, $entry->payload)->at
            || $entry->at > onDay(12, $entry->payload)->at,
    ));
    $gap = array_values(array_filter(judge($gone)->findings, static fn (Finding $one): bool => $one->code === 'gap'));
    expect($gap)->toHaveCount(1)
        ->and(said($gap[0]->sentence))->toMatch('~^No reading from 1\d days before to 1\d days after it~')
        ->and(codes(judge(steppedTank(120, 40, 0.2, 2))))->not->toContain('gap');
});

it('says that a level fell at once and by how much, and nothing of what it did not test', function (): void {
    $random = new Randomizer(new Mt19937(5));
    $at = new DateTimeImmutable('2026-06-01 12:00Z');
    $journal = [];
    for ($day = -40.0; $day <= 40.0; $day += 3.5) {
        $level = 8.0 + 0.15 * ($random->getInt(-100, 100) / 100) - ($day > 0.0 ? 2.5 : 0.0);
        $journal[] = new Entry(
            $at->modify('+'.(int) round($day * 1440).' minutes'),
            Reading::of(Parameter::Nitrate, $level, step: 0.01),
        );
    }
    $change = new Entry($at, SkimmerSwitch::of(true), 1);
    $journal[] = $change;
    usort($journal, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
    $judgement = ChangeEffect::judge(
        new Question($change, Parameter::Nitrate, 200, $at->modify('+50 days'), 42),
        $journal,
    );
    expect($judgement->verdict)->toBe(Verdict::Lower)
        ->and(said($judgement->answer->says))->toStartWith('Nitrate fell at once by about 2.')
        // What comes in since is judged with it, and never passed over.
        ->and(said($judgement->answer->says))
        ->toEndWith('What it does beyond that is less than 50 % of the level in four weeks.')
        ->and($judgement->answer->ofInput)->toBe(Verdict::NoDifferenceShown)
        ->and($judgement->rates?->jump?->estimate)->toEqualWithDelta(-500.0, 60.0)
        ->and($judgement->known())->toBeGreaterThan(3.0);
});

it('does not take a tank for calm because a slip was set aside', function (): void {
    $levels = [
        10.3, 9.7, 11.0, 10.2, 10.4, 9.6, 10.0, 9.0, 9.8, 9.2, 10.0, 9.8,
        14.9, 9.2, 9.9, 9.9, 10.5, 10.5, 11.7, 10.6, 12.2, 11.7, 12.6, 12.8,
    ];
    $journal = [];
    foreach ($levels as $n => $level) {
        $journal[] = onDay(-40.25 + 3.5 * $n, Reading::of(Parameter::Nitrate, $level, step: 0.1));
    }
    foreach (range(-6, 5) as $week) {
        $journal[] = onDay(2.2 + 7 * $week, WaterChange::of(30));
    }
    $change = onDay(0, SkimmerSwitch::of(true), 1);
    $journal[] = $change;
    usort($journal, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
    $judgement = ChangeEffect::judge(
        new Question($change, Parameter::Nitrate, 300, onDay(60, SkimmerSwitch::of(true))->at, 42),
        $journal,
    );
    // By a fit of our own of the readings that are left, without steps: -14 to 67 mg a day.
    expect($judgement->verdict)->toBe(Verdict::CannotTellYet)
        ->and($judgement->rates?->difference->low)->toEqualWithDelta(-14.0, 3.0)
        ->and($judgement->rates?->difference->high)->toEqualWithDelta(67.3, 3.0);
});
