<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

// Whatever keeps a save from happening, the page stays, what was typed stays, and it can be tried again.

beforeAll(function (): void {
    // The wait for a lock is cut short, so that the test need not last as long as a keeper's patience.
    Trouble::$server = AppServer::withDemo(['DB_BUSY_TIMEOUT' => '400']);
    Trouble::$browser = new Browser(Trouble::$server->url);
    Trouble::$browser->signIn()->visit('/systems/1/journal')->waitFor('Phosphate: lower');
});

afterAll(function (): void {
    Trouble::$browser->quit();
    Trouble::$server->stop();
});

/** The troubles a save may meet, made and ended from outside the application. */
final class Trouble
{
    public static AppServer $server;

    public static Browser $browser;

    public static function break(string ...$tables): void
    {
        foreach ($tables as $table) {
            foreach (['insert', 'update'] as $event) {
                self::$server
                    ->data()
                    ->exec(
                        "create trigger broken_{$table}_{$event} before {$event} on {$table} begin select "
                            ."raise(abort, 'broken on purpose'); end",
                    );
            }
        }
    }

    public static function mend(string ...$tables): void
    {
        foreach ($tables as $table) {
            self::$server->data()->exec("drop trigger broken_{$table}_insert; drop trigger broken_{$table}_update");
        }
    }

    /** As another window of the same browser would. */
    public static function signOutElsewhere(): void
    {
        self::$browser->script(
            <<<'JS'
            const token = decodeURIComponent(document.cookie.split('XSRF-TOKEN=')[1].split(';')[0]);
            return fetch('/sign-out', { method: 'POST', headers: { 'X-XSRF-TOKEN': token } }).then(() => true)
            JS,
        );
    }
}

it('keeps the page and what was typed when a save cannot be had', function (
    string $page,
    string $shows,
    array $typed,
    string $press,
    array $tables,
    string $saved,
): void {
    $browser = Trouble::$browser;
    $browser->visit($page)->waitFor($shows);
    foreach ($typed as $label => $text) {
        $browser->type($label, $text);
    }
    $kept = function () use ($browser, $typed): void {
        foreach ($typed as $label => $text) {
            expect($browser->value($label))->toBe($text);
        }
    };
    $lock = Trouble::$server->data();
    $lock->exec('begin immediate');
    $press === 'Enter' ? $browser->keys('Enter') : $browser->press($press);
    $browser->waitFor('Another save is being written just now. Yours was not saved and is still here');
    $kept();
    $lock->exec('rollback');

    Trouble::break(...$tables);
    $browser->press('Try again')->waitFor('Something broke on the server.');
    $kept();
    Trouble::mend(...$tables);

    $browser
        ->offline()
        ->press('Try again')
        ->waitFor('The server cannot be reached. Nothing was saved; what you typed is still here.');
    $kept();
    $browser->offline(false);

    Trouble::signOutElsewhere();
    $browser->press('Try again')->waitFor('Nothing was saved yet.');
    $kept();
    expect($browser->axeFindings())->toBe([]);
    $browser
        ->type('Password of demo@ithys.example', 'not the password')
        ->keys('Enter')
        ->waitFor('No account has this e-mail address and password together.');
    $browser->type('Password of demo@ithys.example', 'tidepool-demo')->press('Sign in and try again')->waitFor($saved);
    expect($browser->text())->not->toContain('Nothing was saved')->not->toContain('cannot be reached');
})->with([
    'a journal line' => [
        '/systems/1/journal',
        'Phosphate: lower',
        ['Log what was read or done' => 'no3 7.5 yesterday 07:01'],
        'Enter',
        ['entries'],
        'Logged: nitrate 7.5 ppm',
    ],
    'a tank' => [
        '/systems/1/path/water',
        'Turnover fits',
        ['Pipes and vessels' => '8.5'],
        'Save',
        ['systems'],
        'The description is put right.',
    ],
    'the room' => [
        '/systems/1/path/styles',
        'for this room',
        ['Budget' => '512'],
        'Save the room',
        ['systems'],
        'The room is saved.',
    ],
    'a path' => [
        '/systems/1/path',
        'Heater without cover',
        ['Draft' => 'Renamed in trouble'],
        'Save',
        ['path_drafts'],
        'The draft is saved.',
    ],
    'a sump' => [
        '/systems/1/section?part=%23top-off',
        'actual return flow',
        ['Evaporation' => '2.4'],
        'Save',
        ['sections'],
        'The sump is saved.',
    ],
    'a build' => [
        '/systems/1/section/build',
        'steps to do',
        ['Cure the silicone’s maker asks' => '200'],
        'Save',
        ['sections'],
        'The record of the build is saved.',
    ],
    'a new tank' => [
        '/systems/create',
        'Describe another tank',
        ['Name of the tank' => 'Second reef', 'Inner length' => '80', 'Inner width' => '40', 'Inner height' => '40'],
        'Save the tank',
        ['systems'],
        'Second reef is described.',
    ],
]);

it('says at once that it cannot be reached while something is typed, and goes on by itself', function (): void {
    $browser = Trouble::$browser;
    $browser->visit('/systems/1/section?part=%23top-off')->waitFor('actual return flow')->offline()
        ->type('Evaporation', '2.6')
        ->waitFor('The server cannot be reached. What you typed is still here.')
        ->offline(false)->waitUntilGone('cannot be reached');
    expect($browser->value('Evaporation'))->toBe('2.6');
});

it('keeps a typed line over another page and over the door', function (): void {
    $browser = Trouble::$browser;
    $browser
        ->visit('/systems/1/journal')
        ->waitFor('Phosphate: lower')
        ->type('Log what was read or done', 'sock changed soiling 3')
        ->waitFor('Sock changed, soiling 3 of 5');
    $browser->visit('/systems/1/path')->waitFor('Heater without cover')->keys('l');
    expect($browser->value('Log what was read or done'))->toBe('sock changed soiling 3');
    Trouble::signOutElsewhere();
    $browser->visit('/systems/1/journal')->waitFor('Your tanks are behind this door.');
    $browser
        ->type('E-mail address', 'demo@ithys.example')
        ->type('Password', 'tidepool-demo')
        ->press('Sign in')
        ->waitFor('Phosphate: lower');
    expect($browser->value('Log what was read or done'))->toBe('sock changed soiling 3');
    $browser->type('Log what was read or done', '');
});

it('saves a line whose Enter comes before its answer', function (): void {
    $browser = Trouble::$browser;
    $browser
        ->visit('/systems/1/journal')
        ->waitFor('Phosphate: lower')
        ->keys('l', 'sock changed 3 days ago 06:02', 'Enter')
        ->waitFor('Logged: Sock changed');
    // What is not understood is not saved, however fast Enter comes.
    $browser->keys('sock chnged', 'Enter')->waitFor('“sock chnged” was not understood here.');
    expect($browser->value('Log what was read or done'))->toBe('sock chnged');
});

it('shows nothing of a tank after sign-out, neither by Back nor by the address', function (): void {
    $browser = Trouble::$browser;
    foreach (['/systems/1/path/water', '/settings', '/systems/1/journal'] as $page) {
        $browser->visit($page)->waitFor('Stairwell');
    }
    $browser
        ->press('Path')
        ->waitFor('Heater without cover')
        ->press('Sign out')
        ->waitFor('Your tanks are behind this door.');
    foreach (range(1, 4) as $step) {
        $browser->back();
        usleep(400_000);
        expect($browser->text())->not->toContain('Stairwell');
    }
    expect($browser->path())->toBe('/sign-in');
});
