<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Process;
use Tests\Browser\Support\AppServer;
use Tests\Support\Client;
use Tests\Support\Temporary;
use Tests\Support\Writers;

// Several at once at a running server. The slow suite does the same for longer.

it('saves what several write at once, each once', function (): void {
    $server = AppServer::withDemo();
    try {
        $told = Writers::at($server, 4, 2.0)->told();
        $stored = Writers::stored($server);
        expect($told['refused'])->toBe([])
            ->and(count($told['acknowledged']))->toBeGreaterThan(20)
            ->and(array_diff($told['acknowledged'], array_keys($stored)))->toBe([])
            ->and(array_unique(array_values($stored)))->toBe([1]);
    } finally {
        $server->stop();
    }
});

it('lets others save while an import is written, and shows it all at once', function (): void {
    $server = AppServer::withDemo();
    $file = Temporary::path('many-readings.csv');
    $rows = array_map(
        static fn (int $i): string => gmdate('Y-m-d\TH:i\Z', 1_500_000_000 + 600 * $i).',8.5',
        range(1, 20_000),
    );
    file_put_contents($file, "date,nitrate\n".implode("\n", $rows)."\n");
    try {
        $client = Client::signedIn($server->url);
        $address = (string) parse_url($client->upload('/systems/1/import', $file)->header('Location'), PHP_URL_PATH);
        $readings = static fn (): int => substr_count($client->send('GET', '/systems/1/readings.csv')->body, "\n");
        $before = $readings();
        $confirm = Process::forever()->start([
            PHP_BINARY,
            '-r',
            'require "vendor/autoload.php"; echo Tests\Support\Client::signedIn($argv[1])->send("POST", '
                .'$argv[2])->status;',
            $server->url,
            $address,
        ]);
        [$seen, $slowest, $lines] = [[], 0.0, 0];
        while ($confirm->running()) {
            $start = microtime(true);
            expect(
                $client->send('POST', '/systems/1/journal', ['line' => "note while it is written {$lines}"])->status,
            )->toBe(302);
            $slowest = max($slowest, microtime(true) - $start);
            $seen[$readings() - $before] = true;
            $lines++;
        }
        $seen[$readings() - $before] = true;
        expect($confirm->wait()->output())->toBe('302')
            ->and(array_keys($seen))->toBe([0, 20_000])
            ->and($lines)->toBeGreaterThan(1)
            ->and($slowest)->toBeLessThan(5.0);
    } finally {
        unlink($file);
        $server->stop();
    }
});

it('tells a save that it has to wait too long, whatever is saved', function (): void {
    $server = AppServer::withDemo(['DB_BUSY_TIMEOUT' => '200']);
    try {
        $client = Client::signedIn($server->url);
        $lock = $server->data();
        $lock->exec('begin immediate');
        foreach (
            [
                ['POST', '/systems/1/journal', ['line' => 'no3 7 yesterday']],
                ['PUT', '/settings/units', ['units' => 'us']],
                ['DELETE', '/systems/1', []],
                ['POST', '/systems/1/drafts', ['style' => 'sump']],
            ] as [$method, $path, $body]
        ) {
            $answer = $client->send($method, $path, $body);
            expect($answer->status)
                ->toBe(503)
                ->and($answer->body)
                ->toContain('Another save is being written just now.');
        }
        $lock->exec('rollback');
        expect($client->send('POST', '/systems/1/journal', ['line' => 'no3 7 yesterday'])->status)->toBe(302);
    } finally {
        $server->stop();
    }
});

it('counts tries at a password that come at the same moment', function (): void {
    $server = AppServer::withDemo();
    try {
        $tries = array_map(
            static fn (int $try) => Process::forever()->start([
                PHP_BINARY,
                '-r',
                'require "vendor/autoload.php"; try { Tests\Support\Client::signedIn($argv[1], "demo@ithys.example", '
                    .'"guess-guess"); } catch (RuntimeException $e) { echo $e->getMessage(); }',
                $server->url,
            ]),
            range(1, 20),
        );
        $answers = array_map(static fn ($try): string => $try->wait()->output(), $tries);
        expect(
            count(array_filter($answers, static fn (string $answer): bool => str_contains($answer, 'No account has'))),
        )
            ->toBe(5)
            ->and(
                count(
                    array_filter(
                        $answers,
                        static fn (string $answer): bool => str_contains($answer, 'Too many wrong tries'),
                    ),
                ),
            )
            ->toBe(15);
    } finally {
        $server->stop();
    }
});
