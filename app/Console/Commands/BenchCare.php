<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PageTimes;
use App\Console\ScratchDatabase;
use App\Console\Stopwatch;
use App\Journal\EntryRow;
use App\Journal\Journal;
use App\Models\System;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Ithys\Assumption\Assumptions;
use Ithys\Care\CalendarDay;
use Ithys\Care\Rounds;
use Ithys\Journal\Care\Care;
use Ithys\Journal\Care\Deed;
use Ithys\Journal\Care\Part;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Path\Path;
use Ithys\Path\Style;
use Ithys\Path\Template;

/** Times the list of care for ten tanks with three years of journal each: the core alone, and the pages of care. */
final class BenchCare extends Command
{
    private const TANKS = 10;

    private const DAYS = 1096;

    protected $signature = 'bench:care {--runs=30}';

    protected $description = 'Time the list of care for ten tanks with three years of journal';

    public function handle(): int
    {
        $now = new DateTimeImmutable('today 12:00', new DateTimeZone('UTC'));
        $entries = self::entries($now);
        $path = Template::of(Style::Sump);
        $work = static function () use ($entries, $path, $now): void {
            for ($tank = 0; $tank < self::TANKS; $tank++) {
                self::rounds($entries, $path, $now);
            }
        };
        $core = Stopwatch::milliseconds((int) $this->option('runs'), $work);
        $this->line(sprintf(
            'Core: %d tanks of %s entries that are care: median %.1f ms, p95 %.1f ms',
            self::TANKS,
            number_format(count($entries)),
            $core->median,
            $core->p95,
        ));
        $scratch = ScratchDatabase::make();
        $this->fill($scratch, $entries, $path, $now);
        try {
            $pages = ['care', 'care/stock', 'care/costs', 'care/incidents'];
            foreach (PageTimes::of($scratch, $pages, (int) $this->option('runs')) as $line) {
                $this->line($line);
            }
        } finally {
            $scratch->drop();
        }

        return self::SUCCESS;
    }

    /** @param  list<Entry>  $entries */
    private static function rounds(array $entries, Path $path, DateTimeImmutable $now): Rounds
    {
        return Rounds::of(
            $entries,
            $path,
            Assumptions::standard(),
            [],
            new DateTimeZone('UTC'),
            CalendarDay::of($now, new DateTimeZone('UTC')),
            true,
        );
    }

    /** @return list<Entry> in order of time */
    private static function entries(DateTimeImmutable $now): array
    {
        $entries = [];
        for ($day = -self::DAYS; $day < 0; $day++) {
            $at = $now->modify("{$day} days");
            $day % 4 === 0 && $entries[] = new Entry($at, SockChange::of(3));
            $day % 3 === 0 && $entries[] = new Entry($at, new Care(Part::SkimmerCup, Deed::Emptied));
            $day % 7 === 0 && $entries[] = new Entry($at, WaterChange::of(30));
            $day % 7 === 0 && $entries[] = new Entry($at, new Care(Part::Reservoir, Deed::Filled));
            $day % 4 === 0 && $entries[] = new Entry($at, Reading::of(Parameter::Nitrate, 8.0, step: 0.5));
        }

        return $entries;
    }

    /** @param  list<Entry>  $entries */
    private function fill(ScratchDatabase $scratch, array $entries, Path $path, DateTimeImmutable $now): void
    {
        for ($tank = 0; $tank < self::TANKS; $tank++) {
            $system = $tank === 0 ? $scratch->system : System::query()->create(['name' => "Bench tank {$tank}"]);
            if ($tank > 0) {
                $system->members()->attach($scratch->keeper, ['role' => 'owner']);
                $system->revisions()->create([
                    'in_force_from' => '2000-01-01',
                    'document' => $scratch->system->revisionAt($now)->tank()->toArray(),
                ]);
            }
            $system->pathRevisions()->create(['in_force_from' => '2000-01-01', 'document' => $path->toArray()]);
            $all = $entries;
            for ($day = -self::DAYS; $day < 0; $day++) {
                $all[] = new Entry($now->modify("{$day} days"), Feed::of(2.0, Food::Pellet));
            }
            $rows = array_map(static fn (Entry $one): array => EntryRow::of(
                $one,
                $system->id,
                null,
                str_repeat('0', 26),
                Journal::stamp($one->at),
            ), $all);
            foreach (array_chunk($rows, 500) as $chunk) {
                DB::table('entries')->insert($chunk);
            }
        }
    }
}
