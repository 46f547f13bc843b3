<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;
use Tests\Support\TestClock;

// The keeping of a tank once it runs: put it right, change it, take things out and bring them back.

beforeEach(function (): void {
    $this->server = AppServer::withDemo();
    $this->browser = new Browser($this->server->url);
    $this->browser->signIn()->visit('/systems/1/journal')->waitFor('Phosphate: lower');
});

afterEach(function (): void {
    $this->browser->quit();
    $this->server->stop();
});

it('answers a tank as it is typed, and keeps the old volume for earlier readings', function (): void {
    $browser = $this->browser;
    // While a drawn sump is in force its water and flow are shown, not asked.
    $browser->visit('/systems/1/path/water')->waitFor('from the drawn sump');
    $browser
        ->visit('/systems/1/section')
        ->waitFor('In force')
        ->press('Take back')
        ->waitFor('Taken back: that sump is not in force from that day.')
        ->waitFor('not in force');
    $browser->visit('/systems/1/path/water')->waitFor('Turnover fits');
    $browser->type('Flow through the filter', '500')->waitFor('Turnover far too low')
        ->type('Flow through the filter', '12 gal')
        ->waitFor('Write “US gal” or “imp gal”.')
        ->waitFor('As last saved')
        ->type('Flow through the filter', '540 US gal/h')->waitFor('Turnover fits');
    $browser->type('Sump water', '80')->waitFor('306 L');
    // The GFO went in 35 days ago in the demo.
    $since = TestClock::now('today', new DateTimeZone('Europe/Lisbon'))->modify('-5 days');
    $browser->script(<<<JS
        const day = document.querySelector('input[type=date]');
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(day, '{$since->format('Y-m-d')}');
        day.dispatchEvent(new Event('input', { bubbles: true }));
        JS);
    $browser->press('Save')
        ->waitFor('The changed tank is in force from that day.')
        ->waitFor('since '.$since->format('j F'));
    // The verdict still uses the volume of its own day and says that the tank was changed since.
    $browser->visit('/systems/1/journal')
        ->waitFor('Rates are for 272 L of working volume')
        ->unfold()->waitFor('The tank or its path was changed 30 days after.');
    expect($browser->text())->toContain('working volume 306 L')
        ->and($browser->consoleProblems())->toBe([]);
});

it('asks again with another window and another size', function (): void {
    $browser = $this->browser;
    $browser->choose('Days on each side', '84 days')
        ->waitFor('Figures')->unfold()->waitFor('16 water changes in the window counted in.')
        ->choose('Worth knowing', '20 %')->waitFor('20 % of the level in four weeks')
        ->choose('Worth knowing', '50 %')->choose('Asked about', 'its first 3 weeks')->waitFor('Over its first 21 days')
        ->choose('Asked about', 'all of the time since')->waitUntilGone('Over its first 21 days');
    $browser->choose('Change', 'Activated carbon 60 g, Carbon bag')
        ->waitFor('Nitrate: no difference shown')
        ->waitFor('Phosphate: cannot tell yet')
        ->waitFor('GFO 85 g, GFO reactor, 42 days after');
    $browser->press('All')->waitFor('Activated carbon 60 g, Carbon bag');
});

it('takes a change out and brings it back', function (): void {
    $browser = $this->browser;
    $browser->press('Move this change to the bin')
        ->waitFor('In the bin.')
        ->waitFor('Activated carbon 60 g, Carbon bag');
    $browser->press('Bin')
        ->waitFor('Bin of Stairwell reef')
        ->waitFor('GFO 85 g, GFO reactor');
    $browser->press('Restore')->waitFor('Restored.')->waitFor('Nothing is in the bin.');
    $browser->press('Journal')->waitFor('Phosphate: lower');
});

it('says so when a reading is logged twice', function (): void {
    $browser = $this->browser;
    $browser->type('Log what was read or done', 'no3 7.5 yesterday 08:00')
        ->waitFor('nitrate 7.5 ppm')
        ->keys('Enter')
        ->waitFor('Logged: nitrate 7.5 ppm');
    $browser->type('Log what was read or done', 'no3 7.5 yesterday 08:00')
        ->waitFor('nitrate 7.5 ppm')
        ->keys('Enter')
        ->waitFor('at that minute is in the journal already.');
    // What was typed is kept.
    expect($browser->script('return document.querySelector("input[aria-label^=Log]").value'))->toBe(
        'no3 7.5 yesterday 08:00',
    );
});

it('switches the look and remembers it', function (): void {
    $browser = $this->browser;
    $browser->press('Switch to dark');
    expect($browser->script('return document.documentElement.className'))
        ->toContain('dark');
    $browser->visit('/settings')->waitFor('Present password');
    expect($browser->script('return document.documentElement.className'))
        ->toContain('dark');
});

it('lets a keeper out, and nobody back in by the back button', function (): void {
    $browser = $this->browser;
    $browser->press('Sign out')->waitFor('Your tanks are behind this door.');
    $browser->visit('/systems/1/journal')->waitFor('Your tanks are behind this door.');
});
