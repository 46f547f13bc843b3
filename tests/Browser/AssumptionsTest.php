<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

// From a figure to what it rests on, and back with a value of one's own.

beforeEach(function (): void {
    $this->server = AppServer::withDemo();
    $this->browser = new Browser($this->server->url);
    $this->browser->signIn();
});

afterEach(function (): void {
    $this->browser->quit();
    $this->server->stop();
});

it('sets an assumption from the figure that rests on it, and takes it back', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/path/water')->waitFor('Displaced by rock');
    $browser->element("(//summary[normalize-space(.)='estimate'])[2]")->click();
    $browser->waitFor('Water displaced by porous rock: 0.5 L/kg.')
        ->press('Set it for this tank')
        ->waitFor('What you measured, or who says so.')
        ->type('Value', '2')
        ->press('Set')
        ->waitFor('must be between 0.2 L/kg and 0.9 L/kg')
        ->waitFor('Say why');
    expect($browser->value('Value'))->toBe('2');
    $browser->type('Value', '0.7')
        ->type('Reason', 'Weighed dry and under water.')
        ->press('Set')
        ->waitFor('Set for this tank: Water displaced by porous rock.')
        ->waitFor('instead of 0.5 L/kg');
    $browser->visit('/systems/1/path/water')
        ->waitFor('set for this tank')
        // 24 kg of rock displace 4.8 L more.
        ->waitFor('working volume 281 L');
    $browser->visit('/systems/1/assumptions')
        ->element("//label[contains(., 'Only those set for this tank (')]/input")
        ->click();
    $browser->waitUntilGone('Water displaced by sand')
        ->press('Back to 0.5 L/kg: Water displaced by porous rock')
        ->waitFor('Back to the default: Water displaced by porous rock, 0.5 L/kg.')
        ->waitFor('working volume 285 L')
        ->press('Undo')
        ->waitFor('working volume 281 L');
    expect($browser->text())->toContain('Weighed dry and under water.');
});

it('finds an assumption by its words', function (): void {
    $this->browser->visit('/systems/1/assumptions')
        ->waitFor('Tank and water')
        ->type('Search the assumptions', 'elbow')
        ->waitUntilGone('Water displaced by sand')
        ->waitFor('elbow')
        ->type('Search the assumptions', 'unicorn')
        ->waitFor('Nothing here reads so.');
});
