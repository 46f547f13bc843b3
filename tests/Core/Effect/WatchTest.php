<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Effect\Alarm\Alert;
use Ithys\Effect\Alarm\Watch;
use Ithys\History\Charge;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Media\Medium;
use Ithys\Target\TargetBand;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\SimulatedTank;

/**
 * Readings so many days before now, oldest first.
 *
 * @param  list<float>  $values
 * @return list<Entry>
 */
function readBefore(
    DateTimeImmutable $now,
    Parameter $parameter,
    array $values,
    float $every = 3.5,
    float $last = 1.0,
    float $step = 0.01,
    int $cloudy = 0,
    bool $below = false,
): array {
    $entries = [];
    $n = count($values);
    foreach ($values as $i => $value) {
        $days = $last + ($n - 1 - $i) * $every;
        $entries[] = new Entry($now->modify('-'.(int) round($days * 1440).' minutes'), Reading::of(
            $parameter,
            $value,
            step: $step,
            belowLimit: $below,
            cloudy: $i >= $n - $cloudy,
            method: 'kit',
        ));
    }

    return $entries;
}

/**
 * @param  list<Entry>  $journal
 * @return list<string>
 */
function alertsOver(array $journal, DateTimeImmutable $now): array
{
    usort($journal, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);

    return array_map(
        fn (Alert $alert): string => explode(' ', $alert->key)[0],
        Watch::over($journal, $now, Assumptions::standard()),
    );
}

$now = new DateTimeImmutable('2026-11-25 12:00Z');
$steady = [8.0, 8.2, 7.8, 8.1, 7.9, 8.0, 8.2, 7.9, 8.1, 8.0, 7.9, 8.1];

it('sees what should be looked at', function (array $journal, array $alerts) use ($now): void {
    expect(alertsOver($journal, $now))->toBe($alerts);
})->with([
    'nothing in a steady tank' => [readBefore($now, Parameter::Nitrate, $steady, step: 0.5), []],
    'nothing in an empty journal' => [[], []],
    'a rise' => [
        readBefore($now, Parameter::Nitrate, [...array_slice($steady, 0, 8), 11.0, 11.5, 12.0], step: 0.5),
        ['rise'],
    ],
    'no rise of a single reading' => [
        readBefore($now, Parameter::Nitrate, [...array_slice($steady, 0, 10), 14.0], step: 0.5),
        [],
    ],
    'a rise no larger than the steps of the kit' => [
        readBefore($now, Parameter::Nitrate, [5.0, 5.0, 5.0, 5.0, 5.0, 5.0, 5.0, 5.0, 10.0, 10.0, 10.0], step: 5.0),
        [],
    ],
    'a fast fall' => [
        readBefore($now, Parameter::Phosphate, [0.12, 0.11, 0.12, 0.11, 0.04, 0.03], every: 2.5),
        ['fall'],
    ],
    'a slow fall' => [
        readBefore($now, Parameter::Phosphate, [0.12, 0.11, 0.12, 0.11, 0.04, 0.03], every: 12),
        [],
    ],
    'half of a fall that one reading alone shows' => [
        readBefore($now, Parameter::Phosphate, [0.12, 0.11, 0.12, 0.11, 0.12, 0.07], every: 2.5),
        [],
    ],
    'a great fall that one reading alone shows' => [
        readBefore($now, Parameter::Phosphate, [0.12, 0.11, 0.12, 0.11, 0.12, 0.03], every: 2.5),
        ['fall'],
    ],
    'both at nought' => [
        [
            ...readBefore($now, Parameter::Nitrate, [1, 0.5, 0.0, 0.0], step: 0.5),
            ...readBefore($now, Parameter::Phosphate, [0.01, 0.01, 0.0, 0.0]),
        ],
        ['zero'],
    ],
    'both below what the kits show' => [
        [
            ...readBefore($now, Parameter::Nitrate, [0.2, 0.2], below: true),
            ...readBefore($now, Parameter::Phosphate, [0.02, 0.02], below: true),
        ],
        ['zero'],
    ],
    'one at nought, the other never read' => [readBefore($now, Parameter::Nitrate, [0, 0, 0, 0], step: 0.5), []],
    'below a limit that says nothing' => [
        [
            ...readBefore($now, Parameter::Nitrate, [10, 10], below: true),
            ...readBefore($now, Parameter::Phosphate, [0.2, 0.2], below: true),
        ],
        [],
    ],
    'nitrate that falls in cloudy water' => [
        readBefore($now, Parameter::Nitrate, [10, 10.2, 9.9, 10.1, 8.0, 7.5], step: 0.5, cloudy: 2),
        ['cloudy'],
    ],
    'cloudy water in which nothing falls' => [
        readBefore($now, Parameter::Nitrate, [10, 10.2, 9.9, 10.1, 10.0, 9.8], step: 0.5, cloudy: 2),
        [],
    ],
    'a skimmer that is off' => [[new Entry($now->modify('-3 days'), SkimmerSwitch::of(false))], ['skimmer']],
    'a skimmer that was off for a day' => [[new Entry($now->modify('-1 day'), SkimmerSwitch::of(false))], []],
    'a skimmer that runs again' => [
        [
            new Entry($now->modify('-9 days'), SkimmerSwitch::of(false)),
            new Entry($now->modify('-3 days'), SkimmerSwitch::of(true)),
        ],
        [],
    ],
    'silence' => [readBefore($now, Parameter::Nitrate, $steady, last: 30, step: 0.5), ['silence']],
    'no silence where readings are rare' => [
        readBefore($now, Parameter::Nitrate, $steady, every: 20, last: 30, step: 0.5),
        [],
    ],
    'what lies ahead says nothing yet' => [
        [new Entry($now->modify('+1 day'), SkimmerSwitch::of(false))],
        [],
    ],
]);

/**
 * False alarms of steady tanks a year: each that begins, week by week.
 *
 * @param  array<string, mixed>  $options
 */
function falseAlarms(array $options, Parameter $parameter, int $tanks): float
{
    $start = new DateTimeImmutable('2026-01-01 12:00Z');
    $begun = 0;
    for ($seed = 1; $seed <= $tanks; $seed++) {
        $tank = new SimulatedTank($seed, [...$options, 'side' => 182.0]);
        $journal = array_map(
            fn (float $day, float $level): Entry => new Entry(
                $start->modify('+'.(int) round(($day + 182) * 1440).' minutes'),
                Reading::of($parameter, $level, step: (float) ($options['step'] ?? 0.01), method: 'kit'),
            ),
            $tank->days,
            $tank->levels,
        );
        $before = [];
        for ($week = 6; $week <= 52; $week++) {
            $now = $start->modify("+{$week} weeks");
            $seen = array_map(
                fn (Alert $alert): string => $alert->key,
                Watch::over(array_values(array_filter(
                    $journal,
                    fn (Entry $entry): bool => $entry->at <= $now
                        && $entry->at > $now->modify('-'.Watch::DAYS.' days'),
                )), $now, Assumptions::standard()),
            );
            $begun += count(array_diff($seen, $before));
            $before = $seen;
        }
    }

    return $begun / $tanks;
}

it('is quiet on noise', function (string $kind, Parameter $parameter, float $most = 0.15): void {
    // Of 25 tanks and years two chance ones more are let be.
    expect(falseAlarms(SimulatedTank::TABLE[$kind][0], $parameter, 25))->toBeLessThanOrEqual($most + 0.08);
})->with([
    ['white noise', Parameter::Nitrate],
    ['noise with memory', Parameter::Nitrate],
    ['scattered feeding', Parameter::Nitrate],
    // What comes in really drifts by a sixth, and the level with it.
    ['drifting input', Parameter::Nitrate, 0.4],
    ['seasons', Parameter::Nitrate],
    ['slips', Parameter::Nitrate],
    ['real A', Parameter::Nitrate],
    ['phosphate, white noise', Parameter::Phosphate],
    ['phosphate, noise with memory, every two days', Parameter::Phosphate],
    ['phosphate, real A', Parameter::Phosphate],
    ['phosphate, slips', Parameter::Phosphate],
]);

it('hears a slow rise and a fast fall whatever the spacing of the readings', function (
    Parameter $parameter,
    array $levels,
    float $over,
    float $every,
    string $alert,
    int $least = 32,
): void {
    [$from, $to] = $levels;
    [$noise, $step] = $parameter === Parameter::Phosphate ? [0.004, 0.01] : [0.8, 0.5];
    $random = new Randomizer(new Mt19937(11));
    $normal = static fn (): float => array_sum(array_map(
        static fn (): float => $random->getInt(0, 1_000_000) / 1e6,
        range(1, 12),
    )) - 6;
    $now = new DateTimeImmutable('2026-11-25 12:00Z');
    $heard = 0;
    for ($tank = 0; $tank < 40; $tank++) {
        $journal = [];
        for ($day = -120.0 + $every * $tank / 40; $day <= 0.0; $day += $every) {
            $level = $from + ($to - $from) * max(0.0, min(1.0, ($day + $over + 3) / $over));
            $read = $level + hypot($noise, 0.04 * $level) * $normal();
            $journal[] = new Entry($now->modify(sprintf('%+d minutes', (int) round(1440 * $day))), Reading::of(
                $parameter,
                max($step, round($read / $step) * $step),
                step: $step,
                method: 'kit',
            ));
        }
        $heard += in_array($alert, alertsOver($journal, $now), true) ? 1 : 0;
    }
    expect($heard)->toBeGreaterThanOrEqual($least);
})->with([
    [Parameter::Phosphate, [0.05, 0.11], 90.0, 7.0, 'rise'],
    [Parameter::Phosphate, [0.05, 0.11], 90.0, 11.0, 'rise'],
    // Seven readings in three months: the rest is heard with the next.
    [Parameter::Phosphate, [0.05, 0.11], 90.0, 14.0, 'rise', 24],
    [Parameter::Nitrate, [20.0, 8.0], 7.0, 3.5, 'fall'],
]);

it('watches every parameter that has ends, and targets that are missed for weeks', function (
    array $read,
    array $alerts,
): void {
    $now = new DateTimeImmutable('2026-11-25 12:00Z');
    $journal = [];
    foreach ($read as [$parameter, $values]) {
        array_push($journal, ...readBefore($now, $parameter, $values, step: 0.1));
    }
    usort($journal, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
    expect(array_map(
        fn (Alert $one): string => said($one->finding->title),
        Watch::over($journal, $now, Assumptions::standard(), [], true, [
            new TargetBand(Parameter::Nitrate, 3.0, 10.0),
        ]),
    ))->toBe($alerts);
})->with([
    'all well' => [[[Parameter::Temperature, [25, 25]], [Parameter::Salinity, [35, 35]]], []],
    'ammonia' => [[[Parameter::Ammonia, [0.0, 0.0, 0.3]]], ['Ammonia is high']],
    'a cold tank' => [[[Parameter::Temperature, [25, 21]]], ['Temperature is low']],
    'one odd reading of salinity' => [[[Parameter::Salinity, [35, 39]]], []],
    'two of them' => [[[Parameter::Salinity, [35, 39, 39]]], ['Salinity is high']],
    'alkalinity' => [[[Parameter::Alkalinity, [5.5, 5.9]]], ['Alkalinity is low']],
    'acidity' => [[[Parameter::Acidity, [8.9, 8.8]]], ['PH is high']],
    'above a target' => [[[Parameter::Nitrate, [14, 15, 14, 15, 14, 15, 14]]], ['Nitrate stays above your target']],
    'back within it' => [[[Parameter::Nitrate, [14, 15, 14, 15, 14, 15, 9]]], []],
    'too few to say' => [[[Parameter::Nitrate, [14, 15]]], []],
]);

it('hears a rise although a figure was written more coarsely than the kit reads', function (float $lastButOne): void {
    $now = new DateTimeImmutable('2026-06-01 12:00:00Z');
    $written = [0.05, 0.05, 0.06, 0.05, 0.05, 0.06, 0.05, 0.05, 0.12, $lastButOne, 0.25];
    $journal = [];
    foreach ($written as $n => $value) {
        // “0.2” is taken for a step of a tenth, “0.20” for one of a hundredth.
        $step = $n === 9 ? 0.1 : 0.01;
        array_push($journal, ...readBefore($now, Parameter::Phosphate, [$value], last: 36.0 - 3.5 * $n, step: $step));
    }
    expect(alertsOver($journal, $now))->toContain('rise');
})->with([0.2]);

it('names an exhausted charge that is in, and no skimmer where there is none', function (): void {
    $now = new DateTimeImmutable('2026-11-25 12:00Z');
    $off = new Entry($now->modify('-300 days'), SkimmerSwitch::of(false), 4);
    $gfo = new Entry($now->modify('-90 days'), MediaCharge::grams(Medium::Gfo, 100), 7);
    $alerts = Watch::over([$off, $gfo], $now, Assumptions::standard(), Charge::all([$gfo]), false);
    expect(array_map(fn (Alert $one): array => [$one->key, $one->entry, said($one->finding->title)], $alerts))
        ->toBe([['exhausted 7', 7, 'GFO 100 g is exhausted']])
        ->and(Watch::over([$off, $gfo], $now, Assumptions::standard()))->toHaveCount(1);
});
