<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumed;
use Ithys\Effect\Relaxed\Dilution;
use Ithys\Effect\Relaxed\Series;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\WaterChange\WaterChange;

/** The readings and water changes of the journal that bear on a question. */
final readonly class Evidence
{
    /** Readings on a side that count: over a longer time a tank drifts. */
    public const MOST_ON_A_SIDE = 14;

    /** Readings this close are of one moment, days: an hour. */
    private const ONE_MOMENT = 1 / 24;

    /**
     * @param  list<Observation>  $observations  readings of one method around the change, in order of time
     * @param  list<Dilution>  $dilutions
     */
    private function __construct(
        public array $observations,
        public array $dilutions,
        /** Readings left out because the method changed, which starts a new series. */
        public int $otherMethod,
        /** Readings left out because another phosphate charge lies between them and the change. */
        public int $beyondCharge,
        /** Readings left out because the lever was still settling. */
        public int $settling,
        public float $settlingDays,
        /** The last day after the change on which a reading can still bear on it. */
        public float $lastDay,
    ) {
    }

    /** @param  list<Entry>  $journal entries within the window, in order of time */
    public static function gather(Question $question, array $journal): self
    {
        [$from, $to] = self::reach($question, $journal);
        $all = [];
        $dilutions = [];
        $beyond = 0;
        foreach (array_filter($journal, $question->covers(...)) as $entry) {
            if ($entry->payload instanceof Reading && $entry->payload->parameter === $question->parameter) {
                $observation = Observation::of($entry, $entry->payload, $question);
                $inReach = $observation->day >= $from && $observation->day <= $to;
                if ($inReach) {
                    $all[] = $observation;
                } else {
                    $beyond++;
                }
            } elseif ($entry->payload instanceof WaterChange) {
                $dilutions[] = new Dilution(
                    $entry->daysAfter($question->change->at),
                    $entry->payload->shareOf($question->litres),
                    $entry->payload->brings($question->parameter),
                );
            }
        }
        $run = self::sameMethod($all);
        $series = self::nearest($run);
        $settlingDays = $question->settlingDays($question->change->kind());
        $settled = array_values(
            array_filter($series, static fn (Observation $o): bool => $o->day <= 0.0 || $o->day >= $settlingDays),
        );

        return new self(
            $settled,
            $dilutions,
            count($all) - count($run),
            $beyond,
            count($series) - count($settled),
            $settlingDays,
            min($to, $question->windowDays),
        );
    }

    public function before(): int
    {
        return count(array_filter($this->observations, static fn (Observation $o): bool => $o->day <= 0.0));
    }

    public function after(): int
    {
        return count($this->observations) - $this->before();
    }

    /** @return list<float> days of the readings from the knot, where the lever has settled */
    public function daysFromKnot(): array
    {
        return array_map(fn (Observation $o): float => $o->day - $this->settlingDays, $this->observations);
    }

    /** Readings whose kit was not named, beside some whose was. */
    public function unnamed(): int
    {
        $unnamed = count(array_filter($this->observations, static fn (Observation $o): bool => $o->method === null));

        return $unnamed === count($this->observations) ? 0 : $unnamed;
    }

    /** The readings as the model takes them, mg/L. */
    public function series(Question $question): Series
    {
        $limit = $question->assumptions->value(Assumed::BelowLimit);

        return new Series(
            array_map(static fn (Observation $o): float => $o->day, $this->observations),
            array_map(static fn (Observation $o): float => $o->mgPerLitre, $this->observations),
            array_map(static fn (Observation $o): float => 1 / $o->times, $this->observations),
            array_map(static fn (Observation $o): float => $o->leastVariance($limit), $this->observations),
            $this->dilutions,
            $question->assumptions->value(Assumed::SourceWater),
        );
    }

    public function undiluted(Question $question): UndilutedSeries
    {
        return UndilutedSeries::of(
            $this->observations,
            $this->dilutions,
            $question->litres,
            $question->assumptions->value(Assumed::SourceWater),
        );
    }

    /** Mean level before the change in mg/L, or of all readings when none came before. */
    public function level(): float
    {
        $before
            = array_filter($this->observations, static fn (Observation $o): bool => $o->day <= 0.0)
            ?: $this->observations;

        return $before === []
            ? 0.0
            : array_sum(array_map(static fn (Observation $o): float => $o->mgPerLitre, $before)) / count($before);
    }

    /**
     * What the kit can resolve, mg/L: the finest step written, or the smallest gap between two different readings when
     * that is coarser.
     */
    public function resolution(): float
    {
        return self::resolutionOf($this->observations);
    }

    /** @param  list<Observation>  $observations */
    public static function resolutionOf(array $observations): float
    {
        $steps = array_filter(array_map(static fn (Observation $o): float => $o->step, $observations));
        $levels = array_values(
            array_unique(array_map(static fn (Observation $o): float => round($o->mgPerLitre, 6), $observations)),
        );
        sort($levels);
        $gaps = [];
        for ($i = 1; $i < count($levels); $i++) {
            $gaps[] = $levels[$i] - $levels[$i - 1];
        }

        $written = max($steps === [] ? 0.0 : min($steps), $gaps === [] ? 0.0 : min($gaps));

        // One single figure, read again and again: the kit shows no finer.
        return count($levels) === 1 && count($observations) > 3 ? max($written, $levels[0]) : $written;
    }

    /** Median days between readings, a week when there are too few to tell. */
    public function spacing(): float
    {
        $gaps = [];
        for ($i = 1; $i < count($this->observations); $i++) {
            $gaps[] = $this->observations[$i]->day - $this->observations[$i - 1]->day;
        }
        $gaps = array_values(array_filter($gaps, static fn (float $gap): bool => $gap > 0.01));
        sort($gaps);

        return $gaps === [] ? 7.0 : $gaps[intdiv(count($gaps), 2)];
    }

    /**
     * The days within which no other phosphate charge begins to act: one straight line cannot run through such a
     * change.
     *
     * @param  list<Entry>  $journal
     * @return array{float, float}
     */
    private static function reach(Question $question, array $journal): array
    {
        $from = -INF;
        $to = INF;
        foreach (array_filter($journal, $question->isWearing(...)) as $charge) {
            $day = $charge->daysAfter($question->change->at);
            $settled = $day + $question->settlingDays($charge->kind());
            $day <= 0.0 ? $from = max($from, $settled) : $to = min($to, $day);
        }

        return [$from, $to];
    }

    /**
     * A tank drifts: of many readings on a side only those nearest to the change tell of it. Those of one moment are
     * one reading.
     *
     * @param  list<Observation>  $run
     * @return list<Observation>
     */
    private static function nearest(array $run): array
    {
        $moments = [];
        foreach ($run as $one) {
            $last = end($moments);
            if ($last !== false && abs($last->day - $one->day) < self::ONE_MOMENT) {
                $moments[array_key_last($moments)] = $last->with($one);
            } else {
                $moments[] = $one;
            }
        }
        $before = array_filter($moments, static fn (Observation $one): bool => $one->day <= 0.0);
        $after = array_slice($moments, count($before));

        return [...array_slice($before, -self::MOST_ON_A_SIDE), ...array_slice($after, 0, self::MOST_ON_A_SIDE)];
    }

    /**
     * The unbroken run of one method that spans the change; a change of kit starts a new series.
     *
     * @param  list<Observation>  $all
     * @return list<Observation>
     */
    private static function sameMethod(array $all): array
    {
        // A reading whose kit was not named is taken for one by the kit that was in use; a finding says so.
        $named = array_values(array_filter($all, static fn (Observation $o): bool => $o->method !== null));
        $before = array_filter($named, static fn (Observation $o): bool => $o->day <= 0.0);
        $method = ($before === [] ? ($named[0] ?? null) : end($before))?->method;
        $run = [];
        foreach ($all as $observation) {
            if ($observation->method === null || $observation->method === $method) {
                $run[] = $observation;
            } elseif ($observation->day <= 0.0) {
                $run = [];
            } else {
                break;
            }
        }

        return $run;
    }
}
