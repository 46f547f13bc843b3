<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use Closure;
use Ithys\History\Timeline\Placed;
use Ithys\History\Timeline\Timeline;
use Ithys\Journal\Outlet\Outlet;

/** How a charge fares, over all tanks that the readings allow. */
final readonly class Life
{
    /** Runs that must share the weight, so that one reading does not decide alone. */
    private const LEAST_RUNS = 10.0;

    private const SOFTER = 0.8;

    private const MOST_TIMES = 12;

    /** Days of readings that are taken together. */
    private const TOGETHER = 14.0;

    /** Test errors beyond which a reading and the model cannot both be right. */
    private const BEYOND = 2.0;

    /** How sure it must be before a charge is called spent. */
    public const SURE = 0.9;

    /** Ends of a range that holds 80 %. */
    private const ENDS = [0.1, 0.9];

    /**
     * @param  Look  $now  how it stands now or stood last, likely
     * @param  array{float, float, float}  $held  mg that it holds now or held last: likely, and the ends of 80 %
     * @param  array{float, float, float}  $share  of what a fresh one would take now: likely, and the ends of 80 %
     * @param  ?array{float, float, float}  $spent  the day on which it is spent: likely, soonest and latest; an end
     *   beyond what was run is INF
     * @param  float  $surely  how probable it is that it is spent by now
     * @param  list<array{float, float}>  $course  day and share, from when it was put in
     * @param  ?array{float, float, float, float}  $measured  mg a day that the last readings of a reactor say, what the
     *   model says of then, the day, and mg a day that the test can tell apart
     */
    private function __construct(
        public Placed $placed,
        public Look $now,
        public array $held,
        public array $share,
        public ?array $spent,
        public float $surely,
        public array $course,
        public ?array $measured,
    ) {
    }

    /** @param  list<Run>  $runs  the likeliest first; at least one */
    public static function of(Placed $placed, array $runs, float $end, Timeline $timeline): self
    {
        $day = min($end, $placed->to ?? $end);
        $outlets = self::outlets($placed, $timeline);
        $weights = self::weights($runs, $outlets);
        $looks = array_map(static fn (Run $run): ?Look => $run->on($day), $runs);
        $surely = 0.0;
        foreach ($runs as $n => $run) {
            $surely += $run->spent !== null && $run->spent <= $end ? $weights[$n] : 0.0;
        }
        $course = [];
        foreach ($runs[0]->looks as $look) {
            if ($look->day <= $day) {
                $course[] = [$look->day, self::range(array_map(
                    static fn (Run $run): float => $run->on($look->day)->share ?? 1.0,
                    $runs,
                ), $weights)[0]];
            }
        }
        $held = self::over($looks, $weights, static fn (Look $look): float => $look->held);
        $share = self::over($looks, $weights, static fn (Look $look): float => $look->share);

        return new self(
            $placed,
            new Look(
                $day,
                $held[0],
                self::over($looks, $weights, static fn (Look $look): float => $look->takes)[0],
                $share[0],
                self::over($looks, $weights, static fn (Look $look): float => $look->rockGives)[0],
            ),
            $held,
            $share,
            $placed->to === null
                ? self::range(array_map(static fn (Run $run): float => $run->spent ?? INF, $runs), $weights)
                : null,
            $surely,
            $course,
            self::measured($outlets, $runs, $weights),
        );
    }

    /** @return array<string, mixed> to be put by; days from the start of the journal as the model knows it */
    public function toArray(): array
    {
        return [
            'held' => $this->held,
            'takes' => $this->now->takes,
            'share' => $this->share,
            'spent' => $this->spent === null
                ? null
                : array_map(static fn (float $day): ?float => is_finite($day) ? $day : null, $this->spent),
            'surely' => $this->surely,
            'isSpent' => $this->isSpent(),
            'rockGives' => $this->now->rockGives,
            'course' => $this->course,
            'measured' => $this->measured,
        ];
    }

    /** Whether it can be called exhausted: not while it may well still work, nor while a reading says that it does. */
    public function isSpent(): bool
    {
        return $this->placed->to === null && $this->surely >= self::SURE && ! $this->isContradicted();
    }

    /** Whether a reading of the reactor and the model cannot both be right. */
    private function isContradicted(): bool
    {
        return $this->measured !== null && self::contradicts(
            $this->measured[0],
            $this->measured[1],
            $this->measured[3],
        );
    }

    /** Whether much more was read to be removed than the model says. */
    public static function contradicts(float $read, float $model, float $resolves): bool
    {
        return $read - $model > self::BEYOND * $resolves && $read > self::BEYOND * $model;
    }

    /**
     * What was read of a reactor that only this charge is in.
     *
     * @return list<OutletReading> in order of time
     */
    private static function outlets(Placed $placed, Timeline $timeline): array
    {
        $flow = 24 * (float) $placed->litresPerHour;
        $beside = array_filter(
            $timeline->placed(),
            static fn (Placed $one): bool => $one->vessel === $placed->vessel && $one->charge !== $placed->charge
                && $one->medium->mayBind() && ($one->to ?? INF) > $placed->from
                && $one->from < ($placed->to ?? INF),
        );
        if ($flow <= 0.0 || $beside !== [] || ! $placed->medium->mayBind()) {
            return [];
        }
        $mine = [];
        foreach ($timeline->outlets() as [$day, $outlet]) {
            if (self::isOf($outlet, $placed) && $day > $placed->from && $day <= ($placed->to ?? INF)) {
                $mine[] = OutletReading::of($day, $outlet, $flow);
            }
        }

        return $mine;
    }

    /**
     * The last readings together, against the model.
     *
     * @param  list<OutletReading>  $outlets
     * @param  list<Run>  $runs
     * @param  list<float>  $weights
     * @return ?array{float, float, float, float} as {@see $measured} has them
     */
    private static function measured(array $outlets, array $runs, array $weights): ?array
    {
        if ($outlets === []) {
            return null;
        }
        $last = $outlets[count($outlets) - 1];
        $lately = array_values(array_filter(
            $outlets,
            static fn (OutletReading $one): bool => $one->day > $last->day - self::TOGETHER,
        ));
        $n = count($lately);
        $read = array_sum(array_map(static fn (OutletReading $one): float => $one->reads(), $lately)) / $n;
        $model = self::range(array_map(
            static fn (Run $run): float => array_sum(array_map(
                static fn (OutletReading $one): float => $run->on($one->day)->takes ?? 0.0,
                $lately,
            )) / $n,
            $runs,
        ), $weights)[0];

        return [$read, $model, $last->day, $last->resolves() / sqrt($n)];
    }

    private static function isOf(Outlet $outlet, Placed $placed): bool
    {
        return $outlet->item === null || $outlet->item === $placed->vessel;
    }

    /**
     * How probable each run is by what was read of the reactor; the likeliest first in logs, so that none is lost.
     *
     * @param  list<Run>  $runs
     * @param  list<OutletReading>  $outlets
     * @return list<float> their sum is one
     */
    private static function weights(array $runs, array $outlets): array
    {
        $logs = array_map(static fn (Run $run): float => $outlets === [] ? 0.0 : OutletReading::logLikelihood(
            $outlets,
            array_map(static fn (OutletReading $one): float => $run->on($one->day)->takes ?? 0.0, $outlets),
        ), $runs);
        $most = max([...$logs, -INF]);
        $softness = 1.0;
        for ($n = 0; ; $n++) {
            $weights = array_map(static fn (float $log): float => exp($softness * ($log - $most)), $logs);
            $all = array_sum($weights);
            $weights = array_map(static fn (float $one): float => $one / $all, $weights);
            $shared = 1 / array_sum(array_map(static fn (float $one): float => $one ** 2, $weights));
            if ($shared >= min(self::LEAST_RUNS, count($runs)) || $n >= self::MOST_TIMES) {
                return $weights;
            }
            $softness *= self::SOFTER;
        }
    }

    /**
     * @param  list<?Look>  $looks
     * @param  list<float>  $weights
     * @param  Closure(Look): float  $figure
     * @return array{float, float, float}
     */
    private static function over(array $looks, array $weights, Closure $figure): array
    {
        return self::range(array_map(
            static fn (?Look $look): float => $look === null ? 0.0 : $figure($look),
            $looks,
        ), $weights);
    }

    /**
     * @param  list<float>  $values
     * @param  list<float>  $weights  their sum is one
     * @return array{float, float, float} the middle, and the ends of 80 %
     */
    private static function range(array $values, array $weights): array
    {
        array_multisort($values, $weights);
        $at = static function (float $share) use ($values, $weights): float {
            $sum = 0.0;
            foreach ($values as $n => $value) {
                $sum += $weights[$n];
                if ($sum >= $share - 1e-12) {
                    return $value;
                }
            }

            return $values[count($values) - 1];
        };

        return [$at(0.5), $at(self::ENDS[0]), $at(self::ENDS[1])];
    }
}
