<?php

declare(strict_types=1);

use App\Journal\TankRounds;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\ChoreWord\Chore;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs($this->user = User::query()->firstOrFail());
    $this->care = fn (): array => $this->get('/systems/1/care')->assertOk()->inertiaProps('care');
    $this->due = fn (): array => array_column(($this->care)()['tanks'][0]['due'], null, 'key');
    $this->log = fn (string $line) => $this->post('/systems/1/journal', ['line' => $line])->assertSessionHasNoErrors();
});

it('is the first screen, and lists what is due on all tanks', function (): void {
    $this->get('/')->assertRedirect('/systems/1/care');
    $care = ($this->care)();
    expect(array_column($care['tanks'], 'name'))->toBe(['Stairwell reef', 'Window nano'])
        ->and(array_column($care['tanks'][0]['due'], 'key'))->toContain('cup', 'top-off', 'pad')
        // Nobody logged anything of the other, so nothing is known to be due there.
        ->and($care['tanks'][1]['due'])->toBe([])->and($care['tanks'][1]['unknown'])->not->toBe([])
        ->and($care['weeks'])->toHaveCount(28)
        ->and($care['minutes'])->toEqual(round(array_sum(array_column($care['tanks'][0]['due'], 'minutes'))));
});

it('does a chore by one line of the log, marks it done and takes it back', function (): void {
    $cup = ($this->due)()['cup'];
    ($this->log)($cup['line']);
    $tank = ($this->care)()['tanks'][0];
    [$done] = array_values(array_filter($tank['done'], fn (array $one): bool => $one['key'] === 'cup'));
    expect(array_column($tank['due'], 'key'))->not->toContain('cup')->and($done['when'])->toBe('done');
    $this->delete("/systems/1/journal/{$done['entry']}")->assertSessionHasNoErrors();
    expect(($this->due)())->toHaveKey('cup')->and(($this->due)()['cup']['due'])->toBe($cup['due']);
});

it('takes every line that it offers', function (): void {
    $tank = ($this->care)()['tanks'][0];
    foreach ([...$tank['due'], ...$tank['unknown']] as $task) {
        foreach ([$task['asks'] ? null : $task['line'], $task['fine'], $task['skip']] as $line) {
            if ($line !== null && $line !== '' && $task['href'] === null) {
                $this->postJson('/systems/1/journal/understand', ['line' => $line])->assertOk()
                    ->assertJsonPath('problems', [])->assertJsonPath('mayBeSaved', true);
            }
        }
    }
    expect(true)->toBeTrue();
});

it('lets a chore be still fine or skipped', function (): void {
    ['fine' => $fine, 'skip' => $skip] = ($this->due)()['cup'];
    ($this->log)($fine);
    expect(($this->due)())->not->toHaveKey('cup');
    $this->travel(2)->days();
    expect(($this->due)())->toHaveKey('cup');
    ($this->log)($skip);
    $this->travel(2)->days();
    expect(($this->due)())->not->toHaveKey('cup');
});

it('says the same of a stage on the water line', function (): void {
    $page = $this->get('/systems/1/care');
    $stops = array_column($page->inertiaProps('frame')['path']['stops'], 'due', 'id');
    $due = array_column($page->inertiaProps('care')['tanks'][0]['due'], 'when', 'key');
    expect($stops['skimmer'])->toBe($due['cup'])
        ->and(array_filter($stops))->not->toBe([]);
});

it('sets an interval with its reason, and refuses what is none', function (): void {
    $this->put('/systems/1/care/cup', ['days' => '10', 'why' => 'a big cup'])->assertRedirect('/systems/1/care');
    $round = TankRounds::of(System::query()->findOrFail(1), now()->toDateTimeImmutable())->find(Chore::Cup);
    expect(said($round->interval->why))->toBe('Every 10 days, your choice: a big cup')
        ->and(($this->due)())->not->toHaveKey('cup');
    foreach (['0', '-3', '731', 'often', ''] as $days) {
        $this->put('/systems/1/care/cup', ['days' => $days, 'why' => 'x'])
            ->assertSessionHasErrors(['days' => 'Write whole days from 1 to 730.']);
    }
    $this->put('/systems/1/care/cup', ['days' => '3', 'why' => ' '])
        ->assertSessionHasErrors(['why' => 'Say why, in at most 200 characters.']);
    $this->put('/systems/1/care/nothing', ['days' => '3', 'why' => 'x'])->assertNotFound();
});

it('proposes another interval, which only its keeper takes', function (): void {
    $socks = fn () => array_column(($this->care)()['proposals'], null, 'chore')['sock'] ?? null;
    $this->put('/systems/1/care/sock', ['days' => '4', 'why' => 'felt']);
    expect($socks())->toBeNull();
    foreach ([1, 0] as $ago) {
        ($this->log)(now()->subDays($ago)->subHour()->format('Y-m-d H:i').' sock changed soiling 5');
    }
    $proposal = $socks();
    expect($proposal['days'])->toBe(1)->and($proposal['minutes'])->toBeGreaterThan(0.0);
    $this->put('/systems/1/care/sock', ['days' => (string) $proposal['days'], 'why' => $proposal['because']]);
    expect(said(TankRounds::of(System::query()->findOrFail(1), now()->toDateTimeImmutable())
        ->find(Chore::Sock)->interval->why))->toContain('Every day')
        ->and($socks())->toBeNull();
});

it('lets nobody else look or set', function (): void {
    $this->actingAs(User::factory()->create());
    $this->get('/systems/1/care')->assertNotFound();
    $this->put('/systems/1/care/cup', ['days' => '3', 'why' => 'x'])->assertNotFound();
});

it('knows days and minutes of every chore', function (): void {
    foreach (Chore::cases() as $chore) {
        expect(Assumptions::standard()->value("care-{$chore->value}"))->toBeGreaterThanOrEqual(1.0)
            ->and(Assumptions::standard()->value("minutes-{$chore->value}"))->toBeGreaterThan(0.0);
    }
});
