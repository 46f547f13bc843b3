<?php

declare(strict_types=1);

use App\Journal\Journal;
use App\Models\System;
use App\Models\Trial;
use App\Models\User;
use Ithys\Trial\Tank\Lot;
use Tests\Support\SwitchedTank;

beforeEach(function (): void {
    $this->travelTo('2026-03-01 18:00:00');
    $this->actingAs($this->keeper = User::factory()->create());
    $this->tank = System::factory()->ownedBy($this->keeper)->create();
    $this->at = "/systems/{$this->tank->id}/trials";
    $this->plan = fn (array $with = []): array => [
        'question' => 'Does the rubble lower it?', 'form' => 'switched', 'parameter' => 'no3', 'change' => 'rubble',
        'phaseDays' => '14', 'periods' => '4', 'washoutDays' => '2', 'every' => '4', 'other' => '', ...$with,
    ];
    $this->planned = function (array $with = []): Trial {
        $this->post($this->at, ($this->plan)($with))->assertSessionHasNoErrors();

        return Trial::query()->latest('id')->firstOrFail();
    };
    $this->page = fn (Trial $trial): array => $this->get("{$this->at}/{$trial->id}")->assertOk()->inertiaProps('trial');
    // Days count from midnight after the first day of March.
    $this->start = new DateTimeImmutable('2026-03-02 00:00:00 UTC');
    $this->lived = function (
        System $tank,
        array $spans,
        float $effect,
        int $lastDay,
        int $seed = 4,
        float $before = 7.0,
    ): void {
        (new Journal($tank))->record(SwitchedTank::journal(
            $seed,
            [],
            $spans,
            $effect,
            $lastDay,
            $this->start,
            before: $before,
        ), $this->keeper);
    };
    $this->due = fn (): array => array_column(
        $this->get(str_replace('trials', 'care', $this->at))->inertiaProps('care')['tanks'][0]['due'],
        'when',
        'label',
    );
});

it('says before the start what it can show in this tank, or what is missing for that', function (): void {
    $preview = fn (): array => $this->postJson("{$this->at}/tank/preview", ($this->plan)())->assertOk()->json();
    expect($preview())->toBe(['smallest' => null, 'lacks' => $this->tank->name]);
    ($this->lived)($this->tank, [], 0.0, -1, before: 80.0);
    expect($preview()['lacks'])->toBeNull()->and($preview()['smallest'])->toEndWith(' ppm')
        ->and($this->postJson("{$this->at}/tank/preview", ($this->plan)(['periods' => 'many']))->json())
        ->toBe(['smallest' => null, 'lacks' => null]);
});

it('says at each field what is wrong with a plan, and saves nothing', function (array $with, string $field): void {
    $this->post($this->at, ($this->plan)($with))->assertSessionHasErrors($field);
    expect(Trial::query()->count())->toBe(0);
})->with([
    [['question' => ''], 'question'], [['change' => ''], 'change'], [['periods' => '3'], 'periods'],
    [['periods' => '5'], 'periods'], [['washoutDays' => '9'], 'phaseDays'], [['every' => '0'], 'every'],
    [['parameter' => 'temp'], 'parameter'], [['form' => 'paired', 'phaseDays' => '30'], 'phaseDays'],
    [['form' => 'paired', 'phaseDays' => '28'], 'other'],
    [['form' => 'paired', 'phaseDays' => '28', 'other' => '1'], 'other'],
]);

it('is switched by its lot, on the days that are noted, and judged once from the journal', function (): void {
    $trial = ($this->planned)();
    $this->post("{$this->at}/{$trial->id}/start")->assertSessionHasNoErrors();
    $this->post("{$this->at}/{$trial->id}/start")->assertSessionHasErrors('plan');
    $switches = $trial->refresh()->lot()->switches();
    $label = fn (array $one): string => 'Rubble: switch '.($one['isOn'] ? 'on' : 'off');
    expect(($this->due)())->toHaveKey('Read the trial');
    $made = fn (int $planned, string $day) => $this->post(
        "{$this->at}/{$trial->id}/switches/{$planned}",
        ['day' => $day],
    );
    foreach ($switches as $n => $one) {
        $planned = $one['planned'];
        $this->travelTo("2026-03-01 18:00:00 +{$planned} days");
        expect(($this->due)()[$label($one)])->toBe('due today')
            ->and(($this->page)($trial)['headline'])->toContain('It is judged after day');
        $day = now()->format('Y-m-d');
        $made($planned, '2020-01-01')->assertSessionHasErrors('day');
        $made($planned, now()->addDay()->format('Y-m-d'))->assertSessionHasErrors('day');
        $made($planned, 'soon')->assertSessionHasErrors('day');
        $made(5, $day)->assertSessionHasErrors('day');
        isset($switches[$n + 1]) && $made($switches[$n + 1]['planned'], $day)->assertSessionHasErrors('day');
        $made($planned, $day)->assertSessionHasNoErrors();
    }
    $trial->refresh();
    ($this->lived)($this->tank, $trial->lot()->spans(), -0.35, 56);
    $this->travelTo('2026-04-26 18:00:00');
    expect(($this->page)($trial)['headline'])->toContain('It is judged after day 56');
    $this->travelTo('2026-04-27 18:00:00');
    $page = ($this->page)($trial);
    expect($page['headline'])->toContain('with rubble the water gained')->toContain('a week less')
        ->and($page['perWeek']['high'])->toBeLessThan(0)->and($page['isJudged'])->toBeTrue()
        ->and(array_column($page['switches'], 'isMade'))->not->toContain(false)
        ->and($page['readings'][0]['points'])->not->toBe([])
        ->and($this->get($this->at)->inertiaProps('trials')['list'][0]['says'])->toBe($page['headline']);
});

it('does not judge one that ended early, and counts a late switch where it was made', function (): void {
    $trial = ($this->planned)();
    // A lot by which it is on first, then off.
    $seed = 1;
    while (array_slice(Lot::draw($trial->tankPlan(), $seed)->order, 0, 2) !== [true, false]) {
        $seed++;
    }
    $trial->update(['seed' => $seed]);
    $this->post("{$this->at}/{$trial->id}/start");
    $made = fn (int $planned): mixed => $this->post(
        "{$this->at}/{$trial->id}/switches/{$planned}",
        ['day' => now()->format('Y-m-d')],
    )->assertSessionHasNoErrors();
    $made(0);
    $this->travelTo('2026-03-18 18:00:00');
    $made(14);
    expect(($this->page)($trial)['spans'][0])->toEqual([0, 17])
        ->and(($this->page)($trial)['switches'][1])->toMatchArray(['planned' => 14, 'day' => 17, 'isMade' => true]);
    $this->post("{$this->at}/{$trial->id}/end")->assertSessionHasNoErrors();
    expect(($this->page)($trial)['headline'])->toContain('It ended on day');
});

it('judges before and after by the verdict of the journal itself', function (): void {
    $trial = ($this->planned)(['form' => 'before', 'phaseDays' => '28']);
    $this->post("{$this->at}/{$trial->id}/start");
    $day = $trial->refresh()->lot()->changeDay();
    ($this->lived)($this->tank, [[$day, 99.0]], -0.5, 39, before: 30.0);
    $pick = fn (int $entry) => $this->put("{$this->at}/{$trial->id}/change", ['entry' => $entry]);
    $pick(1)->assertSessionHasErrors('entry');
    $this->travelTo("2026-03-01 20:00:00 +{$day} days");
    expect(($this->page)($trial)['candidates'])->toBe([]);
    $this->post(str_replace('trials', 'journal', $this->at), ['line' => 'light 8 h'])->assertSessionHasNoErrors();
    $candidate = ($this->page)($trial)['candidates'][0];
    expect($candidate['text'])->toContain('8 h');
    $pick($candidate['id'])->assertSessionHasNoErrors();
    $this->travelTo('2026-03-02 18:00:00 +'.($day + 28).' days');
    $page = ($this->page)($trial);
    $journal = $this->get($page['verdictAt'])->inertiaProps('verdict');
    $sentences = array_column($journal['judgements'], 'sentence', 'parameter');
    expect($page['headline'])->toBe($sentences['no3'])->and($page['headline'])->toContain('Less comes in');
    // Taken out of the journal, it is asked for again.
    $this->delete(str_replace('trials', 'journal', $this->at)."/{$candidate['id']}");
    expect(($this->page)($trial)['headline'])->toContain('is no longer in the journal');
});

it('judges two tanks, of which the lot picks one, and shows them to those alone who may see both', function (): void {
    $second = System::factory()->ownedBy($this->keeper)->create();
    $trial = ($this->planned)(['form' => 'paired', 'phaseDays' => '28', 'other' => (string) $second->id]);
    $this->post("{$this->at}/{$trial->id}/start");
    // Both are to be read, and one of them is to be changed.
    $care = $this->get(str_replace('trials', 'care', $this->at))->inertiaProps('care')['tanks'];
    $labels = array_map(
        fn (array $tank): array => array_column([...$tank['due'], ...$tank['later']], 'href', 'label'),
        $care,
    );
    expect(array_column($labels, 'Read the trial'))->toBe(array_fill(0, 2, "{$this->at}/{$trial->id}"))
        ->and(array_column($labels, 'Rubble: the change of the trial'))->toHaveCount(1);
    $lot = $trial->refresh()->lot();
    [$changed, $left] = $lot->isOther ? [$second, $this->tank] : [$this->tank, $second];
    ($this->lived)($changed, [[$lot->changeDay(), 99.0]], -0.6, 39, before: 30.0);
    ($this->lived)($left, [], 0.0, 39, 5, before: 30.0);
    $this->travelTo("2026-03-01 20:00:00 +{$lot->changeDay()} days");
    $this->post("/systems/{$changed->id}/journal", ['line' => 'light 8 h']);
    $page = ($this->page)($trial);
    expect($page['tanks'])->toBe(['changed' => $changed->name, 'left' => $left->name])
        ->and($page['readings'])->toHaveCount(2);
    $this->put("{$this->at}/{$trial->id}/change", ['entry' => $page['candidates'][0]['id']])
        ->assertSessionHasNoErrors();
    $this->travelTo('2026-03-02 18:00:00 +'.($lot->changeDay() + 28).' days');
    $page = ($this->page)($trial);
    expect($page['headline'])->toContain("a week less than {$left->name} without it")
        ->and($page['remarks'])->toHaveCount(1);
    // Who owns the first tank too does not see the second.
    $helper = User::factory()->create();
    $this->tank->members()->attach($helper, ['role' => 'owner']);
    $this->flushSession();
    $this->actingAs($helper)->get("{$this->at}/{$trial->id}")->assertForbidden();
    expect($this->get($this->at)->inertiaProps('trials')['list'][0]['says'])
        ->toBe('Its other tank is not yours to see.');
});

it('gives its plan as a file that opens again', function (): void {
    $trial = ($this->planned)();
    $file = (string) $this->get("{$this->at}/{$trial->id}/trial.json")->assertOk()->getContent();
    $this->post($this->at, ['file' => $file])->assertSessionHasNoErrors();
    expect(Trial::query()->latest('id')->firstOrFail()->plan)->toBe($trial->plan)
        ->and($this->get("{$this->at}/{$trial->id}/readings.csv")->assertNotFound()->status())->toBe(404);
    $this->put("{$this->at}/{$trial->id}/readings", ['cells' => ['no3 U1 0' => '8']])->assertNotFound();
});
