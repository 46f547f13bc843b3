<?php

declare(strict_types=1);

use App\Models\Supply;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;

beforeEach(function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs($this->user = User::query()->firstOrFail());
    $this->items = fn (): array => array_column(
        $this->get('/systems/1/care/stock')->assertOk()->inertiaProps('stock')['items'],
        null,
        'name',
    );
    $this->item = fn (array $with = []): array => [
        'consumable' => 'pad', 'name' => 'Fine pads', 'size' => '20 cm', 'place' => 'shelf', 'per_pack' => '10',
        'price' => '8', 'delivery_days' => '5', 'opened' => '', 'best_before' => '', 'amount' => '6', 'tanks' => [1],
        ...$with,
    ];
    $this->log = fn (string $line) => $this->post('/systems/1/journal', ['line' => $line])->assertSessionHasNoErrors();
});

it('takes an item in, and takes off what the journal uses', function (): void {
    $this->post('/systems/1/care/stock', ($this->item)())->assertRedirect('/systems/1/care/stock');
    expect(($this->items)()['Fine pads']['left'])->toEqual(6);
    $this->travel(1)->minutes();
    ($this->log)('pad changed');
    expect(($this->items)()['Fine pads']['left'])->toEqual(5);
    $entry = System::query()->findOrFail(1)->entries()->latest('id')->firstOrFail();
    $this->delete("/systems/1/journal/{$entry->id}");
    expect(($this->items)()['Fine pads']['left'])->toEqual(6);
});

it('counts, buys and throws away, and never goes below zero without a word', function (): void {
    $id = Supply::query()->where('name', 'Coarse pads')->sole()->id;
    $this->post("/systems/1/care/stock/{$id}/counted", ['amount' => '1'])->assertSessionHasNoErrors();
    $this->travel(1)->minutes();
    $this->post("/systems/1/care/stock/{$id}/bought", ['amount' => '10'])->assertSessionHasNoErrors();
    expect(($this->items)()['Coarse pads']['left'])->toEqual(11);
    $this->post("/systems/1/care/stock/{$id}/binned", ['amount' => '14'])->assertSessionHasNoErrors();
    $pads = ($this->items)()['Coarse pads'];
    expect($pads['left'])->toEqual(0)->and($pads['says'])->toContain('3 pieces too much')
        ->and($pads['isToOrder'])->toBeTrue();
    $this->post("/systems/1/care/stock/{$id}/counted", ['amount' => '-1'])
        ->assertSessionHasErrors(['amount' => 'A stock is never below zero: write what is there, zero or more.']);
    $this->post("/systems/1/care/stock/{$id}/stolen", ['amount' => '1'])->assertNotFound();
});

it('says what is wrong with an item, and keeps nothing of it', function (array $with, string $field): void {
    $this->post('/systems/1/care/stock', ($this->item)($with))->assertSessionHasErrors($field);
    expect(Supply::query()->where('name', 'Fine pads')->exists())->toBeFalse();
})->with([
    'of nothing known' => [['consumable' => 'spoons'], 'consumable'],
    'without a name' => [['name' => ' '], 'name'],
    'an empty pack' => [['per_pack' => '0'], 'per_pack'],
    'a pack of text' => [['per_pack' => 'many'], 'per_pack'],
    'a negative price' => [['price' => '-3'], 'price'],
    'less than none' => [['amount' => '-1'], 'amount'],
    'not counted' => [['amount' => ''], 'amount'],
    'no such day' => [['best_before' => '2026-02-30'], 'best_before'],
    'for no tank' => [['tanks' => []], 'tanks'],
    'for a tank of somebody else' => [['tanks' => [99]], 'tanks'],
]);

it('pools what two tanks share', function (): void {
    $before = ($this->items)()['Sinking pellets']['left'];
    $this->post('/systems/1/journal', ['line' => 'fed 2 g pellet']);
    $this->post('/systems/2/journal', ['line' => 'fed 1 g pellet']);
    expect(($this->items)()['Sinking pellets']['left'])->toEqualWithDelta($before - 3, 0.11);
});

it('makes the price that was paid the price of every cost', function (): void {
    $this->post('/systems/1/care/stock', ($this->item)(['price' => '20']))->assertSessionHasNoErrors();
    $price = System::query()->findOrFail(1)->assumptions()->of('price-pad');
    expect($price->value)->toBe(2.0)->and($price->overlay?->reason)->toBe('From your stock: Fine pads');
    $ways = array_column($this->get('/systems/1/care/costs')->inertiaProps('costs')['ways'][0]['ways'], 'cost', 'name');
    // Two holders, every four days.
    expect($ways['Pads, thrown away'])->toEqual(round(365 / 4 * 2 * 2));
});

it('lists what to order, as CSV too, where no cell is run as a formula', function (): void {
    $id = Supply::query()->where('name', 'Phosphate kit')->sole()->id;
    $this->put("/systems/1/care/stock/{$id}", ($this->item)([
        'consumable' => 'test po4', 'name' => '=cmd|x', 'per_pack' => '25', 'price' => '12', 'tanks' => [1, 2],
    ]))->assertSessionHasNoErrors();
    $this->post("/systems/1/care/stock/{$id}/counted", ['amount' => '0']);
    $csv = $this->get('/orders.csv')->assertOk()->streamedContent();
    [$head, $first] = array_map(fn (string $line): array => str_getcsv($line, ',', '"', ''), explode("\r\n", $csv));
    expect($head[0])->toBe('item')->and($first[0])->toBe("'=cmd|x")->and($first[4])->toBe('1')
        ->and($first[5])->toBe('12')->and($first[6])->toBe('EUR');
});

it('shows a stranger nothing of it, and lets nobody else count', function (): void {
    $stranger = User::factory()->create();
    System::factory()->ownedBy($stranger)->create();
    $own = System::query()->latest('id')->firstOrFail()->id;
    $id = Supply::query()->firstOrFail()->id;
    $this->actingAs($stranger);
    expect($this->get("/systems/{$own}/care/stock")->inertiaProps('stock')['items'])->toBe([]);
    $this->post("/systems/{$own}/care/stock/{$id}/counted", ['amount' => '1'])->assertNotFound();
    $this->put("/systems/{$own}/care/stock/{$id}", ($this->item)(['tanks' => [$own]]))->assertNotFound();
    $this->delete("/systems/{$own}/care/stock/{$id}")->assertNotFound();
    expect($this->get('/orders.csv')->streamedContent())->not->toContain('pad');
});

it('puts an item into the bin and takes it back', function (): void {
    $id = Supply::query()->where('name', 'GFO')->sole()->id;
    $this->delete("/systems/1/care/stock/{$id}")->assertRedirect('/systems/1/care/stock');
    $undo = session('flash')['undo'];
    expect(($this->items)())->not->toHaveKey('GFO');
    $this->post($undo)->assertRedirect('/systems/1/care/stock');
    expect(($this->items)())->toHaveKey('GFO');
});

it('counts socks on Care by the stock, the changes and the last wash', function (): void {
    $socks = fn (): array => $this->get('/systems/1/care')->inertiaProps('care')['tanks'][0]['socks'];
    ($this->log)('socks washed');
    expect($socks()['counts'])->toBe(['Felt socks: 5 clean, 2 in use, 0 to wash.']);
    $this->travel(1)->minutes();
    ($this->log)('sock changed soiling 3');
    expect($socks()['counts'])->toBe(['Felt socks: 3 clean, 2 in use, 2 to wash.']);
});

it('takes a currency, and refuses what is none', function (): void {
    $form = ['name' => 'Ines', 'timezone' => 'Europe/Lisbon', 'units' => 'metric'];
    $this->put('/settings', [...$form, 'currency' => 'USD'])->assertSessionHasNoErrors();
    expect($this->user->refresh()->currency)->toBe('USD');
    $this->put('/settings', [...$form, 'currency' => '€'])
        ->assertSessionHasErrors(['currency' => 'Write three capital letters, such as EUR.']);
    $this->put('/settings', [...$form, 'currency' => ''])->assertSessionHasNoErrors();
    expect($this->user->refresh()->currency)->toBeNull();
});
