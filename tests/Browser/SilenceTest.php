<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;

it('answers by one press whether a silent routine goes on', function (): void {
    $server = AppServer::withDemo();
    $browser = new Browser($server->url);
    try {
        $last = $server->data()->query("select max(occurred_at) from entries where kind = 'feed'")->fetchColumn();
        $server->data()->exec("delete from entries where system_id = 1 and kind in ('feed', 'feed-plan')
            and occurred_at > datetime('{$last}', '-30 days')");
        $browser->signIn()->visit('/systems/1/forecast')->waitFor('Feeding: still the same?');
        expect($browser->axeFindings())->toBe([]);
        $browser->press('Still the same')
            ->waitFor('Logged: Feeding: as before')
            ->waitUntilGone('Feeding: still the same?');
        // A press too many is taken back as any line of the log.
        $browser->press('Undo')->waitFor('Feeding: still the same?');
        expect($browser->consoleProblems())->toBe([]);
    } finally {
        $browser->quit();
        $server->stop();
    }
});
