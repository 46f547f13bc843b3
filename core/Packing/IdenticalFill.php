<?php

declare(strict_types=1);

namespace Ithys\Packing;

/**
 * As many equal rectangles as a rectangle gives by cuts that go right across, in whole units.
 *
 * Gilmore and Gomory 1966: the best of a rectangle is the best of its two parts over all cuts at sums of the piece's
 * sides. Where those are too many, rows of one way to lie are followed by rows of the other.
 */
final class IdenticalFill
{
    /** @var array<string, array{int, ?array{bool, int}}> count and cut (across or along, where) by rectangle */
    private array $best = [];

    public function __construct(
        private readonly int $length,
        private readonly int $width,
        private readonly int $mostStates,
    ) {
    }

    /** @return list<array{int, int, bool}> place of each piece and whether it lies turned */
    public function on(int $length, int $width): array
    {
        if ($this->length <= 0 || $this->width <= 0) {
            return [];
        }
        $cuts = [$this->sums($length), $this->sums($width)];
        if (count($cuts[0]) * count($cuts[1]) > $this->mostStates) {
            $rows = $this->rows($length, $width);
            $columns = array_map(
                static fn (array $at): array => [$at[1], $at[0], ! $at[2]],
                $this->rows($width, $length),
            );

            return count($columns) > count($rows) ? $columns : $rows;
        }
        $this->best = [];
        $this->best($length, $width, $cuts);

        return $this->places($length, $width, 0, 0, $cuts);
    }

    /**
     * @param  array{list<int>, list<int>}  $cuts
     */
    private function best(int $length, int $width, array $cuts): int
    {
        $length = self::down($length, $cuts[0]);
        $width = self::down($width, $cuts[1]);
        $key = "{$length} {$width}";
        if (isset($this->best[$key])) {
            return $this->best[$key][0];
        }
        $count = $this->holds($length, $width) ? 1 : 0;
        $cut = null;
        if ($count > 0) {
            $most = intdiv($length * $width, $this->length * $this->width);
            foreach ([[false, $length, $cuts[0]], [true, $width, $cuts[1]]] as [$across, $size, $sums]) {
                foreach ($sums as $at) {
                    if ($at === 0 || 2 * $at > $size || $count >= $most) {
                        continue;
                    }
                    $tried = $across
                        ? $this->best($length, $at, $cuts) + $this->best($length, $width - $at, $cuts)
                        : $this->best($at, $width, $cuts) + $this->best($length - $at, $width, $cuts);
                    if ($tried > $count) {
                        [$count, $cut] = [$tried, [$across, $at]];
                    }
                }
            }
        }
        $this->best[$key] = [$count, $cut];

        return $count;
    }

    /**
     * @param  array{list<int>, list<int>}  $cuts
     * @return list<array{int, int, bool}>
     */
    private function places(int $length, int $width, int $x, int $y, array $cuts): array
    {
        $length = self::down($length, $cuts[0]);
        $width = self::down($width, $cuts[1]);
        [$count, $cut] = $this->best["{$length} {$width}"] ?? [0, null];
        if ($count === 0) {
            return [];
        }
        if ($cut === null) {
            return [[$x, $y, $this->length > $length || $this->width > $width]];
        }
        [$across, $at] = $cut;

        return $across
            ? [
                ...$this->places($length, $at, $x, $y, $cuts),
                ...$this->places($length, $width - $at, $x, $y + $at, $cuts),
            ]
            : [
                ...$this->places($at, $width, $x, $y, $cuts),
                ...$this->places($length - $at, $width, $x + $at, $y, $cuts),
            ];
    }

    /** @return list<array{int, int, bool}> */
    private function rows(int $length, int $width): array
    {
        $most = $best = 0;
        for ($rows = 0; $rows * $this->width <= $width; $rows++) {
            $count
                = $rows * intdiv($length, $this->length)
                + intdiv($width - $rows * $this->width, $this->length) * intdiv($length, $this->width);
            if ($count > $most) {
                [$most, $best] = [$count, $rows];
            }
        }
        $from = $best * $this->width;

        return [
            ...self::block($best, intdiv($length, $this->length), $this->length, $this->width, 0, false),
            ...self::block(
                intdiv($width - $from, $this->length),
                intdiv($length, $this->width),
                $this->width,
                $this->length,
                $from,
                true,
            ),
        ];
    }

    /** @return list<array{int, int, bool}> */
    private static function block(int $rows, int $columns, int $along, int $across, int $from, bool $turned): array
    {
        $places = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($i = 0; $i < $columns; $i++) {
                $places[] = [$i * $along, $from + $row * $across, $turned];
            }
        }

        return $places;
    }

    private function holds(int $length, int $width): bool
    {
        return ($this->length <= $length && $this->width <= $width)
            || ($this->width <= $length && $this->length <= $width);
    }

    /** @return list<int> all sums of the piece's sides up to a size, rising */
    private function sums(int $size): array
    {
        $sums = [];
        for ($a = 0; $a <= $size; $a += $this->length) {
            for ($b = $a; $b <= $size; $b += $this->width) {
                $sums[$b] = true;
            }
        }
        ksort($sums);

        return array_keys($sums);
    }

    /**
     * The greatest sum that is no more: what is over is of no use.
     *
     * @param  list<int>  $sums
     */
    private static function down(int $size, array $sums): int
    {
        $low = 0;
        $high = count($sums) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($sums[$middle] <= $size) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $sums[$low] ?? 0;
    }
}
