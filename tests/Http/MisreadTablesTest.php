<?php

declare(strict_types=1);

use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

// Tables that were once read as something else without a word. All of them are made up.

beforeEach(function (): void {
    $this->keeper = User::factory()->create();
    $this->actingAs($this->keeper);
    $this->tank = System::factory()->ownedBy($this->keeper)->create(['name' => 'Long wall']);
    $this->other = System::factory()->ownedBy($this->keeper)->create(['name' => 'Corner']);
    $this->upload = fn (string $csv, ?System $into = null): string => (string) $this
        ->post('/systems/'.($into ?? $this->tank)->id.'/import', [
            'file' => UploadedFile::fake()->createWithContent('mine.csv', $csv),
        ])->assertSessionHasNoErrors()->headers->get('Location');
    $this->show = fn (string $address, string $query = ''): array => [
        $this->get($address.$query)->inertiaProps('layout'),
        $this->get($address.$query)->inertiaProps('preview'),
    ];
    $this->read = fn (array $preview): array => array_map(
        static fn (array $row): array => array_column($row['read'], 'text'),
        $preview['rows'],
    );
});

afterEach(fn () => File::deleteDirectory(storage_path('ithys/imports')));

const IN_PPB = "Date,NO3,PO4\n2026-06-01,8,70\n2026-06-08,8,65\n2026-06-15,9,72\n";
const IN_PPM = "Date,NO3,PO4\n2026-07-01,8,0.07\n2026-07-08,8,0.06\n2026-07-15,9,0.07\n";

it('remembers a unit for one tank, and asks again where it cannot be', function (): void {
    $ppb = ['units' => ['', '', 'ppb']];
    $first = ($this->upload)(IN_PPB);
    $this->post($first, $ppb)->assertSessionHasNoErrors();
    expect(DB::table('table_choices')->value('system_id'))->toBe($this->tank->id);
    // The same headings in ppm: the remembered unit would make 0.00007 ppm of 0.07.
    $second = ($this->upload)(IN_PPM);
    [$layout] = ($this->show)($second);
    expect($layout['columns'][2]['unit'])->toBe('ppb')->and($layout['columns'][2]['asked']['units'])->toContain('ppm');
    $this->post($second, $ppb)->assertSessionHasErrors('file');
    expect(JournalEntry::query()->where('occurred_at', '>=', '2026-07-01')->count())->toBe(0);
    $this->post($second, ['units' => ['', '', 'ppm']])->assertSessionHasNoErrors();
    // Another tank knows nothing of it.
    [$layout, $preview] = ($this->show)(($this->upload)(IN_PPM, $this->other));
    expect($layout['columns'][2]['unit'])->toBe('')
        ->and(($this->read)($preview)[0])->toBe(['nitrate 8 ppm', 'phosphate 0.07 ppm']);
    // And ppm, remembered, does not make 70 ppm of 70 ppb.
    [$layout] = ($this->show)(($this->upload)(IN_PPB));
    expect($layout['columns'][2]['asked']['units'])->toContain('ppb');
});

it('asks for a unit that it does not know', function (string $heading, string $unit): void {
    $address = ($this->upload)("Date,{$heading}\n2026-06-01,8\n2026-06-08,10\n");
    [$layout] = ($this->show)($address);
    expect($layout['columns'][1]['asked']['says'])->toContain("“{$unit}” of “{$heading}” is not a unit");
    // Until then no row is read as one.
    expect(($this->read)(($this->show)($address)[1]))->toBe([[], []]);
    $this->post($address)->assertSessionHasErrors('file');
    expect(JournalEntry::query()->count())->toBe(0);
    $pick = $layout['columns'][1]['asked']['units'][0];
    $this->post($address, ['units' => ['', $pick], 'because' => 'as I wrote'])->assertSessionHasNoErrors();
    expect(JournalEntry::query()->count())->toBe(2);
})->with([
    ['WC (gal)', 'gal'], ['WC (gallons)', 'gallons'], ['WC [gal]', 'gal'], ['WC (buckets)', 'buckets'],
    ['WC (ml)', 'ml'], ['Vinegar (l)', 'l'], ['Vinegar (oz)', 'oz'], ['Spirit (drops)', 'drops'],
    ['Nitrate (mmol)', 'mmol'], ['Nitrate (ppt)', 'ppt'], ['NO3 drops', 'drops'],
]);

it('converts amounts of substance', function (): void {
    [$layout, $preview] = ($this->show)(($this->upload)(
        "Date,Nitrate (µmol/L),Calcium (mmol/L)\n2026-06-01,129,10.5\n",
    ));
    // 129 µmol of 62.004 g/mol are 8.0 mg; 10.5 mmol of 40.078 g/mol are 421 mg.
    expect($layout['columns'][1]['unit'])->toBe('µmol/L')
        ->and(($this->read)($preview)[0])->toBe(['nitrate 8 ppm', 'calcium 421 ppm']);
});

it('puts decimals together that commas tore apart, and asks where it cannot', function (): void {
    [, $preview] = ($this->show)(($this->upload)(
        "Date,Nitrate,Phosphate,Note,Kit\n2026-06-01,13,9,0,11\n2026-06-04,14,1,0,10\n2026-06-08,14,0,11\n",
    ));
    $rows = ($this->read)($preview);
    expect($rows[0])->toBe(['nitrate 13.9 ppm', 'phosphate 0.11 ppm'])
        ->and($rows[1])->toBe(['nitrate 14.1 ppm', 'phosphate 0.10 ppm'])
        ->and($rows[2])->toBe([])
        ->and($preview['rows'][2]['leftOut'][0])->toContain('which commas are decimals cannot be told');
});

it('asks about a row that contradicts the entry stored in it', function (): void {
    $stored = '{""at"":""2026-06-01T12:00:00Z"",""kind"":""reading"",""payload"":{""parameter"":""no3"",""value"":8,'
        .'""basis"":""ion"",""step"":1,""belowLimit"":false,""cloudy"":false,""method"":null}}';
    $row = fn (string $date, string $entry): string => "{$date},{$entry},,\"{$stored}\"\n";
    [, $preview] = ($this->show)(($this->upload)(
        "date,entry,note,stored entry\n"
            .$row('2026-06-01T12:00+00:00', 'no3 8 ppm')
            .$row('2026-06-01T12:00+00:00', 'no3 9 ppm')
            .$row('2026-06-02T12:00+00:00', 'no3 8 ppm'),
    ));
    $left = array_column($preview['rows'], 'leftOut');
    expect(($this->read)($preview)[0])->toBe(['nitrate 8 ppm'])
        ->and($left[1][0])->toContain('“no3 9 ppm” was edited')
        ->and($left[2][0])->toContain('“2026-06-02T12:00+00:00” was edited');
});

it('reads the rows of this tank alone', function (): void {
    $csv = "Date,Tank,NO3\n2026-06-01,Long wall,8\n2026-06-02,Corner,30\n2026-06-03,long wall,9\n";
    [, $preview] = ($this->show)($address = ($this->upload)($csv));
    expect(($this->read)($preview))->toBe([['nitrate 8 ppm'], [], ['nitrate 9 ppm']])
        ->and($preview['rows'][1]['leftOut'][0])->toContain('This row is of “Corner”');
    $this->post($address)->assertSessionHasNoErrors();
    expect(JournalEntry::query()->count())->toBe(2);
    // A table of one tank may call it what it likes.
    [, $preview] = ($this->show)(($this->upload)("Date,Tank,NO3\n2026-08-01,The big one,8\n"));
    expect(($this->read)($preview))->toBe([['nitrate 8 ppm']]);
});

it('asks about phosphate in whole figures', function (): void {
    [$layout] = ($this->show)(($this->upload)("Date,PO4\n2026-06-01,1\n2026-06-02,2\n2026-06-03,1\n"));
    expect($layout['columns'][1]['asked']['units'])->toBe(['ppm', 'ppb', 'ppm P', 'ppb P']);
});
