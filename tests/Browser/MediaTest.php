<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;
use Tests\Support\MadeUpMedium;

beforeAll(function (): void {
    $GLOBALS['charges'] = AppServer::withDemo();
});

afterAll(fn () => $GLOBALS['charges']->stop());

afterEach(function (): void {
    $this->browser?->quit();
    $this->browser = null;
});

it('follows a charge, doses the next by budget, and changes it', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['charges']->url);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('95 %')->keys('gm')
        ->waitFor('As of ')->waitFor('Water lost')->waitFor('Carbon bag, in for');
    // The life left stands at the stop, in words and as a gauge.
    expect($browser->script('return document.querySelectorAll(\'[aria-label$="of its life left"]\').length'))->toBe(2)
        ->and($browser->text())->toContain('↳ GFO reactor');
    $browser->press('Dose a medium')->waitFor('By the water of the tank')
        ->choose('Medium', 'GFO')->choose('Goes into', 'GFO reactor')->waitFor('A first portion')
        ->press('Take it: By a gentle fall')->waitFor('in the first week')
        ->type('Wanted phosphate', '0,00')->waitFor('must be between')
        ->type('Wanted phosphate', '0.05')->waitUntilGone('must be between')
        ->type('Made ready', 'rinsed 5 min')
        ->press('Log this charge')->waitFor('Logged: GFO')->waitFor('GFO reactor, in for 0 days')
        ->waitFor('Taken out');
    $browser->press('Take out GFO')->waitFor('Logged: GFO taken out');
    expect($browser->consoleProblems())->toBe([]);
});

it('plans a ramp of organic carbon and begins it', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['charges']->url);
    $browser->signIn()->visit('/systems/1/media/organic')->waitFor('Stop at once when')->waitFor('The skimmer runs')
        ->choose('Dosed as', 'vinegar')->waitFor('18.8')->waitFor('below your target');
    // It leads below the target, which has to be wanted.
    $browser->script(
        "[...document.querySelectorAll('label')].find((l) => l.textContent.includes('I want that')).click()",
    );
    $browser->press('Start this ramp')
        ->waitFor('The ramp has begun')
        ->waitFor('Week 1:')
        ->waitFor('Continue as planned');
    $browser->press('End the ramp')->waitFor('The ramp has ended')->waitUntilGone('Week 1:');
    expect($browser->consoleProblems())->toBe([]);
});

it('tries ozone on the stand-in, which is refused without a probe', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['charges']->url);
    $browser->signIn()->visit('/systems/1/media/ozone')->waitFor('Not run: Ozone without an ORP probe');
    foreach (['An ORP probe ends it', 'It goes into a skimmer', 'The exhaust goes over'] as $label) {
        $browser->script(
            "[...document.querySelectorAll('label')].find((l) => l.textContent.includes('{$label}')).click()",
        );
    }
    $browser->waitUntilGone('Not run:')->waitFor('In two days it ran');
    $browser->type('Off at', '380')->waitFor('it flutters');
    expect($browser->consoleProblems())->toBe([]);
});

it('says at its stop whether the sock helps and what is wrong with the foam', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['charges']->url);
    $browser->signIn()->visit('/systems/1/ledger')->waitFor('As of ')
        ->visit('/systems/1/path?draft=1&item=socks')->waitFor('Is the sock helping?');
    $open = fn (string $words): mixed => $browser->script(
        "[...document.querySelectorAll('summary')].find((s) => s.textContent.includes('{$words}')).click()",
    );
    $open('Is the sock helping?');
    $browser->waitFor('by the model of this tank');
    $browser->visit('/systems/1/path?draft=1&item=skimmer')->waitFor('What is wrong with the foam?');
    $open('What is wrong with the foam?');
    $browser->choose('The foam is', 'empty: no foam reaches the cup')->waitFor('Common practice; what the journal');
    expect($browser->consoleProblems())->toBe([]);
});

it('keeps two charges of one medium in two vessels apart, from the log to the chart', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['charges']->url);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('Several readings')
        ->type('Log what was read or done', 'gfo 60 g in gfo reactor sure because both are wanted')
        ->press('Save')->waitFor('Logged: GFO 60 g')
        ->type('Log what was read or done', 'gfo 20 g canister sure because both are wanted')
        ->press('Save')->waitFor('Logged: GFO 20 g')
        ->type('Log what was read or done', 'gfo out')->waitFor('takes it out of all of them')
        ->visit('/systems/1/media')->waitFor('Another amount, or top up')->waitFor('canister, in for 0 days')
        ->waitFor('GFO reactor, in for');
    // Its own button takes out that one alone.
    $browser->script("[...document.querySelectorAll('button')].find((b) => b.getAttribute('aria-label') === "
        ."'Take out GFO' && b.closest('section').textContent.includes('canister')).click()");
    $browser->waitFor('Logged: GFO taken out of canister')->waitUntilGone('canister, in for')
        ->waitFor('GFO reactor, in for');
    expect($browser->consoleProblems())->toBe([]);
});

it('goes on with a ramp as it is dosed', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['charges']->url);
    $browser->signIn();
    foreach ([28 => 2, 21 => 3, 14 => 4, 7 => 5] as $ago => $millilitres) {
        foreach (range(0, 6) as $day) {
            $browser->script(sprintf(
                'return fetch("/systems/1/journal", {method: "POST", headers: {"Content-Type": "application/json", '
                    .'"Accept": "application/json", "X-XSRF-TOKEN": decodeURIComponent(document.cookie.match('
                    .'/XSRF-TOKEN=([^;]+)/)[1])}, body: JSON.stringify({line: "vinegar %d ml %d days ago sure "'
                    .'+ "because a ramp"})})'
                    .'.then((answer) => answer.status)',
                $millilitres,
                $ago - $day,
            ));
        }
    }
    $browser->visit('/systems/1/media/organic')->waitFor('Stop at once when')
        ->choose('Dosed as', 'vinegar')->waitFor('You already dose about 5 mL')
        ->visit('/systems/1/journal?view=changes')->waitFor('mL');
    // Four weekly steps are one change.
    expect($browser->text())->toContain('vinegar: in steps from')->not->toContain('vinegar: from')
        ->and($browser->consoleProblems())->toBe([]);
});

it('knows a medium that a test adds as one row', function (): void {
    $server = AppServer::withDemo(MadeUpMedium::settings());
    try {
        $browser = $this->browser = new Browser($server->url);
        $browser->signIn()->visit('/systems/1/journal')->waitFor('Several readings')
            ->type('Log what was read or done', 'testite 20 g canister sure because a test')
            ->waitFor('Testite granules 20 g')->press('Save')
            ->waitFor('Logged: Testite granules')
            ->visit('/systems/1/media')->waitFor('Testite granules 20 g')
            ->visit('/systems/1/media/dose')->choose('Medium', 'Testite granules')->waitFor('Rinse it twice.')
            ->visit('/systems/1/forecast')->waitFor('What if')->choose('Medium put in now', 'Testite granules');
        expect($browser->consoleProblems())->toBe([]);
    } finally {
        $server->stop();
    }
});
