<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Support\Client;
use Tests\Support\Temporary;

// Copies of a running server's data, and the way back from them.

beforeEach(function (): void {
    $this->server = AppServer::withDemo();
    $this->folder = Temporary::path('ithys-copies');
    $this->copies = fn (): array => preg_grep('~sha256$~', glob("{$this->folder}/*") ?: [], PREG_GREP_INVERT) ?: [];
    $this->notes = fn (): array => $this->server
        ->data()
        ->query(
            "select json_extract(payload, '$.text') from entries where kind = 'note' and json_extract(payload, "
                ."'$.text') like 'proof%' order by id",
        )
        ->fetchAll(PDO::FETCH_COLUMN);
});

afterEach(function (): void {
    $this->server->stop();
    exec('rm -rf '.escapeshellarg($this->folder).' '.escapeshellarg(storage_path('ithys/before-restore')));
});

it('puts back what a copy holds while the server runs', function (): void {
    $client = Client::signedIn($this->server->url);
    $note = fn (string $text): int => $client->send('POST', '/systems/1/journal', ['line' => "note {$text}"])->status;
    expect($note('proof one'))->toBe(302);
    expect($this->server->artisan("ithys:backup --to={$this->folder}"))->toContain('is whole');
    expect($note('proof two'))->toBe(302)->and($client->send('DELETE', '/systems/1')->status)->toBe(302)
        ->and($client->send('GET', '/systems/1/journal')->status)->toBe(404);

    expect($this->server->artisan('ithys:restore '.($this->copies)()[0]))->toContain('The data is that of ');
    expect($client->send('GET', '/systems/1/journal')->status)->toBe(200)
        ->and(($this->notes)())->toBe(['proof one'])
        ->and($note('proof three'))->toBe(302)
        ->and(($this->notes)())->toBe(['proof one', 'proof three'])
        ->and($this->server->data()->query('pragma journal_mode')->fetchColumn())->toBe('wal');

    // What stood there before was copied first, so that a wrong restore can be taken back.
    $before = glob(storage_path('ithys/before-restore/*')) ?: [];
    $this->server->artisan("ithys:restore {$before[0]}");
    expect(($this->notes)())->toBe(['proof one', 'proof two']);
});

it('keeps the newest copies and nothing half', function (): void {
    mkdir($this->folder);
    touch("{$this->folder}/ithys-mine.sqlite");
    foreach (range(1, 4) as $copy) {
        $this->server->artisan("ithys:backup --to={$this->folder} --keep=2");
    }
    expect(($this->copies)())->toHaveCount(3)->toContain("{$this->folder}/ithys-mine.sqlite");
    foreach (preg_grep('~Z\.sqlite$~', ($this->copies)()) ?: [] as $copy) {
        expect(fileperms($copy) & 0777)
            ->toBe(0600)
            ->and((new PDO("sqlite:{$copy}"))->query('pragma integrity_check')->fetchColumn())
            ->toBe('ok');
    }
});

it('puts nothing back that is not a whole data file of ours', function (Closure $spoil, string $words): void {
    mkdir($this->folder);
    $file = "{$this->folder}/copy.sqlite";
    $spoil($file, $this->server);
    try {
        $this->server->artisan("ithys:restore {$file}");
        $said = 'restored';
    } catch (RuntimeException $failed) {
        $said = $failed->getMessage();
    }
    expect($said)->toContain('Nothing was put back.')->toContain($words)
        ->and(Client::signedIn($this->server->url)->send('GET', '/systems/1/journal')->status)->toBe(200);
})->with([
    'no file' => [fn () => null, 'There is no file'],
    'another file' => [fn (string $file) => file_put_contents($file, 'hello'), 'is not a data file of Ithys'],
    'an empty database' => [
        fn (string $file) => (new PDO("sqlite:{$file}"))->exec('create table strange (id)'),
        'is not a data file of Ithys',
    ],
    'a newer one' => [
        function (string $file, AppServer $server): void {
            $server->data()->exec('vacuum into '.$server->data()->quote($file));
            (new PDO("sqlite:{$file}"))->exec(
                "insert into migrations (migration, batch) values ('2099_01_01_000001_create_more', 9)",
            );
        },
        'was written by a newer Ithys',
    ],
    'a damaged one' => [
        function (string $file, AppServer $server): void {
            $server->data()->exec('vacuum into '.$server->data()->quote($file));
            $handle = fopen($file, 'r+b');
            fseek($handle, 4096 * 12);
            fwrite($handle, str_repeat("\xA5", 4096 * 6));
            fclose($handle);
        },
        '',
    ],
]);

it('writes again after the data file was read-only for a while', function (): void {
    // As SQLite leaves its side files when the data file may not be written. (Root could write them all the same.)
    $client = Client::signedIn($this->server->url);
    $keep = $this->server->data();
    $keep->query('select count(*) from entries')->fetchColumn();
    foreach (['-wal', '-shm'] as $side) {
        chmod($this->server->database.$side, 0444);
    }
    expect($client->send('POST', '/systems/1/journal', ['line' => 'note proof one'])->status)->toBe(302)
        ->and(fileperms($this->server->database.'-wal') & 0200)->toBe(0200);
});

it('serves nothing of a damaged data file as if it were all of it', function (): void {
    $this->server->artisan("ithys:backup --to={$this->folder}");
    $client = Client::signedIn($this->server->url);
    expect($client->send('GET', '/systems/1/journal.csv')->status)->toBe(200);
    $this->server->data()->exec('pragma wal_checkpoint(truncate)');
    // Some pages of the journal in the middle of the file.
    $handle = fopen($this->server->database, 'r+b');
    $size = fstat($handle)['size'];
    fseek($handle, 4096 * intdiv($size, 3 * 4096));
    fwrite($handle, str_repeat("\xA5", 4096 * 12));
    fclose($handle);
    $export = $client->send('GET', '/systems/1/journal.csv');
    expect($export->status)->toBe(500)->and($export->body)->toContain('The data file is damaged')
        ->toContain('php artisan ithys:restore')->not->toContain('stored entry');
    // Every page says so from then on, and the nightly copy is heard to fail.
    expect($client->send('GET', '/settings')->body)->toContain('The data file is damaged');
    $said = fn (): string => $this->server->artisan("ithys:backup --to={$this->folder} 2>&1 >/dev/null || true");
    expect($said())->toContain('No copy was made.');
});

it('puts no copy back in which a bit was flipped', function (): void {
    $this->server->artisan("ithys:backup --to={$this->folder}");
    $copy = (glob("{$this->folder}/*.sqlite") ?: [])[0];
    // A figure in a reading: the file stays whole for SQLite.
    $bytes = (string) file_get_contents($copy);
    $at = (int) strpos($bytes, '"parameter":"no3","value":');
    $bytes[$at + 26] = $bytes[$at + 26] === '7' ? '6' : '7';
    file_put_contents($copy, $bytes);
    expect((new PDO("sqlite:{$copy}"))->query('pragma integrity_check')->fetchColumn())->toBe('ok')
        ->and($this->server->artisan("ithys:restore {$copy} || true"))->toContain('it is not what was copied');
});
