<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Process;
use Tests\Browser\Support\AppServer;
use Tests\Support\Client;
use Tests\Support\Temporary;
use Tests\Support\Writers;

// The server is ended in the middle of its work. What it had acknowledged is there; what it had not is there whole or
// not at all.

it('loses nothing that was acknowledged, over fifty kills among writers', function (): void {
    $server = AppServer::withDemo();
    $random = new Random\Randomizer(new Random\Engine\Mt19937(8));
    $acknowledged = [];
    try {
        foreach (range(1, 50) as $kill) {
            $writers = Writers::at($server, 2, 5.0, $kill * 10);
            usleep($random->getInt(500_000, 1_300_000));
            $server->kill();
            $told = $writers->told();
            $acknowledged = [...$acknowledged, ...$told['acknowledged']];
            expect($server->data()->query('pragma integrity_check')->fetchColumn())->toBe('ok');
            $server->start();
        }
        $stored = Writers::stored($server);
        fwrite(
            STDERR,
            sprintf("  50 kills among writers: %d acknowledged, %d stored\n", count($acknowledged), count($stored)),
        );
        expect(count($acknowledged))
            ->toBeGreaterThan(50)
            ->and(array_diff($acknowledged, array_keys($stored)))
            ->toBe([])
            ->and(array_unique(array_values($stored)))
            ->toBe([1]);
    } finally {
        $server->stop();
    }
});

it('shows nothing or all of an import, over fifty kills in the middle of it', function (): void {
    $server = AppServer::withDemo();
    $random = new Random\Randomizer(new Random\Engine\Mt19937(9));
    $file = Temporary::path('killed-import.csv');
    $fates = ['all' => 0, 'nothing' => 0];
    $hidden = 0;
    $whole = static fn (): int => (int) $server
        ->data()
        ->query(
            "select count(*) from entries where note = 'of the import' and deleted_at is null and batch not in "
                .'(select batch from running_imports)',
        )
        ->fetchColumn();
    try {
        $known = 0;
        foreach (range(1, 50) as $kill) {
            $rows = array_map(
                static fn (int $i): string => gmdate('Y-m-d\TH:i\Z', 946_684_800 + 600 * ($kill * 3000 + $i))
                    .',8.5,of the import',
                range(1, 2500),
            );
            file_put_contents($file, "date,nitrate,note\n".implode("\n", $rows)."\n");
            $address = (string) parse_url(
                Client::signedIn($server->url)->upload('/systems/1/import', $file)->header('Location'),
                PHP_URL_PATH,
            );
            $confirm = Process::forever()->start([
                PHP_BINARY,
                '-r',
                'require "vendor/autoload.php"; $client = Tests\Support\Client::signedIn($argv[1]); echo "ready\n"; '
                    .'echo $client->send("POST", $argv[2])->status;',
                $server->url,
                $address,
            ]);
            while (! str_contains($confirm->output(), 'ready')) {
                usleep(2_000);
            }
            usleep($random->getInt(20_000, 320_000));
            $server->kill();
            $acknowledged = str_contains($confirm->wait()->output(), '302');
            $hidden += $server->data()->query('select count(*) from running_imports')->fetchColumn() > 0 ? 1 : 0;
            $now = $whole();
            expect($now - $known)->toBeIn($acknowledged ? [2500] : [0, 2500]);
            $fates[$now === $known ? 'nothing' : 'all']++;
            $server->start();
            if ($now === $known) {
                // Tried once more, it is all there, and what the killed one left is gone.
                $client = Client::signedIn($server->url);
                // The lock of a process that was killed goes a moment after its port.
                for (
                    $try = 0;
                    $try < 20 && str_contains(($answer = $client->send('POST', $address))->body, 'under way');
                    $try++
                ) {
                    usleep(50_000);
                }
                expect($answer->status)->toBe(302, $answer->body);
            }
            $known = $whole();
            expect($known)
                ->toBe($kill * 2500)
                ->and(
                    (int) $server
                        ->data()
                        ->query("select count(*) from entries where note = 'of the import'")
                        ->fetchColumn(),
                )
                ->toBe($known);
        }
        fwrite(
            STDERR,
            sprintf(
                "  50 kills in imports: %d whole, %d nothing, of which %d left hidden rows\n",
                $fates['all'],
                $fates['nothing'],
                $hidden,
            ),
        );
        expect($hidden)->toBeGreaterThan(0);
    } finally {
        unlink($file);
        $server->stop();
    }
});
