<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

use DateTimeImmutable;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\ParameterUnit;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Quantity\UnitSystem;

/** How a table is read: where its heading stands, what each column holds, how dates and decimals are written. */
final readonly class Layout
{
    private const ENTRIES = [ColumnRole::Line, ColumnRole::Stored];

    /** Rows at the top among which the headings are looked for. */
    private const HEADING_WITHIN = 40;

    /** The finest kit tells this part of the step of an ordinary one. */
    private const FINEST = 50.0;

    /**
     * @param  list<Column>  $columns
     * @param  int  $below  the line of the last row above the data: the headings, or the units under them
     * @param  bool  $ambiguousDates  another order of day and month fits as well
     * @param  bool  $decimalComma  decimals stand behind a comma
     * @param  bool  $joinsDecimals  commas of decimals are not told apart from those between cells
     * @param  list<string>  $remarks  what a keeper should know of how the table is read
     */
    private function __construct(
        public array $columns,
        public int $below,
        public DateOrder $dateOrder,
        public bool $ambiguousDates,
        public bool $decimalComma,
        public bool $joinsDecimals,
        public array $remarks,
        /** Whether figures far from the rest of their column are taken as well. */
        public bool $takesFar = false,
    ) {
    }

    /**
     * The layout that the first rows of a table speak for; null where no row of headings is found.
     *
     * @param  array<int, list<string>>  $rows  by line
     */
    public static function guess(array $rows, string $separator, DateTimeImmutable $now, Choices $choices): ?self
    {
        [$below] = self::headings($rows);
        if ($below === null) {
            return null;
        }
        $remarks = $below === array_key_first($rows) ? [] : ["The headings stand in line {$below}."];
        $columns = [];
        foreach (TornDecimals::withoutEmptyEnd($rows[$below]) as $at => $heading) {
            $columns[] = Column::of($at, $heading);
        }
        $data = array_filter($rows, static fn (int $line): bool => $line > $below, ARRAY_FILTER_USE_KEY);
        $units = self::unitsUnder($columns, $data);
        if ($units !== null) {
            [$below, $columns] = $units;
            unset($data[$below]);
            $remarks[] = "Line {$below} holds units.";
        }
        $columns = self::chosen(self::withDates($columns, $data), $choices);
        $joins = $separator === ',' && TornDecimals::isSign($columns, $data);
        if ($joins) {
            $remarks[] = 'Decimal commas stand between the commas of the table: a figure and its decimals were '
                .'put together.';
            $data = array_map(static fn (array $cells): array => TornDecimals::joined($columns, $cells) ?? [], $data);
        }
        $dates = [];
        foreach ($columns as $column) {
            $dates = $column->use === ColumnRole::Date ? [...$dates, ...self::cells($data, $column->at)] : $dates;
        }
        $left = array_filter($columns, static fn (Column $column): bool => $column->use === ColumnRole::Ignore
            && $column->heading !== '' && self::cells($data, $column->at) !== []);
        if ($left !== []) {
            $names = array_map(static fn (Column $column): string => "“{$column->heading}”", $left);
            $remarks[] = 'Not read: '.implode(', ', $names).'. Say below what a column holds if it should be.';
        }
        [$guess, $ambiguous] = DateOrder::guess($dates, $now);
        $order = $choices->dateOrder ?? $guess;
        $comma = $choices->decimalComma ?? ($joins || self::hasDecimalCommas($columns, $data));

        return new self(
            array_map(
                static fn (Column $column): Column => $column->withSample(self::sample($column, $data, $comma)),
                $columns,
            ),
            $below,
            $order,
            $ambiguous,
            $comma,
            $joins,
            [...$remarks, ...$order->remarks($dates)],
            $choices->because !== '',
        );
    }

    /** Whether a column holds readings, things done or notes. */
    public function holdsEntries(): bool
    {
        foreach ($this->columns as $column) {
            if (! $column->use instanceof ColumnRole || in_array($column->use, self::ENTRIES, true)) {
                return true;
            }
        }

        return $this->column(ColumnRole::Name) !== null && $this->column(ColumnRole::Value) !== null;
    }

    /**
     * How many columns the best row of headings names.
     *
     * @param  array<int, list<string>>  $rows  by line
     */
    public static function headingsNamed(array $rows): int
    {
        return self::headings($rows)[1];
    }

    /** What tells this table from others: its headings in their order. */
    public function mark(): string
    {
        $headings = array_map(static fn (Column $column): string => mb_strtolower($column->heading), $this->columns);

        return md5(implode("\0", $headings));
    }

    /** The first column of a kind. */
    public function column(ColumnRole $role): ?Column
    {
        foreach ($this->columns as $column) {
            if ($column->use === $role) {
                return $column;
            }
        }

        return null;
    }

    /** @return list<Column> those that tell the day, one for each of the tables that stand side by side */
    public function dates(): array
    {
        return array_values(array_filter(
            $this->columns,
            static fn (Column $column): bool => $column->use === ColumnRole::Date,
        ));
    }

    /** @return list<Column> those whose day a date column tells: up to the next one, and before the first one too */
    public function under(Column $date): array
    {
        $dates = $this->dates();
        $next = array_values(array_filter($dates, static fn (Column $one): bool => $one->at > $date->at))[0] ?? null;
        $isFirst = ($dates[0] ?? null)?->at === $date->at;

        return array_values(array_filter(
            $this->columns,
            static fn (Column $column): bool => ($isFirst || $column->at >= $date->at)
                && ($next === null || $column->at < $next->at),
        ));
    }

    /**
     * The cells of a row under its columns; null where there are more than columns, or it is not told which commas are
     * decimals.
     *
     * @param  list<string>  $cells
     * @return list<string>|null
     */
    public function row(array $cells): ?array
    {
        if ($this->joinsDecimals) {
            return TornDecimals::joined($this->columns, $cells);
        }

        return array_filter(array_slice($cells, count($this->columns))) === [] ? $cells : null;
    }

    /**
     * Columns whose figures cannot be in the unit they seem to have, with the units in which they could be. Nothing is
     * saved before a keeper says which.
     *
     * @return list<array{Column, Text, list<string>}>
     */
    public function questions(): array
    {
        $questions = [];
        foreach ($this->columns as $column) {
            if ($column->written->unknown !== '') {
                $questions[] = [$column, Text::of(
                    '“{unit}” of “{heading}” is not a unit that is read here. Say what its figures are written in, or '
                        .'leave the column out.',
                    unit: $column->written->unknown,
                    heading: $column->heading,
                ), $column->units()];

                continue;
            }
            if (
                ! $column->use instanceof Parameter
                || $column->sample?->middle === null
                || $column->unit !== null && ! $column->written->isPicked
                || self::isLikely($column->use, $column->sample, $column->written->isPicked)
            ) {
                continue;
            }
            $typical = $column->sample->middle;
            $parameter = $column->use;
            // What stands in the cells, whatever unit was picked for it.
            $written = $typical / ($column->unit?->base(1.0) ?? 1.0);
            $could = array_values(array_filter($column->units(), static fn (string $unit): bool => self::isUsual(
                $parameter,
                ParameterUnit::parse($unit, $parameter)->base($written),
            ) && $unit !== $column->unitKey()));
            [$least, $most] = $parameter->facts()->usual;
            $questions[] = [$column, Text::of(
                'Most of “{heading}” is near {typical}, but tanks have {least} to {most}. Say what it is written in.',
                heading: $column->heading,
                typical: Quantity::base($typical, $parameter->dimension()),
                least: Quantity::base($least, $parameter->dimension()),
                most: Quantity::base($most, $parameter->dimension()),
            ), $could];
        }

        return $questions;
    }

    /**
     * Whether figures can be in the unit that they are taken in. One that was picked, now or for a file before, is
     * held to both ends: phosphate of 0.00007 ppm is none that a kit shows.
     */
    private static function isLikely(Parameter $parameter, Sample $sample, bool $isPicked): bool
    {
        $middle = (float) $sample->middle;
        if ($isPicked) {
            return self::isUsual($parameter, $middle)
                && ($middle === 0.0 || $middle * self::FINEST >= $parameter->resolution());
        }

        // Whole figures of phosphate are ppb, or a tank in great trouble.
        return self::isUsual($parameter, $middle)
            && ! ($parameter === Parameter::Phosphate && $sample->isWhole && $middle >= 1.0);
    }

    public static function isUsual(Parameter $parameter, float $value): bool
    {
        [$least, $most] = $parameter->facts()->usual;

        return $value >= $least && $value <= $most;
    }

    /**
     * The line of the row that names most columns, first of those that do, and how many it names; the first row where
     * none names any and that one holds no data.
     *
     * @param  array<int, list<string>>  $rows
     * @return array{?int, int}
     */
    private static function headings(array $rows): array
    {
        [$best, $most] = [null, -1];
        foreach (array_slice($rows, 0, self::HEADING_WITHIN, true) as $line => $cells) {
            $named = 0;
            foreach ($cells as $at => $cell) {
                $isData = preg_match('~^[<\~]?[\d.,]+$~', $cell) === 1 || DateOrder::guess([$cell])[0]->reads($cell);
                if ($isData) {
                    continue 2;
                }
                $named += mb_strlen($cell) <= 60 && Column::of($at, $cell)->use !== ColumnRole::Ignore ? 1 : 0;
            }
            if ($named > $most) {
                [$best, $most] = [$line, $named];
            }
        }

        return [$best, max(0, $most)];
    }

    /**
     * Columns in the units that the row below the headings names, with its line; null where that row holds none.
     *
     * @param  list<Column>  $columns
     * @param  array<int, list<string>>  $data
     * @return array{int, list<Column>}|null
     */
    private static function unitsUnder(array $columns, array $data): ?array
    {
        $line = array_key_first($data);
        if ($line === null) {
            return null;
        }
        $found = false;
        foreach ($columns as $i => $column) {
            $cell = trim($data[$line][$column->at] ?? '', '()[] ');
            if (preg_match('~^\d~', $cell) === 1 || $column->use === ColumnRole::Date && ! in_array(
                mb_strtolower($cell),
                ['', 'unit', 'units', 'einheit', 'unité', 'date', 'yyyy-mm-dd', 'dd.mm.yyyy', 'mm/dd/yyyy'],
                true,
            )) {
                return null;
            }
            $in = $cell === '' ? $column : $column->in($cell);
            $found = $found || $in !== $column;
            $columns[$i] = $in;
        }

        return $found ? [$line, $columns] : null;
    }

    /**
     * Where no heading says so, the first column that reads as dates holds them.
     *
     * @param  list<Column>  $columns
     * @param  array<int, list<string>>  $data
     * @return list<Column>
     */
    private static function withDates(array $columns, array $data): array
    {
        foreach ($columns as $column) {
            if ($column->use === ColumnRole::Date) {
                return $columns;
            }
        }
        foreach ($columns as $i => $column) {
            $cells = self::cells($data, $column->at);
            [$order] = DateOrder::guess($cells);
            $dates = array_filter($cells, $order->reads(...));
            if ($column->use === ColumnRole::Ignore && count($dates) > count($cells) / 2) {
                return array_values(array_replace($columns, [$i => $column->used(ColumnRole::Date->value)]));
            }
        }

        return $columns;
    }

    /**
     * @param  list<Column>  $columns
     * @return list<Column>
     */
    private static function chosen(array $columns, Choices $choices): array
    {
        return array_map(static fn (Column $column): Column => $column
            ->used($choices->uses[$column->at] ?? '')
            ->picked($choices->units[$column->at] ?? '')
            ->withLimit($choices->limits[$column->at] ?? ''), $columns);
    }

    /**
     * @param  list<Column>  $columns
     * @param  array<int, list<string>>  $data
     */
    private static function hasDecimalCommas(array $columns, array $data): bool
    {
        $commas = $points = 0;
        foreach ($columns as $column) {
            foreach ($column->isFigure() ? self::cells($data, $column->at) : [] as $cell) {
                // "1,350" of a file with points elsewhere is a thousand and more.
                $commas += preg_match('~\d,\d{1,2}\b|\b0,\d~', $cell) === 1 ? 1 : 0;
                $points += preg_match('~\d\.\d{1,2}\b|\b0\.\d~', $cell) === 1 ? 1 : 0;
            }
        }

        return $commas > $points;
    }

    /** @param  array<int, list<string>>  $data */
    private static function sample(Column $column, array $data, bool $comma): Sample
    {
        if (! $column->use instanceof Parameter) {
            return new Sample(null, false, names: $column->use !== ColumnRole::Tank ? [] : array_values(array_unique(
                array_map(mb_strtolower(...), self::cells($data, $column->at)),
            )));
        }
        $values = [];
        $isUndetected = false;
        $isWhole = true;
        foreach (self::cells($data, $column->at) as $cell) {
            $isUndetected = $isUndetected || CellFigure::isUndetected($cell);
            $figure = CellFigure::read($cell, $comma);
            if ($figure === null || $figure->below) {
                continue;
            }
            try {
                $unit = $column->unit ?? ParameterUnit::bare($column->use, $figure->figure, UnitSystem::Metric);
                $value = $unit->base($figure->figure);
            } catch (InvalidQuantity) {
                continue;
            }
            $isWhole = $isWhole && $figure->figure >= 1.0 && fmod($figure->figure, 1.0) === 0.0;
            $values[] = $unit->basis === null ? $value : $unit->basis->toIon($value, $column->use);
        }
        sort($values);

        return new Sample($values[intdiv(count($values), 2)] ?? null, $isUndetected, $isWhole && $values !== []);
    }

    /**
     * @param  array<int, list<string>>  $data
     * @return list<string> what stands in a column, empty cells left out
     */
    private static function cells(array $data, int $at): array
    {
        return array_values(array_filter(
            array_map(static fn (array $cells): string => $cells[$at] ?? '', $data),
            static fn (string $cell): bool => $cell !== '',
        ));
    }
}
