<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Effect\AlsoChanged;
use Ithys\Effect\Confounder;
use Ithys\Effect\Confounders;
use Ithys\Effect\Question;
use Ithys\History\Routines;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Note\Note;
use Ithys\Journal\Payload;
use Ithys\Journal\Photoperiod\Photoperiod;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\Spell\Spell;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Media\Medium;

/**
 * What Confounders says of entries around a change at day 0.
 *
 * @param  list<array{float|int, Payload}>  $entries  day and payload
 * @return list<string>
 */
function confounders(
    array $entries,
    ?Payload $change = null,
    Parameter $nutrient = Parameter::Nitrate,
    int $nowDay = 28,
    array $tankChanges = [],
): array {
    $start = new DateTimeImmutable('2026-06-01 12:00Z');
    $at = fn (float|int $day): DateTimeImmutable => $start->modify('+'.(int) round($day * 86400).' seconds');
    $picked = new Entry($start, $change ?? SockChange::of(), 1);
    $journal = [$picked];
    foreach ($entries as $i => [$day, $payload]) {
        $journal[] = new Entry($at($day), $payload, $i + 2);
    }
    usort($journal, fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
    $question = new Question(
        $picked,
        $nutrient,
        200,
        $at($nowDay),
        28,
        null,
        AlsoChanged::of(array_map($at, $tankChanges), Routines::of(
            $journal,
            200.0,
            new DateTimeZone('UTC'),
            $at($nowDay),
            Assumptions::standard(),
        )),
    );

    return array_map(fn (Confounder $found): string => said($found->sentence), Confounders::find($question, $journal));
}

/** @return list<array{float|int, Payload}> one payload on each of the days */
function on(array $days, Payload $payload): array
{
    return array_map(fn (float|int $day): array => [$day, $payload], $days);
}

it('finds nothing in a quiet journal', function (): void {
    expect(confounders([]))
        ->toBe([])
        ->and(confounders([[-3, Reading::of(Parameter::Nitrate, 8)], [-2, Note::of('calm')], [4, WaterChange::of(20)]]))
        ->toBe([]);
});

it('names each lever that was moved, and when', function (Payload $moved, string $words): void {
    expect(confounders([[9, $moved]]))->toBe(["{$words}, 9 days after."])
        ->and(confounders([[-1, $moved]]))->toBe(["{$words}, 1 day before."])
        ->and(confounders([[0.2, $moved]]))->toBe(["{$words}, on the same day."]);
})->with([
    [fn () => MediaCharge::grams(Medium::ActivatedCarbon, 60), 'Activated carbon 60 g'],
    [fn () => SkimmerSwitch::of(false), 'Skimmer off'],
    [fn () => Photoperiod::of(6), 'Refugium light 6 h a day'],
]);

it('leaves out what lies outside the window or in the future', function (): void {
    $charge = MediaCharge::grams(Medium::Resin, 60);
    expect(confounders([[-29, $charge], [29, $charge]], nowDay: 60))->toBe([])
        ->and(confounders([[12, $charge]], nowDay: 10))->toBe([]);
});

it('does not count the picked change against itself, but counts its like', function (): void {
    $gfo = MediaCharge::grams(Medium::Gfo, 85);
    expect(confounders([], $gfo))->toBe([])
        ->and(confounders([[20, $gfo]], $gfo))->toBe(['GFO 85 g, 20 days after.']);
});

it('knows a phosphate medium that goes on changing as it wears out, even from outside the window', function (): void {
    $gfo = MediaCharge::grams(Medium::Gfo, 85);
    expect(confounders([[-60, $gfo]], nutrient: Parameter::Phosphate))->toBe(['GFO 85 g, 60 days before.'])
        ->and(confounders([[10, $gfo]], nutrient: Parameter::Phosphate))->toBe(['GFO 85 g, 10 days after.'])
        ->and(confounders([[-60, $gfo]], nutrient: Parameter::Nitrate))->toBe([])
        ->and(confounders([[-120, $gfo]], nutrient: Parameter::Phosphate))->toBe([]);
});

it('compares the rate of feeding on both sides', function (float $before, float $after, array $found): void {
    $entries = [
        ...on(range(-28, -1), Feed::of($before)),
        ...on(array_map(fn (int $d): float => $d + 0.3, range(0, 27)), Feed::of($after)),
    ];
    expect(confounders($entries))->toBe($found);
})->with([
    'the same' => [3.0, 3.0, []],
    'within a fifth' => [3.0, 3.5, []],
    'more' => [3.0, 4.5, ['Feeding: from 3 g a day to 4.5 g a day, on the same day.']],
    'less' => [3.0, 1.5, ['Feeding: from 3 g a day to 1.5 g a day, on the same day.']],
]);

it('does not take the start of logging for fasting', function (): void {
    expect(
        confounders([
            ...on(range(-9, -1), Feed::of(3)),
            ...on(array_map(fn (int $d): float => $d + 0.3, range(0, 27)), Feed::of(3)),
        ]),
    )
        ->toBe([])
        ->and(confounders(on([-1, 3, 9], Feed::of(3))))
        ->toBe([]);
});

it('sees organic carbon begin to be raised', function (): void {
    $dose = fn (float $ml): Payload => CarbonDose::of(CarbonSource::Vinegar, $ml);
    $entries = [
        ...on(range(-20, -1), $dose(5)),
        ...on(array_map(fn (int $d): float => $d + 0.3, range(0, 27)), $dose(10)),
    ];
    expect(confounders($entries))->toBe(['Organic carbon, vinegar: from 5 mL a day to 10 mL a day, on the same day.']);
});

it('sees socks changed less often, but not for a sock that is picked itself', function (): void {
    $socks = on([-24, -20, -16, -12, -8, -4, 4, 14, 24], SockChange::of());
    expect(confounders($socks, SkimmerSwitch::of(true)))
        ->toBe(['The sock interval: perhaps from one in 4 days to one in 9.4 days, 4 days before.'])
        ->and(confounders($socks))->toBe([])
        ->and(confounders(on([-24, -20, -16, 4, 9, 13], SockChange::of()), SkimmerSwitch::of(true)))->toBe([])
        ->and(confounders(on([-20, 4], SockChange::of()), SkimmerSwitch::of(true)))->toBe([]);
});

it('says when the tank was changed, in the window only', function (): void {
    expect(confounders([], tankChanges: [-40, 12]))->toBe(['The tank or its path was changed 12 days after.']);
});

it('names a medium that does not bind the nutrient, and lets it stand in the way of nothing', function (
    Medium $medium,
    Parameter $nutrient,
    bool $stands,
): void {
    $start = new DateTimeImmutable('2026-06-01 12:00Z');
    $picked = new Entry($start, SockChange::of(), 1);
    $other = new Entry($start->modify('+4 days'), MediaCharge::grams($medium, 50), 2);
    $question = new Question($picked, $nutrient, 200, $start->modify('+28 days'), 28);
    [$found] = Confounders::find($question, [$picked, $other]);
    expect($found->day !== null)->toBe($stands);
})->with([
    [Medium::Gfo, Parameter::Phosphate, true],
    [Medium::Gfo, Parameter::Nitrate, false],
    [Medium::ActivatedCarbon, Parameter::Phosphate, false],
    [Medium::Zeolite, Parameter::Nitrate, true],
    [Medium::Unlisted, Parameter::Nitrate, true],
]);

it('names a device that was off for hours, and lets one that was off for days stand in the way', function (): void {
    expect(confounders([[3, Spell::off(Spell::SKIMMER, 3.0)]]))->toBe(['Skimmer off for 3 h, 3 days after.'])
        // Pauses come twice a day.
        ->and(confounders([[3, Spell::pause(Spell::SKIMMER, 0.5)], [4, Spell::pause('return pump', 0.25)]]))->toBe([]);
    $days = fn (Spell $spell): ?float => Confounders::find(
        new Question(
            $picked = new Entry(new DateTimeImmutable('2026-06-01 12:00Z'), SockChange::of(), 1),
            Parameter::Nitrate,
            200,
            new DateTimeImmutable('2026-06-29 12:00Z'),
            28,
        ),
        [$picked, new Entry(new DateTimeImmutable('2026-06-04 12:00Z'), $spell, 2)],
    )[0]->day;
    expect($days(Spell::off(Spell::SKIMMER, 23.0)))->toBeNull()
        ->and($days(Spell::off(Spell::SKIMMER, 24.0)))->toBe(3.0);
});
