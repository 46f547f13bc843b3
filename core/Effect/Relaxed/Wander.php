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
        foreach ($this->steps as $i => $steps) {
            foreach ($steps as [$f11, $f12, $f22, $qxx, $qxg, $qgg, $kept]) {
                $nextXx = $f11 * $f11 * $xx + 2 * $f11 * $f12 * $xg + $f12 * $f12 * $gg + $strength * $qxx;
                $nextXg = $f22 * ($f11 * $xg + $f12 * $gg) + $strength * $qxg;
                $gg = $f22 * $f22 * $gg + $strength * $qgg;
                $xx = $kept * $kept * $nextXx;
                $xg = $kept * $nextXg;
                for ($c = 0; $c < $count; $c++) {
                    $level[$c] = $kept * ($f11 * $level[$c] + $f12 * $input[$c]);
                    $input[$c] *= $f22;
                }
            }
            $variance = $xx + $variances[$i];
            $root = sqrt($variance);
            [$gainX, $gainG] = [$xx / $variance, $xg / $variance];
            $row = [];
            for ($c = 0; $c < $count; $c++) {
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
