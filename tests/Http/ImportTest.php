<?php

declare(strict_types=1);

use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    $this->actingAs($this->keeper = User::factory()->create(['timezone' => 'Europe/Berlin']));
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->path = "/systems/{$this->system->id}/import";
    $this->upload = fn (string $content, string $name = 'mine.csv'): TestResponse => $this->post($this->path, [
        'file' => UploadedFile::fake()->createWithContent($name, $content),
    ]);
    /** Uploads a readable file and returns the address of its preview. */
    $this->preview = function (string $content): string {
        $address = ($this->upload)($content)->assertSessionHasNoErrors()->headers->get('Location');

        return is_string($address) ? $address : '';
    };
    /** @return list<array{line: int, status: string, leftOut: list<string>, read: array}> */
    $this->rows = fn (string $address): array => $this->get($address)->assertOk()->inertiaProps('preview.rows');
});

afterEach(fn () => File::deleteDirectory(storage_path("ithys/imports/{$this->system->id}")));

it('reads one reading a row, shows good and bad rows, and saves the good ones once', function (): void {
    $csv
        = "date,parameter,value,unit,method,note\r\n2026-03-04 "
            ."20:15,NO3,8.5,ppm,colour,ok\r\n2026-03-04T19:15:00Z,po4-p,18,ppb,,\"a, "
            ."\"\"quoted\"\"\nnote\"\r\n2026-03-05,iodine,8,,,\r\n2026-03-06,no3,abc,,,\r\n2026-03-07,no3,,,,\r\n";
    $address = ($this->preview)($csv);
    $rows = ($this->rows)($address);
    expect(array_column($rows, 'line'))->toBe([2, 3, 5, 6, 7])
        ->and(array_column($rows, 'status'))->toBe(['accepted', 'accepted', 'refused', 'refused', 'refused'])
        ->and($rows[2]['leftOut'][0])->toContain('“iodine” is not a known parameter')
        ->and($rows[3]['leftOut'][0])->toContain('“abc” is no nitrate figure')
        ->and($rows[4]['leftOut'][0])->toContain('missing');
    expect(JournalEntry::query()->count())->toBe(0);

    $this->post($address)->assertRedirect();
    $saved = JournalEntry::query()->orderBy('id')->get();
    expect($saved)->toHaveCount(2)
        ->and($saved[0]->occurred_at->format('Y-m-d H:i'))->toBe('2026-03-04 19:15')
        ->and($saved[0]->payload['method'])->toBe('colour')
        ->and($saved[1]->occurred_at->format('Y-m-d H:i'))->toBe('2026-03-04 19:15')
        ->and($saved[1]->payload['value'])->toAgreeWith(0.018 * 94.969761998 / 30.973761998)
        ->and($saved[1]->note)->toBe("a, \"quoted\"\nnote");

    $again = ($this->preview)($csv);
    expect(array_count_values(array_column(($this->rows)($again), 'status')))->toBe(['present' => 2, 'refused' => 3]);
    $this->post($again)->assertRedirect();
    expect(JournalEntry::query()->count())->toBe(2)
        ->and(session('flash')['message'])->toContain('Nothing new');
});

it('reads a column for each nutrient with semicolons, decimal commas and days first', function (): void {
    $address = ($this->preview)(
        'Datum;Uhrzeit;Nitrat (mg/L);Phosphat (ppb '
            ."P);Bemerkung\n4.3.2026;20:15;8,5;18;\n5.3.2026;;7,25;<5;trüb\n6.3.2026;;;;nichts\n7.3.2026;;8,5,1;2;\n",
    );
    $props = $this->get($address)->inertiaProps();
    expect($props['layout'])
        ->toMatchArray(['separator' => ';', 'dates' => 'dmy', 'decimals' => 'comma'])
        ->and(array_column($props['layout']['columns'], 'use'))
        ->toBe(['date', 'time', 'no3', 'po4', 'note'])
        ->and($props['preview']['counts'])
        ->toBe([
            'accepted' => 3, 'partly' => 1, 'refused' => 0, 'present' => 0, 'entries' => 6,
            'doubted' => 0,
        ]);
    $this->post($address);
    $saved = JournalEntry::query()
        ->orderBy('id')
        ->get()
        ->map(
            fn (JournalEntry $e): array => [
                $e->occurred_at->format('Y-m-d H:i'),
                isset($e->payload['value']) ? round($e->payload['value'], 4) : null,
                $e->payload['belowLimit'] ?? null,
            ],
        )
        ->all();
    expect($saved)->toBe([
        ['2026-03-04 19:15', 8.5, false],
        ['2026-03-04 19:15', 0.0552, false],
        ['2026-03-05 11:00', 7.25, false],
        ['2026-03-05 11:00', 0.0153, true],
        ['2026-03-06 11:00', null, null],
        ['2026-03-07 11:00', 0.0061, false],
    ]);
});

it('asks for a look when dates can be read two ways, and obeys the choice', function (): void {
    $address = ($this->preview)("date,nitrate\n03/04/2026,8\n05/04/2026,9\n");
    expect($this->get($address)->inertiaProps('ambiguousDates'))->toBeTrue();
    $read = fn (string $order): string => (new DateTimeImmutable(
        '@'.($this->rows)("{$address}?dates={$order}")[0]['read'][0]['t'],
    ))->format('Y-m-d');
    expect($read('dmy'))->toBe('2026-04-03')->and($read('mdy'))->toBe('2026-03-04');
    $this->post($address, ['dates' => 'mdy']);
    expect(JournalEntry::query()->oldest('id')->first()?->occurred_at->format('Y-m-d'))->toBe('2026-03-04');
});

it('finds the dates where no name tells', function (): void {
    $address = ($this->preview)("wann,nitrate,serial\n3.4.2026,8,17\n5.6.2026,9,18\n");
    expect(array_column($this->get($address)->inertiaProps('layout.columns'), 'use'))->toBe(['date', 'no3', 'ignore'])
        ->and($this->get($address)->inertiaProps('preview.counts.accepted'))->toBe(2);
});

it('lets the keeper say what a column holds', function (): void {
    $address = ($this->preview)("date,level,remark\n2026-03-04,20,x\n");
    expect($this->get($address)->inertiaProps('problem'))->toContain('No column holds readings');
    $this->post($address)->assertSessionHasErrors('file');
    $rows = ($this->rows)("{$address}?uses[]=date&uses[]=po4&uses[]=note&units[]=&units[]=ppb&units[]=");
    expect($rows[0]['read'][0]['text'])->toBe('phosphate 0.020 ppm');
    expect($this->get("{$address}?uses[]=ignore&uses[]=po4&uses[]=note")->inertiaProps('problem'))
        ->toContain('No column is marked as the date');
});

it('refuses a row for a reason the keeper can act on', function (string $row, string $reason): void {
    $rows = ($this->rows)(($this->preview)("date,nitrate,phosphate\n2026-01-01,5,0.05\n{$row}\n"));
    expect($rows[1]['status'])->toBe('refused')->and(implode(' ', $rows[1]['leftOut']))->toContain($reason);
})->with([
    ['2031-01-01,5,0.05', 'in the future'],
    ['2026-02-30,5,0.05', 'not a date such as 2026-03-24'],
    [',5,0.05', 'stands in line 2 too'],
    ['2026-01-02,-5,', 'between 0 ppm and 500 ppm'],
    ['2026-01-02,NaN,', 'no nitrate figure'],
    ['2026-01-02,900,', 'between 0 ppm and 500 ppm'],
    ['2026-01-02,8,5,1', '4 cells, but there are 3 columns'],
    ['2026-01-01,5,0.05', 'stands in line 2 too'],
    ['2026-01-02,,', 'no reading'],
]);

it('refuses a file that is no table, in a sentence, and keeps nothing', function (
    string $content,
    string $sentence,
): void {
    ($this->upload)($content)->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain($sentence)
        ->and(JournalEntry::query()->count())->toBe(0)
        ->and(glob(storage_path("ithys/imports/{$this->system->id}/*")))->toBe([]);
})->with([
    'empty' => ['', 'empty'],
    'only a byte order mark' => ["\xEF\xBB\xBF\n", 'empty'],
    'a picture' => ["\x89PNG\r\n\x1A\n\0\0\0\rIHDR\0\0\1\0", 'not a text file'],
    'no header' => ["2026-03-04,8.5,0.06\n2026-03-05,8,0.05\n", 'looks like a reading'],
    'an open quote' => ["date,nitrate\n2026-03-04,\"8.5\n2026-03-05,8\n", 'In line 2 a quote'],
    'ten thousand columns' => [implode(',', range(1, 10_000))."\n1\n", '10,000 columns'],
    'an endless line' => ['date,'.str_repeat('x', 70_000)."\n", 'longer than 64 kB'],
]);

it('finds an open quote far down when the rows are read', function (): void {
    $address = ($this->preview)(
        "date,nitrate\n"
            .implode(
                "\n",
                array_map(
                    fn (int $i): string => (new DateTimeImmutable('2020-01-01'))->modify("+{$i} days")->format('Y-m-d')
                        .',8',
                    range(1, 400),
                ),
            )
            ."\n2026-01-01,\"9\n",
    );
    expect($this->get($address)->inertiaProps('problem'))->toContain('In line 402 a quote');
    $this->post($address)->assertSessionHasErrors('file');
    expect(JournalEntry::query()->count())->toBe(0);
});

it('refuses 40 MB and a missing file', function (): void {
    $this->post($this->path, ['file' => UploadedFile::fake()->create('big.csv', 40_000)])
        ->assertSessionHasErrors(['file' => 'The file is larger than 20 MB. Split it by year and import the parts.']);
    $this->post($this->path, ['file' => 'text'])->assertSessionHasErrors(['file' => 'Choose a CSV file first.']);
});

it('reads other encodings and says so', function (string $bytes, string $encoding): void {
    $address = ($this->preview)($bytes);
    $props = $this->get($address)->inertiaProps();
    expect($props['encoding'])->toBe($encoding)->and($props['preview']['counts']['accepted'])->toBe(1)
        ->and($props['preview']['rows'][0]['cells'][2])->toBe('trüb');
})->with(function (): array {
    $csv = "date,nitrate,note\n2026-03-04,8.5,trüb\n";

    return [
        'UTF-8 with a mark' => ["\xEF\xBB\xBF".$csv, 'UTF-8'],
        'UTF-16 little end first' => ["\xFF\xFE".mb_convert_encoding($csv, 'UTF-16LE', 'UTF-8'), 'UTF-16LE'],
        'UTF-16 big end first' => ["\xFE\xFF".mb_convert_encoding($csv, 'UTF-16BE', 'UTF-8'), 'UTF-16BE'],
        'Windows-1252' => [mb_convert_encoding($csv, 'Windows-1252', 'UTF-8'), 'Windows-1252'],
    ];
});

it('does not open another keeper\'s upload or a path', function (string $name): void {
    foreach (['get', 'post'] as $method) {
        $this->{$method}("{$this->path}/{$name}")->assertRedirect($this->path);
        expect(session('errors')->first('file'))->toContain('Choose it again.');
    }
    $this->get("{$this->path}/..%2F..%2F.env")->assertNotFound();
})->with(['01arz3ndektsv4rrffq69g5fav', 'x', '.env']);

it('undoes a whole import', function (): void {
    $this->post(($this->preview)("date,nitrate,phosphate\n2026-03-04,8.5,0.06\n2026-03-05,8,0.05\n"));
    expect(JournalEntry::query()->count())->toBe(4);
    $this->post(session('flash')['undo']);
    expect(JournalEntry::query()->count())->toBe(0);
});
