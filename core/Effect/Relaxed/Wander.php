<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

/**
 * Scatter of readings and a wandering net input, taken out by a Kalman filter of two states (the level off its course,
 * and the input off its mean), in units of the variance of a reading.
 *
 * The input wanders as an Ornstein-Uhlenbeck process (Kalman 1960; Harvey 1989; from memory).
 */
final readonly class Wander
{
    /** Memory of the wandering input, days. */
    private const MEMORY = 21.0;

    /** White part of it beside the slow one. */
    private const WHITE = 8.0;

    /** @var list<list<array{float, float, float, float, float, float, float}>> transitions before each reading */
    private array $steps;

    public function __construct(Series $series, float $loss)
    {
        $this->steps = array_map(
            static fn (array $stretches): array => array_map(
                static fn (array $stretch): array => [...self::step($stretch['dt'], $loss), 1 - $stretch['share']],
                $stretches,
            ),
            $series->stretches,
        );
    }

    /**
     * Rows of regressors and readings as if their scatter were independent and of one size.
     *
     * @param  non-empty-list<list<float>>  $columns  values at each reading
     * @param  list<float>  $variances  of each reading, in units of a plain one
     * @param  float  $strength  variance of the wandering input, in those units a day squared
     * @return array{list<non-empty-list<float>>, float} a row for each reading, and the sum of the logarithms of their
     *   variances
     */
    public function whiten(array $columns, array $variances, float $strength): array
    {
        $count = count($columns);
        $level = $input = array_fill(0, $count, 0.0);
        [$xx, $xg, $gg] = [0.0, 0.0, $strength];
        $rows = [];
        $logs = 0.0;
        // A step is nothing before its day, and so it stays.
        $begun = [];
        foreach ($this->steps as $i => $steps) {
            foreach ($steps as [$f11, $f12, $f22, $qxx, $qxg, $qgg, $kept]) {
                $nextXx = $f11 * $f11 * $xx + 2 * $f11 * $f12 * $xg + $f12 * $f12 * $gg + $strength * $qxx;
                $nextXg = $f22 * ($f11 * $xg + $f12 * $gg) + $strength * $qxg;
                $gg = $f22 * $f22 * $gg + $strength * $qgg;
                $xx = $kept * $kept * $nextXx;
                $xg = $kept * $nextXg;
                foreach ($begun as $c => $_) {
                    $level[$c] = $kept * ($f11 * $level[$c] + $f12 * $input[$c]);
                    $input[$c] *= $f22;
                }
            }
            $variance = $xx + $variances[$i];
            $root = sqrt($variance);
            [$gainX, $gainG] = [$xx / $variance, $xg / $variance];
            $row = [];
            for ($c = 0; $c < $count; $c++) {
                if (! isset($begun[$c])) {
                    if ($columns[$c][$i] === 0.0) {
                        $row[] = 0.0;

                        continue;
                    }
                    $begun[$c] = true;
                }
                $off = $columns[$c][$i] - $level[$c];
                $row[] = $off / $root;
                $level[$c] += $gainX * $off;
                $input[$c] += $gainG * $off;
            }
            $gg -= $gainG * $xg;
            $xg -= $gainX * $xg;
            $xx -= $gainX * $xx;
            $rows[] = $row;
            $logs += log($variance);
        }

        return [$rows, $logs];
    }

    /**
     * The states at each reading by all readings, before and after it (Rauch, Tung and Striebel 1965; from memory).
     *
     * @param  list<float>  $off  each reading less what is fitted to it
     * @param  list<float>  $variances  as {@see self::whiten()} has them
     * @return list<array{float, float, float, float, float}> level off its course, input off its mean, and their
     *   covariance: of the level, of both, of the input
     */
    public function smooth(array $off, array $variances, float $strength): array
    {
        [$x, $g, $xx, $xg, $gg] = [0.0, 0.0, 0.0, 0.0, $strength];
        $forward = [];
        foreach ($this->steps as $i => $steps) {
            [$a11, $a12, $a22] = [1.0, 0.0, 1.0];
            foreach ($steps as [$f11, $f12, $f22, $qxx, $qxg, $qgg, $kept]) {
                $nextXx = $f11 * $f11 * $xx + 2 * $f11 * $f12 * $xg + $f12 * $f12 * $gg + $strength * $qxx;
                $nextXg = $f22 * ($f11 * $xg + $f12 * $gg) + $strength * $qxg;
                $gg = $f22 * $f22 * $gg + $strength * $qgg;
                $xx = $kept * $kept * $nextXx;
                $xg = $kept * $nextXg;
                $x = $kept * ($f11 * $x + $f12 * $g);
                $g *= $f22;
                $a12 = $kept * ($f11 * $a12 + $f12 * $a22);
                $a11 = $kept * $f11 * $a11;
                $a22 = $f22 * $a22;
            }
            $ahead = [$x, $g, $xx, $xg, $gg];
            $variance = $xx + $variances[$i];
            $miss = $off[$i] - $x;
            $x += $xx / $variance * $miss;
            $g += $xg / $variance * $miss;
            [$xx, $xg, $gg] = [$xx - $xx * $xx / $variance, $xg - $xx * $xg / $variance, $gg - $xg * $xg / $variance];
            $forward[] = [$ahead, [$x, $g, $xx, $xg, $gg], [$a11, $a12, $a22]];
        }
        $smooth = [];
        $next = null;
        for ($i = count($forward) - 1; $i >= 0; $i--) {
            $here = $forward[$i][1];
            $next = $next === null ? $here : self::back($here, $forward[$i + 1][0], $forward[$i + 1][2], $next);
            $smooth[] = $next;
        }

        return array_reverse($smooth);
    }

    /**
     * @param  array{float, float, float, float, float}  $here  by the readings up to this one
     * @param  array{float, float, float, float, float}  $ahead  the next one before it was read
     * @param  array{float, float, float}  $way  how the states went on to it: upper triangle
     * @param  array{float, float, float, float, float}  $next  the next one by all readings
     * @return array{float, float, float, float, float}
     */
    private static function back(array $here, array $ahead, array $way, array $next): array
    {
        [$x, $g, $xx, $xg, $gg] = $here;
        [$a11, $a12, $a22] = $way;
        [, , $p11, $p12, $p22] = $ahead;
        $determinant = max(1e-300, $p11 * $p22 - $p12 * $p12);
        // P A' of this one, times the inverse of the next.
        [$m11, $m12, $m21, $m22] = [$xx * $a11 + $xg * $a12, $xg * $a22, $xg * $a11 + $gg * $a12, $gg * $a22];
        $c11 = ($m11 * $p22 - $m12 * $p12) / $determinant;
        $c12 = ($m12 * $p11 - $m11 * $p12) / $determinant;
        $c21 = ($m21 * $p22 - $m22 * $p12) / $determinant;
        $c22 = ($m22 * $p11 - $m21 * $p12) / $determinant;
        [$dx, $dg] = [$next[0] - $ahead[0], $next[1] - $ahead[1]];
        [$d11, $d12, $d22] = [$next[2] - $p11, $next[3] - $p12, $next[4] - $p22];

        return [
            $x + $c11 * $dx + $c12 * $dg,
            $g + $c21 * $dx + $c22 * $dg,
            $xx + $c11 * $c11 * $d11 + 2 * $c11 * $c12 * $d12 + $c12 * $c12 * $d22,
            $xg + $c11 * $c21 * $d11 + ($c11 * $c22 + $c12 * $c21) * $d12 + $c12 * $c22 * $d22,
            $gg + $c21 * $c21 * $d11 + 2 * $c21 * $c22 * $d12 + $c22 * $c22 * $d22,
        ];
    }

    /** @return array{float, float, float, float, float, float} how the states go on, and what scatters in */
    private static function step(float $dt, float $loss): array
    {
        $fade = 1 / self::MEMORY;
        $between = $loss - $fade;
        // Where both fade alike the formulas have no value; a hair beside it they do.
        $between = abs($between) < 1e-7 ? 1e-7 : $between;
        $loss = $between + $fade;
        [$keepX, $keepG] = [exp(-$loss * $dt), exp(-$fade * $dt)];
        $both = (1 - $keepG * $keepG) / (2 * $fade);
        $mixed = (1 - $keepX * $keepG) / ($loss + $fade);
        $own = $loss < 1e-9 ? $dt : (1 - $keepX * $keepX) / (2 * $loss);

        return [
            $keepX,
            ($keepG - $keepX) / $between,
            $keepG,
            2 * $fade / $between ** 2 * ($both - 2 * $mixed + $own) + self::WHITE * $own,
            2 * $fade / $between * ($both - $mixed),
            1 - $keepG * $keepG,
        ];
    }
}
