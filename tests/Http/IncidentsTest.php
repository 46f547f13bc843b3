<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs($this->user = User::query()->firstOrFail());
    $this->page = fn (): array => $this->get('/systems/1/care/incidents')->assertOk()->inertiaProps('incidents');
    $this->care = fn (): array => $this->get('/systems/1/care')->inertiaProps('care')['tanks'][0];
    $this->log = fn (string $line) => $this->post('/systems/1/journal', ['line' => $line])->assertSessionHasNoErrors();
    $this->stage = fn (string $title): ?string => array_column(
        $this->get('/systems/1/care')->inertiaProps('frame')['path']['stops'],
        'due',
        'title',
    )[$title];
});

it('logs an incident with its cause and cost, and adds them up', function (): void {
    $form = ['what' => 'flood', 'when' => 'yesterday 18:00', 'hours' => '0.5', 'litres' => '12', 'minutes' => '90',
        'cause' => 'a torn hose', 'did' => 'a new hose'];
    $this->post('/systems/1/care/incidents', $form)->assertSessionHasNoErrors();
    $this->post('/systems/1/care/incidents', [...$form, 'when' => '3 days ago', 'litres' => '', 'minutes' => '']);
    $undo = session('flash')['undo'];
    $page = ($this->page)();
    expect($page['sums'])->toBe([[
        'what' => 'flood', 'times' => 2, 'cost' => '12 L of water (1 of 2 times), 90 minutes (1 of 2 times)',
    ]])
        ->and($page['list'][0]['text'])->toContain('torn hose')->toContain('Done: a new hose')
        ->and(count($page['list']))->toBe(2);
    // It is on the chart, and another change for every verdict.
    $lanes = array_column($this->get('/systems/1/journal')->inertiaProps('sheet')['changes'], 'lane');
    expect(array_count_values($lanes)['incident'])->toBe(2);
    $this->post($undo)->assertRedirect();
    expect(($this->page)()['list'])->toHaveCount(1);
});

it('refuses what cannot be, as the log does', function (array $with, string $field): void {
    $this->post('/systems/1/care/incidents', ['what' => 'flood', ...$with])->assertSessionHasErrors($field);
    expect(($this->page)()['list'])->toBe([]);
})->with([
    'nothing' => [['what' => ''], 'what'],
    'something unknown' => [['what' => 'earthquake'], 'what'],
    'tomorrow' => [['when' => '2099-01-02'], 'when'],
    'words for a day' => [['when' => 'when I came home'], 'when'],
    'a second entry behind the day' => [['when' => 'yesterday no3 8'], 'when'],
    'hours in words' => [['hours' => 'long'], 'hours'],
    'a negative loss' => [['litres' => '-3'], 'what'],
    'months' => [['hours' => '9000'], 'what'],
]);

it('shows what is off since when, on Care and on the water line, until it is on', function (): void {
    expect(($this->care)()['off'])->toBe([]);
    ($this->log)('skimmer off 3 days ago');
    expect(($this->care)()['off'][0]['says'])->toStartWith('Skimmer: off since')
        ->and(($this->stage)('Skimmer'))->toBe('off 3 days');
    ($this->log)(($this->care)()['off'][0]['line']);
    expect(($this->care)()['off'])->toBe([])->and(($this->stage)('Skimmer'))->not->toContain('off');
});

it('asks after a feeding pause that nobody ended, on Care, on the line and among the alerts', function (): void {
    ($this->log)((string) ($this->care)()['pause']);
    expect(($this->care)()['off'][0]['says'])->toStartWith('Skimmer: off until')
        ->and(($this->care)()['off'][0]['isOverdue'])->toBeFalse();
    $this->travel(2)->hours();
    $alerts = array_column($this->get('/systems/1/journal')->inertiaProps('alerts'), 'title');
    expect(($this->care)()['off'][0]['isOverdue'])->toBeTrue()->and(($this->stage)('Skimmer'))->toBe('back on?')
        ->and($alerts)->toContain('Skimmer: is it back on?');
    ($this->log)('skimmer on');
    expect(($this->care)()['off'])->toBe([]);
});

it('draws a time off on the lane of its device, to its end', function (): void {
    ($this->log)('skimmer off 6 h yesterday 08:00');
    $changes = $this->get('/systems/1/journal')->inertiaProps('sheet')['changes'];
    $spell = array_values(array_filter($changes, fn (array $one): bool => $one['text'] === 'Skimmer off for 6 h'))[0];
    expect($spell['lane'])->toBe('skimmer')->and($spell['until'] - $spell['t'])->toBe(6 * 3600)
        ->and($spell['judged'])->toBeFalse()->and(($this->care)()['off'])->toBe([]);
});

it('asks for the first hour after a power cut, keeps the valve setting and shows it next time', function (): void {
    expect(($this->care)()['firstHour'])->toBeNull();
    ($this->log)('power cut 2 h');
    expect(($this->care)()['firstHour'])->toBe('the power was out');
    $this->travel(1)->minutes();
    $this->post('/systems/1/care/first-hour', ['levels' => 'ok', 'trickle' => 'bad', 'valve' => '2.5 turns open'])
        ->assertSessionHasNoErrors();
    expect(($this->care)()['firstHour'])->toBeNull()
        ->and(($this->page)()['firstHour']['valve'])->toBe('2.5 turns open');
    $this->travel(1)->minutes();
    ($this->log)('new roll');
    expect(($this->page)()['firstHour']['because'])->toBe('a new roll went in')
        ->and(($this->page)()['firstHour']['valve'])->toBe('2.5 turns open');
    // Nobody looked: after some days it is too late to ask.
    $this->travel(4)->days();
    expect(($this->page)()['firstHour']['because'])->toBeNull();
    $this->post('/systems/1/care/first-hour', ['valve' => ''])->assertSessionHasErrors('valve');
});

it('lets a stranger neither look nor log', function (): void {
    $this->actingAs(User::factory()->create());
    $this->get('/systems/1/care/incidents')->assertNotFound();
    $this->post('/systems/1/care/incidents', ['what' => 'flood'])->assertNotFound();
    $this->post('/systems/1/care/first-hour', ['levels' => 'ok'])->assertNotFound();
});

it('plans nothing on days off, and says who does what, on every list', function (): void {
    // The days of a trial are fixed by its plan.
    $days = fn (): array => array_values(array_filter(
        $this->get('/systems/1/care')->inertiaProps('care')['weeks'],
        fn (array $one): bool => array_diff($one['tasks'], ['Read the trial, Stairwell reef']) !== [],
    ));
    $this->put('/systems/1/care/plan', ['off' => [6, 7]])->assertSessionHasNoErrors();
    foreach (array_slice($days(), 1) as $day) {
        expect($day['day'])->not->toStartWith('Sat')->not->toStartWith('Sun');
    }
    $this->put('/systems/1/care/plan', ['off' => [1, 2, 3, 4, 5, 6, 7]])->assertSessionHasErrors('off');
    $this->put('/systems/1/care/cup/doer', ['who' => 'Noor'])->assertSessionHasNoErrors();
    expect(array_column(($this->care)()['due'], 'who', 'key')['cup'])->toBe('Noor');
    $feed = function (string $person): string {
        $this->post('/settings/calendar', ['person' => $person]);
        $address = (string) strstr(session('flash')['message'], 'http');

        return (string) $this->get($address)->getContent();
    };
    expect($feed('Noor'))->toContain('Empty the skimmer cup')
        ->and($feed('Ines'))->not->toContain('Empty the skimmer cup')->toContain('Change the socks')
        ->and($feed(''))->toContain('Empty the skimmer cup');
    $this->put('/systems/1/care/cup/doer', ['who' => str_repeat('x', 41)])->assertSessionHasErrors('who');
    $this->put('/systems/1/care/cup/doer', ['who' => ''])->assertSessionHasNoErrors();
    expect(array_column(($this->care)()['due'], 'who', 'key')['cup'])->toBeNull();
});

it('has the same day for a medium on Care, on the water line and in the calendar', function (): void {
    $care = $this->get('/systems/1/care')->inertiaProps('care');
    $renewals = array_filter(
        [...$care['tanks'][0]['due'], ...$care['tanks'][0]['later']],
        fn (array $one): bool => str_starts_with($one['key'], 'media'),
    );
    $calendar = (string) $this->get('/care.ics')->getContent();
    $today = intdiv(now('Europe/Lisbon')->startOfDay()->getTimestamp() + now('Europe/Lisbon')->getOffset(), 86_400);
    foreach ($renewals as $one) {
        $day = max($one['due'], $today);
        if ($day < $today + 56) {
            expect(str_replace("\r\n ", '', $calendar))->toMatch(
                '~SUMMARY:'.preg_quote($one['label']).'.*?DTSTART;VALUE=DATE:'.gmdate('Ymd', $day * 86_400).'~s',
            );
        }
    }
    expect(System::query()->findOrFail(1)->carePlan()->off)->toBe([]);
});

it('drops the task of a part that is taken out of the design, and keeps what was logged of it', function (): void {
    expect(array_column(($this->care)()['due'], 'key'))->toContain('cup');
    ($this->log)('skimmer cup emptied');
    $system = System::query()->findOrFail(1);
    $path = $system->pathRevisionAt(now());
    $document = $path->path()->toArray();
    $strip = function (array $part) use (&$strip): array {
        foreach ($part as $key => $one) {
            if (is_array($one)) {
                $part[$key] = array_is_list($one)
                    ? array_values(array_map(
                        fn (mixed $item): mixed => is_array($item) ? $strip($item) : $item,
                        array_filter($one, fn (mixed $item): bool => ! is_array($item)
                            || ($item['kind'] ?? '') !== 'skimmer'),
                    ))
                    : $strip($one);
            }
        }

        return $part;
    };
    $system->pathRevisions()->create([
        'user_id' => $this->user->id,
        'in_force_from' => now(),
        'document' => $strip($document),
    ]);
    $this->travel(4)->days();
    $tank = ($this->care)();
    expect(array_column([...$tank['due'], ...$tank['later'], ...$tank['unknown']], 'key'))->not->toContain('cup');
    $this->get('/systems/1/journal?view=table&find=cup')->assertOk();
});
