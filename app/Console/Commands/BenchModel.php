<?php

declare(strict_types=1);

namespace App\Console\Commands;

use DateTimeImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Process;
use Ithys\Assumption\Assumptions;
use Ithys\Dosing\Budget;
use Ithys\Forecast\Outlook;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\Entry;
use Ithys\Journal\Feed\Feed;
use Ithys\Journal\Feed\Food;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange;
use Ithys\Learning\Calibration;
use Ithys\Learning\Charges\ChargeForecasts;
use Ithys\Media\Medium;
use Ithys\Nutrient\Parameters;
use Ithys\Nutrient\Scenario\ScenarioDocument;
use Ithys\System\Setup;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;

/** How long the nutrient model takes: a year, two years with every meal, learning, and a look ahead. */
final class BenchModel extends Command
{
    protected $signature = 'bench:model {--times=15 : runs of each}';

    protected $description = 'Time runs of the nutrient model, beside LSODA of scipy where it is installed';

    public function handle(): int
    {
        $times = max(3, (int) $this->option('times'));
        $year = $this->time($times, fn (): mixed => $this->run365());
        $this->line(sprintf('365 days of a typical tank, a figure a week: median %.1f ms', $year));
        $meals = $this->time($times, fn (): mixed => $this->run730());
        $this->line(sprintf('two years with two meals a day: median %.1f ms', $meals));
        $timeline = $this->twoYears();
        $fit = null;
        $learn = $this->time(3, static function () use ($timeline, &$fit): void {
            $fit = Calibration::of($timeline);
        });
        $this->line(sprintf(
            'learning from two years of weekly readings: median %.2f s, %d runs of the model',
            $learn / 1000,
            $fit->runs ?? 0,
        ));
        if ($fit !== null) {
            $kept = serialize(Outlook::of($timeline, $fit));
            $ahead = $this->time($times, static function () use ($kept): void {
                $outlook = unserialize($kept);
                assert($outlook instanceof Outlook);
                $outlook->along($outlook->present, 12);
                $outlook->along($outlook->present->with(['feedTimes' => 1.2]), 12);
            });
            $this->line(sprintf('what twelve charges of two years take: median %.2f s', $this->time(
                1,
                fn (): array => ChargeForecasts::of($this->twoYears(true), $fit),
            ) / 1000));
            $this->line(sprintf('twelve weeks ahead on two courses: median %.1f ms', $ahead));
            foreach ([60, 364] as $days) {
                $budget = $this->time(3, static function () use ($days): void {
                    Budget::of([12.0, 6.0, 2.0, 0.3], 1.0, 4800.0, 300.0, 0.12, 0.05, (float) $days);
                });
                $this->line(sprintf(
                    'GFO for %d days by budget: median %.0f ms (a preview should take 300)',
                    $days,
                    $budget,
                ));
            }
        }
        $this->lsoda($year);

        return self::SUCCESS;
    }

    /** Two years of a made-up journal: a meal a day, socks, water, weekly readings; or with a charge every 60 days. */
    private function twoYears(bool $isCharged = false): Timeline
    {
        $start = new DateTimeImmutable('2026-01-01 12:00:00Z');
        $entries = [];
        for ($day = 0; $day < 730; $day++) {
            $at = $start->modify("+{$day} days");
            if ($day % 7 === 0) {
                $wave = sin($day / 60);
                $entries[] = new Entry($at, Reading::of(Parameter::Nitrate, 8 + 2 * $wave, step: 1.0));
                $entries[] = new Entry($at, Reading::of(Parameter::Phosphate, 0.08 + 0.02 * $wave, step: 0.01));
                $entries[] = new Entry($at->modify('+1 hour'), WaterChange::of(30));
            }
            $entries[] = new Entry($at->modify('+7 hours'), Feed::of(0.8, Food::Pellet));
            if ($isCharged && $day % 60 === 10) {
                $entries[] = new Entry($at, MediaCharge::grams(Medium::Gfo, 100, Place::Reactor), $day + 1);
            }
            if ($day % 5 === 4) {
                $entries[] = new Entry($at->modify('+8 hours'), SockChange::of());
            }
        }

        return Timeline::of($entries, [[$start, new Setup(new Tank(
            Display::box(1000, 500, 560, 30),
            new BesideDisplay(40, 5),
            new Ground(10, 25),
            new Conditions(35, 25),
            1800,
            TurnoverSchool::Moderate,
        ))]], $start->modify('+730 days'), Assumptions::standard());
    }

    /** @param  callable(): mixed  $run */
    private function time(int $times, callable $run): float
    {
        $all = [];
        for ($n = 0; $n < $times; $n++) {
            $start = hrtime(true);
            $run();
            $all[] = (hrtime(true) - $start) / 1e6;
        }
        sort($all);

        return $all[intdiv($times, 2)];
    }

    private function run365(): float
    {
        $entries = [
            ['at' => 0, 'do' => 'feed-schedule', 'foods' => [['food' => 'pellet', 'grams_per_day' => 1]]],
            ['at' => 0, 'do' => 'mechanical', 'stage' => 'sock', 'medium' => 'felt'],
            ['at' => 0, 'do' => 'skimmer', 'on' => true],
            ['at' => 20, 'do' => 'media', 'charge' => 'gfo', 'medium' => 'gfo', 'grams' => 100, 'place' => 'reactor'],
        ];
        for ($day = 7; $day < 365; $day += 7) {
            $entries[] = ['at' => $day, 'do' => 'change', 'stage' => 'sock'];
            $entries[] = ['at' => $day + 0.1, 'do' => 'water-change', 'share' => 0.1];
        }

        return $this->read($entries, 365);
    }

    private function run730(): float
    {
        $entries = [
            ['at' => 0, 'do' => 'mechanical', 'stage' => 'sock', 'medium' => 'felt'],
            ['at' => 0, 'do' => 'skimmer', 'on' => true],
        ];
        for ($day = 0; $day < 730; $day++) {
            $entries[] = ['at' => $day + 0.35, 'do' => 'feed', 'food' => 'pellet', 'grams' => 0.5];
            $entries[] = ['at' => $day + 0.8, 'do' => 'feed', 'food' => 'frozen', 'grams' => 2];
        }

        return $this->read($entries, 730);
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function read(array $entries, int $days): float
    {
        $simulation = ScenarioDocument::read([
            'name' => 'bench',
            'days' => $days,
            'tank' => ['litres' => 300, 'rock_kg' => 30],
            'start' => ['no3' => 8, 'po4' => 0.1, 'steady' => true],
            'entries' => $entries,
        ], Parameters::of(Assumptions::standard()))->simulation();
        $level = 0.0;
        for ($day = 7.0; $day <= $days; $day += 7.0) {
            $level = $simulation->at($day)->nitrate();
        }

        return $level;
    }

    /** The same year by scipy, in Python; its equations are written out in the script. */
    private function lsoda(float $ours): void
    {
        $script = base_path('tests/Reference/lsoda.py');
        $answer = Process::run(['/usr/bin/python3', $script]);
        if (! $answer->successful()) {
            $this->line('LSODA of scipy is not installed here (python3-scipy); not compared.');

            return;
        }
        $theirs = (float) $answer->output();
        $this->line(sprintf('the same year by LSODA in Python: %.1f ms, %.1f times ours', $theirs, $theirs / $ours));
    }
}
