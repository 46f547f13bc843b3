<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Browser;
use Tests\Support\Temporary;

it('shows how far the import of a long table is, and takes it back', function (): void {
    $server = AppServer::withDemo(['ITHYS_ROWS_AT_ONCE' => '500']);
    $browser = new Browser($server->url);
    try {
        $rows = array_map(
            static fn (int $i): string => gmdate('Y-m-d\TH:i\Z', 1_400_000_000 + 40_000 * $i)
                .($i % 900 === 0 ? ',x' : ',8.5'),
            range(1, 2000),
        );
        $csv = Temporary::path('long.csv');
        file_put_contents($csv, "date,nitrate\n".implode("\n", $rows)."\n");
        $browser->signIn()->visit('/systems/1/import')->attach('CSV file', $csv)->press('Show what is in it')
            ->waitFor('You see its first 500 rows')
            ->press('Save all of the file')
            ->waitFor('It waits for its turn');
        expect($browser->axeFindings())->toBe([]);
        // The worker comes; the page notices by itself.
        $server->work();
        $browser->waitFor('1,998 entries imported')->waitFor('Line 901');
        expect($browser->axeFindings())->toBe([]);
        $browser->press('Take it back')->waitFor('Taken back: 1,998 entries.');
        $browser->waitUntilGone('Take it back');
        expect($browser->consoleProblems())->toBe([])
            ->and((int) $server->data()->query(
                "select count(*) from entries where deleted_at is null and occurred_at < '2017-01-01'",
            )->fetchColumn())->toBe(0);
    } finally {
        $browser->quit();
        $server->stop();
    }
});
