<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Effect\RoutineChange;
use Ithys\History\Routines;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\Payload;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

/**
 * @param  list<float>  $days
 * @param  Closure(int): Payload  $of
 * @return list<Entry>
 */
function routine(array $days, Closure $of): array
{
    return array_map(
        static fn (float $day, int $i): Entry => new Entry(
            (new DateTimeImmutable('2026-01-01 12:00:00Z'))->modify('+'.(int) round($day * 86400).' seconds'),
            $of($i),
            $i + 1,
        ),
        $days,
        array_keys($days),
    );
}

/**
 * @param  list<Entry>  $entries
 * @return array<int, string>
 */
function shiftsOf(array $entries): array
{
    $words = new Words(UnitSystem::Metric);

    return array_map($words->say(...), array_column(RoutineChange::in(Routines::of(
        $entries,
        200.0,
        new DateTimeZone('UTC'),
        $entries[count($entries) - 1]->at->modify('+1 day'),
        Assumptions::standard(),
    )), 'says', 'entry'));
}

/** @return list<float> */
function every(float $days, int $times, float $from = 0.0): array
{
    return array_map(static fn (int $i): float => $from + $days * $i, range(0, $times - 1));
}

it('finds where socks go from every seven days to every three and a half', function (): void {
    $days = [...every(7, 7), ...every(3.5, 10, 42 + 3.5)];
    expect(shiftsOf(routine($days, static fn (): Payload => SockChange::of(3))))
        // The seventh is the first of the new pace.
        ->toBe([7 => 'The sock interval: from one in 7 days to one in 3.5 days']);
});

it('finds where water changes go from 10 to 15 % a week', function (): void {
    $of = static fn (int $i): Payload => WaterChange::of($i < 8 ? 20.0 : 30.0);
    expect(shiftsOf(routine(every(7, 16), $of)))
        ->toBe([9 => 'Changing water: from 10 % a week to 15 % a week']);
});

it('finds where feeding rises, through the scatter of a pinch', function (): void {
    $of = static fn (int $i): Payload => Feed::of(($i < 30 ? 2.0 : 3.0) + 0.2 * sin(1.7 * $i), Food::Pellet);
    $shifts = shiftsOf(routine(every(1, 60), $of));
    expect($shifts)->toHaveCount(1)
        ->and(array_key_first($shifts))->toBeGreaterThan(27)->toBeLessThan(34)
        ->and(array_values($shifts)[0])->toStartWith('Feeding: from 2');
});

it('finds nothing in a routine that goes on, with a late one and one too many', function (): void {
    $days = every(7, 14);
    $days[5] += 2.0;
    $days[9] -= 1.0;
    expect(shiftsOf(routine($days, static fn (): Payload => SockChange::of(3))))->toBe([])
        ->and(shiftsOf(routine($days, static fn (int $i): Payload => WaterChange::of($i === 6 ? 26.0 : 20.0))))
        ->toBe([])
        ->and(shiftsOf(routine(
            every(1, 60),
            static fn (int $i): Payload => Feed::of(2.6 + 0.3 * sin(2.3 * $i), Food::Pellet),
        )))
        ->toBe([]);
});

it('calls a few uses no routine', function (): void {
    expect(shiftsOf(routine([0, 7, 14, 17, 20], static fn (): Payload => SockChange::of(3))))->toBe([]);
});

it('tells where organic carbon begins and stops, each source by itself', function (): void {
    $feed = routine(every(1, 30), static fn (): Payload => Feed::of(1.0, Food::Pellet));
    $doses = routine(every(1, 40, 30), static fn (int $i): Payload => CarbonDose::of(
        CarbonSource::Vinegar,
        $i === 39 ? 0.0 : 10.0,
    ));
    $entries = array_map(
        static fn (Entry $entry, int $i): Entry => new Entry($entry->at, $entry->payload, $i + 1),
        [...$feed, ...$doses],
        range(0, 69),
    );
    expect(shiftsOf($entries))->toBe([
        31 => 'Organic carbon, vinegar: started with 10 mL a day',
        70 => 'Organic carbon, vinegar: stopped, 10 mL a day before',
    ]);
});
