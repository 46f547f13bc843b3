<?php

declare(strict_types=1);

namespace Ithys\Forecast\Bands;

use DateTimeImmutable;
use Ithys\Learning\Heavy;
use Ithys\Quantity\Text;
use Ithys\Statistics\Cholesky;

/**
 * Whether readings have left the model of a tank behind of late, as after a change that nobody logged.
 *
 * Source: the method for calibration that ships with the project, section 8, item 6.
 */
final readonly class Alarm
{
    /** Days that are looked at, and at how many ago something may have changed. */
    private const DAYS = 182.0;

    private const AGO = [14, 21, 28, 35, 42];

    /** Days over which a change comes to show. */
    private const SHOWS = 28.0;

    /** Readings of each nutrient that are looked at one by one, the last of each time. */
    private const MOST = 60;

    /** Spread of what is off by as much for good. */
    private const LEVEL = 0.05;

    private const PRIOR = 12;

    private const CLIP = 9.0;

    private const FEW = 3;

    /** From which it is doubted, is sure, and is asked about. */
    private const DOUBTED = 1.1;

    private const ASKED = 2.0;

    /**
     * @param  array<string, array<int, float>>  $factors  on the variances of the kit, by parameter and reading
     * @param  array<string, float>  $scales  of the spread of the model, by parameter
     */
    private function __construct(
        /** In standard deviations. */
        public float $strength,
        /** Days ago that fit best. */
        public int $daysAgo,
        public array $factors,
        public array $scales,
    ) {
    }

    /** @param  list<Past>  $pasts */
    public static function over(array $pasts): self
    {
        $along = $weight = array_fill_keys(self::AGO, 0.0);
        $factors = $scales = [];
        foreach ($pasts as $past) {
            $key = $past->nutrient->parameter->value;
            [$numbers, $off, $inverse, $factors[$key], $scales[$key]] = self::weighed($past);
            foreach (self::AGO as $ago) {
                $since = array_map(static fn (int $n): float => max(0.0, $past->days[$n] + $ago), $numbers);
                if (count(array_filter($since)) < 2) {
                    continue;
                }
                $shape = array_map(static fn (float $days): float => -expm1(-$days / self::SHOWS), $since);
                foreach ($inverse as $i => $row) {
                    foreach ($row as $j => $one) {
                        $along[$ago] += $shape[$i] * $one * $off[$j];
                        $weight[$ago] += $shape[$i] * $one * $shape[$j];
                    }
                }
            }
        }
        $each = [];
        foreach (self::AGO as $ago) {
            $each[$ago] = $weight[$ago] > 0.0 ? $along[$ago] / sqrt($weight[$ago]) : 0.0;
        }
        $best = self::AGO[0];
        foreach ($each as $ago => $one) {
            $best = abs($one) > abs($each[$best]) ? $ago : $best;
        }

        return new self(array_sum($each) / count($each), $best, $factors, $scales);
    }

    /** 0 to 1: how surely something changed. */
    public function doubt(): float
    {
        return max(0.0, min(1.0, (abs($this->strength) - self::DOUBTED) / self::DOUBTED));
    }

    public function asks(): bool
    {
        return abs($this->strength) > self::ASKED;
    }

    /** @param  DateTimeImmutable  $now  in the reader's zone */
    public function question(DateTimeImmutable $now): Text
    {
        return Text::of(
            'Something seems to have changed around {day} that is not in the journal. What was it? Log it with that '
                .'date: a new test kit, more or other food, a missed water change, a medium put in.',
            day: $now->modify("-{$this->daysAgo} days")->format('j F'),
        );
    }

    /**
     * @return array{list<int>, list<float>, list<list<float>>, array<int, float>, float} which readings are looked at,
     *   how they are off, the inverse of their covariance, factors on the variances of the kit, and on the whole
     */
    private static function weighed(Past $past): array
    {
        $numbers = self::thinned($past);
        $off = array_map($past->off(...), $numbers);
        $nutrient = $past->nutrient;
        $jitter = $nutrient->figure('jitter') ** 2;
        $noise = array_map(static fn (int $n): float => $past->kit($n) + $jitter, $numbers);
        $days = array_map(static fn (int $n): float => $past->days[$n], $numbers);
        $wander = array_map(static fn (float $day): array => array_map(
            static fn (float $other): float => $nutrient->figure('spread') ** 2
                * exp(-abs($day - $other) / $nutrient->figure('memory')) + self::LEVEL ** 2,
            $days,
        ), $days);
        $factors = Heavy::factors($noise, static fn (array $factors): array => self::without(
            self::with($wander, $noise, $factors),
            $off,
            $noise,
            $factors,
        ));
        $all = self::with($wander, $noise, $factors);
        $scale = self::scale($all, $off, count(array_filter(
            $numbers,
            static fn (int $n): bool => $past->days[$n] < -max(self::AGO),
        )));
        $inverse = $all === [] ? [] : array_map(
            static fn (array $row): array => array_map(static fn (float $one): float => $one / $scale, $row),
            Cholesky::of($all)->inverse(),
        );

        return [$numbers, $off, $inverse, array_combine($numbers, $factors), $scale];
    }

    /** @return list<int> */
    private static function thinned(Past $past): array
    {
        $numbers = array_keys(array_filter($past->days, static fn (float $day): bool => $day >= -self::DAYS));
        if (count($numbers) <= self::MOST) {
            return $numbers;
        }
        $kept = [];
        foreach ($numbers as $n) {
            $kept[(int) floor($past->days[$n] * self::MOST / self::DAYS)] = $n;
        }

        return array_values($kept);
    }

    /**
     * By how much each is off beyond what the others say, and the variance of that without its own noise.
     *
     * @param  list<list<float>>  $covariance
     * @param  list<float>  $off
     * @param  list<float>  $noise
     * @param  list<float>  $factors
     * @return list<array{float, float}>
     */
    private static function without(array $covariance, array $off, array $noise, array $factors): array
    {
        $inverse = $covariance === [] ? [] : Cholesky::of($covariance)->inverse();
        $without = [];
        foreach ($inverse as $i => $row) {
            $sum = 0.0;
            foreach ($row as $j => $one) {
                $sum += $one * $off[$j];
            }
            $without[] = [$sum / $row[$i], 1 / $row[$i] - $factors[$i] * $noise[$i]];
        }

        return $without;
    }

    /**
     * How much more or less the model wanders than is usual, by what is older than a change can be.
     *
     * @param  list<list<float>>  $covariance
     * @param  list<float>  $off
     */
    private static function scale(array $covariance, array $off, int $old): float
    {
        if ($old <= self::FEW) {
            return 1.0;
        }
        $white = Cholesky::of(array_map(
            static fn (array $row): array => array_slice($row, 0, $old),
            array_slice($covariance, 0, $old),
        ))->whiten(array_slice($off, 0, $old));
        $sum = array_sum(array_map(static fn (float $one): float => min(self::CLIP, $one ** 2), $white));

        return (self::PRIOR + $sum) / (self::PRIOR + $old);
    }

    /**
     * @param  list<list<float>>  $wander
     * @param  list<float>  $noise
     * @param  list<float>  $factors
     * @return list<list<float>>
     */
    private static function with(array $wander, array $noise, array $factors): array
    {
        return array_map(static fn (array $row, int $i): array => array_map(
            static fn (float $one, int $j): float => $one + ($i === $j ? $factors[$i] * $noise[$i] : 0.0),
            $row,
            array_keys($row),
        ), $wander, array_keys($wander));
    }
}
