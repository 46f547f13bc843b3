<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\LocalServer;
use App\Console\ScratchDatabase;
use App\Console\Stopwatch;
use App\Journal\EntryRow;
use App\Journal\Journal;
use Closure;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Payload;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Media\Medium;

/**
 * Times the tide sheet with ten years of journal through the whole application, beside a bare route in the same run.
 */
final class BenchSheet extends Command
{
    protected $signature = 'bench:sheet {--runs=30}';

    protected $description = 'Time the tide sheet with ten years of data beside a bare route';

    public function handle(): int
    {
        $scratch = ScratchDatabase::make();
        $entries = $this->fill($scratch);
        $server = LocalServer::on($scratch->path);
        try {
            $client = $server->signedIn($scratch->keeper->email, ScratchDatabase::PASSWORD);
            $runs = (int) $this->option('runs');
            $time = static fn (string $path, ?Closure $before = null): Stopwatch => Stopwatch::milliseconds(
                $runs,
                static function () use ($client, $path, $before): void {
                    $before === null || $before();
                    $client->get($path)->throw();
                },
            );
            $bare = $time('/up');
            $this->line(
                sprintf(
                    '%s entries over ten years, by HTTP from PHP\'s own server. A bare route (/up): median %.1f ms',
                    number_format($entries),
                    $bare->median,
                ),
            );
            $sheet = "/systems/{$scratch->system->id}/journal?range=";
            $say = function (string $what, Stopwatch $page) use ($bare): void {
                $this->line(
                    sprintf(
                        '%-72s median %6.1f ms, p95 %6.1f ms, %.1f times the bare route',
                        $what,
                        $page->median,
                        $page->p95,
                        $page->median / $bare->median,
                    ),
                );
            };
            $pages = ['/settings', '/systems/1/ledger', '/systems/1/forecast'];
            foreach ([...$pages, "{$sheet}16w", "{$sheet}1y", "{$sheet}all"] as $path) {
                $say($path, $time($path));
            }
            foreach (['media', 'sock', 'reading', 'feed'] as $kind) {
                $change = static fn (): int => DB::table('entries')->where('kind', $kind)->limit(1)
                    ->update(['note' => Str::random()]);
                $say("{$sheet}all, first after a change of {$kind}", $time("{$sheet}all", $change));
            }
        } finally {
            $server->stop();
            $scratch->drop();
        }

        return self::SUCCESS;
    }

    private function fill(ScratchDatabase $scratch): int
    {
        $start = new DateTimeImmutable('-3652 days 12:00');
        $rows = [];
        $add = static function (DateTimeImmutable $at, Payload $payload) use (&$rows, $scratch): void {
            $rows[] = EntryRow::of(
                new Entry($at, $payload),
                $scratch->system->id,
                null,
                str_repeat('0', 26),
                Journal::stamp($at),
            );
        };
        for ($day = 0; $day < 3652; $day++) {
            $at = $start->modify("+{$day} days");
            $add($at, Feed::of(3 + $day % 5 / 10, Food::Pellet));
            if ($day % 2 === 0) {
                $add(
                    $at,
                    Reading::of(Parameter::Nitrate, 8 + 2 * sin($day / 30), step: 0.25, method: 'colour comparison'),
                );
                $add(
                    $at,
                    Reading::of(Parameter::Phosphate, 0.08 + 0.03 * sin($day / 40), step: 0.01, method: 'photometer'),
                );
            }
            $day % 4 === 0 && $add($at, SockChange::of(3));
            $day % 7 === 0 && $add($at, WaterChange::of(30));
            $day % 90 === 40 && $add($at, MediaCharge::grams(Medium::Gfo, 90, Place::Reactor));
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            DB::table('entries')->insert($chunk);
        }

        return count($rows);
    }
}
