<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Charges;

use Closure;
use Ithys\Journal\Outlet\Outlet;
use Ithys\Nutrient\Timeline\Placed;
use Ithys\Nutrient\Timeline\Timeline;

/** How a charge fares, over all tanks that the readings allow. */
final readonly class Life
{
    /** A reading before and behind a reactor is off by so much of what is taken, beside its kit: our estimate. */
    private const OUTLET_SHARE = 0.25;

    /** What a phosphate kit tells apart, ppm. */
    private const OUTLET_STEP = 0.012;

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
     * @param  ?array{float, float, float}  $measured  mg a day that a reactor really took when last read, what the
     *   model says of then, and the day
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
        $weights = array_map(static fn (Run $run): float => self::weight($run, $placed, $outlets), $runs);
        $all = array_sum($weights);
        $weights = $all > 0.0
            ? array_map(static fn (float $one): float => $one / $all, $weights)
            : array_fill(0, count($runs), 1 / count($runs));
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
        $last = $outlets === [] ? null : $outlets[count($outlets) - 1];

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
            $last === null ? null : [$last[1], self::range(array_map(
                static fn (Run $run): float => $run->on($last[0])->takes ?? 0.0,
                $runs,
            ), $weights)[0], $last[0]],
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

    /** Whether it can be called spent: not while it may well still work. */
    public function isSpent(): bool
    {
        return $this->placed->to === null && $this->surely >= self::SURE;
    }

    /**
     * What was read of a reactor that only this charge is in.
     *
     * @return list<array{float, float, float}> day, mg a day and how far off that may be
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
                $mine[] = [$day, $flow * ($outlet->in - $outlet->out), $flow * self::OUTLET_STEP * M_SQRT2];
            }
        }

        return $mine;
    }

    private static function isOf(Outlet $outlet, Placed $placed): bool
    {
        return $outlet->item === null || $outlet->item === $placed->vessel;
    }

    /**
     * How well a run agrees with what was read of the reactor.
     *
     * @param  list<array{float, float, float}>  $outlets
     */
    private static function weight(Run $run, Placed $placed, array $outlets): float
    {
        $log = 0.0;
        foreach ($outlets as [$day, $read, $off]) {
            $takes = $run->on($day)->takes ?? 0.0;
            $log -= ($read - $takes) ** 2 / (2 * ($off ** 2 + (self::OUTLET_SHARE * $takes) ** 2));
        }

        return exp($log);
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
