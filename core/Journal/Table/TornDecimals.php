<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

/** Decimal commas in a table whose cells are parted by commas, unquoted: "13,9" is two cells. */
final class TornDecimals
{
    /**
     * Whether a table has them. The sign is that most rows are longer than the headings by just their figures, or end
     * behind them while words stand as whole numbers.
     *
     * @param  list<Column>  $columns
     * @param  array<int, list<string>>  $data
     */
    public static function isSign(array $columns, array $data): bool
    {
        $torn = array_filter($data, static fn (array $cells): bool => self::isTorn($columns, $cells));

        return 2 * count($torn) > count($data);
    }

    /**
     * A row with its decimals put back.
     *
     * @param  list<Column>  $columns
     * @param  list<string>  $cells
     * @return list<string>|null null where it cannot be told which commas are decimals
     */
    public static function joined(array $columns, array $cells): ?array
    {
        if (! self::isTorn($columns, $cells)) {
            return self::isWhole($columns, $cells) ? $cells : null;
        }
        $joined = [];
        $at = 0;
        foreach ($columns as $column) {
            $cell = $cells[$at++] ?? '';
            if ($column->isFigure()) {
                $decimals = $cells[$at++] ?? '';
                $cell = $decimals === '' ? $cell : "{$cell},{$decimals}";
            }
            $joined[] = $cell;
        }

        return $joined;
    }

    /**
     * @param  list<string>  $cells
     * @return list<string>
     */
    public static function withoutEmptyEnd(array $cells): array
    {
        while ($cells !== [] && end($cells) === '') {
            array_pop($cells);
        }

        return $cells;
    }

    /**
     * @param  list<Column>  $columns
     * @param  list<string>  $cells
     */
    private static function isTorn(array $columns, array $cells): bool
    {
        $figures = count(array_filter($columns, static fn (Column $column): bool => $column->isFigure()));
        if ($figures === 0) {
            return false;
        }
        if (count($cells) === count($columns) + $figures) {
            return true;
        }
        // Figures stand first, then words: with their decimals apart they fill the places of the words.
        $cells = self::withoutEmptyEnd($cells);
        $reach = self::figuresFirst($columns);

        return $reach !== null && count($cells) === $reach + $figures && count($cells) <= count($columns)
            && array_filter(
                array_slice($cells, $reach - $figures),
                static fn (string $cell): bool => ! ctype_digit($cell),
            ) === [];
    }

    /**
     * Whether a row in such a table has no torn figure. One whole figure is one; of two, the second may be the decimals
     * of the first.
     *
     * @param  list<Column>  $columns
     * @param  list<string>  $cells
     */
    private static function isWhole(array $columns, array $cells): bool
    {
        $figures = array_filter(
            $columns,
            static fn (Column $column): bool => $column->isFigure() && ($cells[$column->at] ?? '') !== '',
        );
        $quoted = array_filter($figures, static fn (Column $column): bool => str_contains($cells[$column->at], ','));

        return count($cells) <= count($columns) && ($quoted !== [] || count($figures) < 2);
    }

    /**
     * How many columns there are up to the last figure, where no words stand between figures and some behind.
     *
     * @param  list<Column>  $columns
     */
    private static function figuresFirst(array $columns): ?int
    {
        $last = $first = null;
        foreach ($columns as $at => $column) {
            if ($column->isFigure()) {
                $first ??= $at;
                $last = $at;
            }
        }
        $between = array_slice($columns, (int) $first, (int) $last - (int) $first + 1);

        return $last !== null && array_filter($between, static fn (Column $one): bool => ! $one->isFigure()) === []
            ? $last + 1
            : null;
    }
}
