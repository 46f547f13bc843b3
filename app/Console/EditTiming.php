<?php

declare(strict_types=1);

namespace App\Console;

/** How long the whole application takes to answer an edit, beside a bare route in the same run. */
final class EditTiming
{
    /**
     * @param  string  $route  preview route within a system
     * @param  array<string, mixed>  $draft
     */
    public static function of(string $route, array $draft, int $runs): string
    {
        $scratch = ScratchDatabase::make();
        $server = LocalServer::on($scratch->path);
        try {
            $client = $server->signedIn($scratch->keeper->email, ScratchDatabase::PASSWORD);
            $url = "/systems/{$scratch->system->id}/{$route}";
            $bare = Stopwatch::milliseconds($runs, static function () use ($client): void {
                $client->get('/up')->throw();
            });
            $edit = Stopwatch::milliseconds($runs, static function () use ($client, $url, $draft): void {
                $client->asJson()->acceptJson()->post($url, $draft)->throw();
            });
        } finally {
            $server->stop();
            $scratch->drop();
        }

        return sprintf(
            'by HTTP from PHP\'s own server: a bare route (/up) median %.1f ms, p95 %.1f ms; an edit answered median '
                .'%.1f ms, p95 %.1f ms, %.1f times the bare route',
            $bare->median,
            $bare->p95,
            $edit->median,
            $edit->p95,
            $edit->median / $bare->median,
        );
    }
}
