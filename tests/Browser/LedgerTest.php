<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

beforeAll(function (): void {
    $GLOBALS['ledger'] = AppServer::withDemo()->work();
});

afterAll(fn () => $GLOBALS['ledger']->stop());

afterEach(function (): void {
    $this->browser?->quit();
    $this->browser = null;
});

it('learns by itself, shows where nitrogen goes, and opens what a figure rests on', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['ledger']->url);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('95 %')->keys('gd')
        ->waitFor('mg came in a week')->waitFor('As of ')->waitFor('learned');
    // What is logged is learned from beside the page, which then shows it by itself.
    $browser->keys('l', 'no3 8.25 po4 0.06')->waitFor('phosphate 0.06 ppm')->keys('Enter')->waitFor('Logged: ')
        ->waitFor('Ithys is learning')->waitUntilGone('Ithys is learning', 60);
    expect($browser->text())->toContain('Sock, pad and roller removed most')
        ->and($browser->script('return document.querySelectorAll(\'svg[aria-label^="Nitrogen"] path\').length'))
        ->toBeGreaterThan(8);
    $browser->press('4 weeks')->waitFor('4.0 weeks are known');
    $browser->script('document.querySelector("details summary").click()');
    $browser->waitFor('ppm a week')->press('entries behind Water changes')->waitFor('16 of ');
    $browser->visit('/systems/1/ledger')->waitFor('As of ');
    $browser->script('document.querySelector("details summary").click()');
    $browser->press('modelled, what Skimmer rests on')->waitFor('A skimmer takes of the organics');
    // What the model expected stands beside the verdict from now on.
    $browser->visit('/systems/1/journal')->waitFor('Figures')->unfold()
        ->waitFor('Expected by the model of this tank');
    $browser->press('What came in and went out, before and since')->waitFor('Why did phosphate change?')
        ->waitFor('Phosphate media');
    expect($browser->text())->toContain('GFO 85 g, GFO reactor')->toContain('a week less than before');
    expect($browser->consoleProblems())->toBe([]);
});

it('foresees what a lever would do, takes up advice, and goes back', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['ledger']->url);
    $browser->signIn()->visit('/systems/1/ledger')->waitFor('As of ')->keys('gf')
        ->waitFor('in 12 weeks as it goes now')->waitFor('Your water is within the target');
    $browser->type('Feeding, times what you feed now', '1,5')->waitFor('With your settings:')
        ->type('Feeding, times what you feed now', '9')->waitFor('Feeding must be between 0 and 5')
        ->press('Back to what you do now')->waitUntilGone('With your settings:');
    $browser->visit('/systems/1/journal')->waitFor('Target, our estimate')->choose('Target', 'Very low nutrient')
        ->waitFor('nitrate 0.5 ppm')->visit('/systems/1/forecast')->waitFor('Take one step at a time')
        ->press('Try it: Feed a fifth less')->waitFor('With your settings:');
    expect($browser->script('return document.querySelector("input[inputmode=decimal]").value'))->toBe('0.8')
        ->and($browser->consoleProblems())->toBe([]);
    $browser->choose('Look ahead', '52 weeks')->waitFor('in 52 weeks as it goes now');
    $browser->press('Compare media: reactor or bag')->waitFor('In 52 weeks without it')->press('Try GFO in a bag')
        ->waitFor('Caution: ');
    expect($browser->value('Where'))->toBe('bag')->and($browser->axeFindings())->toBe([])
        ->and($browser->consoleProblems())->toBe([]);
});
