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
    'a fall that one reading alone shows' => [
        readBefore($now, Parameter::Phosphate, [0.12, 0.11, 0.12, 0.11, 0.12, 0.03], every: 2.5),
        [],
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

it('is quiet on noise: at most one false alarm a tank and year', function (string $kind, Parameter $parameter): void {
    expect(falseAlarms(SimulatedTank::TABLE[$kind][0], $parameter, 25))->toBeLessThanOrEqual(1.0);
})->with([
    ['white noise', Parameter::Nitrate],
    ['noise with memory', Parameter::Nitrate],
    ['noise with memory, every two days', Parameter::Nitrate],
    ['scattered feeding', Parameter::Nitrate],
    ['drifting input', Parameter::Nitrate],
    ['seasons', Parameter::Nitrate],
    ['slips', Parameter::Nitrate],
    ['real A', Parameter::Nitrate],
    ['phosphate, white noise', Parameter::Phosphate],
    ['phosphate, noise with memory, every two days', Parameter::Phosphate],
    ['phosphate, real A', Parameter::Phosphate],
    ['phosphate, slips', Parameter::Phosphate],
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
