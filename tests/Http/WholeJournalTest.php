<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** @return list<object> what is kept of each entry, in order */
function keptEntries(System $system): array
{
    return DB::table('entries')->where('system_id', $system->id)->whereNull('deleted_at')
        ->orderBy('occurred_at')->orderBy('kind')->orderBy('payload')
        ->get(['kind', 'occurred_at', 'payload', 'note', 'fingerprint'])->all();
}

it('goes out whole and comes into an empty account as the same', function (): void {
    $this->seed(DemoSeeder::class);
    $system = System::query()->orderBy('id')->firstOrFail();
    $this->actingAs(User::query()->firstOrFail());
    // What was logged by hand besides, of every kind, with what the table form must keep.
    foreach (
        [
            'po4-p 18 ppb cloudy yesterday', 'no3 ~8 kit "a, b" 2 days ago', 'alk 8.10 3 days ago',
            'temp 25.35 3 days ago',
            'orp 380 3 days ago', 'ph 8.2 3 days ago', 'fed 2 cubes 2 days ago', 'roller advanced yesterday',
            'added 2 fish yesterday', 'power cut 3 h yesterday', 'uv off yesterday', 'lanthanum 5 ml yesterday sure '
                .'because an old note says so',
            'dosed calcium 30 ml yesterday', 'harvested 200 g yesterday', 'light 9 h yesterday',
            'yesterday note =1+1 "quoted", and; more', '2 days ago leak because of a torn hose, floor wet',
        ] as $line
    ) {
        $this->post("/systems/{$system->id}/journal", ['line' => $line])->assertSessionHasNoErrors();
    }
    $file = $this->get("/systems/{$system->id}/journal.csv")->assertOk()->streamedContent();
    expect(substr_count($file, "\r\n"))->toBeGreaterThan(200)->and($file)->toContain('no3 ~8 ppm kit “a, b”');

    $this->flushSession();
    $this->actingAs($other = User::factory()->create(['timezone' => 'Pacific/Auckland']));
    $copy = System::factory()->ownedBy($other)->create();
    $address = $this->post("/systems/{$copy->id}/import", [
        'file' => UploadedFile::fake()->createWithContent('journal.csv', $file),
    ])->assertSessionHasNoErrors()->headers->get('Location');
    expect($this->get((string) $address)->inertiaProps('preview.counts'))
        ->toMatchArray(['refused' => 0, 'partly' => 0, 'present' => 0]);
    $this->post((string) $address)->assertSessionHasNoErrors();
    File::deleteDirectory(storage_path("ithys/imports/{$copy->id}"));
    expect(count(keptEntries($copy)))->toBeGreaterThan(200)
        ->and(keptEntries($copy))->toEqual(keptEntries($system));
});

it('refuses a stored entry that is spoiled, in a sentence', function (string $cell, string $says): void {
    $this->actingAs($keeper = User::factory()->create());
    $system = System::factory()->ownedBy($keeper)->create();
    $out = fopen('php://memory', 'w+b');
    fputcsv($out, ['date', 'entry', 'note', 'stored entry'], escape: '');
    fputcsv($out, ['2026-03-04', 'no3 8', '', $cell], escape: '');
    rewind($out);
    $address = $this->post("/systems/{$system->id}/import", [
        'file' => UploadedFile::fake()->createWithContent('journal.csv', (string) stream_get_contents($out)),
    ])->headers->get('Location');
    $row = $this->get((string) $address)->inertiaProps('preview.rows')[0];
    expect($row['status'])->toBe('refused')->and($row['leftOut'][0])->toContain($says);
    File::deleteDirectory(storage_path("ithys/imports/{$system->id}"));
})->with([
    'no JSON' => ['{"at":', 'is not a known stored entry'],
    'a number' => ['7', 'is not a known stored entry'],
    'another kind' => ['{"at":"2026-03-04T19:15:00Z","kind":"moon","payload":{}}', 'is not a known kind of entry'],
    'no figure' => [
        '{"at":"2026-03-04T19:15:00Z","kind":"reading","payload":{"schema":2,"parameter":"no3"}}',
        'has no “value”',
    ],
    'to come' => [
        '{"at":"2031-03-04T19:15:00Z","kind":"skimmer","payload":{"schema":2,"on":true}}',
        'in the future',
    ],
    'no moment' => ['{"at":"soon","kind":"skimmer","payload":{"schema":2,"on":true}}', 'is not a date such as'],
    'a newer form' => ['{"at":"2026-03-04T19:15:00Z","kind":"skimmer","payload":{"schema":9}}', 'version of an entry'],
]);
