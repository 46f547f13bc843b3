<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

// A keeper designs a sump in the real interface, by keys and with the mouse, and sees the water in its three states.

beforeEach(function (): void {
    $this->server = AppServer::withDemo();
    $this->browser = new Browser($this->server->url);
    $this->browser->signIn();
});

afterEach(function (): void {
    $this->browser->quit();
    $this->server->stop();
});

/** @return list<string> what the drawing says of each baffle, from the inlet */
function baffles(Browser $browser): array
{
    return $browser->script(
        "return [...document.querySelectorAll('[data-baffle]')].map((baffle) => baffle.getAttribute('aria-label'))",
    );
}

it('designs a sump by keys: nudges, types, switches states, and clears a flood', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/section')->waitFor('Heater would stand dry');
    expect(baffles($browser)[0])->toBe('Weir baffle at 150, top 215 mm');

    // A baffle is picked by Tab and nudged by 1 and by 10 mm, along and up.
    $browser->tabTo('Weir baffle at 430, top 205 mm')->keys('ArrowRight');
    $browser->element("//*[@data-baffle='inlet' and @aria-label='Weir baffle at 431, top 205 mm']");
    $browser->keys('ArrowUp', 'ArrowUp');
    $browser->element("//*[@data-baffle='inlet' and @aria-label='Weir baffle at 431, top 207 mm']");
    expect($browser->script('return document.activeElement.getAttribute("data-baffle")'))->toBe('inlet');
    $browser->keys('Ctrl+Z');
    $browser->element("//*[@data-baffle='inlet' and @aria-label='Weir baffle at 431, top 206 mm']");

    // The heater goes behind a baffle that keeps its water.
    $browser->pick('Equipment', 'heater')->choose('Stands in', 'chamber 1');

    // Too much coming down floods; less does not.
    $browser->pick('Power cut', '#display');
    $browser->type('Display falls in a power cut', '90')->waitFor('A power cut floods')->waitFor('run over the rim');
    $browser->type('Display falls in a power cut', '15')->waitUntilGone('A power cut floods');
    $browser
        ->type('Display falls in a power cut', 'a little')
        ->waitFor('“a little” is not a number')
        ->waitFor('Of the state before the last change');
    $browser->type('Display falls in a power cut', '1/2 in')->waitUntilGone('is not a number');

    // The three states.
    $browser->press('Return emptied');
    $state = '[aria-label="State of the water"] [aria-pressed=true]';
    expect($browser->script("return document.querySelector('{$state}').innerText"))->toBe('Return emptied');
    $browser->press('Power cut')->press('Running');

    $browser->keys('Ctrl+S')->waitFor('The sump is saved.')
        ->press('Put in force…')->press('Put in force')->waitFor('The sump is in force from that day.');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('moves a baffle with the mouse, and adds a bubble trap', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/section')->waitFor('actual return flow');
    $before = baffles($browser);
    $browser->drag("//*[@data-baffle='comb']", "//*[@data-baffle='under']");
    $moved = array_values(array_diff(baffles($browser), $before));
    expect($moved)
        ->toHaveCount(1)
        ->and($moved[0])
        ->toMatch('~^Comb-topped baffle at 6[4-9]\d, water over 195, teeth to 220 mm$~');
    $browser->waitFor('changed, not saved')->press('Undo')->waitUntilGone('changed, not saved');
    expect(baffles($browser))->toBe($before);
    $browser->press('Add bubble trap')->element("//*[@data-baffle='trap-1-c']");
    expect(count(baffles($browser)))->toBe(count($before) + 3);

    // What is not saved waits in this window.
    $browser
        ->visit('/systems/1/journal')
        ->waitFor('nitrate ppm')
        ->visit('/systems/1/section')
        ->waitFor('changed, not saved')
        ->element("//*[@data-baffle='trap-1-c']");
    expect(count(baffles($browser)))->toBe(count($before) + 3);
    $browser->press('Back to what is saved')->waitUntilGone('changed, not saved');
    expect($browser->consoleProblems())->toBe([]);
});

it('starts a sump from a common size, in inches where they are chosen', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/section')->waitFor('actual return flow')->keys('u')->waitFor('75.4 US gal');
    $browser->visit('/systems/1/section')->waitFor('actual return flow')
        ->pick('Tank', '#size')
        ->choose('Take a common size', '20 x 10 x 12 in')
        ->waitFor('changed, not saved');
    expect(
        $browser->script(
            "return [...document.querySelectorAll('label')].find((label) => label.innerText === 'Inner "
                ."length').parentElement.querySelector('input').value",
        ),
    )->toBe('19 1/2');
    $browser->waitFor('Baffle outside the tank');
    expect($browser->consoleProblems())->toBe([]);
});

it('proposes figures in inches when a weir becomes an under-gap baffle', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/section')->waitFor('actual return flow')->keys('u')->waitFor('75.4 US gal');
    $browser->pick('Baffles and trays', 'socks')->choose('Baffle', 'Under-gap baffle')->waitFor('changed, not saved');
    expect(
        $browser->script(
            "return [...document.querySelectorAll('label')].find((label) => label.innerText === 'Gap under "
                ."it').parentElement.querySelector('input').value",
        ),
    )->toBe('1 3/16');
    // A click without a move is no change, and a drag is one step of the undo.
    $browser->press('Undo')->waitUntilGone('changed, not saved');
    $browser->element("//*[@data-baffle='comb']")->click();
    expect($browser->text())->not->toContain('changed, not saved');
});

it('designs a sump from nothing by keys alone', function (): void {
    $this->server->stop();
    $this->browser->quit();
    $this->server = AppServer::empty();
    $browser = $this->browser = new Browser($this->server->url);
    $browser
        ->visit('/')
        ->waitFor('The first keeper')
        ->type('Your name', 'Ada')
        ->type('E-mail address', 'ada@home.example')
        ->type('Password', 'long-enough-1')
        ->choose('Time zone', 'Europe/Berlin')
        ->press('Begin')
        ->waitFor('Describe your tank')
        ->type('Name of the tank', 'Hall reef')
        ->type('Inner length', '100')
        ->type('Inner width', '45')
        ->type('Inner height', '50')
        ->press('Save the tank')
        ->waitFor('Settings');
    $browser->waitFor('is described')->visit('/systems/1/section')->waitFor('a sump to start from, not saved');
    // Focus comes to a field with its text selected, so that typing replaces it.
    $browser->keys('1', 'Enter');
    $browser
        ->tabTo('Inner length')
        ->keys('900')
        ->waitFor('changed, not saved')
        ->waitUntilGone('Baffle outside the tank');
    $browser
        ->tabTo('Inner height')
        ->keys('0')
        ->waitFor('must be between')
        ->keys('Ctrl+Z', 'Ctrl+Z')
        ->waitUntilGone('must be between');
    $browser->visit('/systems/1/section')->waitFor('Add tray')->tabTo('Add tray')->keys('Enter');
    $browser->element("//*[@data-tray='tray-1']");
    $browser->tabTo('Hangs below its top')->keys('330')->waitFor('The sock stands on the floor');
    $browser
        ->keys(WebDriverKeys::BACKSPACE, WebDriverKeys::BACKSPACE, WebDriverKeys::BACKSPACE)
        ->keys('200')
        ->waitUntilGone('The sock stands on the floor');
    // Escape goes back to the list, a digit to a group, arrows along it and Enter to the fields.
    $browser
        ->keys('Escape', '4', 'Enter')
        ->keys('3000')
        ->tabTo('Pump, most height')
        ->keys('3')
        ->keys('Escape', 'ArrowDown', 'Enter')
        ->keys('1200')
        ->tabTo('Return pipe, bore')
        ->keys('25')
        ->tabTo('Return pipe, length')
        ->keys('1500')
        ->waitFor('actual return flow');
    $browser->keys('Ctrl+S')->waitFor('The sump is saved.');
    expect($browser->consoleProblems())->toBe([]);
});
