<?php

declare(strict_types=1);

namespace Ithys\Statistics;

/** The regularized incomplete beta function, which gives the tails of Student's t. */
final class IncompleteBeta
{
    /** Lanczos coefficients for g = 7, n = 9 (public domain tables; from memory, checked against R in the tests). */
    private const LANCZOS = [
        0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
        12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
    ];

    /** I_x(a, b) for 0 ≤ x ≤ 1 and positive a, b. */
    public static function regularized(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log1p(-$x));

        return $x < ($a + 1) / ($a + $b + 2)
            ? $front * self::fraction($x, $a, $b) / $a
            : 1 - $front * self::fraction(1 - $x, $b, $a) / $b;
    }

    /** Lentz's continued fraction. */
    private static function fraction(float $x, float $a, float $b): float
    {
        $tiny = 1e-300;
        $c = 1.0;
        $d = 1 - ($a + $b) * $x / ($a + 1);
        $d = 1 / (abs($d) < $tiny ? $tiny : $d);
        $h = $d;
        for ($m = 1; $m <= 500; $m++) {
            foreach ([
                $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m)),
                -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1)),
            ] as $term) {
                $d = 1 + $term * $d;
                $d = 1 / (abs($d) < $tiny ? $tiny : $d);
                $c = 1 + $term / $c;
                $c = abs($c) < $tiny ? $tiny : $c;
                $h *= $d * $c;
            }
            if (abs($d * $c - 1) < 1e-15) {
                break;
            }
        }

        return $h;
    }

    private static function logGamma(float $z): float
    {
        if ($z < 0.5) {
            return log(M_PI / sin(M_PI * $z)) - self::logGamma(1 - $z);
        }
        $z -= 1;
        $sum = self::LANCZOS[0];
        for ($i = 1; $i < 9; $i++) {
            $sum += self::LANCZOS[$i] / ($z + $i);
        }
        $t = $z + 7.5;

        return 0.5 * log(2 * M_PI) + ($z + 0.5) * log($t) - $t + log($sum);
    }
}
