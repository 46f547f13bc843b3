<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

beforeAll(function (): void {
    $GLOBALS['trials'] = AppServer::withDemo();
});

afterAll(fn () => $GLOBALS['trials']->stop());

afterEach(function (): void {
    $this->browser?->quit();
    $this->browser = null;
});

it('plans a trial, sees what it can show, and starts it', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['trials']->url);
    $browser->signIn()->visit('/systems/1/care')->waitFor('Today')->keys('gt')->waitFor('Plan a trial')
        ->type('Question', 'Does the moss lower nitrate?')->type('Control contains', 'as much gravel')
        ->type('Feed for all units', 'pellets, unblended')->type('Arm 1, the control', 'gravel')->type('Arm 2', 'moss')
        ->type('Water per unit', '5')->type('Step of the kit', '0.5')->type('Units differ by', '1.5')
        ->waitFor('smallest difference that 4 of 5 such trials show')->waitFor('Four more weeks')
        ->type('Units per arm', '1')->waitFor('One unit per arm shows nothing')->type('Units per arm', '2')
        ->waitUntilGone('shows nothing')->press('Test another parameter')->type('Step of the kit 2', '0.01')
        ->type('Units differ by 2', '0.02')->waitFor('Phosphate: smallest difference');
    expect($browser->axeFindings())->toBe([]);
    $browser->press('Plan it')->waitFor('The trial is planned.')->waitFor('Places, by lot')
        ->waitFor('Phosphate: smallest difference')->waitFor('U4')
        ->press('Start: today is day 0')->waitFor('The plan is locked from now on.')->waitFor('Save the day');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('fills a day by keys on a phone, and keeps what is typed when a cell is refused', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['trials']->url, 390, 844);
    $browser->signIn()->visit('/systems/1/trials/2')->waitFor('Save the day');
    $fields = "//form[@aria-label='Readings of a day']//label/input";
    $browser->element("({$fields})[1]")->click();
    // The day that is shown is the day that is read: the last one that has come.
    $browser->keys('green')->press('Save the day')->waitFor('U1, day 35')->waitFor('Say how much');
    expect($browser->value('Day'))->toBe('35')
        ->and($browser->element("({$fields})[1]")->getAttribute('value'))->toEndWith('green');
    $browser->choose('Day', 'day 28');
    $browser->element("({$fields})[1]")->click();
    $browser->keys('Enter');
    expect($browser->script('return document.activeElement === document.querySelectorAll('
        .'"form[aria-label=\\"Readings of a day\\"] label input")[1]'))->toBeTrue()
        ->and($browser->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue()
        ->and($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('judges the trial that is over, and prints it', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['trials']->url);
    $browser->signIn()->visit('/systems/1/trials/1')->waitFor('no clear effect at the end')
        ->waitFor('but not at the end')->waitFor('rings minus gravel');
    expect($browser->axeFindings())->toBe([]);
    $browser->onPaper();
    expect($browser->text())->toContain('Level at the end')->toContain('day by unit')->not->toContain('Note it');
    $browser->onPaper(false);
    expect($browser->consoleProblems())->toBe([]);
});

it('takes readings from a table and a line of the log, and keeps what was learned', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['trials']->url);
    $browser->signIn()->visit('/systems/1/trials/2')->waitFor('Save the day')->press('Readings from a table')
        ->type('Or paste it', "day,U1,U2\n14,9,green")->press('Save the table')->waitFor('U2, day 14')
        ->type('Or paste it', "day,U1,U2\n14,9,8.5 cloudy")->press('Save the table')->waitFor('Saved: 2 readings.');
    expect($browser->axeFindings())->toBe([]);
    $browser->type('Your own lines', 'Label the lids too.')->press('Keep these lines')->waitFor('Noted.')
        ->keys('l')->type('Log what was read or done', 'trial rubble U1 9.5')->waitFor('U1 9.5, day 35')->keys('Enter')
        ->waitFor('Saved in the trial: 1 reading.')
        ->visit('/systems/1/trials/2')->press('Plan the next trial from this one')->waitFor('This plan starts from')
        ->waitFor('Label the lids too.');
    expect($browser->value('Arm 2'))->toBe('rubble')->and($browser->axeFindings())->toBe([])
        ->and($browser->consoleProblems())->toBe([]);
});

it('plans a trial in the tank itself, and notes a switch on a phone', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['trials']->url, 390, 844, true);
    $browser->signIn()->visit('/systems/1/trials')->waitFor('Plan a trial')->choose('Where', 'In your own tanks')
        ->type('Question', 'Does the rubble lower nitrate?')->type('Change', 'the rubble')
        ->waitFor('Smallest change this plan shows')->choose('Form', 'Before and after in this tank')
        ->waitFor('A lot decides the day of the change')->choose('Form', 'On and off in this tank')
        ->waitFor('A lot decides which of each two');
    expect($browser->axeFindings())->toBe([])
        ->and($browser->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue();
    $browser->press('Plan it')->waitFor('The trial is planned.')->waitFor('Switches, by lot')
        ->press('Start: today is day 0')->waitFor('Started: today is day 0.');
    // By lot it is on first or second; only what is due can be noted.
    if (str_contains($browser->text(), 'Switched on on')) {
        $browser->press('Done')->waitFor('Noted.')->waitFor('done');
    }
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('shows what a trial in the tank came to, and prints it', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['trials']->url);
    $browser->signIn()->visit('/systems/1/trials/3')->waitFor('Switches, by lot')
        ->waitFor('Also changed since the start');
    expect($browser->axeFindings())->toBe([]);
    $browser->onPaper();
    expect($browser->text())->toContain('day 63')->not->toContain('Keep these lines');
    $browser->onPaper(false);
    expect($browser->consoleProblems())->toBe([]);
});
