<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;

// What no page of ours sends: it is refused with a sentence or finds nothing, and nothing of it is stored.

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create());
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->at = "/systems/{$this->system->id}";
});

it('stores no bytes that are not UTF-8, and no null character', function (string $bytes): void {
    $this->put('/settings', [
        'name' => $bytes,
        'timezone' => 'Europe/Berlin',
        'units' => 'metric',
    ])->assertSessionHasErrors(['name' => 'This holds characters that are no text. Type it anew.']);
    $this->put("{$this->at}/path/water", [
        'tank' => ['name' => $bytes, 'shape' => 'volume', 'volume' => '100'],
        'version' => 1,
    ])->assertSessionHasErrors('tank.name');
    $this->post(
        "{$this->at}/path/styles/preview",
        ['room' => ['budget' => $bytes]],
        ['Accept' => 'application/json'],
    )->assertUnprocessable();
    $this->post("{$this->at}/journal", ['line' => "note {$bytes}"])->assertSessionHasErrors('line');
    $this->post("{$this->at}/drafts", [$bytes => 'x'])->assertSessionHasErrors();
    expect($this->keeper->refresh()->name)
        ->toStartWith('Keeper')
        ->and($this->system->refresh()->name)
        ->toBe('Test tank');
    $this->get($this->at.'/path?item='.rawurlencode($bytes))->assertRedirect();
})->with(["\xFF", "reef\xC3", "a\0b"]);

it('answers addresses with lists and endless numbers in them', function (): void {
    foreach (
        [
            '/path?item[]=x',
            '/path/compare?a[]=x&b[c]=y',
            '/journal?range[]=1y&window[]=x&wanted[]=1&change[]=1&view[]=table',
        ] as $address
    ) {
        $this->get($this->at.$address)->assertOk();
    }
    $this->get("{$this->at}/path?draft[]=1")->assertNotFound();
    $endless = str_repeat('9', 20);
    foreach (
        [
            ['DELETE', "{$this->at}/journal/{$endless}"],
            ['POST', "/systems/{$endless}/restore"],
            ['POST', "{$this->at}/bin/{$endless}/restore"],
            ['POST', "{$this->at}/path-revisions/{$endless}/take-back"],
            ['PUT', "{$this->at}/drafts/{$endless}"],
            ['GET', "/systems/{$endless}/journal"],
        ] as [$method, $address]
    ) {
        $this->call($method, $address)->assertNotFound();
    }
});

it('refuses JSON that unfolds into more than any design, before it is parsed', function (string $json): void {
    $started = memory_get_usage();
    memory_reset_peak_usage();
    $this->call(
        'POST',
        "{$this->at}/section/preview",
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: $json,
    )->assertStatus(413);
    expect(memory_get_peak_usage() - $started)->toBeLessThan(30_000_000);
})->with([
    'a million elements' => [fn (): string => '{"section":['.str_repeat('[],', 1_000_000).'[]]}'],
    'a deep nest' => [fn (): string => str_repeat('[', 100_000).str_repeat(']', 100_000)],
    'many keys' => [
        fn (): string => '{'.implode(',', array_map(fn (int $i): string => "\"k{$i}\":{}", range(1, 60_000))).'}',
    ],
    'one long text' => [fn (): string => '{"section":"'.str_repeat('x', 2_000_000).'"}'],
]);

it('refuses the same in a file of a path', function (): void {
    $file = UploadedFile::fake()->createWithContent('path.json', '{"lines":['.str_repeat('{},', 300_000).'{}]}');
    $this->post("{$this->at}/drafts/import", ['file' => $file])->assertSessionHasErrors('file');
    expect($this->system->drafts()->count())->toBe(0);
});

it('takes any bytes for a table or says why not', function (string $bytes): void {
    $address = $this->post("{$this->at}/import", [
        'file' => UploadedFile::fake()->createWithContent("f\xFFle.csv", $bytes),
    ])
        ->assertRedirect()
        ->headers->get('Location');
    if (str_contains((string) $address, '/import/')) {
        $this->get((string) $address)->assertOk();
    }
    File::deleteDirectory(storage_path("ithys/imports/{$this->system->id}"));
})->with([
    'code page 850' => ["date,nitrate,note\n2026-01-01,8,f\x81r\n"],
    'all bytes that Windows-1252 lacks' => ["date,nitrate,note\n2026-01-01,8,\x81\x8D\x8F\x90\x9D\n"],
    'UTF-16 cut in a unit' => [
        "\xFF\xFE".mb_convert_encoding("date,nitrate\n2026-01-01,8", 'UTF-16LE', 'UTF-8').'x',
    ],
    'UTF-16 with half a pair' => [
        "\xFE\xFF".mb_convert_encoding("date,nitrate\n2026-01-01,8", 'UTF-16BE', 'UTF-8')."\xD8\x00",
    ],
    'an offset that is none' => ["date,nitrate\n2026-01-01T20:15+99:99,8\n"],
    'a year that is none' => ["date,nitrate\n0206-01-01,8\n"],
]);

it('has no address for stored files', function (): void {
    $this->get('/storage/ithys.sqlite')->assertNotFound();
    expect(
        collect(Route::getRoutes()->getRoutes())
            ->map->uri()
            ->filter(fn (string $uri): bool => str_starts_with($uri, 'storage'))
            ->all(),
    )->toBe([]);
    $this->get('/up')->assertOk()->assertContent('up');
});
