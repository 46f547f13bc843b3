<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use Ithys\Statistics\Cholesky;

/**
 * How well the level of the water agrees with what a charge takes, whatever else brings the level back.
 *
 * Source: the method for charges that ships with the project, item 4.
 */
final readonly class LevelEvidence
{
    /** What pulls the water back, and what rock exchanges with it, of the water a day. */
    private const TANKS = [[0.15, 0.15], [0.4, 0.4], [0.15, 0.4], [1.0, 0.4]];

    private const ROCK = 0.02;

    private const LEAST = 0.005;

    private const WEIGHT = 1.3;

    /** More readings than this are taken together. */
    private const MOST = 28;

    /**
     * @param  list<int>  $days  of the readings, from the first day
     * @param  list<float>  $logs  of the readings, less their median
     * @param  list<float>  $levels  mg in the water by day
     */
    private function __construct(
        private array $days,
        private array $logs,
        private array $levels,
        private Cholesky $errors,
    ) {
    }

    /**
     * @param  list<array{float, float, float}>  $readings  day, ppm and limit, in order of time
     * @param  int  $first  the day from which the water is followed
     */
    public static function of(array $readings, PhosphateLevel $level, int $first, int $last, float $litres): ?self
    {
        $readings = PhosphateLevel::together($readings, self::MOST);
        if (count($readings) < 2) {
            return null;
        }
        $sorted = array_column($readings, 1);
        sort($sorted);
        $median = log(max(self::LEAST, $sorted[intdiv(count($sorted), 2)]));
        $days = array_map(
            static fn (array $one): int => min($last - $first, max(0, (int) floor($one[0]) - $first)),
            $readings,
        );
        $matrix = [];
        foreach ($readings as $i => [$day, $ppm, $limit]) {
            $row = [];
            foreach ($readings as [$other]) {
                $apart = abs($day - $other);
                $row[] = 1 + 0.04 * exp(-$apart / 60) + 0.01 * exp(-$apart / 5);
            }
            $expected = $level->on((int) floor($day));
            $error = (0.013 ** 2 + (0.06 * $expected) ** 2 + $limit ** 2 / 12) / max($expected, 0.012) ** 2;
            $matrix[] = array_map(
                static fn (float $one, int $j): float => $one + ($j === $i ? $error : 0.0),
                $row,
                array_keys($row),
            );
        }

        return new self(
            $days,
            array_map(static fn (array $one): float => log(max(self::LEAST, $one[1])) - $median, $readings),
            array_map(static fn (int $day): float => $litres * $level->on($day), range($first, max($first, $last))),
            Cholesky::of($matrix),
        );
    }

    /**
     * @param  array<int, float>  $takes  mg by day from the first one on, of all charges
     */
    public function logLikelihood(array $takes): float
    {
        $logs = [];
        $last = $this->days[count($this->days) - 1];
        $n = count($this->days);
        foreach (self::TANKS as [$back, $rock]) {
            $water = $stone = 1.0;
            $at = [];
            for ($day = 0; $day <= $last; $day++) {
                $at[$day] = $water;
                $rate = max(($takes[$day] ?? 0.0) / $this->levels[$day], -$back / 2);
                $water = ($water + $back + $rock * $stone) / (1 + $back + $rock + $rate);
                $stone += self::ROCK * ($water - $stone);
            }
            $off = [];
            foreach ($this->days as $i => $day) {
                $off[] = $this->logs[$i] - log($at[$day]);
            }
            $sum = 0.0;
            foreach ($this->errors->whiten($off) as $one) {
                $sum += $one * $one;
            }
            $logs[] = -(5 + $n) / 2 * log(1 + $sum / 5);
        }
        $most = max($logs);
        $mean = 0.0;
        foreach ($logs as $log) {
            $mean += exp($log - $most) / count($logs);
        }

        return self::WEIGHT * ($most + log($mean));
    }
}
