<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

// Chambers behind the display: drawn, judged, filled with a basket, by keys, by mouse, on a phone and in inches.

beforeEach(function (): void {
    $this->server = AppServer::withDemo();
});

afterEach(function (): void {
    $this->browser->quit();
    $this->server->stop();
});

it('works chambers out by keys alone: slots, pump chamber, basket and its layers', function (): void {
    $browser = $this->browser = new Browser($this->server->url);
    $browser->signIn()->visit('/systems/2/section')->waitFor('nothing to mend');
    // The second row of the first group is the wall with its slots; its third field is how long they are.
    $browser->keys('1', 'ArrowDown', 'Enter')->tabTo('Length with slots')->keys('12');
    $browser->waitFor('The display overflows while running')->waitFor('Clogged slots flood');
    $browser->keys('Ctrl+Z', 'Ctrl+Z')->waitUntilGone('The display overflows while running');
    // The pump chamber falls with evaporation.
    $browser->keys('Escape', '5', 'ArrowDown', 'Enter')->keys('4');
    $browser->waitFor('Without top-up the return gulps air in 0.9 days')->keys('Ctrl+Z');
    // The basket is the first of the equipment.
    $browser->keys('Escape', '3', 'Enter')->tabTo('Height')->keys('380');
    $browser->waitFor('The lid does not close')->keys('Ctrl+Z', 'Ctrl+Z', 'Ctrl+Z');
    $browser->waitUntilGone('The lid all but rests on the basket')->waitUntilGone('The lid does not close');
    $browser->tabTo('A strip seals its front edge')->keys(' ');
    $browser->waitFor('Water passes beside the media basket')->keys(' ')->waitUntilGone('Water passes beside');
    $browser->tabTo('Add a pad')->keys('Enter')->waitFor('Layer 6')->waitFor('The water meets a finer pad first');
    $browser->keys('Ctrl+Z')->waitUntilGone('Layer 6')->keys('Escape', 'Enter');
    $browser->tabTo('Foot over the floor')->keys('25')->waitFor('changed, not saved')->keys('Ctrl+S');
    $browser->waitFor('The sump is saved.');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('shows the basket put together, its pads on the cut sheet, and how it is built', function (): void {
    $browser = $this->browser = new Browser($this->server->url);
    $browser->signIn()->visit('/systems/2/section')->waitFor('nothing to mend');
    $browser->press('Basket')->waitFor('from the side, cut open')->press('Front');
    // Picked on the drawing, its fields stand beside it.
    $browser->element('//*[@data-basket]')->click();
    $browser->waitFor('Cavity, along');
    $browser->script("document.querySelector('[data-rear]').focus()");
    $browser->waitFor('Foot of the slots');
    $browser->element("//*[@data-baffle='first']")->click();
    $browser->keys('ArrowDown')->waitFor('changed, not saved')->press('Undo');
    $browser->press('Cut sheet')->waitFor('Basket, fine pad on shelf 3')->waitFor('The chambers come with the tank');
    expect($browser->text())->not->toContain('Weir baffle')->not->toContain('Sump of');
    $browser->press('Build')->waitFor('8 of 8 steps to do')->waitFor('undersides at 0 mm, 95 mm, 190 mm');
    expect($browser->text())->not->toContain('Leak test')->not->toContain('Old baffles');
});

it('draws another tank with rear chambers from nothing, and a sump again', function (): void {
    $browser = $this->browser = new Browser($this->server->url);
    $browser->signIn()->visit('/systems/1/section')->waitFor('to look at');
    $browser->pick('Tank', '#size')->choose('What is drawn', 'chambers behind the display');
    $browser->waitFor('the whole tank');
    $browser->waitFor('A power cut is not reckoned yet');
    $browser->pick('Tank', '#rear')->type('Mouth of the return', '300')->waitUntilGone('A power cut is not reckoned');
    $browser->pick('Tank', '#size')->choose('What is drawn', 'a sump under the tank')->waitFor('whole sump');
    $browser->press('Back to what is saved')->waitFor('Heater would stand dry');
});

it('keeps to 390 px and a wet finger, and to inches', function (): void {
    $browser = $this->browser = new Browser($this->server->url, 390, 844, dark: true);
    $browser->signIn()->visit('/systems/2/section?part=%23basket')->waitFor('Cavity, along');
    $small = $browser->script(<<<'JS'
        return [...document.querySelectorAll(
            'main button, main input:not([type=checkbox]):not([type=file]), main select')]
            .filter((element) => element.offsetParent !== null && element.getBoundingClientRect().height < 43.5)
            .map((element) => element.textContent || element.getAttribute('aria-label'));
        JS);
    expect($small)->toBe([])
        ->and($browser->script('return document.documentElement.scrollWidth <= window.innerWidth'))->toBeTrue()
        ->and($browser->axeFindings())->toBe([]);
    $browser->keys('u')->waitFor('US gal · °F')->waitFor('slots 13 1/16');
    expect($browser->value('Height'))->toBe('12 63/64')->and($browser->consoleProblems())->toBe([]);
});
