<?php

declare(strict_types=1);

use Tests\Browser\Support\AppServer;
use Tests\Support\Client;
use Tests\Support\Temporary;

// A disk of six megabytes holds the data, the sessions and the logs, and is filled up.

it('answers with a sentence while the disk is full, loses nothing, and goes on once there is room', function (): void {
    $disk = Temporary::path('ithys-small-disk');
    mkdir($disk);
    exec('mount -t tmpfs -o size=6m tmpfs '.escapeshellarg($disk), result_code: $code);
    expect($code)->toBe(0, 'This test needs to be root, to make a small disk.');
    foreach (['framework/sessions', 'framework/views', 'framework/cache/data', 'logs', 'ithys'] as $folder) {
        mkdir("{$disk}/{$folder}", recursive: true);
    }
    $server = AppServer::withDemo([
        'LARAVEL_STORAGE_PATH' => $disk,
        'LOG_CHANNEL' => 'single',
        'DB_DATABASE' => "{$disk}/ithys/ithys.sqlite",
        'CACHE_PATH' => "{$disk}/framework/cache/data",
    ]);
    $data = new PDO("sqlite:{$disk}/ithys/ithys.sqlite");
    $notes = "select count(*) from entries where kind = 'note'";
    $stored = static fn (): int => (int) $data->query($notes)->fetchColumn();
    try {
        $client = Client::signedIn($server->url);
        $note = static fn (int $n) => $client->send('POST', '/systems/1/journal', [
            'line' => "note number {$n} ".str_repeat('x', 400),
        ]);
        $before = $stored();
        expect($note(0)->status)->toBe(302);
        exec('dd if=/dev/zero of='.escapeshellarg("{$disk}/filler").' bs=4k 2>/dev/null');
        [$acknowledged, $told] = [1, []];
        foreach (range(1, 40) as $n) {
            $answer = $note($n);
            $answer->status === 302 ? $acknowledged++ : $told[] = $answer;
        }
        expect($told)->not->toBe([]);
        foreach ($told as $answer) {
            expect($answer->status)
                ->toBe(507)
                ->and($answer->body)
                ->toContain('The disk of the server is full or broken. Nothing was saved');
        }
        $page = $client->send('GET', '/systems/1/journal');
        expect($page->status)->toBe(200)->and($page->body)->toContain('Stairwell reef')
            ->and($stored() - $before)->toBe($acknowledged)
            ->and($data->query('pragma integrity_check')->fetchColumn())->toBe('ok');
        unlink("{$disk}/filler");
        expect($note(99)->status)->toBe(302)->and($stored() - $before)->toBe($acknowledged + 1);
    } finally {
        $server->stop();
        unset($data);
        exec('umount -l '.escapeshellarg($disk).' && rmdir '.escapeshellarg($disk));
    }
});
