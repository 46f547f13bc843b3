<?php

declare(strict_types=1);

use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;

it('exports what an import reads back as the same journal', function (): void {
    $this->actingAs($keeper = User::factory()->create(['timezone' => 'America/New_York']));
    $system = System::factory()
        ->ownedBy($keeper)
        ->create(['name' => 'Hall Reef']);
    $csv
        = "date,parameter,value,unit,method,note,cloudy\n2026-03-04 20:15,no3,8.5,ppm,colour,=1+1,\n2026-07-04 "
            ."06:00,po4-p,<18,ppb,=cmd|' /C calc'!A0,\"two\nlines, \"\"quoted\"\"\",yes\n2026-07-05 "
            ."06:00,no3,0,ppm,,,\n";
    $import = function (System $into, string $content): void {
        $address = $this->post("/systems/{$into->id}/import", [
            'file' => UploadedFile::fake()->createWithContent('a.csv', $content),
        ])
            ->assertSessionHasNoErrors()
            ->headers->get('Location');
        $this->post((string) $address)->assertSessionHasNoErrors();
        File::deleteDirectory(storage_path("ithys/imports/{$into->id}"));
    };
    $import($system, $csv);

    $response = $this->get("/systems/{$system->id}/readings.csv")->assertOk()->assertDownload('hall-reef-readings.csv');
    $exported = $response->streamedContent();
    // RFC 4180: CRLF line ends, quotes doubled; a note that a spreadsheet would run is defused.
    expect(explode("\r\n", $exported)[0])->toBe('date,parameter,value,unit,method,note,cloudy')
        ->and($exported)
        ->toContain("2026-03-04T20:15-05:00,no3,8.5,ppm,colour,'=1+1,\r\n")
        ->toContain(",po4,<0.05519,ppm,\"'=cmd|' /C calc'!A0\",")
        ->toContain('"two'."\n".'lines, ""quoted"""');

    $copy = System::factory()->ownedBy($keeper)->create();
    $import($copy, $exported);
    $plain = fn (System $of): array => JournalEntry::query()
        ->where('system_id', $of->id)
        ->orderBy('occurred_at')
        ->get()
        ->map(
            fn (JournalEntry $e): array => [
                $e->occurred_at->format('c'),
                round($e->payload['value'], 6),
                $e->payload['belowLimit'],
                $e->payload['cloudy'],
                $e->payload['method'],
                $e->note,
            ],
        )
        ->all();
    expect($plain($copy))->toBe($plain($system))->toHaveCount(3);
    $import($system, $exported);
    expect(JournalEntry::query()->where('system_id', $system->id)->count())->toBe(3);
});
