<?php

declare(strict_types=1);

use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

// The sump at the tank: on a phone, with wet fingers, and in inches.

beforeEach(function (): void {
    $this->server = AppServer::withDemo();
});

afterEach(function (): void {
    $this->browser->quit();
    $this->server->stop();
});

it('gives a wet finger its 44 pixels on every page of the area', function (string $path, string $shows): void {
    $browser = $this->browser = new Browser($this->server->url, 390, 844);
    $browser->signIn()->visit($path)->waitFor($shows);
    $small = $browser->script(<<<'JS'
        return [...document.querySelectorAll('main button, main input:not([type=checkbox]):not([type=file]), '
            + 'main select, main label:has(input[type=checkbox]), main nav a')]
            .filter((element) => element.offsetParent !== null && element.getBoundingClientRect().height < 43.5)
            .map((element) => `${element.textContent || element.getAttribute('aria-label')}: `
                + element.getBoundingClientRect().height);
        JS);
    expect($small)->toBe([]);
})->with([
    'design' => ['/systems/1/section', '1 to look at'],
    'cut sheet' => ['/systems/1/section/sheet', 'Fine pad'],
    'build' => ['/systems/1/section/build', '18 of 18 steps to do'],
]);

it('ticks a step off and measures a baffle on a phone', function (): void {
    $browser = $this->browser = new Browser($this->server->url, 390, 844, dark: true);
    $browser->signIn()->visit('/systems/1/section/build')->waitFor('18 of 18 steps to do');
    $browser->script(
        "[...document.querySelectorAll('main label')].find((label) => label.innerText.includes('Check what was "
            ."cut')).click()",
    );
    $browser
        ->waitFor('17 of 18 steps to do')
        ->type('Baffle 2, front, top', '430')
        ->type('Baffle 2, front, bottom', '434')
        ->waitFor('Baffle 2 leans')
        ->press('Save')
        ->waitFor('The record of the build is saved.');
    expect($browser->script('return document.documentElement.scrollWidth <= window.innerWidth'))
        ->toBeTrue()
        ->and($browser->axeFindings())
        ->toBe([])
        ->and($browser->consoleProblems())
        ->toBe([]);
});

it('nudges a baffle on a phone and keeps what is not saved', function (): void {
    $browser = $this->browser = new Browser($this->server->url, 390, 844);
    $browser->signIn()->visit('/systems/1/section')->waitFor('1 to look at');
    $browser->element("//*[@data-baffle='inlet']")->click();
    $browser->keys('ArrowUp')->waitFor('changed, not saved');
    $browser->element("//*[@data-baffle='inlet' and @aria-label='Weir baffle at 430, top 206 mm']");
    $browser->visit('/systems/1/section/sheet')->waitFor('changed, not saved')->waitFor('206');
    $browser->press('Back to what is saved')->waitUntilGone('changed, not saved');
});

it('draws in inches to the sixteenth, as the workshop reads them', function (): void {
    $browser = $this->browser = new Browser($this->server->url);
    $browser->signIn()->visit('/systems/1/section')->waitFor('actual return flow')->keys('u')->waitFor('75.4 US gal');
    $browser->visit('/systems/1/section')->waitFor('actual return flow');
    $inches = fn (float $mm): string => str_replace(' in', '', ShopLength::format($mm, UnitSystem::Us));
    $labels = $browser->script(
        "return [...document.querySelectorAll('[data-baffle], [data-tray]')].map((part) => "
            ."part.getAttribute('aria-label'))",
    );
    expect($labels)->toContain(
        "Weir baffle at {$inches(150)}, top {$inches(215)} in",
        "Comb-topped baffle at {$inches(640)}, water over {$inches(195)}, teeth to {$inches(220)} in",
        "Under-gap baffle at {$inches(680)}, top {$inches(290)}, gap {$inches(40)} in",
        "Tray at {$inches(250)} in",
    );
    // In the margin: length of the first chamber, and the height of the rim.
    expect(
        $browser->script("return [...document.querySelectorAll('svg text')].map((text) => text.textContent)"),
    )->toContain($inches(150), $inches(360));
    // A nudge is a sixteenth of an inch, and comes back to the same place.
    $browser
        ->tabTo("Tray at {$inches(250)} in")
        ->keys('ArrowUp')
        ->keys('ArrowDown');
    expect(
        $browser->script(
            "return [...document.querySelectorAll('label')].find((label) => label.innerText === 'Its top over the "
                ."floor').parentElement.querySelector('input').value",
        ),
    )->toBe('9 27/32');
    $browser->visit('/systems/1/section/sheet')->waitFor($inches(317).'');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});
