<?php

declare(strict_types=1);

namespace Ithys\History;

/** How far figures scatter, with the largest left out and leaned on what is usual where there are few. */
final class Spread
{
    /** What is usual, and as how many figures it counts. */
    private const USUAL = 0.2;

    private const COUNTS = 4.0;

    /** What the mean of the rest falls short of the whole by. */
    private const TRIMMED = 1.32;

    /** @param  list<float>  $squares */
    public static function of(array $squares): float
    {
        $m = count($squares);
        if ($m === 0) {
            return self::USUAL;
        }
        sort($squares);
        $rest = array_slice($squares, 0, $m - max($m >= 6 ? 1 : 0, (int) floor(0.05 * $m)));
        $variance = self::TRIMMED * array_sum($rest) / count($rest);

        return sqrt(($m * $variance + self::COUNTS * self::USUAL ** 2) / ($m + self::COUNTS));
    }

    /**
     * The same of the steps between figures that follow each other.
     *
     * @param  list<float>  $x
     */
    public static function ofSteps(array $x): float
    {
        $squares = [];
        for ($i = 1; $i < count($x); $i++) {
            $squares[] = ($x[$i] - $x[$i - 1]) ** 2 / 2;
        }

        return self::of($squares);
    }

    /**
     * How much further means of seven wander than single figures say: what one does today leans on yesterday.
     *
     * @param  list<float>  $x
     */
    public static function memory(array $x, float $spread): float
    {
        $blocks = array_filter(array_chunk($x, 7), static fn (array $block): bool => count($block) === 7);
        $b = count($blocks);
        if ($b < 4) {
            return 1.0;
        }
        $means = array_map(static fn (array $block): float => array_sum($block) / 7, $blocks);
        $squares = [];
        for ($i = 1; $i < $b; $i++) {
            $squares[] = 7 * ($means[$i] - $means[$i - 1]) ** 2 / 2;
        }
        sort($squares);
        $rest = array_slice($squares, 0, count($squares) - max(1, (int) floor(0.1 * count($squares))));
        $variance = $rest === [] ? 0.0 : 1.4 * array_sum($rest) / count($rest);

        return sqrt(max(1.0, ($b * min(9.0, $variance / $spread ** 2) + 6) / ($b + 6)));
    }
}
