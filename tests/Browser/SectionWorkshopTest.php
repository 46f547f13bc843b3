<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;
use Tests\Support\Temporary;

// From the design to the workshop: trays, pads, a basket, the drawings to take along, and the record of the build.

beforeEach(function (): void {
    $this->server = AppServer::withDemo();
    $this->browser = new Browser($this->server->url);
    $this->browser->signIn();
});

afterEach(function (): void {
    $this->browser->quit();
    $this->server->stop();
});

/** @return array{int, string, string} status, type and beginning of what is downloaded */
function downloaded(Browser $browser, string $path): array
{
    return $browser->script(
        "const ask = new XMLHttpRequest(); ask.open('GET', '{$path}', false); ask.send(); return [ask.status, "
            ."ask.getResponseHeader('Content-Type'), ask.responseText.slice(0, 400)]",
    );
}

it('moves a tray by keys and with the mouse, and places what the path has', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/section')->waitFor('Heater would stand dry');
    $browser->tabTo('Tray at 250 mm')->keys('ArrowUp')->keys('ArrowUp');
    $browser->element("//*[@data-tray='tray' and @aria-label='Tray at 252 mm']");

    // Its openings stand beside the drawing.
    $browser->press('Remove opening 3')->waitUntilGone('Opening 3')->press('Undo')->waitFor('Opening 3');

    // By the mouse: dragged to the height of the skimmer's middle, far below its own.
    $browser->drag("//*[@data-tray='tray']", "//*[@data-tray='rubble']");
    $browser->element("//*[@data-tray='tray' and not(@aria-label='Tray at 252 mm')]");
    $browser->waitFor('The tray is under water')->press('Undo')->waitUntilGone('The tray is under water');

    // A shelf is added, and what of the path is not placed yet.
    $browser->press('Add egg-crate shelf')->element("//*[@data-tray='egg-crate-1']");
    $browser->element("//*[@aria-label='Groups']//button[.='Equipment']")->click();
    $browser->press('Place Return pump from the path')->element("//*[name()='svg']//*[@aria-label='Return pump']");
    $offered = fn (): array => $browser->script(
        "return [...document.querySelectorAll('button[aria-label^=Place]')].map((button) => button.innerText)",
    );
    expect($offered())->toContain('Place GFO reactor')->not->toContain('Place Return pump');
    $browser->press('Undo')->press('Undo');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('reckons the flow by points of the pump’s curve, and says what is wrong with them', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/section')->waitFor('1,973 L/h')->pick('Pipes', '#pump');
    $browser->script(
        "[...document.querySelectorAll('summary')].find((summary) => summary.innerText.startsWith('Pump "
            ."curve')).click()",
    );
    $browser->press('Add a point')->type('Point 1, flow', '0')->type('Point 1, height', '2');
    $browser->waitFor('at least two points');
    $browser
        ->press('Add a point')
        ->type('Point 2, flow', '2000')
        ->type('Point 2, height', '3')
        ->waitFor('gives less the higher it lifts');
    $browser
        ->type('Point 2, height', '1')
        ->waitUntilGone('gives less the higher it lifts')
        ->waitUntilGone('Of the state before the last change');
    // The water line keeps what is in force; the reading column shows what is drawn.
    expect($browser->text())->toContain('1,973 L/h · 6.9 volumes an hour')
        ->and($browser->element('//aside')->getText())->toContain('actual return flow')->not->toContain('1,973');
    expect($browser->consoleProblems())->toBe([]);
});

it('makes a cut sheet with pads and a basket, and takes it along as SVG, DXF and JSON', function (): void {
    $browser = $this->browser;
    $browser
        ->visit('/systems/1/section')
        ->waitFor('actual return flow')
        ->press('Equipment')
        ->press('Add media basket')
        ->waitFor('Each shelf is');
    // A pad that is not finished keeps the drawing of the basket waiting, and says so.
    $browser->type('Gap on each side', '')->waitFor('cannot be read yet: Media basket');
    $browser->press('Cut sheet')->waitFor('Left out, since it cannot be read yet')->waitFor('from each');
    expect($browser->text())->not->toContain('Basket, back');
    $browser->press('Media basket')->waitFor('Cavity, along')->type('Gap on each side', '5');
    $browser->press('Cut sheet')->waitFor('Basket, back')->waitFor('Water passes beside the media basket');
    $browser->press('Design')->waitFor('actual return flow')->pick('Equipment', '#basket');
    $browser->type('Gap on each side', '1.5');
    $browser->press('Cut sheet')->waitUntilGone('Water passes beside the media basket')->waitFor('put together');
    $browser->choose('Lit chamber', 'none')->waitUntilGone('Blackout, front');
    $browser
        ->type('How many', 'some')
        ->waitFor('“some” is not a number')
        ->type('How many', '60')
        ->waitUntilGone('is not a number');
    $browser->waitFor('Save the sump to take the cut sheet along');

    // The draft is the same on the design's page.
    $browser
        ->press('Design')
        ->waitFor('actual return flow')
        ->waitFor('changed, not saved')
        ->press('Cut sheet')
        ->waitFor('Basket, back')
        ->press('Save')
        ->waitFor('The sump is saved.')
        ->waitFor('Cut sheet: Stairwell reef');
    expect($browser->path())->toBe('/systems/1/section/sheet');
    [$status, $type, $begins] = downloaded($browser, '/systems/1/section/cuts.dxf');
    expect($status)->toBe(200)->and($type)->toContain('image/vnd.dxf')->and($begins)->toContain('AC1009');
    [$status, $type, $begins] = downloaded($browser, '/systems/1/section/cuts.svg');
    expect($status)->toBe(200)->and($type)->toContain('image/svg+xml')->and($begins)->toContain('mm" height=');
    [$status, , $begins] = downloaded($browser, '/systems/1/section/sump.json');
    expect($status)->toBe(200)->and($begins)->toContain('"ithys-section"');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('opens a sump from a file into the form, and refuses what is none', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/section')->waitFor('actual return flow');
    [, , $begins] = downloaded($browser, '/systems/1/section/sump.json');
    expect($begins)->toContain('950');
    $path = Temporary::path('ithys.json');
    file_put_contents($path, json_encode([...Database\Seeders\DemoSection::document(), 'lengthMm' => 990.0]));
    $browser
        ->attach('Open a sump from a file', $path)
        ->waitFor('changed, not saved')
        ->element("//*[@aria-label='The sump from the front, to scale']");
    $browser->pick('Tank', '#size')->waitFor('990');
    file_put_contents($path, 'no sump');
    $browser
        ->press('Undo')
        ->waitUntilGone('changed, not saved')
        ->attach('Open a sump from a file', $path)
        ->waitFor('This is not a JSON file');
    unlink($path);
});

it('keeps the record of a build: steps, leak tests, corners', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/section/build')->waitFor('18 of 18 steps to do')->waitFor('A full sump is not lifted');
    $browser->tabTo('Leak test of the bare tank')->keys(' ')->waitFor('17 of 18 steps to do');
    $browser
        ->press('Add a leak test')
        ->type('Filled to', '')
        ->waitFor('The level of the water is needed')
        ->type('Filled to', '180')
        ->waitFor('The leak test was not full');
    $browser->type('Filled to', '355')->waitUntilGone('The leak test was not full');
    $browser
        ->type('Baffle 1, front, bottom', '150')
        ->type('Baffle 1, back, bottom', '155')
        ->waitFor('Baffle 1 is out of square')
        ->waitFor('5 mm');
    $browser->type('Baffle 1, back, bottom', '150.5')->waitUntilGone('Baffle 1 is out of square');
    $browser->tabTo('Add a leak test');
    $browser->script(
        "[...document.querySelectorAll('label')].find((label) => label.innerText.includes('Old "
            ."baffles')).querySelector('input').click()",
    );
    $browser->waitFor('Blades slip on wet silicone')->waitFor('19 of 20 steps to do');
    $browser->keys('Ctrl+S')->waitFor('The record of the build is saved.');
    $browser->visit('/systems/1/section/build')->waitFor('19 of 20 steps to do');
    expect($browser->script("return document.querySelector(\"[aria-label='Baffle 1, back, bottom']\").value"))
        ->toBe('150.5')
        ->and($browser->axeFindings())
        ->toBe([])
        ->and($browser->consoleProblems())
        ->toBe([]);
});

it(
    'prints the cut sheet without its forms, with boxes to tick and the plan of where baffles are set',
    function (): void {
        $browser = $this->browser;
        $browser->visit('/systems/1/section/sheet')->waitFor('Cut sheet: Stairwell reef')->waitFor('Add a pad');
        expect($browser->text())
            ->not->toContain('set, front')
            ->toContain('Where they are set, from the front and from above');
        $browser->onPaper()->waitFor('Where they are set, from the front and from above')->waitFor('set, front');
        expect($browser->text())
            ->not->toContain('Add a pad')
            ->not->toContain('Log what was read')
            ->not->toContain('Undo')
            ->toContain('Weir baffle')
            ->toContain('On their sheets');
        // A box for front and one for back of each baffle, and none for what is not set along the sump.
        expect(
            $browser->script(
                "return [...document.querySelectorAll('td')].filter((cell) => cell.innerText.trim() === '☐').length",
            ),
        )->toBe(10);
        $browser->onPaper(false)->waitFor('Add a pad');
    },
);

it('prints the checklist with its cautions', function (): void {
    $browser = $this->browser;
    $browser
        ->visit('/systems/1/section/build')
        ->waitFor('18 of 18 steps to do')
        ->onPaper()
        ->waitUntilGone('Back to what is saved');
    expect($browser->text())
        ->toContain('Leak test of the bare tank')
        ->toContain('Stairwell reef · ')->toContain('· printed ')
        ->toContain('A full sump is not lifted')
        ->not->toContain('Sign out');
});

it('puts the sump in force from a day, counts its water since, and takes that back', function (): void {
    $browser = $this->browser;
    $browser->visit('/systems/1/section')->waitFor('actual return flow');
    expect($browser->text())->toContain('285 L')->toContain('in force since');
    $browser
        ->pick('Power cut', '#water')
        ->type('Running water at the return', '200')
        ->press('Save')
        ->waitFor('The sump is saved.')
        ->waitFor('an earlier drawing is in force since');
    expect($browser->text())->toContain('working volume 285 L');
    $browser
        ->press('Put in force…')
        ->press('Put in force')
        ->waitFor('The sump is in force from that day.')
        ->waitUntilGone('working volume 285 L');
    $browser->press('Undo')->waitFor('Taken back')->waitFor('285 L');
});
