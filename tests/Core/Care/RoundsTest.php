<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Assumption\Overlay;
use Ithys\Care\Basis;
use Ithys\Care\CalendarDay;
use Ithys\Care\MediumRenewal;
use Ithys\Care\Plan;
use Ithys\Care\Round;
use Ithys\Care\Rounds;
use Ithys\Care\Task;
use Ithys\Journal\ChoreWord\Chore;
use Tests\Support\Logged;

const UTC_DAY_0 = 20_513;

/** Made-up rounds of a tank with a sock, a skimmer and a reactor, so many days after its log begins. */
function rounds(array $lines, float $today, array $own = [], array $every = [], string $zone = 'UTC'): Rounds
{
    $assumptions = Assumptions::standard()->with(array_map(
        static fn (float $days): Overlay => new Overlay($days, 'mine'),
        $own,
    ));
    $zone = new DateTimeZone($zone);
    $now = (new DateTimeImmutable(Logged::START))->modify(sprintf('%+d minutes', (int) (1440 * $today)));

    return Rounds::of(
        Logged::entries($lines),
        Logged::path([
            ['id' => 's', 'kind' => 'sock', 'choices' => ['material' => 'felt']],
            ['id' => 'k', 'kind' => 'skimmer'],
            ['id' => 'r', 'kind' => 'reactor'],
        ]),
        $assumptions,
        $every,
        $zone,
        CalendarDay::of($now, $zone),
        true,
    );
}

function dueIn(Rounds $rounds, Chore $chore): ?int
{
    $due = $rounds->find($chore)?->due;

    return $due === null ? null : $due - UTC_DAY_0;
}

it('lists what the path has, and what every tank wants', function (): void {
    $keys = array_map(fn (Round $one): string => $one->chore->value, rounds([], 0)->all);
    expect($keys)->toBe(['sock', 'wash', 'cup', 'outlet', 'readings', 'clarity', 'water']);
});

it('says of what was never logged that it is not known, unless an interval was chosen', function (): void {
    $rounds = rounds([], 3, ['care-cup' => 5.0]);
    expect($rounds->find(Chore::Sock)?->due)->toBeNull()
        ->and($rounds->find(Chore::Sock)?->when(UTC_DAY_0))->toBe('not logged yet')
        ->and(dueIn($rounds, Chore::Cup))->toBe(3)
        ->and(count($rounds->unknown()))->toBe(6)
        ->and($rounds->due(UTC_DAY_0 + 3))->toHaveCount(1);
});

it('takes an interval from its keeper, else from the routine, else from common practice', function (): void {
    $lines = [[0, 'sock changed']];
    [$practice, $routine, $chosen] = [
        rounds($lines, 1),
        rounds($lines, 1, [], ['sock' => 6.6]),
        rounds($lines, 1, ['care-sock' => 9.0], ['sock' => 6.6]),
    ];
    expect([dueIn($practice, Chore::Sock), dueIn($routine, Chore::Sock), dueIn($chosen, Chore::Sock)])->toBe([4, 7, 9])
        ->and(array_map(
            fn (Rounds $one): ?Basis => $one->find(Chore::Sock)?->interval->basis,
            [$practice, $routine, $chosen],
        ))->toBe([Basis::Practice, Basis::Routine, Basis::Chosen])
        ->and(said($chosen->find(Chore::Sock)->interval->why))->toBe('Every 9 days, your choice: mine')
        ->and(rounds($lines, 90, [], ['sock' => INF])->find(Chore::Sock)?->due)->toBeNull();
});

it('takes still fine and skipped for answers', function (): void {
    $done = [[0, 'skimmer cup emptied']];
    expect(dueIn(rounds([...$done, [3.1, 'skimmer cup still fine']], 4, ['care-cup' => 4.0]), Chore::Cup))->toBe(5)
        ->and(dueIn(rounds([...$done, [3.1, 'skipped skimmer cup']], 4, ['care-cup' => 4.0]), Chore::Cup))->toBe(8)
        // Skipped when it was late already: one interval from then.
        ->and(dueIn(rounds([...$done, [9.1, 'skip skimmer cup']], 10, ['care-cup' => 4.0]), Chore::Cup))->toBe(13)
        ->and(dueIn(rounds([...$done, [9.1, 'sock still fine']], 10, ['care-cup' => 4.0]), Chore::Cup))->toBe(4);
});

// The laws of the list.
it('moves no later date when a chore is done on time twice', function (int $interval): void {
    $emptied = 'skimmer cup emptied';
    $lines = [[0, $emptied], [$interval + 0.2, $emptied], [2 * $interval - 0.3, $emptied]];
    $due = fn (int $many): ?int => dueIn(
        rounds(array_slice($lines, 0, $many), 2 * $interval, ['care-cup' => (float) $interval]),
        Chore::Cup,
    );
    expect($due(1))->toBe($interval)->and($due(2))->toBe(2 * $interval)->and($due(3))->toBe(3 * $interval);
})->with([1, 2, 3, 7, 30]);

it('never calls a chore done and due at once, and brings it back when its entry is taken back', function (): void {
    mt_srand(7);
    foreach (range(1, 200) as $try) {
        $lines = [];
        for ($n = mt_rand(0, 6); $n > 0; $n--) {
            $line = ['cup emptied', 'skimmer cup still fine', 'skip skimmer cup'][mt_rand(0, 2)];
            $lines[] = [mt_rand(0, 400) / 10, $line];
        }
        usort($lines, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $today = mt_rand(0, 45);
        $day = UTC_DAY_0 + $today;
        $rounds = rounds($lines, $today, ['care-cup' => (float) mt_rand(1, 9)]);
        $both = array_uintersect($rounds->due($day), $rounds->done($day), fn (Round $a, Round $b): int => strcmp(
            $a->chore->value,
            $b->chore->value,
        ));
        expect($both)->toBe([])
            // A pure function of the journal, the path and the day.
            ->and(rounds($lines, $today, []))->toEqual(rounds($lines, $today, []));
    }
    $before = rounds([[0, 'cup emptied']], 3);
    expect(rounds([[0, 'cup emptied'], [3, 'cup emptied']], 3)->done(UTC_DAY_0 + 3))->toHaveCount(1)
        ->and($before->due(UTC_DAY_0 + 3))->toHaveCount(1);
});

it('counts days by the calendar of the tank over both changes of the clock', function (string $from, int $days): void {
    $zone = new DateTimeZone('Europe/Berlin');
    $start = new DateTimeImmutable("{$from} 23:30", $zone);
    foreach (range(0, $days) as $n) {
        $later = CalendarDay::of($start->modify("+{$n} days"), $zone);
        expect($later)->toBe(CalendarDay::of($start, $zone) + $n)
            ->and(CalendarDay::midnight($later)->format('Y-m-d'))->toBe($start->modify("+{$n} days")->format('Y-m-d'));
    }
})->with([['2026-03-25', 10], ['2026-10-20', 10]]);

it('proposes another interval when two socks came out clogged or clean, and not once it is taken', function (
    array $soiling,
    int $every,
    float $own,
    ?int $proposed,
): void {
    $lines = [[0, 'sock changed']];
    foreach ($soiling as $n => $one) {
        $lines[] = [($n + 1) * $every, "sock changed soiling {$one}"];
    }
    expect(rounds($lines, 60, ['care-sock' => $own])->proposal?->days)->toBe($proposed);
})->with([
    'clogged twice' => [[2, 4, 5], 4, 4.0, 3],
    'clogged long before its time' => [[5, 5], 2, 8.0, 1],
    'clogged once' => [[5, 2], 4, 4.0, null],
    'clogged long after its time' => [[5, 5], 9, 4.0, null],
    'clean twice' => [[2, 1], 8, 8.0, 10],
    'clean, but changed early' => [[1, 1], 3, 8.0, null],
    'taken' => [[4, 5], 4, 3.0, null],
    'no shorter than a day' => [[5, 5], 1, 1.0, null],
]);

it('lays the days ahead out, each chore on its day', function (): void {
    $ahead = rounds([[0, 'cup emptied']], 1, ['care-cup' => 5.0])->ahead(UTC_DAY_0 + 1, 28);
    $days = array_keys(array_filter($ahead));
    expect($ahead)->toHaveCount(28)->and($days)->toBe([4, 9, 14, 19, 24]);
});

it('forgets nothing and asks nothing twice in half a year of a keeper who does what it says', function (): void {
    $does = [
        'sock' => 'sock changed', 'cup' => 'cup emptied', 'clarity' => 'clarity 8', 'readings' => 'no3 8',
        'water' => 'water change 20 l',
    ];
    $lines = array_map(static fn (string $line): array => [0, $line], array_values($does));
    $done = array_fill_keys(array_keys($does), [0]);
    for ($today = 1; $today <= 182; $today++) {
        $day = UTC_DAY_0 + $today;
        // One day in eleven nobody is at home, and all is done on the next.
        foreach ($today % 11 === 0 ? [] : rounds(array_slice($lines, -24), $today)->due($day) as $one) {
            $lines[] = [$today + 0.2, $does[$one->chore->value]];
            $done[$one->chore->value][] = $today;
        }
        expect($today % 11 === 0 ? [] : rounds(array_slice($lines, -24), $today)->due($day))->toBe([]);
    }
    foreach ($done as $chore => $days) {
        $interval = rounds($lines, 182)->find(Chore::from($chore))->interval->days;
        foreach (array_slice($days, 1) as $n => $later) {
            expect($later - $days[$n])->toBeGreaterThanOrEqual($interval)->toBeLessThanOrEqual($interval + 1);
        }
    }
});

/** As {@see rounds()}, for a refugium, with a plan. */
function planned(array $lines, float $today, Plan $plan, array $own = []): Rounds
{
    return Rounds::of(
        Logged::entries($lines),
        Logged::path([['id' => 's', 'kind' => 'sock'], ['id' => 'f', 'kind' => 'refugium']]),
        Assumptions::standard()->with(array_map(static fn (float $days): Overlay => new Overlay($days, 'mine'), $own)),
        [],
        new DateTimeZone('UTC'),
        UTC_DAY_0 + (int) $today,
        false,
        $plan,
    );
}

it('moves what is due on a day off to the day of work before, and after it where there is none', function (): void {
    $free = Plan::of();
    $due = dueIn(planned([[0, 'sock changed']], 1, $free, ['care-sock' => 7.0]), Chore::Sock);
    $weekday = (int) CalendarDay::midnight(UTC_DAY_0 + 7)->format('N');
    $off = Plan::of([$weekday]);
    expect($due)->toBe(7)
        ->and(dueIn(planned([[0, 'sock changed']], 1, $off, ['care-sock' => 7.0]), Chore::Sock))->toBe(6)
        // All days since are off: it waits for the next one.
        ->and(dueIn(planned([[0, 'sock changed']], 0, Plan::of([$weekday % 7 + 1]), ['care-sock' => 1.0]), Chore::Sock))
        ->toBe(2)
        ->and(Plan::of([1, 2, 3, 4, 5, 6, 7])->off)->toBe([])
        ->and(Plan::of(['x', 9, '3', 3])->off)->toBe([3]);
});

it('never plans on a day off, however the days fall', function (): void {
    foreach (range(0, 126) as $mask) {
        $plan = Plan::of(array_filter(range(1, 7), fn (int $day): bool => ($mask >> ($day - 1) & 1) === 1));
        $rounds = planned([[0, 'sock changed'], [0, 'algae harvested 100 g']], 1, $plan, ['care-sock' => 3.0]);
        foreach ($rounds->ahead(UTC_DAY_0 + 1, 28) as $n => $tasks) {
            if ($n > 0 && $tasks !== []) {
                expect($plan->isOff(UTC_DAY_0 + 1 + $n))->toBeFalse();
            }
        }
        // The third date is the same, whether it was looked at or done on time.
        $second = dueIn($rounds, Chore::Sock);
        $twice = [[0, 'sock changed'], [$second, 'sock changed']];
        $third = dueIn(planned($twice, $second, $plan, ['care-sock' => 3.0]), Chore::Sock);
        $ahead = array_keys(array_filter(
            $rounds->ahead(UTC_DAY_0 + 1, 40),
            fn (array $tasks): bool => array_filter($tasks, fn (Task $one): bool => $one->key() === 'sock') !== [],
        ));
        expect($ahead[1] + 1)->toBe($third, "mask {$mask}");
    }
});

it('lets a harvest take the place of the rinse of the same days', function (): void {
    $own = ['care-harvest' => 28.0, 'care-rinse' => 7.0];
    $lines = [[0, 'algae harvested 100 g']];
    $rounds = planned($lines, 1, Plan::of(), $own);
    // A harvest is a rinse too.
    expect(dueIn($rounds, Chore::Rinse))->toBe(7)->and(dueIn($rounds, Chore::Harvest))->toBe(28);
    $days = fn (string $key): array => array_keys(array_filter(
        $rounds->ahead(UTC_DAY_0 + 1, 60),
        fn (array $tasks): bool => array_filter($tasks, fn (Task $one): bool => $one->key() === $key) !== [],
    ));
    expect(array_map(fn (int $n): int => $n + 1, $days('rinse')))->toBe([7, 14, 21, 35, 42, 49])
        ->and(array_map(fn (int $n): int => $n + 1, $days('harvest')))->toBe([28, 56]);
    $lines = [...$lines, [7, 'macroalgae rinsed'], [14, 'macroalgae rinsed'], [21, 'macroalgae rinsed']];
    $due = array_map(fn (Task $one): string => $one->key(), planned($lines, 28, Plan::of(), $own)->due(UTC_DAY_0 + 28));
    expect($due)->toContain('harvest')->not->toContain('rinse');
});

it('proposes the gentle direction where nutrients miss their target', function (array $low, ?int $days): void {
    $rounds = planned([[0, 'sock changed']], 1, Plan::of(), ['care-sock' => 8.0])->with([], $low, 'mine');
    expect($rounds->proposal?->days)->toBe($days);
    if ($rounds->proposal !== null) {
        // Taken for this reason, it is not proposed again.
        expect(planned([[0, 'sock changed']], 1, Plan::of(), ['care-sock' => 8.0])
            ->with([], $low, $rounds->proposal->because)->proposal)->toBeNull();
    }
})->with([
    'too low' => [['no3' => true], 10],
    'both too low' => [['no3' => true, 'po4' => true], 10],
    'too high' => [['po4' => false], 6],
    'one of each' => [['no3' => true, 'po4' => false], null],
    'within' => [[], null],
]);

it('proposes nothing where sock and water want opposite things, or what was taken for the same reason', function (
    int $soiling,
    array $low,
    ?int $days,
): void {
    $lines = [[0, 'sock changed'], [8, "sock changed soiling {$soiling}"], [16, "sock changed soiling {$soiling}"]];
    $rounds = planned($lines, 17, Plan::of(), ['care-sock' => 8.0])->with([], $low);
    expect($rounds->proposal?->days)->toBe($days);
})->with([
    'clogged, and too high' => [5, ['no3' => false], 6],
    'clogged, and too low' => [5, ['no3' => true], null],
    'clean, and too high' => [1, ['po4' => false], null],
    'clean, and too low' => [1, ['po4' => true], 10],
    'neither, and too high' => [3, ['po4' => false], 6],
]);

it('lists a medium to renew with the chores, by the day its charge is foreseen to end', function (): void {
    $gfo = new MediumRenewal(7, 'GFO', UTC_DAY_0 + 5, UTC_DAY_0 + 3, UTC_DAY_0 + 9, 15.0, ['r']);
    $rounds = planned([[0, 'sock changed']], 1, Plan::of(), ['care-sock' => 8.0])->with([$gfo]);
    $keys = fn (array $tasks): array => array_map(fn (Task $one): string => $one->key(), $tasks);
    expect($keys($rounds->due(UTC_DAY_0 + 4)))->toBe([])
        ->and($keys($rounds->due(UTC_DAY_0 + 5)))->toBe(['media 7'])
        ->and($keys($rounds->later(UTC_DAY_0 + 1)))->toBe(['media 7', 'sock'])
        ->and($keys($rounds->ahead(UTC_DAY_0 + 1, 20)[4]))->toBe(['media 7'])
        ->and(said($gfo->why()))->toContain('exhausted about');
});
