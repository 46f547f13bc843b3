<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;
use Tests\Support\Temporary;

beforeAll(function (): void {
    $GLOBALS['tide'] = AppServer::withDemo();
});

afterAll(fn () => $GLOBALS['tide']->stop());

afterEach(function (): void {
    $this->browser?->quit();
    $this->browser = null;
});

it('comes closer, moves, brushes and goes back, by buttons, keys and mouse', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['tide']->url);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('95 %');
    $first = (string) $browser->script(
        'return [...document.querySelectorAll(\'svg[aria-label^="Tide sheet"] text\')]'
            .'.map((text) => text.textContent).find((text) => /^[0-9]+ [A-Z][a-z]+$/.test(text))',
    );
    expect($first)->not->toBe('');
    $browser->press('Closer')->press('Closer')->waitUntilGone($first);
    $browser->press('All of the time')->waitFor($first);
    $browser->script("document.querySelector('svg[aria-label^=\"Tide sheet\"]').focus()");
    $browser->keys('++')->waitUntilGone($first);
    $browser->keys('0')->waitFor($first);
    expect($browser->consoleProblems())->toBe([]);
});

it('compares two times that are brushed on the chart, in either order', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['tide']->url);
    $sheet = "//*[name()='svg'][starts-with(@aria-label,'Tide sheet')]";
    $browser->signIn()->visit('/systems/1/journal')->waitFor('95 %')
        ->press('Compare two times')->waitFor('Drag across one time on the chart')
        ->brush($sheet, 0.6, 0.85)->waitFor('Now drag across the other time');
    expect($browser->axeFindings())->toBe([]);
    $browser->keys('Escape')->waitUntilGone('Now drag across')
        ->press('Compare two times')->waitFor('Drag across one time on the chart')
        ->brush($sheet, 0.6, 0.85)->waitFor('Now drag across the other time')
        ->brush($sheet, 0.2, 0.5)
        ->waitFor('Why did nitrate change?')->waitFor('mg of nitrogen a week');
    $days = array_map(
        static fn (string $label): string => $browser->value($label),
        ['Before, from', 'Before, to', 'Since, from', 'Since, to'],
    );
    $sorted = $days;
    sort($sorted);
    expect($days)->toBe($sorted)->and(array_unique($days))->toHaveCount(4)
        ->and($browser->consoleProblems())->toBe([]);
});

it('logs a step that a verdict names with one press', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['tide']->url);
    $data = $GLOBALS['tide']->data();
    $data->exec("update entries
        set payload = json_set(payload, '\$.value', round(0.4 * json_extract(payload, '\$.value'), 1))
        where system_id = 1 and kind = 'reading' and json_extract(payload, '\$.parameter') = 'no3'
        and occurred_at > datetime((select max(occurred_at) from entries where system_id = 1), '-20 days')");
    $browser->signIn()->visit('/systems/1/journal')->waitFor('the journal does not say why');
    expect($browser->text())->toContain('Log a water change then');
    $browser->press('Log a new test kit then')->waitFor('Logged: New test kit for nitrate')
        ->waitUntilGone('the journal does not say why');
    expect($browser->axeFindings())->toBe([])->and($browser->consoleProblems())->toBe([]);
});

it('corrects an entry in the table by keys alone, and keeps the search', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['tide']->url);
    $browser->signIn()->visit('/systems/1/journal?view=table')->waitFor('Journal entries');
    $browser->type('Find', 'Water change 22')->waitUntilGone('Fed ');
    $browser->press('Correct')->waitFor('Save the correction');
    $browser->type('What', 'water change 23.6 l')->press('Save the correction')->waitFor('Corrected.');

    $browser->type('Find', 'Water change 23.6')->waitUntilGone('Water change 22 L')
        ->press('Correct')->waitFor('Until ');
    expect($browser->text())->toContain('Water change 22 L')
        ->and($browser->consoleProblems())->toBe([]);
});

it('lists what each change did, and imports, takes back and puts back a table with what was done', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['tide']->url);
    $csv = Temporary::path('ithys-table');
    file_put_contents($csv, "Date,KH,Water change (L)\n2026-01-05,8.1,20\n2026-01-12,8.3,20\n");
    $browser->signIn()->visit('/systems/1/journal?view=changes&range=1y')->waitFor('no difference shown');
    $browser->visit('/systems/1/import')->waitFor('A CSV file with a line of column names')
        ->attach('CSV file', $csv)->press('Show what is in it')
        ->waitFor('alkalinity 8.1 dKH')->waitFor('Water change 20 L')
        ->press('Save 4 entries')->waitFor('4 entries imported.')
        ->visit('/systems/1/import')->waitFor('4 in the journal')
        ->press('Take back')->waitFor('4 in the bin')
        ->press('Put back')->waitFor('4 in the journal');
    $browser->visit('/systems/1/journal?range=1y')->waitFor('Left axis')->choose('Left axis', 'alkalinity');
    expect($browser->text())->toContain('alkalinity dKH')
        ->and($browser->consoleProblems())->toBe([]);
    @unlink($csv);
});

it('offers what could be meant, and keeps it when it is chosen', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['tide']->url, 390, 844);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('95 %');
    $browser->keys('l')->keys('po4 40')->waitFor('between');
    $browser->visit('/systems/1/journal')->waitFor('95 %')->type('Log what was read or done', 'po4 6')
        ->waitFor('is not what tanks have')
        ->press('Write instead: po4 6 ppb')
        ->waitFor('phosphate 0.006 ppm')
        ->press('Save')->waitFor('Logged: phosphate 0.006 ppm');
    expect($browser->consoleProblems())->toBe([]);
});

it('puts an alert off', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['tide']->url);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('95 %')
        ->type('Log what was read or done', 'skimmer off 3 days ago')->waitFor('Skimmer off')
        ->press('Save')->waitFor('The skimmer is off.')
        ->press('Put off: The skimmer is off')->waitFor('Why it can wait')
        ->type('Why it can wait', 'A new pump comes on Friday.')->press('Put it off')
        ->waitFor('One alert is put off');
    expect($browser->consoleProblems())->toBe([]);
});

it('picks a target, logs as before by an arrow, and keeps a photo', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['tide']->url);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('Target, our estimate: nitrate 3 ppm to 10 ppm')
        ->choose('Target', 'Heavy in, heavy out')->waitFor('nitrate 5 ppm to 20 ppm')
        ->choose('Target', 'None')->waitUntilGone('Target, our estimate')
        ->choose('Target', 'Balanced')->waitFor('nitrate 3 ppm to 10 ppm');
    $browser->script('document.activeElement?.blur()');
    $browser->keys('l', 'water ch')->waitFor('As before');
    $browser->keys('ArrowDown')->waitUntilGone('not understood')->keys('Enter')
        ->waitFor('Logged: Water change');

    $file = Temporary::path('ithys-photo.png');
    $image = imagecreatetruecolor(300, 200);
    imagepng($image, $file);
    $browser->press('Photos')->waitFor('Kit sheet beside the sump')
        ->attach('Photo of a sheet or the tank', $file)->press('Keep')->waitFor('Say what the photo shows')
        ->type('What it shows', 'Left side')->press('Keep')->waitFor('Photo kept')->waitFor('Left side');
    usleep(500_000);
    expect($browser->script('return document.images[0].naturalWidth'))->toBe(300);
    $browser->script('document.querySelector("[aria-label^=\\"Bin Left side\\"]").click()');
    $browser->waitFor('In the bin.')->press('Undo')->waitFor('Left side');
    expect($browser->consoleProblems())->toBe([]);
    @unlink($file);
});

it('forgets no choice that is followed by another before its answer', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['tide']->url);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('95 %');
    // Both in one turn of the page, as a slow server makes of quick hands.
    $browser->script(
        'const pick = (name, value) => { const field = [...document.querySelectorAll("select")].find((one) => '
            .'document.querySelector(`label[for="${one.id}"]`)?.textContent === name); '
            .'Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value").set.call(field, value); '
            .'field.dispatchEvent(new Event("change", { bubbles: true })); }; '
            .'pick("Worth knowing", "0.2"); pick("Asked about", "21");',
    );
    // The answer to both says so in its address.
    for ($tries = 0; $tries < 100; $tries++) {
        $search = $browser->script('return location.search');
        if (str_contains($search, 'span=21') && str_contains($search, 'wanted=0.2')) {
            break;
        }
        usleep(50_000);
    }
    expect($search)->toContain('wanted=0.2')->toContain('span=21')
        ->and($browser->script('return [...document.querySelectorAll("select")].map((one) => one.value)'))
        ->toContain('21')->toContain('0.2');
});
