<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;
use Tests\Support\Temporary;

// Every screen, light and dark, at a desk and on a phone: nothing serious from axe-core, a quiet console, no request
// elsewhere, no sideways scroll.

const SCREENS = [
    'journal' => '/systems/1/journal',
    'journal table' => '/systems/1/journal?view=table',
    'journal photos' => '/systems/1/journal?view=photos',
    'ledger' => '/systems/1/ledger',
    'why' => '/systems/1/ledger/why',
    'state' => '/systems/1/state',
    'ledger that lacks readings' => '/systems/2/ledger',
    'foresee' => '/systems/1/forecast',
    'charges' => '/systems/1/media',
    'dose' => '/systems/1/media/dose',
    'organic carbon' => '/systems/1/media/organic',
    'other doses' => '/systems/1/media/others',
    'ozone' => '/systems/1/media/ozone',
    'path' => '/systems/1/path',
    'path, an item open' => '/systems/1/path?draft=2&item=roller',
    'path, beginning' => '/systems/1/path?new=1',
    'section' => '/systems/1/section',
    'cut sheet' => '/systems/1/section/sheet',
    'build' => '/systems/1/section/build',
    'rear chambers' => '/systems/2/section?part=%23basket',
    'cut sheet of a basket' => '/systems/2/section/sheet',
    'build of a basket' => '/systems/2/section/build',
    'water' => '/systems/1/path/water',
    'styles' => '/systems/1/path/styles',
    'parts list' => '/systems/1/path/d1/parts',
    'comparison' => '/systems/1/path/compare?a=d1&b=d2',
    'new tank' => '/systems/create',
    'import' => '/systems/1/import',
    'bin' => '/systems/1/bin',
    'settings' => '/settings',
    'assumptions' => '/systems/1/assumptions',
    'assumptions, one open' => '/systems/1/assumptions#heater-cover',
];

beforeAll(function (): void {
    $GLOBALS['demo'] = AppServer::withDemo();
});

afterAll(function (): void {
    $GLOBALS['demo']->stop();
});

afterEach(fn () => $this->browser->quit());

/** Looks at a screen by day and by night on one load of it. */
function checkScreen(Browser $browser, string $name): void
{
    foreach (['dark' => true, 'light' => false] as $look => $dark) {
        $browser->inLook($dark)->element("//html[contains(@class, '{$look}')]");
        expect($browser->script('return getComputedStyle(document.documentElement).colorScheme'))->toBe($look)
            ->and($browser->axeFindings())->toBe([], "{$name}, {$look}: accessibility");
    }
    expect($browser->script('return document.documentElement.className'))
        ->toContain('light')
        ->and($browser->consoleProblems())
        ->toBe([], "{$name}: console")
        ->and($browser->strangeRequests())
        ->toBe([], "{$name}: requests elsewhere")
        ->and($browser->script('return document.documentElement.scrollWidth <= window.innerWidth'))
        ->toBeTrue("{$name} scrolls sideways")
        ->and($browser->script('return document.querySelectorAll("h1").length'))
        ->toBe(1, "{$name}: headings");
}

it('is sound on every screen', function (int $width, int $height): void {
    $browser = $this->browser = new Browser($GLOBALS['demo']->url, $width, $height);
    $browser->visit('/sign-in')->waitFor('Sign in');
    checkScreen($browser, 'sign-in');
    $browser->type('E-mail address', 'demo@ithys.example')
        ->type('Password', 'wrong')
        ->press('Sign in')
        ->waitFor('No account has this');
    checkScreen($browser, 'sign-in refused');
    $browser->signIn();
    foreach (SCREENS as $name => $path) {
        $browser->visit($path)->waitFor('Settings')->element('//h1');
        usleep(200_000);
        checkScreen($browser, $name);
    }
    $csv = Temporary::path('ithys.csv');
    file_put_contents($csv, "date,nitrate\n2026-01-02,8\n2026-01-02,x\n");
    $browser->visit('/systems/1/import')
        ->attach('CSV file', $csv)
        ->press('Show what is in it')
        ->waitFor('refused');
    checkScreen($browser, 'import preview');
    $browser->visit('/systems/1/journal')
        ->waitFor('Phosphate')
        ->type('Log what was read or done', 'no3 8 po4 0.1 cloudy gfo 20 g xyzzy')
        ->waitFor('was not understood');
    checkScreen($browser, 'log with a problem');
    $browser->visit('/systems/99/journal')->waitFor('Nothing here');
    expect($browser->axeFindings())->toBe([]);
})->with(['desk' => [1280, 800], 'phone' => [390, 844]]);

it('is worked by keys alone', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['demo']->url);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('Phosphate: lower');
    $browser->keys('?')
        ->waitFor('switch between metric and US units')
        ->keys('Escape')
        ->waitUntilGone('switch between metric');
    $browser->keys('u')->waitFor('75.4 US gal')->keys('u')->waitFor('285 L');
    // Past socks, feedings and water changes, which nobody asks about one by one.
    $browser->keys('[')->waitUntilGone('Phosphate: lower')->keys(']')->waitFor('Phosphate: lower');
    $browser->keys('g')->keys('p')->waitFor('Heater without cover');
    $browser->keys('g')->keys('s')->waitFor('Present password');
    $browser->keys('g')->keys('j')->waitFor('nitrate ppm');
    $browser->keys('/')->waitFor('Method and note');
    $browser->keys('gfo')->waitFor('1 of ');
    // What has the focus can be seen.
    $browser->keys('Tab', 'Tab');
    expect($browser->script('return getComputedStyle(document.activeElement).outlineStyle'))->toBe('solid');
    // Letters typed into the log are text, not keys, and the sheet stays where it is.
    $browser->keys('l')->keys('sock changed')->waitFor('Sock changed');
    expect($browser->script('return window.scrollY'))->toBe(0);
    expect($browser->path())->toBe('/systems/1/journal');
});

it('gives 44 pixels to every target a wet finger needs on a phone', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['demo']->url, 390, 844);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('Phosphate');
    $small = $browser->script(<<<'JS'
        return [...document.querySelectorAll('main button, form[aria-label=Log] button, form[aria-label=Log] input, '
            + 'nav[aria-label=Areas] a, aside select, aside button')]
            .filter((element) => element.offsetParent !== null && element.getBoundingClientRect().height < 44)
            .map((element) => `${element.textContent || element.getAttribute('aria-label')}: `
                + element.getBoundingClientRect().height);
        JS);
    expect($small)->toBe([]);
});

it('loads at most 230 kB of script, gzipped, for the journal', function (): void {
    $browser = $this->browser = new Browser($GLOBALS['demo']->url);
    $browser->signIn()->visit('/systems/1/journal')->waitFor('Phosphate: lower');
    $scripts = $browser->script(
        'return performance.getEntriesByType("resource").map((entry) => entry.name).filter((name) => '
            .'name.endsWith(".js"))',
    );
    expect($scripts)->toBeArray()->not->toBe([]);
    $bytes = array_sum(
        array_map(fn (string $url): int => strlen((string) gzencode((string) file_get_contents($url), 6)), $scripts),
    );
    expect($bytes / 1024)
        ->toBeGreaterThan(50)
        ->toBeLessThan(230);
});
