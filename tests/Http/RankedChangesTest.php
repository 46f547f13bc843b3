<?php

declare(strict_types=1);

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Ithys\Effect\Answer;
use Ithys\Effect\Judgement;
use Ithys\Effect\Question;
use Ithys\Effect\Rates;
use Ithys\Effect\Readings;
use Ithys\Effect\Relaxed\Interval;
use Ithys\Effect\Verdict;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Quantity\Text;

it('lists changes the newest first, and marks the answers that stand out among all', function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs(User::query()->firstOrFail());
    $ranked = $this->get('/systems/1/journal?view=changes&range=1y')->assertOk()->inertiaProps('ranked');
    $times = array_column($ranked['changes'], 't');
    $sorted = $times;
    rsort($sorted);
    [$gfo] = array_values(array_filter(
        $ranked['changes'],
        fn (array $one): bool => $one['text'] === 'GFO 85 g, GFO reactor',
    ));
    expect($times)->toBe($sorted)
        ->and($gfo['answers'][1])->toMatchArray(['parameter' => 'po4', 'verdict' => 'lower'])
        ->and($gfo['answers'][1]['odds'])->toContain(' to 1 that it did something')
        ->and($ranked['judged'])->toBeGreaterThan(0)->toBeLessThanOrEqual(2 * count($times));
    foreach ($ranked['changes'] as $change) {
        foreach ($change['answers'] as $answer) {
            expect($answer['figure'] === '')->toBe($answer['verdict'] === 'cannot tell yet', $change['text']);
        }
    }
    // Routine acts of the demo did nothing, and are not among them.
    expect(array_filter(
        array_column($ranked['changes'], 'text'),
        fn (string $text): bool => str_starts_with($text, 'Sock') || str_starts_with($text, 'Fed'),
    ))->toBe([]);
    expect($this->get('/systems/1/journal')->inertiaProps('ranked'))->toBeNull();
});

it('ranks a difference above none, and each by how well it is known', function (): void {
    $known = fn (Verdict $verdict, ?Interval $difference): ?float => (new Judgement(
        new Question(
            new Entry(new DateTimeImmutable('2026-03-04'), SkimmerSwitch::of(true)),
            Parameter::Nitrate,
            300,
            new DateTimeImmutable('2026-05-04'),
        ),
        Answer::plain($verdict, Text::wrap('')),
        $difference === null ? null : new Rates(new Interval(1, 0, 2), new Interval(1, 0, 2), $difference),
        new Readings(9, 9, 0, 40.0),
        10.0,
        [],
        [],
    ))->known();
    expect($known(Verdict::Lower, new Interval(-20, -24, -16)))->toBe(5.0)
        ->and($known(Verdict::Higher, new Interval(20, 10, 30)))->toBe(2.0)
        ->and($known(Verdict::NoDifferenceShown, new Interval(1, -4, 6)))->toBeLessThan(1.0)
        ->and($known(Verdict::NoDifferenceShown, new Interval(1, -4, 6)))
        ->toBeGreaterThan($known(Verdict::NoDifferenceShown, new Interval(1, -7, 9)))
        ->and($known(Verdict::CannotTellYet, new Interval(-20, -60, 20)))->toBeNull()
        ->and($known(Verdict::Lower, null))->toBeNull();
});
