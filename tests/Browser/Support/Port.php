<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

/** A free port of this machine and whether something answers there. */
final class Port
{
    public static function free(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    public static function waitUntilClosed(int $port): void
    {
        for ($try = 0; $try < 200; $try++) {
            $socket = @fsockopen('127.0.0.1', $port, timeout: 1);
            if ($socket === false) {
                return;
            }
            fclose($socket);
            usleep(10_000);
        }
        throw new RuntimeException("Something still answers at port {$port}.");
    }

    /**
     * Waits until the address answers. ChromeDriver keeps connections open, so PHP's own streams would wait for their
     * end.
     */
    public static function waitFor(string $url): void
    {
        for ($try = 0; $try < 200; $try++) {
            $request = curl_init($url);
            curl_setopt_array($request, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_TIMEOUT => 5,
                CURLOPT_FORBID_REUSE => true,
            ]);
            curl_exec($request);
            if (curl_getinfo($request, CURLINFO_RESPONSE_CODE) === 200) {
                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException("Nothing answers at {$url}.");
    }
}
