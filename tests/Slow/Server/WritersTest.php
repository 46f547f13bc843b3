<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Support\Client;
use Tests\Support\Temporary;
use Tests\Support\Writers;

it('saves what eight write for twenty seconds, each once', function (): void {
    $server = AppServer::withDemo(['PHP_CLI_SERVER_WORKERS' => '8']);
    try {
        $told = Writers::at($server, 8, 20.0)->told();
        $stored = Writers::stored($server);
        fwrite(
            STDERR,
            sprintf(
                "  8 writers, 20 s: %d acknowledged, %d refused\n",
                count($told['acknowledged']),
                count($told['refused']),
            ),
        );
        expect($told['refused'])
            ->toBe([])
            ->and(count($told['acknowledged']))
            ->toBeGreaterThan(200)
            ->and(array_diff($told['acknowledged'], array_keys($stored)))
            ->toBe([])
            ->and(array_unique(array_values($stored)))
            ->toBe([1]);
    } finally {
        $server->stop();
    }
});

it('waits five seconds for a lock that is held for ten, says so, and saves once it is gone', function (): void {
    $server = AppServer::withDemo();
    try {
        $client = Client::signedIn($server->url);
        $lock = $server->data();
        $lock->exec('begin immediate');
        $held = microtime(true);
        $answer = $client->send('POST', '/systems/1/journal', ['line' => 'no3 7 yesterday']);
        $waited = microtime(true) - $held;
        expect($answer->status)->toBe(503)->and($answer->body)->toContain('Another save is being written just now.')
            ->and($waited)->toBeGreaterThan(4.5)->toBeLessThan(8.0);
        usleep((int) max(0, (10 - (microtime(true) - $held)) * 1_000_000));
        $lock->exec('rollback');
        expect($client->send('POST', '/systems/1/journal', ['line' => 'no3 7 yesterday'])->status)->toBe(302);
    } finally {
        $server->stop();
    }
});

it('copies the data whole while four write, and puts it back while they write', function (): void {
    $server = AppServer::withDemo(['PHP_CLI_SERVER_WORKERS' => '4']);
    $folder = Temporary::path('ithys-copies');
    try {
        $writers = Writers::at($server, 4, 12.0);
        usleep(1_000_000);
        foreach (range(1, 20) as $copy) {
            $start = microtime(true);
            expect($server->artisan("ithys:backup --to={$folder} --keep=5"))->toContain('is whole');
            expect(microtime(true) - $start)->toBeLessThan(5.0);
        }
        // Each with its checksum beside it.
        $copies = glob("{$folder}/*.sqlite") ?: [];
        expect($copies)->toHaveCount(5)->and(glob("{$folder}/*.sha256"))->toHaveCount(5);
        expect($server->artisan("ithys:restore {$copies[0]}"))->toContain('The data is that of');
        $told = $writers->told();
        expect($told['refused'])->toBe([])
            ->and($server->data()->query('pragma integrity_check')->fetchColumn())->toBe('ok');
    } finally {
        $server->stop();
        exec('rm -rf '.escapeshellarg($folder).' '.escapeshellarg(storage_path('ithys/before-restore')));
    }
});
