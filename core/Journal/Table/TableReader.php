<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Ithys\Journal\Entry;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Note\Note;
use Ithys\Journal\Payload;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\QuickEntry;
use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\ParameterUnit;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

/** Turns the rows of a table into entries, cell by cell: a cell that cannot be read does not spoil its row. */
final class TableReader
{
    private const LONGEST_METHOD = 80;

    private const LONGEST_NOTE = 500;

    private const NOTHING_BY_ITSELF = [
        ColumnRole::Date,
        ColumnRole::Time,
        ColumnRole::Ignore,
        ColumnRole::Unit,
        ColumnRole::Cloudy,
        ColumnRole::Method,
        ColumnRole::Tank,
    ];

    /** A figure so many times the middle of its column is asked about, where it is outside of what tanks have. */
    private const SURPRISING = 10.0;

    /** ... and one so many times it wherever it lies. */
    private const VERY_SURPRISING = 30.0;

    /** @var array<string, ParameterUnit> units met so far, since a file repeats a few */
    private array $units = [];

    /** @var array<int, array{string, int}> the last date met in each date column, and its line */
    private array $lastDate = [];

    /** @var list<string> */
    private array $leftOut = [];

    /** @var list<string> */
    private array $said = [];

    private int $doubted = 0;

    private bool $isStored = false;

    /** @var array<string, Column> roles of the columns of the table that is read */
    private array $roles = [];

    /** @var array<string, Column> what names in rows mean, by name and unit */
    private array $meant = [];

    /** @var list<array{Column, list<Column>, array<string, Column>}> dates, each with its columns and their roles */
    private readonly array $tables;

    /**
     * @param  Closure(DateTimeImmutable): Context  $context  what a line of the log is read against at a moment
     * @param  string  $tank  name of the tank that is read into
     */
    public function __construct(
        private readonly Layout $layout,
        private readonly DateTimeZone $zone,
        private readonly DateTimeImmutable $now,
        private readonly Words $words,
        private readonly Closure $context,
        private readonly string $tank = '',
    ) {
        $this->tables = array_map(static function (Column $date) use ($layout): array {
            $columns = $layout->under($date);
            $roles = [];
            foreach ($columns as $column) {
                $roles += $column->use instanceof ColumnRole ? [$column->use->value => $column] : [];
            }

            return [$date, $columns, $roles];
        }, $layout->dates());
    }

    /** @param  list<string>  $cells */
    public function read(int $line, array $cells): TableRow
    {
        $row = $this->layout->row($cells);
        if ($row === null) {
            return TableRow::refused(
                $line,
                'This row has '
                    .count($cells)
                    .' cells, but there are '
                    .count($this->layout->columns)
                    .' columns'.($this->layout->joinsDecimals ? ', and which commas are decimals cannot be told' : '')
                    .'. Save the table with semicolons between its cells, or with decimal points.',
                $cells,
            );
        }
        $other = $this->otherTank($row);
        if ($other !== null) {
            return TableRow::refused(
                $line,
                "This row is of “{$other}”; the rows of “{$this->tank}” alone are read into this tank. Where they are "
                    .'one, let the column of the tank be left out.',
                $cells,
            );
        }
        $this->leftOut = $this->said = [];
        $this->doubted = 0;
        $this->isStored = false;
        $entries = [];
        foreach ($this->tables as [$date, $columns, $roles]) {
            $this->roles = $roles;
            try {
                array_push($entries, ...$this->table($line, $date, $columns, $row));
            } catch (InvalidEntry $invalid) {
                $this->leftOut[] = $this->words->say($invalid->says);
            }
        }
        if ($entries === [] && $this->leftOut === []) {
            $this->leftOut[] = 'There is no reading in this row, and nothing that was done.';
        }

        return new TableRow($line, $cells, $entries, $this->leftOut, $this->said, $this->isStored, $this->doubted);
    }

    /**
     * The tank that a row is of, where a table holds more than one and it is not this.
     *
     * @param  list<string>  $cells
     */
    private function otherTank(array $cells): ?string
    {
        $column = $this->layout->column(ColumnRole::Tank);
        $name = $this->cell($cells, $column);
        $isOther = $name !== '' && mb_strtolower($name) !== mb_strtolower($this->tank);

        return $isOther && $column?->sample?->names !== [mb_strtolower($name)] ? $name : null;
    }

    /**
     * What one date of a row tells.
     *
     * @param  list<Column>  $columns
     * @param  list<string>  $cells
     * @return list<Entry>
     *
     * @throws InvalidEntry when its date cannot be read
     */
    private function table(int $line, Column $date, array $columns, array $cells): array
    {
        $columns = array_values(array_filter(
            $columns,
            static fn (Column $column): bool => ($cells[$column->at] ?? '') !== '',
        ));
        $holds = array_filter($columns, static fn (Column $column): bool => ! in_array(
            $column->use,
            self::NOTHING_BY_ITSELF,
            true,
        ));
        $stored = $this->cell($cells, $this->role(ColumnRole::Stored));
        if ($stored !== '') {
            $this->isStored = true;
            $note = $this->text($cells, $this->role(ColumnRole::Note), self::LONGEST_NOTE);
            $entry = StoredEntry::read($stored, $this->now);
            $this->askIfEdited($entry, $date, $cells);

            return [new Entry($entry->at, $entry->payload, note: $note === '' ? null : $note)];
        }
        $isOneOfMany = count($this->tables) > 1;
        if ($holds === [] && $isOneOfMany) {
            return [];
        }
        $at = $this->moment($line, $date, $cells, $holds !== [] && ! $isOneOfMany);
        $payloads = [];
        foreach ($columns as $column) {
            try {
                array_push($payloads, ...$this->payloads($column, $cells, $at));
            } catch (InvalidEntry $invalid) {
                $this->leftOut[] = $this->words->say($invalid->says);
            } catch (InvalidQuantity $invalid) {
                $this->leftOut[] = $invalid->getMessage();
            }
        }
        $note = $this->text($cells, $this->role(ColumnRole::Note), self::LONGEST_NOTE);
        if ($payloads === [] && $note !== '' && $this->leftOut === []) {
            return [new Entry($at, Note::of($note))];
        }

        return array_map(
            static fn (Payload $payload): Entry => new Entry($at, $payload, note: $note === '' ? null : $note),
            $payloads,
        );
    }

    /**
     * @param  list<string>  $cells
     *
     * @throws InvalidEntry when the other cells of the row tell of another entry
     */
    private function askIfEdited(Entry $entry, Column $date, array $cells): void
    {
        $line = $this->role(ColumnRole::Line);
        $written = FormulaGuard::off($this->cell($cells, $line));
        if ($written !== '' && $written !== $entry->payload->line() && ! $this->isSaid($entry, $written)) {
            throw InvalidEntry::edited($written, $entry->payload->line());
        }
        $day = $cells[$date->at] ?? '';
        $at = $day === ''
            ? null
            : $this->layout->dateOrder->read($day, $this->cell($cells, $this->role(ColumnRole::Time)), $this->zone);
        if ($day !== '' && $at?->format('U') !== $entry->at->setTime(
            (int) $entry->at->format('H'),
            (int) $entry->at->format('i'),
        )->format('U')) {
            throw InvalidEntry::edited($day, $entry->at->setTimezone($this->zone)->format('Y-m-d\TH:iP'));
        }
    }

    /** Whether other words, as of an older Ithys, tell the same entry. */
    private function isSaid(Entry $entry, string $written): bool
    {
        $read = QuickEntry::read($written, ($this->context)($entry->at))->entries;

        return count($read) === 1 && $read[0]->payload->line() === $entry->payload->line();
    }

    /**
     * @param  list<string>  $cells
     * @param  bool  $mayFollow  a row without a date goes by the last one above
     */
    private function moment(int $line, Column $column, array $cells, bool $mayFollow): DateTimeImmutable
    {
        $date = $cells[$column->at] ?? '';
        $time = $this->cell($cells, $this->role(ColumnRole::Time));
        if ($date === '' && $mayFollow && isset($this->lastDate[$column->at])) {
            [$date, $above] = $this->lastDate[$column->at];
            $this->said[] = "It has no date: that of line {$above} was taken.";
        } elseif ($date !== '') {
            $this->lastDate[$column->at] = [$date, $line];
        }
        $order = $this->layout->dateOrder;
        $at = $order->read($date, $time, $this->zone);
        if ($at === null) {
            if ($date !== '' && ! $order->reads($date)) {
                unset($this->lastDate[$column->at]);
            }
            throw InvalidEntry::unreadableDate(trim($date.' '.$time), $order->example());
        }

        return $at <= $this->now ? $at : throw InvalidEntry::inTheFuture($date);
    }

    /**
     * @param  list<string>  $cells
     * @return list<Payload>
     *
     * @throws InvalidEntry|InvalidQuantity when the cell cannot be read
     */
    private function payloads(Column $column, array $cells, DateTimeImmutable $at): array
    {
        $cell = $cells[$column->at] ?? '';
        if ($column->written->unknown !== '') {
            $this->leftOut[] = "“{$cell}” under “{$column->heading}” waits for its unit.";

            return [];
        }
        if ($column->use === ColumnRole::Value && $this->isNameless($cells)) {
            throw InvalidEntry::unreadableFigure('nameless', $cell, 'no3 8.5');
        }

        return match (true) {
            $column->use instanceof Parameter => array_filter([
                $this->reading($column, $cell, $cells),
            ]),
            $column->use instanceof Done => $this->line(
                $column->use->line($cell, $column->written->done, $this->layout->decimalComma),
                $column->heading,
                $cell,
                $at,
            ),
            $column->use === ColumnRole::Line => $this->inWords(FormulaGuard::off($cell), $at),
            $column->use === ColumnRole::Name => $this->named($column, $cells, $at),
            default => [],
        };
    }

    private function role(ColumnRole $role): ?Column
    {
        return $this->roles[$role->value] ?? null;
    }

    /** @param  list<string>  $cells */
    private function isNameless(array $cells): bool
    {
        $name = $this->role(ColumnRole::Name);

        return $name !== null && $this->cell($cells, $name) === '';
    }

    /**
     * A row that says by itself what its value is of.
     *
     * @param  list<string>  $cells
     * @return list<Payload>
     */
    private function named(Column $column, array $cells, DateTimeImmutable $at): array
    {
        $name = $cells[$column->at] ?? '';
        $value = $this->cell($cells, $this->role(ColumnRole::Value));
        $unit = $this->cell($cells, $this->role(ColumnRole::Unit));
        $meant = $this->meant[$name] ??= Column::of($column->at, $name);
        if ($meant->use instanceof Parameter) {
            $in = $unit === '' ? $meant : $this->meant["{$name} {$unit}"] ??= $meant->in($unit);
            if ($unit !== '' && $in === $meant) {
                ParameterUnit::parse($unit, $meant->use);
            }
            $reading = $value === ''
                ? throw InvalidEntry::unreadableFigure($meant->use->label(), '', '8.5')
                : $this->reading($in, $value, $cells);

            return array_filter([$reading]);
        }
        if ($meant->use instanceof Done) {
            $line = $value === '' && $meant->use->units() === []
                ? "{$name} changed"
                : $meant->use->line($value, $meant->use->unit($unit) ?? $unit, $this->layout->decimalComma);

            return $this->line($line, $name, $value, $at);
        }
        $understood = QuickEntry::read(trim("{$name} {$value} {$unit}"), ($this->context)($at));
        if (! $understood->mayBeSaved()) {
            throw InvalidEntry::unknown('parameter, and nothing that is done', $name);
        }

        return array_map(static fn (Entry $entry): Payload => $entry->payload, $understood->entries);
    }

    /**
     * @param  ?string  $line  null where nothing was done, empty where the cell is none
     * @return list<Payload>
     */
    private function line(?string $line, string $heading, string $cell, DateTimeImmutable $at): array
    {
        if ($line === null) {
            return [];
        }
        $understood = $line === '' ? null : QuickEntry::read($line, ($this->context)($at));
        if ($understood === null || ! $understood->mayBeSaved()) {
            $reason = $understood === null ? '' : " {$understood->problems[0]->sentence}";
            $this->leftOut[] = "“{$cell}” under “{$heading}” is not what can be read there.{$reason}";

            return [];
        }

        return array_map(static fn (Entry $entry): Payload => $entry->payload, $understood->entries);
    }

    /** @return list<Payload> as the one-line log reads it, else as a note */
    private function inWords(string $text, DateTimeImmutable $at): array
    {
        $understood = QuickEntry::read($text, ($this->context)($at));
        if ($understood->mayBeSaved()) {
            return array_map(static fn (Entry $entry): Payload => $entry->payload, $understood->entries);
        }
        $this->said[] = 'What was done is kept as a note.';

        return [Note::of($text)];
    }

    /**
     * Null for a cell that says that nothing was read.
     *
     * @param  list<string>  $cells
     */
    private function reading(Column $column, string $cell, array $cells): ?Reading
    {
        /** @var Parameter $parameter */
        $parameter = $column->use;
        if (CellFigure::isNothing($cell)) {
            return null;
        }
        $isUndetected = CellFigure::isUndetected($cell);
        $figure = CellFigure::read($isUndetected ? $column->limit ?? '' : $cell, $this->layout->decimalComma)
            ?? CellFigure::read($isUndetected ? $column->limit ?? '' : '', false);
        if ($figure === null) {
            throw $isUndetected
                ? InvalidEntry::undetected($parameter->label(), $cell)
                : InvalidEntry::unreadableFigure(
                    $parameter->label(),
                    $cell,
                    $this->layout->decimalComma ? '8,5' : '8.5',
                );
        }
        $unit = $figure->unit === ''
            ? $column->unit ?? ParameterUnit::bare($parameter, $figure->figure, UnitSystem::Metric)
            : $this->unit($figure->unit, $parameter);
        $basis = $unit->basis ?? $column->unit->basis ?? Basis::Ion;
        $reading = Reading::of(
            $parameter,
            $unit->base($figure->figure),
            $basis,
            $unit->difference($figure->step),
            $figure->below || $isUndetected,
            in_array(
                mb_strtolower($this->cell($cells, $this->role(ColumnRole::Cloudy))),
                ['1', 'yes', 'true', 'cloudy', 'x', 'ja', 'trüb'],
                true,
            ),
            $this->text($cells, $this->role(ColumnRole::Method), self::LONGEST_METHOD)
                ?: $column->method,
        );
        if (! $this->layout->takesFar && $this->isSurprising($column, $reading)) {
            $this->doubted++;
            $middle = (float) $column->sample?->middle;
            throw InvalidEntry::surprising($cell, $column->heading, $reading->level(), $middle);
        }

        return $figure->approximate ? $reading->approximately() : $reading;
    }

    private function isSurprising(Column $column, Reading $reading): bool
    {
        $typical = $column->sample?->middle;
        if ($typical === null || $typical <= 0.0 || $reading->belowLimit) {
            return false;
        }
        $times = $reading->value / $typical;
        $isUnusual = ! Layout::isUsual($reading->parameter, $reading->value);

        return $reading->parameter->ionPerElement() === 1.0
            ? $isUnusual && Layout::isUsual($reading->parameter, $typical)
            : $times > self::VERY_SURPRISING && $reading->value > 10 * $reading->parameter->resolution()
                || $times > self::SURPRISING && $isUnusual;
    }

    private function unit(string $text, Parameter $parameter): ParameterUnit
    {
        return $this->units["{$parameter->value} {$text}"] ??= ParameterUnit::parse($text, $parameter);
    }

    /** @param  list<string>  $cells */
    private function cell(array $cells, ?Column $column): string
    {
        return $column === null ? '' : $cells[$column->at] ?? '';
    }

    /**
     * What the keeper wrote.
     *
     * @param  list<string>  $cells
     *
     * @throws InvalidEntry when it is longer than the journal keeps
     */
    private function text(array $cells, ?Column $column, int $most): string
    {
        $words = FormulaGuard::off($this->cell($cells, $column));

        return mb_strlen($words) <= $most
            ? $words
            : throw InvalidEntry::longerThan((string) $column?->key(), $most, mb_strlen($words));
    }
}
