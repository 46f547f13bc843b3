<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;
use Tests\Support\Temporary;
use Tests\Support\TestClock;

// The keeper's main path in the real interface: an empty installation, a tank, a file of readings, a log, a verdict.

beforeEach(function (): void {
    $this->server = AppServer::empty();
    $this->browser = null;
});

afterEach(function (): void {
    $this->browser?->quit();
    $this->server->stop();
});

/** A file of a keeper's own: nine weeks of readings twice a week, some rows bad. */
function readingsFile(): string
{
    $lines = ['date;nitrate (ppm);phosphate (ppm);note'];
    for ($i = 0; $i < 18; $i++) {
        $day = TestClock::now('today')->modify('-'.(63 - (int) round(3.5 * $i)).' days');
        $lines[]
            = $day->format('j.n.Y')
            .' 20:00;'
            .number_format(8 + ($i % 3) / 10, 1, ',', '')
            .';'
            .number_format($i < 9 ? 0.05 + 0.006 * $i : 0.104 - 0.008 * ($i - 9), 3, ',', '')
            .';';
    }
    $lines[] = '31.2.2026;8,0;0,05;no such day';
    $lines[] = TestClock::now('-2 days')->format('j.n.Y').';about eight;;';
    $path = Temporary::path('ithys-readings.csv');
    file_put_contents($path, implode("\n", $lines)."\n");

    return $path;
}

it('walks from first run to an honest verdict', function (int $width, int $height): void {
    $browser = $this->browser = new Browser($this->server->url, $width, $height);

    // First run.
    $browser->visit('/')->waitFor('The first keeper')
        ->type('Your name', 'Ada')
        ->type('E-mail address', 'ada@home.example')
        ->type('Password', 'short')
        ->press('Begin')
        ->waitFor('Choose a password of at least 10 characters.')
        ->type('Password', 'long-enough-1')
        ->choose('Time zone', 'Europe/Berlin')
        ->press('Begin')
        ->waitFor('Describe your tank');

    // Describe a tank: a wrong figure is pointed at and kept, then put right.
    $browser->type('Name of the tank', 'Hall reef')
        ->type('Inner length', '40 in')
        ->type('Inner width', '45')
        ->type('Inner height', 'tall')
        ->press('Save the tank')->waitFor('“tall” is not a number');
    expect($browser->script('return [...document.querySelectorAll("input")].map((field) => field.value).join(",")'))
        ->toContain('40 in')
        ->toContain('tall');
    $browser->type('Inner height', '50')
        ->type('Rock', '20')
        ->type('Flow through the filter', '900')
        ->waitFor('Turnover low')->waitFor('−10 L')
        ->press('Save the tank')->waitFor('Hall reef is described');
    expect($browser->text())->toContain('219 L');

    // Import a file with good and bad rows.
    $browser->press('Journal')
        ->waitFor('Nothing in this time')
        ->press('Import a table')
        ->waitFor('A CSV file with a line of column names')
        ->attach('CSV file', readingsFile())
        ->press('Show what is in it')
        ->waitFor('Preview of')
        ->waitFor('“31.2.2026” is not a date')
        ->waitFor('“about eight” is no nitrate figure')
        ->press('refused 2')
        ->waitUntilGone('nitrate 8.1 ppm')
        ->press('Save 36 entries')
        ->waitFor('36 entries imported.');

    // Log by L, with a slip first.
    $browser->keys('l')
        ->keys('gfo 80 g reactr 32 days ago')
        ->waitFor('“reactr” was not understood here.');
    $browser->type('Log what was read or done', 'gfo 80 g reactor 32 days ago')
        ->waitFor('GFO 80 g, reactor')
        ->waitFor('A fast drop in phosphate')->waitFor('sure because')
        ->type('Log what was read or done', 'gfo 80 g reactor 32 days ago sure because it went in then')
        ->waitUntilGone('add “sure because”')
        ->keys('Enter')->waitFor('Logged: GFO 80 g, reactor.');

    // The verdict, first in words.
    $browser->waitFor('Phosphate: lower')
        ->waitFor('The tank was gaining; since this change it loses.')
        ->waitFor('Nitrate: no difference shown');

    // Take the log back, bring it again, and read the same journal as a table.
    $browser->press('Undo')
        ->waitFor('Taken back.')
        ->waitFor('What did a change do?')
        ->press('Undo')
        ->waitFor('Restored.')
        ->waitFor('Phosphate: lower');
    $browser->keys('t')->waitFor('Correct')->waitFor('0.050 ppm');

    expect($browser->consoleProblems())->toBe([])->and($browser->strangeRequests())->toBe([]);
})->with(['at a desk' => [1280, 800], 'at the tank' => [390, 844]]);
