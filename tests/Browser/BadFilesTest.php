<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;
use Tests\Support\Temporary;

// What a keeper sees when a file is not what it should be: a sentence, the page as it was, nothing saved.

beforeAll(function (): void {
    $GLOBALS['files'] = AppServer::withDemo();
});

afterAll(function (): void {
    $GLOBALS['files']->stop();
});

afterEach(fn () => $this->browser->quit());

function written(string $name, string $bytes): string
{
    $path = Temporary::path($name);
    file_put_contents($path, $bytes);

    return $path;
}

it('says what is wrong with a file and stays on the page', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['files']->url);
    $browser->signIn()->visit('/systems/1/import')->waitFor('A CSV file with a line of column names');
    $entries = fn (): int => (int) (new PDO('sqlite:'.$GLOBALS['files']->database))
        ->query('select count(*) from entries')
        ->fetchColumn();
    $before = $entries();
    $files = [
        'picture.csv' => ["\x89PNG\r\n\x1A\n\0\0\0\rIHDR", 'This is not a text file.'],
        'empty.csv' => ["\n", 'The file is empty.'],
        'quote.csv' => [
            "date,nitrate\n2026-01-01,\"8\n2026-01-02,9\n",
            'In line 2 a quote (") opens and is never closed.',
        ],
        'headless.csv' => ["2026-01-01,8,0.05\n2026-01-02,9,0.05\n", 'The first line looks like a reading'],
        'wide.csv' => [implode(',', range(1, 10_000))."\n", 'The first line has 10,000 columns'],
        'large.csv' => [
            "date,nitrate\n".str_repeat("2026-01-01,8.5,,,,,,,,,,,,,,,,,,,,\n", 1_250_000),
            'The file is larger than 20 MB.',
        ],
    ];
    foreach ($files as $name => [$bytes, $sentence]) {
        $browser->attach('CSV file', written($name, $bytes))
            ->press('Show what is in it')
            ->waitFor($sentence);
        expect($browser->path())->toBe('/systems/1/import', $name);
    }
    expect($entries())->toBe($before)
        ->and($browser->consoleProblems())->toBe([]);

    // A sound file after all that goes through.
    $browser
        ->attach(
            'CSV file',
            written(
                'sound.csv',
                "\xFF\xFE".mb_convert_encoding("date,nitrate\n2026-01-01,8.5\n", 'UTF-16LE', 'UTF-8'),
            ),
        )
        ->press('Show what is in it')
        ->waitFor('The file is written in UTF-16LE and was read as such.')
        ->press('Save 1 entry')->waitFor('1 entry imported.');
    expect($entries())->toBe($before + 1);
    $browser->press('Undo')->waitFor('Taken back.');
});

it('changes how the file is read, and the rows with it', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['files']->url);
    $browser->signIn()->visit('/systems/1/import')
        ->attach('CSV file', written('two-ways.csv', "wann;level;extra\n3/4/2025;20;x\n5/6/2025;30;y\n"))
        ->press('Show what is in it')
        ->waitFor('No column holds readings')
        ->waitFor('could be day first or month first');
    $browser->choose('level holds', 'phosphate')->waitFor('phosphate 20 ppm');
    $browser->choose('wann holds', 'leave out')
        ->waitFor('No column is marked as the date')
        ->choose('wann holds', 'date')->waitFor('phosphate 20 ppm');
    $browser->choose('level is in', 'ppb')
        ->waitFor('phosphate 0.020 ppm')
        ->waitFor('3 Apr 2025')
        ->choose('Dates', 'month first')
        ->waitFor('4 Mar 2025')
        ->waitFor('Save 2 entries');
    expect($browser->consoleProblems())->toBe([]);
});
