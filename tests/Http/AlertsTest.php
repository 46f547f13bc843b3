<?php

declare(strict_types=1);

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Ithys\Journal\Entry;
use Ithys\Journal\Skimmer\SkimmerSwitch;

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create(['name' => 'Ada']));
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->at = "/systems/{$this->system->id}";
    (new Journal($this->system))->record([
        new Entry(now()->subDays(4)->toDateTimeImmutable(), SkimmerSwitch::of(false)),
    ], $this->keeper);
    $this->alerts = fn (): array => $this->get("{$this->at}/journal")->assertOk()->inertiaProps('alerts');
    $this->put = fn (array $with = []): TestResponse => $this->post("{$this->at}/alerts", [
        'alert' => 'skimmer', 'days' => '7', 'reason' => 'A new pump comes on Friday.', ...$with,
    ]);
});

it('shows what should be looked at, with what it rests on', function (): void {
    [$alert] = ($this->alerts)();
    expect($alert)
        ->toMatchArray(['key' => 'skimmer', 'severity' => 'caution', 'title' => 'The skimmer is off', 'delay' => null])
        ->and($alert['sentence'])->toContain('4 d ago')
        ->and($alert['entry'])->toBe($this->system->entries()->sole()->id)
        ->and($alert['basis']['key'])->toBe('alert-skimmer-off');
});

it('goes on asking for what was set long ago, while the path still has it', function (): void {
    $this->travel(400)->days();
    expect(array_column(($this->alerts)(), 'key'))->toContain('skimmer');
});

it('puts an alert off with a reason, for a time, and back', function (): void {
    ($this->put)()->assertSessionHasNoErrors();
    expect(($this->alerts)()[0]['delay'])
        ->toMatchArray(['reason' => 'A new pump comes on Friday.', 'by' => 'Ada'])
        ->and(($this->alerts)()[0]['delay']['until'])
        ->toEqualWithDelta(now()->addDays(7)->getTimestamp(), 5);
    $this->delete("{$this->at}/alerts", ['alert' => 'skimmer'])->assertSessionHasNoErrors();
    expect(($this->alerts)()[0]['delay'])->toBeNull();
    ($this->put)(['days' => '3'])->assertSessionHasNoErrors();
    $this->travel(4)->days();
    expect(($this->alerts)()[0]['delay'])->toBeNull();
});

it('refuses to put off what is not there, or without a reason', function (array $with, string $field): void {
    ($this->put)($with)->assertSessionHasErrors($field);
    expect(($this->alerts)()[0]['delay'])->toBeNull();
})->with([
    'no such alert' => [['alert' => 'moon'], 'alert'],
    'no reason' => [['reason' => ' '], 'reason'],
    'an endless reason' => [['reason' => str_repeat('x', 201)], 'reason'],
    'for ever' => [['days' => '4000'], 'days'],
    'no words' => [['reason' => ['a']], 'reason'],
]);

it('goes by what the tank itself is said to have', function (): void {
    $this->put("{$this->at}/assumptions/alert-skimmer-off", [
        'overlay' => ['value' => '10', 'reason' => 'It rests in summer.'],
    ])->assertSessionHasNoErrors();
    expect(($this->alerts)())->toBe([]);
});
