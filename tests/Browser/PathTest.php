<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;
use Tests\Support\Temporary;

// A keeper lays out the water path in the real interface, by keys alone and by dragging, and reads the review.

beforeEach(function (): void {
    $this->server = AppServer::withDemo();
    $this->browser = new Browser($this->server->url);
    $this->browser->signIn();
});

afterEach(function (): void {
    $this->browser->quit();
    $this->server->stop();
});

/** @return list<string> titles of the stages in their order on the path, or of the water line */
function stages(
    Browser $browser,
    string $in = 'main section[aria-label=Path] > div ol > li button[aria-expanded]',
): array {
    return $browser->script(
        "return [...document.querySelectorAll('{$in}')].map((row) => (row.firstElementChild ?? "
            .'row).textContent.trim())',
    );
}

it('builds a sump path by keys alone', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/path?new=1')
        ->waitFor('The path of the water')
        ->tabTo('Empty Sump')
        ->keys('Enter')
        ->waitFor('Nothing on the path yet');

    // Equipment by its name, in the order of the water; two in the wrong one.
    $browser->keys('a');
    foreach (['overflow, drilled', 'skimmer', 'sock', 'refugium', 'bubble', 'heater', 'return'] as $word) {
        $browser->keys($word)->waitFor('Enter adds')->keys('Enter')->waitUntilGone('Enter adds');
    }
    $browser->waitFor('Heater without cover')->waitFor('right or only worth knowing');
    expect(stages($browser))->toBe([
        'Overflow, drilled',
        'Skimmer',
        'Sock',
        'Refugium',
        'Bubble trap',
        'Heater',
        'Return pump',
    ]);

    // The sock goes up one by the arrow key, and the focus goes along.
    $browser
        ->tabTo('Move Sock: arrow up or down, or drag')
        ->keys('ArrowUp')
        ->waitFor('Sock moved: 2 of 7 on the main line.');
    expect(stages($browser))
        ->toBe(['Overflow, drilled', 'Sock', 'Skimmer', 'Refugium', 'Bubble trap', 'Heater', 'Return pump'])
        ->and($browser->script('return document.activeElement.getAttribute("aria-label")'))
        ->toStartWith('Move Sock');
    $browser->keys('ArrowUp', 'ArrowUp');
    expect(stages($browser)[0])->toBe('Sock');
    $browser
        ->waitFor('Where does the water leave the tank?')
        ->keys('ArrowDown')
        ->waitUntilGone('Where does the water leave the tank?');

    // A figure that cannot be read is pointed at and kept; put right, the finding goes.
    $browser
        ->tabTo('Heater')
        ->keys('Enter')
        ->waitFor('from the drawn sump')
        ->tabTo('Most flow each takes')
        ->keys('deep')
        ->waitFor('“deep” is not a number')
        ->waitFor('Of the state before the last change');
    $browser
        ->type('Most flow each takes', '500 US gal/h')
        ->waitUntilGone('Of the state before the last change')
        ->waitFor('Heater gets');
    $browser->type('Most flow each takes', '5000')->waitUntilGone('Heater gets');

    // Saved with Ctrl+S, put in force, and on the water line of every screen.
    $browser->keys('Ctrl+S')->waitFor('The draft is saved.')
        ->tabTo('Put in force…')->keys('Enter')->tabTo('Put in force')->keys('Enter')
        ->waitFor('“Sump” is in force.');
    $browser->keys('Escape')->visit('/systems/1/journal')->waitFor('nitrate ppm');
    expect(stages($browser, 'nav[aria-label="Water line"] li > a div:nth-child(2)'))
        ->toContain('Overflow, drilled', 'Sock', 'Bubble trap')
        ->not->toContain('Carbon bag');
    $browser->press('Sock')->waitFor('A felt or mesh bag');
    expect($browser->path())->toBe('/systems/1/path')
        ->and($browser->consoleProblems())->toBe([])->and($browser->axeFindings())->toBe([]);
});

it('builds a canister path by dragging', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/path?new=1')->press('Empty Canister')->waitFor('Nothing on the path yet');
    $kind = fn (string $label): string => "//button[@aria-label='Add {$label}']";
    $row = fn (string $label) => $browser
        ->element("//main//button[@aria-expanded and starts-with(normalize-space(.), '{$label}')]")
        ->click();
    foreach ([['Intake', 0], ['Canister basket', 1], ['Return pump', 2], ['Pre-filter', 1]] as [$label, $index]) {
        $browser->drag($kind($label), "//*[@data-gap='main {$index}']");
        $browser->element("//main//button[@aria-expanded and contains(., '{$label}')]");
    }
    expect(stages($browser))->toBe(['Intake', 'Pre-filter', 'Canister basket', 'Return pump']);
    $browser->waitFor('Nothing draws the surface')->waitUntilGone('Canister without a pre-filter');

    // Dragged behind the basket, the pre-filter is missed; undone, it is back.
    $browser->drag("//button[starts-with(@aria-label, 'Move Pre-filter:')]", "//*[@data-gap='main 3']")
        ->waitFor('Canister without a pre-filter');
    expect(stages($browser))->toBe(['Intake', 'Canister basket', 'Pre-filter', 'Return pump']);
    $browser->keys('Ctrl+Z')->waitUntilGone('Canister without a pre-filter');
    expect(stages($browser))->toBe(['Intake', 'Pre-filter', 'Canister basket', 'Return pump']);

    // An inline algae reactor after the motor, as a branch with both ends and a flow.
    $row('Return pump');
    $browser->press('Add a branch')
        ->choose('Gives it back before', 'Intake')
        ->type('Flow through it', '300');
    $browser->drag($kind('Algae reactor'), "//*[@data-gap='branch 0']");
    $browser->waitFor('300 L/h')->waitUntilGone('unfinished');
    $browser->press('Save')->waitFor('The draft is saved.');

    // Left without saving, the change is still there; a part taken out is kept.
    $row('Pre-filter');
    $browser->press('Take out, keep the part')->waitFor('Parts taken out')->waitFor('changed, not saved');
    $browser->visit('/systems/1/journal')->waitFor('nitrate ppm');
    $browser->visit('/systems/1/path?draft=4')->waitFor('Parts taken out')->waitFor('changed, not saved')
        ->press('Back to what is saved')->waitUntilGone('Parts taken out');
    expect($browser->consoleProblems())->toBe([])->and($browser->axeFindings())->toBe([]);
});

it('compares styles, reads reasons, and takes the path along', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/path/styles')->waitFor('+65 L')
        ->press('Canister, How it fails: hose or seal leaks; dies in a power cut')
        ->waitFor('suffocate within hours')
        ->press('Canister, Turnover it can reach: up to 4.3 /h')
        ->waitFor('The brisk school wants')
        ->type('Cabinet, length', '30')
        ->waitFor('no sump fits')
        ->type('Cabinet, length', 'none')
        ->waitFor('“none” is not a number')
        ->type('Cabinet, length', '40 in')
        ->press('Save the room')
        ->waitFor('The room is saved.');
    $browser->visit('/systems/1/path/compare?a=d1&b=d2')->waitFor('taken away')->waitFor('The roller never advances');
    $browser->visit('/systems/1/path/d1/parts')->waitFor('3 times 575 g');

    // Exported as JSON and imported again; a broken file is refused by a sentence.
    $json = $browser->script(
        'const request = new XMLHttpRequest(); request.open("GET", "/systems/1/path/d1/path.json", false); '
            .'request.send(); return request.responseText',
    );
    $good = Temporary::path('ithys.json');
    file_put_contents($good, $json);
    $bad = Temporary::path('ithys.json');
    file_put_contents($bad, str_replace('"sock"', '"stocking"', $json));
    $browser
        ->visit('/systems/1/path?new=1')
        ->attach('Path as JSON', $bad)
        ->press('Import as a draft')
        ->waitFor('not a path by the schema')
        ->attach('Path as JSON', $good)
        ->press('Import as a draft')
        ->waitFor('is imported as a draft')
        ->waitFor('Heater without cover');
    expect($browser->consoleProblems())->toBe([]);
});

it('is worked on a phone', function (): void {
    $browser = $this->browser;
    $browser->resize(390, 844)->visit('/systems/1/path')->waitFor('Felt socks')
        ->press('Show the catalogue')
        ->press('Add UV clarifier')
        ->waitFor('changed, not saved');
    expect(array_slice(stages($browser), -1))
        ->toBe(['UV clarifier'])
        ->and($browser->script('return document.documentElement.scrollWidth <= window.innerWidth'))
        ->toBeTrue();
    $small = $browser->script(
        'return [...document.querySelectorAll("main button, main select, main input:not([type=checkbox]), main '
            .'summary")].filter((one) => one.offsetParent !== null && one.getBoundingClientRect().height < '
            .'43.5).map((one) => one.outerHTML.slice(0, 120))',
    );
    expect($small)->toBe([]);
});
