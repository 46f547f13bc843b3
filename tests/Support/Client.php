<?php

declare(strict_types=1);

namespace Tests\Support;

use CURLFile;
use CurlHandle;

/** A keeper's program at a running server: cookies, token and all, without a browser. */
final class Client
{
    private readonly CurlHandle $curl;

    /** @param  array<int, mixed>  $options  further settings of curl */
    public function __construct(private readonly string $url, array $options = [])
    {
        $this->curl = curl_init() ?: throw new \RuntimeException('curl does not start.');
        curl_setopt_array($this->curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_TIMEOUT => 400,
            CURLOPT_HEADER => true,
            CURLOPT_FORBID_REUSE => true,
        ]);
        curl_setopt_array($this->curl, $options);
    }

    public static function signedIn(
        string $url,
        string $email = 'demo@ithys.example',
        string $password = 'tidepool-demo',
        array $options = [],
    ): self {
        $client = new self($url, $options);
        $client->send('GET', '/sign-in');
        $answer = $client->send('POST', '/sign-in', ['email' => $email, 'password' => $password]);

        return $answer->status === 204
            ? $client
            : throw new \RuntimeException("Sign-in answered {$answer->status}: {$answer->body}");
    }

    /** @param  array<string, mixed>|null  $json */
    public function send(string $method, string $path, ?array $json = null): Answer
    {
        return $this->ask($method, $path, $json === null ? null : (string) json_encode($json), [
            'Content-Type: application/json',
        ]);
    }

    public function upload(string $path, string $file): Answer
    {
        return $this->ask('POST', $path, ['file' => new CURLFile($file, 'text/csv', basename($file))], []);
    }

    /**
     * @param  string|array<string, mixed>|null  $body
     * @param  list<string>  $headers
     */
    private function ask(string $method, string $path, string|array|null $body, array $headers): Answer
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->url.$path, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_POSTFIELDS => $body ?? '',
            CURLOPT_HTTPHEADER => [...$headers, 'Accept: application/json', 'X-XSRF-TOKEN: '.$this->token()],
        ]);
        if ($body === null) {
            curl_setopt($this->curl, CURLOPT_HTTPGET, true);
        }
        $answer = curl_exec($this->curl);
        $split = (int) curl_getinfo($this->curl, CURLINFO_HEADER_SIZE);

        return is_string($answer)
            ? new Answer(
                (int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE),
                substr($answer, 0, $split),
                substr($answer, $split),
            )
            : new Answer(0, '', '');
    }

    private function token(): string
    {
        foreach ((array) curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $line) {
            $part = explode("\t", (string) $line);
            if (($part[5] ?? '') === 'XSRF-TOKEN') {
                return urldecode($part[6] ?? '');
            }
        }

        return '';
    }
}
