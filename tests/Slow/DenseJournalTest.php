<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Browser\Support\AppServer;

/** A tank whose probe has read nitrate and phosphate every so many minutes for two years. */
function probedTank(int $minutes): AppServer
{
    $server = AppServer::withDemo();
    $data = $server->data();
    $data->exec("delete from entries where system_id = 1 and kind = 'reading'");
    $data->beginTransaction();
    $row = $data->prepare(
        "insert into entries (system_id, batch, kind, occurred_at, payload, fingerprint) values (1, 'probe', ?, ?, "
            .'?, ?)',
    );
    $now = Tests\Support\TestClock::now()->getTimestamp();
    for ($n = intdiv(730 * 1440, $minutes); $n > 0; $n--) {
        $seconds = $now - 60 * $n * $minutes;
        $at = gmdate('Y-m-d H:i:s', $seconds);
        $wave = sin($seconds / 86_400 / 40) + sin($n * 12.9898) / 4;
        foreach (['no3' => [8 + 2 * $wave, 0.1], 'po4' => [0.08 + 0.02 * $wave, 0.01]] as $of => [$level, $step]) {
            $row->execute(['reading', $at, json_encode([
                'parameter' => $of, 'value' => round($level, 3), 'basis' => 'ion', 'step' => $step,
                'belowLimit' => false, 'cloudy' => false, 'method' => 'probe',
            ]), "{$of} {$seconds}"]);
        }
    }
    for ($day = 730; $day > 112; $day--) {
        $at = gmdate('Y-m-d H:i:s', $now - 86_400 * $day);
        $row->execute(['feed', $at, '{"grams":2.6,"food":"pellet"}', null]);
        $day % 7 > 0 ?: $row->execute(['water', $at, '{"litres":22}', null]);
    }
    $data->commit();

    return $server;
}

/** @return array{string, float, int} answer, seconds of CPU and MB of memory, in a process of its own with 256 MB */
function measured(AppServer $server, string $what): array
{
    return json_decode($server->with(implode(' ', array_map(escapeshellarg(...), [
        PHP_BINARY, '-d', 'memory_limit=256M', dirname(__DIR__).'/Support/measure.php', $what,
    ]))), true, flags: JSON_THROW_ON_ERROR);
}

it('shows a tank whose probe reads every hour for two years', function (): void {
    $server = probedTank(60);
    try {
        foreach (
            [
                '', '?range=1y', '?range=all', '?view=table&range=all', '?view=table&range=all&words=probe+8.1',
                '?view=changes&range=1y',
            ] as $query
        ) {
            [$status, $seconds] = measured($server, "/systems/1/journal{$query}");
            expect($status)->toBe(200, $query)->and($seconds)->toBeLessThan(2.0, "{$query} took {$seconds} s of CPU");
        }
    } finally {
        $server->stop();
    }
});

it('learns from a probe that reads every 15 minutes for two years', function (): void {
    $server = probedTank(15);
    try {
        [$status, $seconds] = measured($server, 'learn');
        expect($status)->toBe('learned')->and($seconds)->toBeLessThan(20.0);
    } finally {
        $server->stop();
    }
});
