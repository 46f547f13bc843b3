<?php

declare(strict_types=1);

use App\Exchange\TableImport;
use App\Models\System;
use App\Models\User;
use Ithys\Journal\Table\Choices;
use Tests\Support\Temporary;

// Tables as keepers have them, and what must come of each. All of them are made up.

beforeEach(function (): void {
    $this->keeper = User::factory()->create(['timezone' => 'Europe/Berlin']);
    $this->system = System::factory()->ownedBy($this->keeper)->create();
    $this->file = Temporary::path('table');
    $this->open = fn (string $path, array $choices = []): TableImport => TableImport::open(
        $path,
        $this->system,
        $this->keeper,
        new DateTimeImmutable('2026-11-26 12:00Z'),
        choices: Choices::of($choices),
    );
    $this->read = function (string $csv, array $choices = []): TableImport {
        file_put_contents($this->file, $csv);

        return ($this->open)($this->file, $choices);
    };
    /** @return list<string> every row: its line, what was read, and behind a bar what was not */
    $this->told = fn (TableImport $import): array => array_map(
        fn (array $row): string => $row['line'].' '.implode(', ', array_map(
            fn (array $one): string => (new DateTimeImmutable("@{$one['t']}"))
                ->setTimezone($this->keeper->zone())
                ->format('j M H:i ').$one['text'],
            $row['read'],
        )).($row['leftOut'] === [] ? '' : ' | '.implode(' ', $row['leftOut'])),
        $import->preview('all', 1, 100)['rows'],
    );
});

afterEach(fn () => @unlink($this->file));

it('reads a file as keepers have them', function (
    string $file,
    array $counts,
    array $rows,
    string $remark = '',
): void {
    $import = ($this->open)(base_path("tests/tables/{$file}.csv"));
    $told = ($this->told)($import);
    expect(array_intersect_key($import->preview('all', 1, 1)['counts'], $counts))->toBe($counts)
        ->and(array_values(array_intersect($told, $rows)))->toBe($rows)
        ->and(implode(' ', $import->layout->remarks))->toBe($remark);
})->with([
    'German, in Windows-1252' => [
        '01-german',
        ['accepted' => 24, 'entries' => 48],
        ['2 1 Jun 19:30 nitrate 13.9 ppm, 1 Jun 19:30 phosphate 0.11 ppm'],
    ],
    'US dates with twelve hours' => [
        '02-us-ampm',
        ['accepted' => 24, 'entries' => 47],
        [
            '3 4 Jun 20:15 nitrate 14.1 ppm, 4 Jun 20:15 phosphate 0.11 ppm',
            '5 11 Jun 20:15 nitrate 13.2 ppm, 11 Jun 20:15 phosphate below 0.02 ppm',
            '9 25 Jun 20:15 nitrate 12.8 ppm',
        ],
    ],
    'day and month that could be either, over an average' => [
        '03b-ambiguous-total',
        ['accepted' => 14, 'refused' => 1],
        [
            '3 10 Mar 12:00 nitrate 14.1 ppm, 10 Mar 12:00 phosphate 0.11 ppm',
            '16  | “Average” is not a date such as 3/24/2026.',
        ],
    ],
    'a row of units' => [
        '04b-unit-row',
        ['accepted' => 24, 'entries' => 48],
        ['3 1 Jun 12:00 nitrate 13.9 ppm, 1 Jun 12:00 phosphate 0.035 ppm'],
        'Line 2 holds units.',
    ],
    'many parameters' => [
        '05-wide-many',
        ['accepted' => 24, 'entries' => 168],
        [
            '2 1 Jun 12:00 temperature 25 °C, 1 Jun 12:00 salinity 35 ppt, 1 Jun 12:00 alkalinity 8.0 dKH, '
                .'1 Jun 12:00 calcium 420 ppm, 1 Jun 12:00 magnesium 1,350 ppm, 1 Jun 12:00 nitrate 13.72 ppm, '
                .'1 Jun 12:00 phosphate 0.019 ppm',
        ],
    ],
    'months by name' => [
        '07a-monthnames',
        ['accepted' => 24, 'entries' => 48],
        ['2 1 Jun 12:00 nitrate 13.9 ppm, 1 Jun 12:00 phosphate 0.11 ppm'],
        'Years have two digits: 01-Jun-26 is read as 1 June 2026.',
    ],
    'day numbers' => [
        '08-serial',
        ['accepted' => 24, 'entries' => 48],
        ['2 1 Jun 12:00 nitrate 13.9 ppm, 1 Jun 12:00 phosphate 0.11 ppm'],
        'Dates are day numbers of a spreadsheet: 46174 is read as 1 June 2026.',
    ],
    'a mark and a line that declares the separator' => [
        '09b-sep-bom',
        ['accepted' => 24, 'entries' => 48],
        ['3 1 Jun 12:00 nitrate 13.9 ppm, 1 Jun 12:00 phosphate 0.11 ppm'],
        'Years have two digits: 01.06.26 is read as 1 June 2026.',
    ],
    'units and words in cells' => [
        '11-units-in-cells',
        ['accepted' => 13, 'partly' => 11, 'entries' => 38 - 3],
        [
            '3 4 Jun 12:00 nitrate about 14.1 ppm, 4 Jun 12:00 phosphate 0.11 ppm',
            '5 11 Jun 12:00 phosphate 0.11 ppm | “5-10” of nitrate is a range; write one figure such as 8.5 or <8.5.',
            '7 18 Jun 12:00 phosphate 0.1 ppm | “nd” of nitrate needs the figure below which the kit shows nothing.',
            '9 25 Jun 12:00 phosphate 0.08 ppm',
            '10 29 Jun 12:00 phosphate 0.08 ppm | “nitrate 0 ppm”: Nitrate 0 ppm is far from the last readings of this '
                .'tank, near 13.5 ppm. Check the figure and its unit.',
            '12 6 Jul 12:00 phosphate 0.08 ppm | “?” is no nitrate figure such as 8.5 or <8.5.',
            '13 9 Jul 12:00 nitrate 11.9 ppm, 9 Jul 12:00 phosphate 0.08 ppm',
        ],
    ],
    'two tables side by side' => [
        '12-side-by-side',
        ['accepted' => 24, 'entries' => 48],
        ['2 1 Jun 12:00 nitrate 13.9 ppm, 3 Jun 12:00 phosphate 0.11 ppm'],
    ],
    'figures of the elements' => [
        '14b-as-N',
        ['accepted' => 24, 'entries' => 48],
        // 3.14 mg/L of nitrogen and 35 µg/L of phosphorus, by molar masses.
        ['2 1 Jun 12:00 nitrate 13.9 ppm, 1 Jun 12:00 phosphate 0.107 ppm'],
    ],
    'repeats and slips' => [
        '15-duplicates',
        ['accepted' => 7, 'partly' => 4, 'refused' => 5, 'doubted' => 1],
        [
            '3  | “nitrate 10 ppm” stands in line 2 too. “phosphate 0.08 ppm” stands in line 2 too.',
            '5 4 Jun 12:00 phosphate 0.09 ppm | “nitrate 10 ppm” stands in line 4 too.',
            '8  | “2026-02-29” is not a date such as 2026-03-24.',
            '9  | “2027-01-02” is in the future; a reading cannot be.',
            '10  | “26-06-12” is not a date such as 2026-03-24.',
            '11  | “9;0.05” is no nitrate figure such as 8.5 or <8.5.',
            '12 18 Jun 12:00 phosphate 0.05 ppm | A nitrate reading must be between 0 ppm and 500 ppm.',
            '13 19 Jun 12:00 nitrate 9 ppm | “5.5” would be 5.5 ppm; the rest of “po4” is near 0.05 ppm. Is it a slip?',
            '16 22 Jun 12:00 nitrate 9 ppm, 22 Jun 12:00 phosphate 0.05 ppm',
            '17 23 Jun 12:00 nitrate 9 ppm, 23 Jun 12:00 phosphate 0.05 ppm',
        ],
    ],
]);

it('asks what a column is written in before it saves figures that no tank has', function (): void {
    $import = ($this->open)(base_path('tests/tables/20-bare-ppb.csv'));
    [[$column, $says, $units]] = $import->layout->questions();
    $answered = ['units' => ['', '', 'ppb']];
    expect($column->heading)->toBe('PO4')
        ->and($this->keeper->words()->say($says))->toContain('near 8 ppm, but tanks have 0 ppm to 2 ppm')
        ->and($units)->toBe(['ppb', 'ppb P'])
        ->and(($this->open)(base_path('tests/tables/20-bare-ppb.csv'), $answered)->layout->questions())
        ->toBe([]);
});

it('reads what else stands in tables', function (string $csv, array $rows, string $remark = ''): void {
    $import = ($this->read)($csv);
    expect(($this->told)($import))->toBe($rows)
        ->and(implode(' ', $import->layout->remarks))->toContain($remark);
})->with([
    'titles above the headings' => [
        "Reef log of the big tank\n\nkept since spring,,\nDate,NO3,PO4\n2026-06-01,8,0.05\n",
        ['5 1 Jun 12:00 nitrate 8 ppm, 1 Jun 12:00 phosphate 0.05 ppm'],
        'The headings stand in line 4.',
    ],
    'the date in the first row of a day only' => [
        "date;time;parameter;value\n01.06.2026;8:00;NO3;8,5\n;20h15;PO4;0,05\n",
        ['2 1 Jun 08:00 nitrate 8.5 ppm', '3 1 Jun 20:15 phosphate 0.05 ppm'],
    ],
    'decimals between the commas of the table' => [
        "Datum,Nitrat,Phosphat,Notiz\n01.06.2026,13,9,0,11,\n04.06.2026,14,1,0,10,trüb\n05.06.2026,14,0,10,x\n",
        [
            '2 1 Jun 12:00 nitrate 13.9 ppm, 1 Jun 12:00 phosphate 0.11 ppm',
            '3 4 Jun 12:00 nitrate 14.1 ppm, 4 Jun 12:00 phosphate 0.10 ppm',
            '4  | This row has 5 cells, but there are 4 columns, and which commas are decimals cannot '
                .'be told. Save the table with semicolons between its cells, or with decimal points.',
        ],
        'put together',
    ],
    'ends of lines of an old machine' => [
        "date,no3\r2026-06-01,8\r2026-06-02,9\r",
        ['2 1 Jun 12:00 nitrate 8 ppm', '3 2 Jun 12:00 nitrate 9 ppm'],
    ],
    'what was done, a column each' => [
        "Date,Water change (L),Sock,Vinegar ml,Activated carbon (g),Fed (g),Skimmer\n"
            ."2026-06-01,40,x,2.5,,6,\n2026-06-02,0,,2.5,80,,\n"
            ."2026-06-03,half,no,,,,off\n",
        [
            '2 1 Jun 12:00 Water change 40 L, 1 Jun 12:00 Sock changed, 1 Jun 12:00 Organic carbon, vinegar 2.5 mL, '
                .'1 Jun 12:00 Fed 6 g',
            '3 2 Jun 12:00 Organic carbon, vinegar 2.5 mL, 2 Jun 12:00 Activated carbon 80 g',
            '4 3 Jun 12:00 Skimmer off | “half” under “Water change (L)” is not what can be read there.',
        ],
    ],
    'what was done, a row each' => [
        "date,type,amount,unit,notes\n"
            ."2026-06-01,Water change,10,%,\n2026-06-01,nitrate,8,ppm,\n2026-06-02,sock,,,torn\n"
            ."2026-06-03,moon phase,3,,\n",
        [
            '2 1 Jun 12:00 Water change 20 L',
            '3 1 Jun 12:00 nitrate 8 ppm',
            '4 2 Jun 12:00 Sock changed',
            '5  | “moon phase” is not a known parameter, and nothing that is done.',
        ],
    ],
    'what was done, in words' => [
        "Date;Maintenance\n01.06.2026;water change 20 l\n02.06.2026;cleaned the glass, fish look fine\n",
        ['2 1 Jun 12:00 Water change 20 L', '3 2 Jun 12:00 cleaned the glass, fish look fine'],
    ],
    'notes without readings' => [
        "date,no3,note\n2026-06-01,,new fish\n2026-06-02,8,\n",
        ['2 1 Jun 12:00 new fish', '3 2 Jun 12:00 nitrate 8 ppm'],
    ],
    'kits in brackets' => [
        "date,NO3 (white strips),NO3 (meter)\n2026-06-01,10,8.4\n",
        ['2 1 Jun 12:00 nitrate 10 ppm, white strips, 1 Jun 12:00 nitrate 8.4 ppm, meter'],
    ],
    'thousands' => [
        "date,mg,no3\n2026-06-01,\"1,350\",8.5\n",
        ['2 1 Jun 12:00 magnesium 1,350 ppm, 1 Jun 12:00 nitrate 8.5 ppm'],
    ],
    'other measures' => [
        "date,temp (F),sg,alk (meq/L),orp,ph\n2026-06-01,77,1.025,2.9,380,8.2\n",
        [
            '2 1 Jun 12:00 temperature 25 °C, 1 Jun 12:00 salinity 33.2 ppt, 1 Jun 12:00 alkalinity 8.1 dKH, '
                .'1 Jun 12:00 ORP 380 mV, 1 Jun 12:00 pH 8.2',
        ],
    ],
    'a slip among the degrees' => [
        "date,temp\n2026-06-01,25\n2026-06-02,25.2\n2026-06-03,35.1\n",
        [
            '2 1 Jun 12:00 temperature 25 °C',
            '3 2 Jun 12:00 temperature 25.2 °C',
            '4  | “35.1” would be 35.1 °C; the rest of “temp” is near 25.2 °C. Is it a slip?',
        ],
    ],
    'tabs' => ["Date\tNO3\n2026-06-01\t8,5\n", ['2 1 Jun 12:00 nitrate 8.5 ppm']],
    'a time that is none' => [
        "date,time,no3\n2026-06-01,after work,8\n",
        ['2  | “2026-06-01 after work” is not a date such as 2026-03-24.'],
    ],
    'a total below without a date' => [
        "date,no3\n2026-06-01,8\nTotal,16\n,9\n",
        [
            '2 1 Jun 12:00 nitrate 8 ppm',
            '3  | “Total” is not a date such as 2026-03-24.',
            '4  | The date is missing.',
        ],
    ],
    'dates to come decide' => [
        "date,no3\n11/12/2026,8\n11/13/2026,9\n",
        ['2 12 Nov 12:00 nitrate 8 ppm', '3 13 Nov 12:00 nitrate 9 ppm'],
    ],
]);

it('takes what a keeper says of it', function (): void {
    $csv = "date,no3,po4\n2026-06-01,nd,0.05\n2026-06-02,8,0.05\n2026-06-03,8,0.05\n2026-06-04,8,5.5\n";
    expect(($this->told)(($this->read)($csv, ['limits' => ['', '0.5', ''], 'because' => 'an open tank'])))->toBe([
        '2 1 Jun 12:00 nitrate below 0.5 ppm, 1 Jun 12:00 phosphate 0.05 ppm',
        '3 2 Jun 12:00 nitrate 8 ppm, 2 Jun 12:00 phosphate 0.05 ppm',
        '4 3 Jun 12:00 nitrate 8 ppm, 3 Jun 12:00 phosphate 0.05 ppm',
        '5 4 Jun 12:00 nitrate 8 ppm, 4 Jun 12:00 phosphate 5.5 ppm',
    ]);
});

it('never drops a cell without a word', function (): void {
    mt_srand(11);
    $cells = [
        '', '8', '8.5', '8,5', '<0.02', '~14', 'nd', 'trace', '5-10', '?', '-', 'n/a', '8 ppm', 'eight', '1,350',
        '=1+1',
        '-3', '1e3', '∞', '8.5.1', "o'clock", '٣', '“8”', '8 / 9', '0', '00', '+4', '.5', '9.', 'ppm', '50 %', '12:30',
    ];
    $dates = [
        '2026-06-01', '1.6.2026', '06/01/2026', 'June 1', '46174', '', 'Total', '2026-13-01', '1 Jun 26', '20260601',
    ];
    for ($run = 0; $run < 150; $run++) {
        $headings = ['date', 'no3', 'PO4 (ppb)', 'temp', 'Water change (L)', 'note', 'mystery'];
        $csv = implode(';', $headings)."\n";
        for ($row = 0; $row < 6; $row++) {
            $csv .= implode(';', [
                $dates[mt_rand(0, 9)],
                ...array_map(fn (): string => $cells[mt_rand(0, count($cells) - 1)], range(1, 4)),
                mt_rand(0, 2) === 0 ? 'words' : '',
                'x',
            ])."\n";
        }
        $import = ($this->read)($csv);
        foreach ($import->rows() as $row) {
            // A figure is read, or its row says what is not; only what says that there is none goes unsaid.
            $given = array_filter(
                array_slice($row->cells, 1, 4),
                fn (string $cell): bool => ! in_array($cell, ['', '-', 'n/a'], true),
            );
            $nothingDone = in_array($row->cells[4] ?? '', ['0', '00'], true) ? 1 : 0;
            $notes = count(array_filter($row->entries, fn ($entry): bool => $entry->kind()->key() === 'note'));
            expect($row->leftOut !== [] || count($row->entries) - $notes === count($given) - $nothingDone)
                ->toBeTrue($csv.' line '.$row->line);
        }
    }
});
