<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PageTimes;
use App\Console\ScratchDatabase;
use App\Console\Stopwatch;
use App\Models\Trial;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Ithys\Journal\Reading\Parameter;
use Ithys\Trial\Judgement;
use Ithys\Trial\Placement;
use Ithys\Trial\Sheet;
use Ithys\Trial\TrialPlan;
use Ithys\Trial\TrialReading;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Times a trial of six units in each of four arms that is read weekly over a year: the verdict, and its pages. */
final class BenchTrials extends Command
{
    private const UNITS = 6;

    private const WEEKS = 52;

    private const SEED = 7;

    protected $signature = 'bench:trials {--runs=30}';

    protected $description = 'Time a trial of six units by four arms over a year';

    public function handle(): int
    {
        $plan = self::plan();
        $placed = Placement::of($plan, self::SEED);
        $cells = self::cells($plan, $placed);
        $work = static function () use ($plan, $placed, $cells): void {
            $sheet = [];
            foreach ($cells as $one) {
                $sheet['no3'][$one['unit']][$one['day']] = TrialReading::typed($one['cell'], Parameter::Nitrate);
            }
            Judgement::of($plan, $placed, new Sheet($sheet), 7 * self::WEEKS)->says();
        };
        $judged = Stopwatch::milliseconds((int) $this->option('runs'), $work);
        $this->line(sprintf(
            'Core: %d readings read and judged: median %.1f ms, p95 %.1f ms',
            count($cells),
            $judged->median,
            $judged->p95,
        ));
        $scratch = ScratchDatabase::make();
        $trial = new Trial(['plan' => $plan->toArray(), 'seed' => self::SEED, 'started' => now()
            ->subDays(7 * self::WEEKS + 1)->format('Y-m-d')]);
        $trial->system_id = $scratch->system->id;
        $trial->save();
        foreach (array_chunk($cells, 200) as $some) {
            DB::table('trial_readings')->insert(array_map(
                static fn (array $one): array => ['trial_id' => $trial->id, 'parameter' => 'no3', ...$one],
                $some,
            ));
        }
        try {
            foreach (PageTimes::of($scratch, ['trials', "trials/{$trial->id}"], (int) $this->option('runs')) as $line) {
                $this->line($line);
            }
        } finally {
            $scratch->drop();
        }

        return self::SUCCESS;
    }

    private static function plan(): TrialPlan
    {
        return TrialPlan::stored([
            'format' => TrialPlan::FORMAT, 'schema' => TrialPlan::SCHEMA, 'question' => 'Which medium lowers nitrate?',
            'reads' => [['parameter' => 'no3', 'kit' => 'drops', 'step' => 0.5, 'scatter' => 2.0]],
            'arms' => ['gravel', 'rings', 'rubble', 'blocks'], 'control' => 'as much gravel', 'feed' => 'pellets',
            'units' => self::UNITS, 'litres' => 5.0, 'nitrogenMgPerDay' => 0.1, 'cyclingWeeks' => 4,
            'weeks' => self::WEEKS, 'every' => 7, 'isBlind' => false,
        ]);
    }

    /**
     * @param  array<string, int>  $placed
     * @return list<array{unit: string, day: int, cell: string}>
     */
    private static function cells(TrialPlan $plan, array $placed): array
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $cells = [];
        foreach ($placed as $unit => $arm) {
            foreach ($plan->setup->days() as $day) {
                $level = 10 + $day / 40 - $arm + $random->getInt(-200, 200) / 100;
                $cells[] = ['unit' => $unit, 'day' => $day, 'cell' => (string) (round($level * 2) / 2)];
            }
        }

        return $cells;
    }
}
