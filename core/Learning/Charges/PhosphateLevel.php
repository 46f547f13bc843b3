<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use Ithys\History\Timeline\Observed;
use Ithys\Statistics\Cholesky;

/**
 * Phosphate by the day, as the readings have it: the mean of a Gaussian process that starts anew with each charge.
 *
 * Source: the method for charges that ships with the project, item 1.
 */
final readonly class PhosphateLevel
{
    private const ALWAYS = 0.36;

    private const OF_A_PERIOD = 0.25;

    private const NEAR = 0.09;

    private const NEAR_DAYS = 40.0;

    /** Error of a reading, ppm, and its share. */
    private const ERROR = 0.015;

    private const ERROR_SHARE = 0.12;

    private const FLOOR = 0.003;

    private const FLOOR_SHARE = 0.025;

    /** Days whose mean stands for the time to come. */
    private const LATELY = 14;

    /** More readings than this are taken together, neighbours with neighbours. */
    private const MOST = 90;

    /**
     * @param  list<float>  $ppm  by day from the first on
     */
    private function __construct(private int $first, private array $ppm, private float $ahead)
    {
    }

    /**
     * @param  list<array{float, float, float}>  $readings  day, ppm and limit or 0, in order of time; at least one
     * @param  list<float>  $charged  days on which charges went in
     * @param  int  $first  the first day that is asked for
     * @param  int  $last  the last day that is known
     */
    public static function of(array $readings, array $charged, int $first, int $last): self
    {
        $readings = self::together($readings, self::MOST);
        $mean = array_sum(array_column($readings, 1)) / count($readings);
        $period = static fn (float $day): int => count(array_filter(
            $charged,
            static fn (float $in): bool => floor($in) < floor($day),
        ));
        $days = array_column($readings, 0);
        $periods = array_map($period, $days);
        $kernel = static fn (float $day, int $in, float $other, int $its): float => $mean ** 2 * (self::ALWAYS
            + ($in === $its ? self::OF_A_PERIOD + self::NEAR * exp(-abs($day - $other) / self::NEAR_DAYS) : 0.0));
        $matrix = [];
        foreach ($readings as $i => [$day, $ppm, $limit]) {
            $row = [];
            $error = self::ERROR ** 2 + (self::ERROR_SHARE * $ppm) ** 2 + $limit ** 2 / 12;
            foreach ($days as $j => $other) {
                $row[] = $kernel($day, $periods[$i], $other, $periods[$j]) + ($j === $i ? $error : 0.0);
            }
            $matrix[] = $row;
        }
        $weights = Cholesky::of($matrix)->solve(array_map(
            static fn (array $one): float => $one[1] - $mean,
            $readings,
        ));
        $floor = self::FLOOR + self::FLOOR_SHARE * $mean;
        $ppm = [];
        for ($day = $first; $day <= $last; $day++) {
            $in = $period((float) $day);
            $level = $mean;
            foreach ($days as $j => $other) {
                $level += $weights[$j] * $kernel((float) $day, $in, $other, $periods[$j]);
            }
            $ppm[] = max($floor, $level);
        }
        $lately = array_slice($ppm, -self::LATELY);

        return new self($first, $ppm, array_sum($lately) / count($lately));
    }

    /** ppm on a day; after the last that is known, as it was of late. */
    public function on(int $day): float
    {
        return $this->ppm[max(0, $day - $this->first)] ?? $this->ahead;
    }

    /**
     * Phosphate that was read, from a day on.
     *
     * @param  list<Observed>  $observed
     * @return list<array{float, float, float}> day, ppm, and the limit where it was read as below one
     */
    public static function read(array $observed, float $from, float $to): array
    {
        $read = [];
        foreach ($observed as $one) {
            if ($one->parameter->value === 'po4' && $one->day >= $from && $one->day <= $to) {
                $read[] = [$one->day, $one->level, $one->limit ?? 0.0];
            }
        }

        return $read;
    }

    /**
     * @param  list<array{float, float, float}>  $readings
     * @return list<array{float, float, float}> no more than so many
     */
    public static function together(array $readings, int $most): array
    {
        $each = (int) ceil(count($readings) / $most);

        return $each <= 1 ? $readings : array_map(static fn (array $some): array => [
            array_sum(array_column($some, 0)) / count($some),
            array_sum(array_column($some, 1)) / count($some),
            max(array_column($some, 2)),
        ], array_chunk($readings, $each));
    }
}
