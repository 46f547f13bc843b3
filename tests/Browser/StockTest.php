<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

beforeAll(function (): void {
    $GLOBALS['stock'] = AppServer::withDemo();
});

afterAll(fn () => $GLOBALS['stock']->stop());

afterEach(function (): void {
    $this->browser?->quit();
    $this->browser = null;
});

it('adds an item, counts it, and lists it when it runs low', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['stock']->url);
    $browser->signIn()->visit('/systems/1/care/stock')->waitFor('Sinking pellets')->press('Add an item')
        ->choose('What it is', 'Floss')->type('Name', 'White floss')->type('In a pack', '20')
        ->type('Price of a pack', '8')->press('Add it')->waitFor('Write how much, zero or more.')
        ->type('You have now', '5')->press('Add it')->waitFor('In the stock: White floss')
        ->waitFor('5 pieces');
    expect($browser->axeFindings())->toBe([]);
    $browser->element("//summary[@aria-label='Count or change: White floss']")->click();
    $browser->element("//form[@aria-label='Count: White floss']//input")->sendKeys('0');
    $browser->press('Counted: White floss')->waitFor('Counted: White floss')->waitFor('1 pack, 8.00 EUR');
    $browser->onPaper();
    expect($browser->text())->toContain('White floss')->not->toContain('Add it');
    $browser->onPaper(false);
    expect($browser->consoleProblems())->toBe([]);
});

it('compares costs, and shows stock and costs on a phone', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['stock']->url, 390, 844);
    $browser->signIn()->visit('/systems/1/care/costs')->waitFor('Costs in a year')->waitFor('Socks twice a week')
        ->waitFor('EUR');
    expect($browser->axeFindings())->toBe([])
        ->and($browser->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue();
    $browser->visit('/systems/1/care/stock')->waitFor('Sinking pellets');
    expect($browser->axeFindings())->toBe([])
        ->and($browser->script('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue()
        ->and($browser->consoleProblems())->toBe([]);
});

it('pauses for a feeding by one touch, and says that it is back on by another', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['stock']->url, 390, 844);
    $browser->signIn()->visit('/systems/1/care')->waitFor('Today')->press('Feeding pause, Stairwell reef')
        ->waitFor('Skimmer: off until')->press('Back on: skimmer on')->waitFor('Logged: Skimmer on')
        ->waitUntilGone('Skimmer: off until');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('logs an incident and a first hour, with what was typed kept when it is refused', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['stock']->url);
    $browser->signIn()->visit('/systems/1/care/incidents')->waitFor('No incident is logged.')
        ->choose('What went wrong', 'cup overflow')->type('When it started', '2099-01-02')->type('Water lost', '1.5')
        ->type('Cause', 'a new skimmer')->press('Log the incident')->waitFor('That moment is in the future');
    expect($browser->value('Cause'))->toBe('a new skimmer');
    $browser->type('When it started', 'yesterday 18:00')->press('Log the incident')
        ->waitFor('Logged: Cup overflow')->waitFor('cup overflow: once, 1.5 L of water');
    $browser->choose('No more than a trickle', 'it is not so')->waitFor('must stay free for an emergency')
        ->type('Drain valve', '2.5 turns open')->press('Log the first hour')
        ->waitFor('Drain valve last time: 2.5 turns open');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('plans days off by keys, and gives a person a calendar', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['stock']->url);
    $browser->signIn()->visit('/systems/1/care')->waitFor('Today')->unfold();
    $browser->element("//label[normalize-space(.)='Sun']/input")->click();
    $browser->element("//form[starts-with(@aria-label,'Days off')]//button")->click();
    $browser->waitFor('Nothing is planned on these weekdays');
    $browser->visit('/systems/1/care')->waitFor('Today')->unfold();
    $browser->element("//button[@aria-label='Set who does it: Change the pads, Stairwell reef']"
        .'/preceding::input[1]')->sendKeys('Noor');
    $browser->press('Set who does it: Change the pads, Stairwell reef')->waitFor('Change the pads: Noor.')
        ->waitFor('Noor · ')->choose('Tasks of', 'Noor')->press('Address to subscribe to')
        ->waitFor('Subscribe to this address')->waitFor('Revoke the address of Noor');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});
