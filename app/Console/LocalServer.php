<?php

declare(strict_types=1);

namespace App\Console;

use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Contracts\Process\InvokedProcess;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Process;
use Illuminate\Support\Sleep;
use RuntimeException;

/** The application behind PHP's own server on a free port of this machine, for benchmarks. */
final readonly class LocalServer
{
    private function __construct(private InvokedProcess $process, private string $url)
    {
    }

    public static function on(string $database): self
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $address = (string) stream_socket_get_name($socket, false);
        fclose($socket);
        $process = Process::path(public_path())->forever()
            ->env(['DB_DATABASE' => $database, 'SESSION_DRIVER' => 'whole-file', 'PHP_CLI_SERVER_WORKERS' => false])
            ->start([
                PHP_BINARY,
                '-d',
                'opcache.enable_cli=1',
                '-S',
                $address,
                base_path('vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php'),
            ]);
        $server = new self($process, "http://{$address}");
        for ($try = 0; $try < 100; $try++) {
            if (rescue(static fn (): bool => Http::get("{$server->url}/up")->ok(), false, false)) {
                return $server;
            }
            Sleep::for(50)->milliseconds();
        }
        throw new RuntimeException('The server did not start.');
    }

    /** A client with the session of this keeper. */
    public function signedIn(string $email, string $password): PendingRequest
    {
        $cookies = new CookieJar;
        $client = Http::baseUrl($this->url)->withOptions(['cookies' => $cookies]);
        $client->get('/sign-in')->throw();
        $token = static fn (): array => [
            'X-XSRF-TOKEN' => urldecode($cookies->getCookieByName('XSRF-TOKEN')?->getValue() ?? ''),
        ];
        $client
            ->replaceHeaders($token())
            ->post('/sign-in', ['email' => $email, 'password' => $password])
            ->throw();

        // Signing in begins a new session with a token of its own.
        return $client->replaceHeaders($token());
    }

    public function stop(): void
    {
        $this->process->signal(SIGTERM);
        $this->process->wait();
    }
}
