<?php

declare(strict_types=1);

use App\Models\JournalEntry;
use App\Models\System;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Process;
use Tests\Browser\Support\Port;

/** Runs one of the commands in bin/ as a person would, and stops it after a while. */
function start(string $command): string
{
    $run = Process::path(base_path())
        ->timeout(60)
        ->env(['APP_ENV' => 'e2e', 'DB_DATABASE' => false, 'CACHE_STORE' => false, 'SESSION_DRIVER' => false])
        ->run($command);

    return $run->output().$run->errorOutput();
}

it('says which port is wrong or taken', function (): void {
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    expect(start("bin/serve --port {$port}"))->toContain("Port {$port} is in use")->toContain('--port '.($port + 1))
        ->and(start('bin/serve --port eighty'))->toContain('--port needs a number such as 8001, not “eighty”.')
        ->and(start('bin/serve --port 70000'))->toContain('between 1 and 65535')
        ->and(start('bin/serve --loud'))->toContain('Usage: bin/serve');
    fclose($socket);
});

it('goes with all its workers when it is ended', function (int $signal, Closure $whom): void {
    $port = Port::free();
    $script = Process::path(base_path())
        ->forever()
        ->env(['APP_ENV' => 'e2e', 'DB_DATABASE' => false, 'CACHE_STORE' => false, 'SESSION_DRIVER' => false])
        ->start("exec bin/serve --port {$port}");
    Port::waitFor("http://127.0.0.1:{$port}/up");
    posix_kill($whom((int) $script->id(), $port), $signal);
    Port::waitUntilClosed($port);
    expect(trim(Process::run("pgrep -f 'php.*-[S] 127.0.0.1:{$port}'")->output()))->toBe('');
    $script->wait();
})->with([
    'the script is told to stop' => [SIGTERM, fn (int $script): int => $script],
    'the server itself is killed' => [
        SIGKILL,
        fn (int $script, int $port): int => (int) explode(
            "\n",
            Process::run("pgrep -o -f 'php.*-[S] 127.0.0.1:{$port}'")->output(),
        )[0],
    ],
]);

it('makes a demo that can be made twice and is whole', function (): void {
    $this->seed(DemoSeeder::class);
    $entries = JournalEntry::query()->count();
    $this->seed(DemoSeeder::class);
    expect(JournalEntry::query()->count())
        ->toBe($entries)
        ->toBeGreaterThan(200)
        ->and(User::query()->count())
        ->toBe(1)
        ->and(System::query()->count())
        ->toBe(2);
    $kinds = JournalEntry::query()
        ->distinct()
        ->pluck('kind')
        ->sort()
        ->values()
        ->all();
    expect($kinds)->toBe([
        'care', 'feed', 'media', 'note', 'photoperiod', 'reading', 'skimmer', 'sock', 'stock', 'water',
    ]);
    expect(JournalEntry::query()->where('occurred_at', '>', now())->count())->toBe(0);
});
