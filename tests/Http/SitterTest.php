<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs($this->user = User::query()->firstOrFail());
    $this->stay = fn (array $with = []): array => [
        'name' => 'Noor', 'from' => now('Europe/Lisbon')->format('Y-m-d'),
        'to' => now('Europe/Lisbon')->addDays(6)->format('Y-m-d'),
        'food' => '2.6 g a day', 'call' => 'the keeper, 555 0100', 'notes' => '', ...$with,
    ];
    $this->address = function (array $with = []): string {
        $message = $this->post('/systems/1/care/sitters', ($this->stay)($with))
            ->assertSessionHasNoErrors()->getSession()->get('flash')['message'];

        return (string) strstr($message, 'http');
    };
});

it('tells a sitter the same days as Care, and takes what is ticked into the journal', function (): void {
    $due = array_column($this->get('/systems/1/care')->inertiaProps('care')['tanks'][0]['due'], 'key');
    $address = ($this->address)();
    auth()->logout();
    $sheet = fn (): array => $this->get($address)->assertOk()->inertiaProps('sheet');
    $today = $sheet()['days'][0];
    expect($sheet()['days'])->toHaveCount(7)->and($today['isToday'])->toBeTrue()
        // What only a keeper should do is not on it.
        ->and(array_column($today['tasks'], 'key'))->toEqualCanonicalizing(array_diff($due, ['readings']))
        ->and($sheet()['call'])->toContain('555 0100');
    $this->post("{$address}/cup")->assertRedirect($address);
    $this->post("{$address}/cup")->assertRedirect($address);
    $entries = System::query()->findOrFail(1)->entries()->where('note', 'Done by Noor')->get();
    expect($entries)->toHaveCount(1)->and($entries[0]->kind)->toBe('care');
    [$cup] = array_values(array_filter($sheet()['days'][0]['tasks'], fn (array $one): bool => $one['key'] === 'cup'));
    expect($cup['isDone'])->toBeTrue();
    $this->actingAs($this->user);
    expect(array_column($this->get('/systems/1/care')->inertiaProps('care')['tanks'][0]['due'], 'key'))
        ->not->toContain('cup');
});

it('opens to nobody once the stay is over or ended, and lets a sitter do nothing else', function (): void {
    $address = ($this->address)();
    $this->post("{$address}/pump")->assertNotFound();
    $this->post("{$address}/nothing")->assertNotFound();
    $this->get('/sitter/'.str_repeat('b', 40))->assertNotFound();
    $this->travel(7)->days();
    $this->get($address)->assertNotFound();
    $this->post("{$address}/cup")->assertNotFound();
    $this->travelBack();
    $other = ($this->address)();
    $this->delete('/systems/1/care/sitters/2')->assertRedirect();
    $this->get($other)->assertNotFound();
});

it('ticks nothing before the stay begins', function (): void {
    $address = ($this->address)(['from' => now()->addDays(2)->format('Y-m-d')]);
    $this->get($address)->assertOk();
    $this->post("{$address}/cup")->assertNotFound();
});

it('says what is wrong with a stay', function (array $with, string $field, string $says): void {
    $this->post('/systems/1/care/sitters', ($this->stay)($with))->assertSessionHasErrors([$field => $says]);
})->with([
    'over' => [
        ['from' => '2026-01-02', 'to' => '2026-01-09'], 'to', 'These days are over: choose days from today on.',
    ],
    'backwards' => [
        ['from' => '2099-01-09', 'to' => '2099-01-02'], 'to', 'The last day must not come before the first.',
    ],
    'endless' => [['to' => '2099-01-02'], 'to', 'A stay is at most 60 days.'],
    'no day' => [['from' => 'soon'], 'from', 'Write the day as year, month and day, such as 2026-12-24.'],
    'nobody' => [['name' => ' '], 'name', 'Say who will look after the tank.'],
    'nobody to call' => [['call' => ''], 'call', 'Say whom to call, and where.'],
]);

it('is for members of the tank alone', function (): void {
    $this->actingAs(User::factory()->create());
    $this->get('/systems/1/care/sitters')->assertNotFound();
    $this->post('/systems/1/care/sitters', ($this->stay)())->assertNotFound();
});
