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
        ->type('Question', 'Does the moss lower nitrate?')->type('What the control has', 'as much gravel')
        ->type('Arm 1, the control', 'gravel')->type('Arm 2', 'moss')->type('Water of a unit', '5')
        ->type('Step of the kit', '0.5')->type('Units scatter by', '1.5')
        ->waitFor('Smallest difference that 4 of 5 such trials show')->type('Units an arm', '1')
        ->waitFor('One unit an arm tells nothing')->type('Units an arm', '2')->waitUntilGone('tells nothing');
    expect($browser->axeFindings())->toBe([]);
    $browser->press('Plan it')->waitFor('The trial is planned.')->waitFor('Places, by lot')->waitFor('U4')
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
    expect($browser->text())->toContain('Level at the end')->not->toContain('Note it');
    $browser->onPaper(false);
    expect($browser->consoleProblems())->toBe([]);
});
