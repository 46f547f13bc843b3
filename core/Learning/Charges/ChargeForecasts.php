<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use Closure;
use Ithys\History\Charge;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Learning\Fit;
use Ithys\Learning\Taught;
use Ithys\Learning\Unknown;
use Ithys\Nutrient\Basin;
use Ithys\Nutrient\Parameters;

/**
 * What every charge of a tank has removed and has left, by its readings. The same journal gives the same figures.
 *
 * Source: the method for charges that ships with the project, tried out on simulated charges of other physics.
 */
final readonly class ChargeForecasts
{
    /** Days of readings before a charge that tell where the water was. */
    private const BEFORE = 42;

    /** Spread of the log of what a medium holds, beforehand; in a bag never less than the second. */
    private const CAPACITY_SPREAD = 0.5;

    private const BAG_SPREAD = 0.45;

    /** Cells that must share the weight, so that one reading does not decide alone. */
    private const LEAST_CELLS = 10.0;

    private const SOFTER = 0.8;

    private const MOST_TIMES = 12;

    /** No law of ours is quite true: logs of the odds of a share, and of the days of life, with their weights. */
    private const MISFIT = [[0.25, -1.3, -0.35], [0.5, 0.0, 0.0], [0.25, 0.7, 0.6]];

    private const AS_ZERO = 0.03;

    private const HALF = 0.5;

    private const WIDER = 0.25;

    /** Days between two points of the course that is drawn. */
    private const STEP = 3;

    /** Days of reactor readings that are taken together. */
    private const TOGETHER = 14;

    private const DAY = 86_400;

    private Parameters $parameters;

    private float $exhaustedUnder;

    private int $start;

    private int $now;

    private function __construct(private Timeline $timeline, private ?Fit $fit)
    {
        $this->parameters = Parameters::of($timeline->assumptions);
        $this->exhaustedUnder = $timeline->assumptions->value('spent-share');
        $this->start = $timeline->read->from->getTimestamp();
        $this->now = (int) floor($timeline->day($timeline->to));
    }

    /**
     * @param  ?Fit  $fit  what the tank has taught of its media; null for the usual figures
     * @return array<int, ChargeState> by the entry of the charge; none for what the model does not follow
     */
    public static function of(Timeline $timeline, ?Fit $fit): array
    {
        $forecasts = new self($timeline, $fit);
        $states = [];
        $adsorbing = [];
        foreach ($timeline->followed() as $charge) {
            if (! $charge->medium()->mayBind()) {
                $adsorbing[] = $charge;

                continue;
            }
            $state = $forecasts->binding($charge);
            $states += $state === null ? [] : [$charge->entry => $state];
        }

        return $states + Adsorbing::of($timeline, $adsorbing);
    }

    /** Null where phosphate was not read. */
    private function binding(Charge $charge): ?ChargeState
    {
        $in = $this->day($charge->from->getTimestamp());
        $out = $charge->to === null ? null : $this->day($charge->to->getTimestamp());
        $age = max(0, ($out ?? $this->now) - $in);
        $others = $this->others($charge);
        $first = min([$in, ...array_map(static fn (Vessel $one): int => max($in - 180, $one->in), $others)])
            - self::BEFORE;
        $readings = PhosphateLevel::read($this->timeline->read->observed, $first, $in + $age + 1.0);
        if ($readings === []) {
            return null;
        }
        $level = PhosphateLevel::of(
            $readings,
            array_map(
                static fn (Vessel $one): float => (float) $one->in,
                [...$others, $this->vessel($charge)],
            ),
            $first,
            $in + $age,
        );
        $prior = $this->prior($charge);
        $vessel = $this->vessel($charge);
        $cells = Grid::of($vessel, $level, $age, $prior, $this->exhaustedUnder);
        $evidence = LevelEvidence::of(
            $readings,
            $level,
            $first,
            $in + $age,
            $this->timeline->span((float) $in)->basin->litres,
        );
        $beside = [];
        $levels = array_map(function (Cell $cell) use (
            $evidence,
            $others,
            $level,
            $first,
            $in,
            $age,
            &$beside,
        ): float {
            if ($evidence === null) {
                return $cell->prior;
            }
            // Others hold and work as this one does.
            $takes = $beside["{$cell->capacity} {$cell->speed}"]
                ??= self::together($others, $level, $first, $in + $age, $cell);
            foreach ($cell->run->takes as $day => $milligrams) {
                $takes[$in - $first + $day] = ($takes[$in - $first + $day] ?? 0.0) + $milligrams;
            }

            return $cell->prior + $evidence->logLikelihood($takes);
        }, $cells);
        $outlets = $this->outlets($charge, $in, $in + $age);
        $byLevel = self::weights($cells, $levels, array_map(static fn (): float => 0.0, $cells));
        $weights = $outlets === [] ? $byLevel : self::weights($cells, $levels, array_map(
            static fn (Cell $cell): float => OutletReading::logLikelihood($outlets, array_map(
                static fn (OutletReading $one): float => $cell->run->takes[$one->day] ?? 0.0,
                $outlets,
            )),
            $cells,
        ));

        return $this->state($charge, $cells, $weights, [$in, $age], $this->outlet(
            $outlets,
            $cells,
            $byLevel,
            $this->litresPerDay($charge),
            $level->on($in + $age),
        ));
    }

    /**
     * @param  list<Cell>  $cells
     * @param  list<float>  $weights
     * @param  array{int, int}  $time  day it went in, and days since
     * @param  ?array{read: float, error: float, most: float}  $outlet
     */
    private function state(Charge $charge, array $cells, array $weights, array $time, ?array $outlet): ChargeState
    {
        [$in, $age] = $time;
        $share = $gone = $parts = [];
        $odds = ['exhausted' => 0.0, 'half' => 0.0, 'bypassed' => 0.0, 'weak' => 0.0, 'lost' => 0.0];
        foreach ($cells as $n => $cell) {
            $last = $cell->run->shares[$age] ?? 1.0;
            foreach (self::MISFIT as [$part, $odd, $life]) {
                $parts[] = $weight = $part * $weights[$n];
                $share[] = $off = self::misfit($last, $odd);
                $gone[] = $cell->run->exhausted === null ? INF : exp($life) * $cell->run->exhausted;
                $odds['exhausted'] += $off < $this->exhaustedUnder ? $weight : 0.0;
                $odds['lost'] += $off < $this->exhaustedUnder && $cell->run->isBypassed ? $weight : 0.0;
                $odds['half'] += $off >= self::HALF ? $weight : 0.0;
            }
            $odds['bypassed'] += $cell->run->isBypassed ? $weights[$n] : 0.0;
            $odds['weak'] += $cell->run->reach < self::HALF ? $weights[$n] : 0.0;
        }
        $odds['lost'] = $odds['exhausted'] > 0.0 ? $odds['lost'] / $odds['exhausted'] : 0.0;
        $course = [];
        for ($day = 0; $day < $age; $day += self::STEP) {
            $course[] = [max($charge->from->getTimestamp(), $this->moment($in + $day)), round(
                self::middle($cells, $weights, static fn (Cell $cell): float => $cell->run->shares[$day] ?? 1.0),
                4,
            )];
        }
        $now = Weighted::range($share, $parts);
        // The end of the course is the share that is told.
        $course[] = [($charge->to ?? $this->timeline->to)->getTimestamp(), round($now[0], 4)];
        $range = Weighted::range(array_map(static fn (Cell $cell): float => $cell->run->held, $cells), $weights);

        return new ChargeState(
            $now,
            [$range[0], $range[1] * exp(-self::WIDER), $range[2] * exp(self::WIDER)],
            [
                'room' => self::middle($cells, $weights, static fn (Cell $cell): float => $cell->run->room),
                'expected' => array_sum(Grid::plain(
                    $this->vessel($charge),
                    $this->levelOf($charge),
                    $age,
                    0.0,
                    0.0,
                )),
                'rate' => self::middle($cells, $weights, static fn (Cell $cell): float => max(
                    0.0,
                    array_sum(array_slice($cell->run->takes, -7)) / min(7, count($cell->run->takes)),
                )),
                'fresh' => self::middle($cells, $weights, static fn (Cell $cell): float => $cell->run->fresh),
            ],
            $charge->to !== null ? null : array_map(
                fn (float $days): ?int => is_finite($days) ? $this->moment($in + $days) : null,
                Weighted::range($gone, $parts),
            ),
            $odds,
            $outlet,
            $course,
        );
    }

    /**
     * @param  list<Cell>  $cells
     * @param  list<float>  $weights
     * @param  Closure(Cell): float  $figure
     */
    private static function middle(array $cells, array $weights, Closure $figure): float
    {
        return Weighted::point(array_map($figure, $cells), $weights, 0.5);
    }

    /** The share of a fresh one, were the law of ours off by so much. */
    private static function misfit(float $share, float $by): float
    {
        $share = min(0.96, max(0.01, $share));
        $off = 1 / (1 + (1 - $share) / $share * exp(-$by));

        return $off < self::AS_ZERO ? 0.0 : $off;
    }

    /**
     * The last readings of a reactor together, beside what the level of the tank allows.
     *
     * @param  list<OutletReading>  $outlets
     * @param  list<Cell>  $cells
     * @param  list<float>  $weights  by the level alone
     * @return ?array{read: float, error: float, most: float}
     */
    private function outlet(array $outlets, array $cells, array $weights, float $flow, float $ppm): ?array
    {
        if ($outlets === []) {
            return null;
        }
        $last = $outlets[count($outlets) - 1]->day;
        $lately = array_values(array_filter(
            $outlets,
            static fn (OutletReading $one): bool => $one->day > $last - self::TOGETHER,
        ));
        $n = count($lately);

        return [
            'read' => array_sum(array_map(static fn (OutletReading $one): float => $one->reads(), $lately)) / $n,
            'error' => OutletReading::resolves($flow, $ppm, $n),
            'most' => Weighted::point(array_map(
                static fn (Cell $cell): float => array_sum(array_map(
                    static fn (OutletReading $one): float => $cell->run->takes[$one->day] ?? 0.0,
                    $lately,
                )) / $n,
                $cells,
            ), $weights, 0.95),
        ];
    }

    /**
     * @param  list<Cell>  $cells
     * @param  list<float>  $logs
     * @param  list<float>  $more
     * @return list<float> their sum is one
     */
    private static function weights(array $cells, array $logs, array $more): array
    {
        for ($n = 0, $softness = 1.0; ; $n++, $softness *= self::SOFTER) {
            $all = [];
            foreach ($cells as $i => $cell) {
                $all[] = $cell->prior + $softness * ($logs[$i] - $cell->prior + $more[$i]);
            }
            $most = max([-INF, ...$all]);
            $weights = array_map(static fn (float $log): float => exp($log - $most), $all);
            $sum = array_sum($weights);
            $weights = array_map(static fn (float $one): float => $one / $sum, $weights);
            $shared = 1 / array_sum(array_map(static fn (float $one): float => $one ** 2, $weights));
            if ($shared >= self::LEAST_CELLS || $n >= self::MOST_TIMES) {
                return $weights;
            }
        }
    }

    /** @return array{float, float} mean and spread of the log of what its medium holds, of the usual */
    private function prior(Charge $charge): array
    {
        $isLearned = $this->fit?->taught(Unknown::Media) === Taught::Learned;
        $spread = $isLearned ? $this->fit->spread(Unknown::Media) : self::CAPACITY_SPREAD;

        return [
            $isLearned ? log($this->fit->factor(Unknown::Media)) : 0.0,
            $charge->place() === Place::Reactor ? max(0.1, $spread) : max(self::BAG_SPREAD, $spread),
        ];
    }

    /** Phosphate over the days of a charge, for what the usual figures say. */
    private function levelOf(Charge $charge): PhosphateLevel
    {
        $in = $this->day($charge->from->getTimestamp());
        $end = $charge->to === null ? $this->now : $this->day($charge->to->getTimestamp());

        return PhosphateLevel::of(
            PhosphateLevel::read($this->timeline->read->observed, $in - self::BEFORE, $end + 1.0),
            [(float) $in],
            $in - self::BEFORE,
            max($in, $end),
        );
    }

    /**
     * Others that bind phosphate and were in within its time or shortly before.
     *
     * @return list<Vessel>
     */
    private function others(Charge $charge): array
    {
        $others = [];
        foreach ($this->timeline->followed() as $one) {
            $isNear = ($one->to?->getTimestamp() ?? INF) >= $charge->from->getTimestamp() - self::BEFORE * self::DAY
                && $one->from->getTimestamp() <= ($charge->to?->getTimestamp() ?? INF);
            if ($one->entry !== $charge->entry && $one->medium()->mayBind() && $isNear) {
                $others[] = $this->vessel($one);
            }
        }

        return $others;
    }

    /**
     * What others take by day.
     *
     * @param  list<Vessel>  $others
     * @return array<int, float> mg, by days from the first
     */
    private static function together(array $others, PhosphateLevel $level, int $first, int $last, Cell $like): array
    {
        $takes = [];
        foreach ($others as $one) {
            $age = max(0, min($last, $one->out ?? $last) - $one->in);
            foreach (Grid::plain($one, $level, $age, $like->capacity, $like->speed) as $day => $milligrams) {
                $at = $one->in + $day - $first;
                if ($at >= 0) {
                    $takes[$at] = ($takes[$at] ?? 0.0) + $milligrams;
                }
            }
        }

        return $takes;
    }

    private function vessel(Charge $charge): Vessel
    {
        $grams = $charge->grams($this->timeline->assumptions);
        $together = 0.0;
        foreach ($this->timeline->followed() as $one) {
            $together += $one->vessel() === $charge->vessel() && $one->medium() === $charge->medium()
                && $one->isIn($charge->from) ? $one->grams($this->timeline->assumptions) : 0.0;
        }

        return Vessel::of(
            $this->parameters->row('media', $charge->medium()->value) ?? [0.0, 0.0, 0.0, 0.0],
            $grams,
            max($grams, $together),
            $charge->share() * ($this->parameters->row('contact', $charge->place()->value)[0] ?? 1.0),
            $this->litresPerDay($charge),
            $this->day($charge->from->getTimestamp()),
            $charge->to === null ? null : $this->day($charge->to->getTimestamp()),
            $charge->place() === Place::Reactor,
        );
    }

    /** L a day that reach its vessel, as the path of its day has it. */
    private function litresPerDay(Charge $charge): float
    {
        $there = $this->timeline->span((float) $this->day($charge->from->getTimestamp()));
        $flow = $charge->place() === Place::Reactor ? $there->flows[$charge->vessel()] ?? null : null;

        return 24 * ($flow ?? $there->basin->litres * ($charge->place() === Place::Reactor
            ? 1.0
            : max(1e-3, $there->basin->turnover ?: Basin::TURNOVER)));
    }

    /**
     * What was read of a reactor that only this charge is in.
     *
     * @return list<OutletReading> by days since it went in, in order of time
     */
    private function outlets(Charge $charge, int $in, int $end): array
    {
        $beside = array_filter(
            $this->timeline->charges(),
            static fn (Charge $one): bool => $one->vessel() === $charge->vessel() && $one->entry !== $charge->entry
                && $one->medium()->mayBind() && ($one->to === null || $one->to > $charge->from)
                && ($charge->to === null || $one->from < $charge->to),
        );
        if ($charge->place() !== Place::Reactor || $beside !== []) {
            return [];
        }
        $mine = [];
        foreach ($this->timeline->outlets() as [$day, $outlet]) {
            $isMine = $outlet->item === null || $outlet->item === $charge->vessel();
            if ($isMine && $day >= $in && $day <= $end + 1) {
                $mine[] = OutletReading::of(
                    min($end, (int) floor($day)) - $in,
                    $outlet,
                    $this->litresPerDay($charge),
                );
            }
        }

        return $mine;
    }

    /** Whole days from the start of the journal as the model knows it; before it they are negative. */
    private function day(int $seconds): int
    {
        return (int) floor(($seconds - $this->start) / self::DAY);
    }

    private function moment(float|int $day): int
    {
        return $this->start + (int) round(self::DAY * $day);
    }
}
