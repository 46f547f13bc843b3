<?php

declare(strict_types=1);

namespace Ithys\Forecast;

/** How a forecast came: its readings beside it, and beside saying that all stays as it is. */
final readonly class Score
{
    /** Level under which a share of it says nothing, ppm. */
    private const LEAST = 0.005;

    private function __construct(
        public int $readings,
        /** Readings that lay in the band of 80 %. */
        public int $within,
        /** How far the forecast was off in the middle, as a share of what was read. */
        public float $off,
        /** The same of the level that was there when it was made. */
        public float $stays,
    ) {
    }

    /**
     * @param  list<ForecastPoint>  $foreseen  in order of time
     * @param  list<array{float, float}>  $read  days since it was made and levels
     * @return ?self null while nothing was read since
     */
    public static function of(array $foreseen, array $read): ?self
    {
        $off = $stays = [];
        $within = 0;
        foreach ($read as [$day, $level]) {
            $point = self::at($foreseen, $day);
            if ($point !== null) {
                $scale = max(self::LEAST, $level);
                $off[] = abs($point->level - $level) / $scale;
                $stays[] = abs($foreseen[0]->level - $level) / $scale;
                $within += $level >= $point->low && $level <= $point->high ? 1 : 0;
            }
        }

        return $off === [] || $stays === []
            ? null
            : new self(count($off), $within, self::middle($off), self::middle($stays));
    }

    /** @param  list<ForecastPoint>  $foreseen */
    private static function at(array $foreseen, float $day): ?ForecastPoint
    {
        foreach ($foreseen as $n => $next) {
            $before = $foreseen[max(0, $n - 1)];
            if ($next->days >= $day && $day >= 0.0) {
                $share = $next->days > $before->days ? ($day - $before->days) / ($next->days - $before->days) : 0.0;
                $between = static fn (float $one, float $other): float => $one + $share * ($other - $one);

                return new ForecastPoint(
                    $day,
                    $between($before->level, $next->level),
                    $between($before->low, $next->low),
                    $between($before->high, $next->high),
                );
            }
        }

        return null;
    }

    /** @param  non-empty-list<float>  $all */
    private static function middle(array $all): float
    {
        sort($all);
        $n = count($all);

        return ($all[intdiv($n - 1, 2)] + $all[intdiv($n, 2)]) / 2;
    }
}
