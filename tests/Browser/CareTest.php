<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

beforeAll(function (): void {
    $GLOBALS['care'] = AppServer::withDemo();
});

afterAll(fn () => $GLOBALS['care']->stop());

afterEach(function (): void {
    $this->browser?->quit();
    $this->browser = null;
});

it('is where a keeper comes in, and a key does a chore, which undo takes back', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['care']->url);
    $browser->signIn()->visit('/')->waitFor('Today')->waitFor('Empty the skimmer cup');
    expect($browser->path())->toBe('/systems/1/care')->and($browser->axeFindings())->toBe([]);
    $number = $browser->script(
        'return document.querySelector(\'[aria-label="Done: Empty the skimmer cup, Stairwell reef"]\').dataset.task',
    );
    $browser->keys((string) $number)->waitFor('Logged: Skimmer cup emptied')->waitFor('done today')
        ->press('Undo')->waitUntilGone('done today');
    $browser->keys('gj')->waitFor('95 %')->keys('gc')->waitFor('Next four weeks');
    expect($browser->consoleProblems())->toBe([]);
});

it('is worked on a phone: done, still fine, and a figure that is asked for', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['care']->url, 390, 844);
    $browser->signIn()->visit('/systems/1/care')->waitFor('Today')
        ->press('Done: Fill the top-off reservoir, Stairwell reef')->waitFor('Logged: Reservoir filled')
        ->press('Still fine: Empty the skimmer cup, Stairwell reef')->waitFor('Logged: Skimmer cup: still fine')
        ->press('Done: Read nitrate and phosphate, Stairwell reef')->waitFor('Write the figure behind it')
        ->type('Write the figure behind it', 'no3 many')->press('Log it')->waitFor('Say how much')
        ->type('Write the figure behind it', 'no3 8.5 po4 0.07')->press('Log it')->waitFor('Logged: nitrate 8.5 ppm');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('takes a proposal for an interval, and one that is typed', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['care']->url);
    $now = Tests\Support\TestClock::now();
    $browser->signIn()->visit('/systems/1/care')->waitFor('Coming up')->unfold();
    $form = "//summary[@aria-label='Interval: Change the socks, Stairwell reef']/..//";
    $browser->element("{$form}label[contains(., 'Why')]/following::input[1]")->sendKeys('felt clogs');
    $browser->element("{$form}button[normalize-space(.)='Set']")->click();
    $browser->waitFor('Change the socks: every 4 days from now on.');
    foreach ([2, 1] as $ago) {
        $at = $now->modify("-{$ago} days")->format('Y-m-d').' 08:00';
        $browser->visit('/systems/1/journal')->waitFor('95 %')
            ->type('Log what was read or done', "{$at} sock changed soiling 5")->waitFor('soiling 5 of 5')
            ->press('Save')->waitFor('Logged: Sock changed, soiling 5 of 5');
    }
    $browser->visit('/systems/1/care')->waitFor('A proposal')->waitFor('came out clogged')
        ->press('Take every day')->waitFor('every day from now on')->waitUntilGone('A proposal');
    expect($browser->consoleProblems())->toBe([]);
});

it('makes a sheet that a sitter ticks on a phone without an account', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['care']->url);
    $browser->signIn()->visit('/systems/1/care/sitters')->waitFor('A sheet for the sitter')
        ->type('Who looks after the tank', 'Noor')->type('Whom to call, and where', '555 0100')
        ->press('Make the sheet')->waitFor('Give this address to Noor');
    expect($browser->axeFindings())->toBe([]);
    preg_match('~/sitter/[A-Za-z0-9]+~', $browser->text(), $address);
    $browser->onPaper();
    expect($browser->text())->not->toContain('Make the sheet')->toContain('What you may see or hear');
    $browser->onPaper(false)->quit();

    $browser = $this->browser = new Browser($GLOBALS['care']->url, 390, 844);
    $browser->visit($address[0])->waitFor('Looking after Stairwell reef')->waitFor('Call: 555 0100')
        ->press('Done: Change the pads')->waitFor('Change the pads, done');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});
