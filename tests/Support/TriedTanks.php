<?php

declare(strict_types=1);

namespace Tests\Support;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Effect\ChangeEffect;
use Ithys\Effect\Judgement;
use Ithys\Effect\KitStretch;
use Ithys\Effect\Question;
use Ithys\Effect\Relaxed\Course;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Trial\Tank\Lot;
use Ithys\Trial\Tank\PairedTanks;
use Ithys\Trial\Tank\SwitchBack;
use Ithys\Trial\Tank\TankPlan;
use Ithys\Trial\Tank\TankPower;
use Ithys\Trial\Tank\TankVerdict;

/** Trials in tanks of known truth, again and again. */
final class TriedTanks
{
    /** @param  array<string, mixed>  $with */
    public static function plan(array $with = []): TankPlan
    {
        return TankPlan::stored([
            'format' => TankPlan::FORMAT, 'schema' => TankPlan::SCHEMA, 'question' => 'Does the rubble lower nitrate?',
            'form' => 'switched', 'parameter' => 'no3', 'change' => 'rubble', 'phaseDays' => 14, 'periods' => 6,
            'washoutDays' => 0, 'every' => 4, ...$with,
        ]);
    }

    public static function start(): DateTimeImmutable
    {
        return new DateTimeImmutable('2026-03-02 00:00:00 UTC');
    }

    /** @param  list<Entry>  $journal */
    public static function switched(TankPlan $plan, Lot $lot, array $journal, array $others = []): TankVerdict
    {
        $assumptions = Assumptions::standard();

        return SwitchBack::judge($plan, $lot, KitStretch::through(
            $journal,
            $plan->parameter,
            SwitchedTank::LITRES,
            self::start(),
            $assumptions,
        ), $others, $assumptions);
    }

    /**
     * @param  array<string, float>  $way
     * @return float share of trials that tell less or more
     */
    public static function told(TankPlan $plan, array $way, float $effect, int $runs, int $seed = 0): float
    {
        $told = 0;
        for ($n = 1; $n <= $runs; $n++) {
            $lot = Lot::draw($plan, $seed + $n);
            $told += self::isTold(self::switched($plan, $lot, SwitchedTank::journal(
                $seed + $n,
                $way,
                $lot->spans(),
                $effect,
                $lot->lastDay(),
                self::start(),
                (float) $plan->schedule->every,
            ))) ? 1 : 0;
        }

        return $told / $runs;
    }

    /**
     * @param  array<string, float>  $way
     * @return float share of paired trials that tell less or more
     */
    public static function paired(TankPlan $plan, array $way, float $effect, int $runs): float
    {
        $told = 0;
        for ($n = 1; $n <= $runs; $n++) {
            $lot = Lot::draw($plan, $n);
            $side = (float) $plan->schedule->phaseDays;
            $change = new Entry(self::start()->modify("+{$lot->changeDay()} days"), SkimmerSwitch::of(false));
            $judged = array_map(static fn (int $tank): Judgement => ChangeEffect::judge(
                new Question(
                    $change,
                    $plan->parameter,
                    SwitchedTank::LITRES,
                    self::start()->modify("+{$lot->lastDay()} days"),
                    $plan->schedule->phaseDays,
                ),
                SwitchedTank::journal(
                    2 * $n + $tank,
                    $way,
                    $lot->spans(),
                    $tank === 0 ? $effect : 0.0,
                    $lot->lastDay(),
                    self::start(),
                    (float) $plan->schedule->every,
                    $side - $lot->changeDay(),
                ),
            ), [0, 1]);
            $told += self::isTold(PairedTanks::judge($plan, $judged[0], $judged[1], ['Reef', 'Nano'])) ? 1 : 0;
        }

        return $told / $runs;
    }

    /**
     * @param  array<string, float>  $way
     * @return ?float mg/L a day, from twelve weeks of the tank before the trial
     */
    public static function smallest(TankPlan $plan, Lot $lot, array $way, int $seed): ?float
    {
        $assumptions = Assumptions::standard();
        $before = SwitchedTank::journal($seed, $way, [], 0.0, 0, self::start(), 3.5, 84.0);
        $stretch = KitStretch::through(
            $before,
            Parameter::Nitrate,
            SwitchedTank::LITRES,
            self::start(),
            $assumptions,
        )[0];
        $stick = $stretch->stick(new Course(INF), $assumptions);

        return $stick === null ? null : TankPower::smallest($plan, $lot, array_fill(
            0,
            $plan->form->value === 'paired' ? 2 : 1,
            [$stretch, $stick],
        ));
    }

    private static function isTold(TankVerdict $verdict): bool
    {
        return $verdict->perWeek !== null && ($verdict->perWeek->low > 0.0 || $verdict->perWeek->high < 0.0);
    }
}
