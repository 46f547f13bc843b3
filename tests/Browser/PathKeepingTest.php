<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

// What a keeper does with a path after it is laid out: branches, undo, units, comparison, taking back.

beforeEach(function (): void {
    $this->server = AppServer::withDemo();
    $this->browser = new Browser($this->server->url);
    $this->browser->signIn();
});

afterEach(function (): void {
    $this->browser->quit();
    $this->server->stop();
});

it('joins a branch, sees its flow, and takes it off again', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/path?draft=2')->waitFor('The roller never advances')
        ->press('Add a branch')
        ->waitFor('changed, not saved');
    // The new branch is the last on the page; the demo has one of its own above it.
    $last = fn (string $label): string => "(//label[normalize-space(.)='{$label}'])[last()]";
    $fill = function (string $label, string $text) use ($browser, $last): void {
        $id = $browser->element($last($label))->getAttribute('for');
        $field = $browser->element("//*[@id='{$id}']");
        $field->getTagName() === 'select'
            ? $browser->element("//*[@id='{$id}']/option[contains(., '{$text}')]")->click()
            : $field->sendKeys($text);
    };
    $fill('Takes water after', 'Bubble trap');
    $fill('Gives it back before', 'Skimmer');
    $fill('Flow through it', '250');
    $browser->waitFor('is unfinished');
    $browser->script("document.querySelector('[data-gap=\"branch 0\"]').scrollIntoView({ block: 'center' })");
    $browser
        ->drag("//button[@aria-label='Add Feed pump']", "//*[@data-gap='branch 0']")
        ->waitUntilGone('is unfinished');
    expect($browser->text())->toContain('feeds the branch')->toContain('takes in the branch')->toContain('2,403 L/h');
    $browser->keys('Ctrl+Z')->waitFor('is unfinished');
    $browser->press('Back to what is saved')->waitUntilGone('changed, not saved');
});

it('says it in the other units, and keeps what is saved', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/path?item=skimmer')->waitFor('2,153 L/h')->keys('u')->waitFor('569 US gal/h');
    expect(
        $browser->script(
            "return [...document.querySelectorAll('label')].find((label) => label.innerText.startsWith('Maker’s "
                ."range, to')).parentElement.querySelector('input').value",
        ),
    )->toBe('118.8774');
    $browser->keys('u')->waitFor('2,153 L/h');
});

it('puts a draft in force and takes it back', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/path?draft=2')->waitFor('With a fleece roller')
        ->press('Put in force…')
        ->press('Put in force')
        ->waitFor('“With a fleece roller” is in force.')
        ->waitFor('in force since');
    expect($browser->script('return document.querySelector(`nav[aria-label="Water line"]`).innerText'))
        ->toContain('Drop-in roller')
        ->not->toContain('Felt socks');
    $browser->press('Undo')->waitFor('Taken back');
    expect($browser->script('return document.querySelector(`nav[aria-label="Water line"]`).innerText'))->toContain(
        'Felt socks',
    );
});

it('marks what is left out on purpose with its reason', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/path?new=1')->press('Empty Hang-on')->waitFor('Nothing on the path yet');
    $browser
        ->keys('a')
        ->keys('intake')
        ->waitFor('Enter adds')
        ->keys('Enter')
        ->waitFor('Nothing takes up nitrate and phosphate');
    $browser
        ->type('Nitrate and phosphate: left out because', 'two fish and a weekly water change')
        ->waitUntilGone('Nothing takes up nitrate and phosphate');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});
