<?php

declare(strict_types=1);

use Ithys\History\Change;
use Ithys\History\DayActs;
use Ithys\History\Known;
use Ithys\History\Manner;
use Ithys\History\Rate;
use Ithys\History\Routine;
use Ithys\History\Statements;

/** @return array<string, array{stdClass}> */
function worked(): array
{
    $cases = json_decode((string) file_get_contents(__DIR__.'/routines.json'), flags: JSON_THROW_ON_ERROR);

    return array_combine(array_column($cases, 'name'), array_map(static fn (stdClass $one): array => [$one], $cases));
}

/**
 * @param  list<array{int, float, ?int}>|list<array{int, float}>  $acts  day, amount, entries
 */
function routineOf(array $acts, float $now, ?Statements $said = null, ?Manner $manner = null): Routine
{
    return new Routine(
        array_map(static fn (array $act): DayActs => new DayActs((int) $act[0], (float) $act[1], $act[2] ?? 1), $acts),
        $said ?? new Statements,
        $manner ?? new Manner(1.0, 0.8),
        0.0,
        $now,
        new Rate(0.0, 0.0, 0.0, Known::Unknown),
    );
}

/** @return list<array{int, float}> an amount a day */
function daily(int $from, int $days, float $amount): array
{
    return array_map(static fn (int $day): array => [$day, $amount], range($from, $from + $days - 1));
}

// Source: routines worked out by another program after the same method, to nine digits.
it('follows a routine as another program of the same method does', function (stdClass $case): void {
    $routine = routineOf(
        $case->acts,
        $case->now,
        new Statements($case->stated->none ?? [], $case->stated->stops ?? []),
        new Manner($case->lever->stop, $case->lever->done, $case->lever->lapse),
    );
    $want = $case->result;
    expect($routine->asks)->toBe($want->asks)->and($routine->stopped)->toEqualWithDelta($want->weightStopped, 1e-6);
    $at = [[$case->now, $want->rate, $want->low, $want->high, $want->state], ...$want->at];
    foreach ($at as [$day, $perDay, $low, $high, $known]) {
        $rate = $routine->at($day);
        expect($rate->perDay)->toEqualWithDelta($perDay, 1e-6)
            ->and($rate->low)->toEqualWithDelta($low, 1e-6)
            ->and($rate->high)->toEqualWithDelta($high, 1e-6)
            ->and($rate->known->value)->toBe($known, "day {$day}");
    }
    $names = [
        'stop?' => Change::SILENCE,
        'stop (stated)' => Change::STOP,
        'ramp amount' => Change::AMOUNT,
    ];
    $wanted = $want->changes;
    usort($wanted, static fn (stdClass $a, stdClass $b): int => $a->day <=> $b->day);
    $changes = $routine->changes();
    expect($changes)->toHaveCount(count($wanted));
    foreach ($wanted as $i => $one) {
        expect($changes[$i]->day)->toEqualWithDelta($one->day, 1e-6)
            ->and($changes[$i]->what)->toBe($names[$one->what] ?? $one->what)
            ->and($changes[$i]->isRamp())->toBe($one->what === 'ramp amount')
            ->and($changes[$i]->from)->toEqualWithDelta($one->from, 1e-6)
            ->and($changes[$i]->to)->toEqualWithDelta($one->to, 1e-6);
    }
})->with(worked(...));

it('knows nothing of two acts', function (): void {
    $routine = routineOf([[3, 10.0], [10, 12.0]], 20);
    expect($routine->at(20)->known)->toBe(Known::Unknown)->and($routine->changes())->toBe([])
        ->and($routine->interval())->toBeNull();
});

it('takes a word for more than silence', function (): void {
    $acts = daily(0, 90, 10.0);
    // Said to go on as before, it is asked about again only after another silence.
    $same = routineOf($acts, 120, new Statements(same: [118]));
    expect($same->asks)->toBeFalse()->and($same->at(120)->known)->toBe(Known::Logged)
        ->and(routineOf($acts, 120)->asks)->toBeTrue();
    // Said to hold none, days are neither a gap nor a silence.
    $none = routineOf($acts, 120, new Statements([[90, 120]]));
    expect($none->asks)->toBeFalse()
        ->and($none->at(100)->perDay)->toBe(0.0)
        ->and($none->at(100)->known)->toBe(Known::Stated)
        ->and($none->at(121)->perDay)->toEqualWithDelta(10.0, 1e-6);
    $changes = array_map(static fn (Change $one): array => [$one->what, $one->day], $none->changes());
    expect($changes)->toBe([[Change::STOP, 90.0], [Change::START, 120.0]]);
});

it('holds to a plan until enough is logged that is else', function (): void {
    $said = new Statements(plans: [60 => 8.0]);
    $asPlanned = routineOf([...daily(0, 60, 10.0), ...daily(60, 30, 8.1)], 90, $said);
    expect($asPlanned->at(80)->known)->toBe(Known::Stated)->and($asPlanned->at(80)->perDay)->toBe(8.0);
    $else = routineOf([...daily(0, 60, 10.0), ...daily(60, 30, 12.0)], 90, $said);
    expect($else->at(80)->known)->toBe(Known::Logged)->and($else->at(80)->perDay)->toEqualWithDelta(12.0, 0.1)
        ->and($else->at(61)->perDay)->toBe(8.0);
    // Under a plan nothing is asked.
    $silent = routineOf(daily(0, 60, 10.0), 200, $said);
    expect($silent->asks)->toBeFalse()->and($silent->at(200)->perDay)->toBe(8.0);
});

it('counts the meals that a keeper forgot on some days', function (): void {
    $acts = array_map(
        static fn (int $day): array => $day % 5 === 0 ? [$day, 1.0, 1] : [$day, 3.0, 3],
        range(0, 59),
    );
    expect(routineOf($acts, 60, manner: new Manner(0.02, 1.0))->at(60)->perDay)->toEqualWithDelta(3.0, 0.05);
});

it('does not change a day that is past when more is logged', function (): void {
    $before = routineOf(daily(0, 100, 10.0), 100)->at(50);
    $after = routineOf([...daily(0, 100, 10.0), ...daily(100, 60, 20.0)], 160)->at(50);
    expect($after->perDay)->toEqualWithDelta($before->perDay, 0.05 * $before->perDay);
});
