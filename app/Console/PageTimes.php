<?php

declare(strict_types=1);

namespace App\Console;

/** How long pages of a scratch database take over a server of their own, compared with a bare route. */
final class PageTimes
{
    /**
     * @param  list<string>  $pages  of its tank
     * @return iterable<string> a line for each
     */
    public static function of(ScratchDatabase $scratch, array $pages, int $runs): iterable
    {
        $server = LocalServer::on($scratch->path);
        try {
            $client = $server->signedIn($scratch->keeper->email, ScratchDatabase::PASSWORD);
            $time = static fn (string $path): Stopwatch => Stopwatch::milliseconds(
                $runs,
                static function () use ($client, $path): void {
                    $client->get($path)->throw();
                },
            );
            $bare = $time('/up');
            yield sprintf('A bare route (/up): median %.1f ms', $bare->median);
            foreach ($pages as $page) {
                $told = $time("/systems/{$scratch->system->id}/{$page}");
                yield sprintf(
                    '%-16s median %6.1f ms, p95 %6.1f ms, %.1f times the bare route',
                    $page,
                    $told->median,
                    $told->p95,
                    $told->median / $bare->median,
                );
            }
        } finally {
            $server->stop();
        }
    }
}
