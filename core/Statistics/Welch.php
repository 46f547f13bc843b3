<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/** Welch's comparison of two means whose groups may scatter differently (Welch 1947). */
final readonly class Welch
{
    private const SURE = 0.975;

    private function __construct(
        /** Mean of the first minus mean of the second. */
        public float $difference,
        public float $t,
        public float $df,
        /** Two-sided. */
        public float $p,
        private float $error,
    ) {
    }

    /** @return array{float, float} the 95 % interval of the difference */
    public function interval(): array
    {
        $wide = StudentT::withDegreesOfFreedom($this->df)->quantile(self::SURE) * $this->error;

        return [$this->difference - $wide, $this->difference + $wide];
    }

    /**
     * @param  list<float>  $one  two or more
     * @param  list<float>  $other  two or more
     * @param  float  $least  variance that each has at the least, such as by rounding
     * @return ?self null where a group has fewer than two, or neither scatters
     */
    public static function of(array $one, array $other, float $least = 0.0): ?self
    {
        if (count($one) < 2 || count($other) < 2) {
            return null;
        }
        [$a, $b] = [
            max($least, self::variance($one)) / count($one),
            max($least, self::variance($other)) / count($other),
        ];
        $error = sqrt($a + $b);
        if ($error <= 0.0) {
            return null;
        }
        $difference = self::mean($one) - self::mean($other);
        $df = ($a + $b) ** 2 / ($a ** 2 / (count($one) - 1) + $b ** 2 / (count($other) - 1));
        $t = $difference / $error;

        return new self(
            $difference,
            $t,
            $df,
            2 * (1 - StudentT::withDegreesOfFreedom($df)->probability(abs($t))),
            $error,
        );
    }

    /** @param  non-empty-list<float>|list<float>  $of */
    public static function mean(array $of): float
    {
        return array_sum($of) / max(1, count($of));
    }

    /** @param  list<float>  $of  two or more */
    public static function variance(array $of): float
    {
        $mean = self::mean($of);

        return array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $of)) / (count($of) - 1);
    }
}
