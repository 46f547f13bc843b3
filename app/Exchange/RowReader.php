<?php

declare(strict_types=1);

namespace App\Exchange;

use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\ParameterUnit;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\InvalidQuantity;

/** Turns the cells of one row into readings, or says why not. */
final class RowReader
{
    private const LONGEST_METHOD = 80;

    private const LONGEST_NOTE = 500;

    /** @var array<string, ParameterUnit> units met so far, since a file repeats a few */
    private array $units = [];

    /**
     * @param  list<string>  $header
     */
    public function __construct(
        private readonly ImportOptions $options,
        private readonly array $header,
        private readonly DateTimeImmutable $now,
    ) {
    }

    /** @param  list<string>  $cells */
    public function read(int $line, array $cells): ImportRow
    {
        if (count($cells) > count($this->header) && array_filter(array_slice($cells, count($this->header))) !== []) {
            return ImportRow::refused(
                $line,
                'This row has '
                    .count($cells)
                    .' cells, but there are '
                    .count($this->header)
                    .' columns. A decimal comma may need another separator.',
                $cells,
            );
        }
        try {
            $at = $this->moment($cells);
            $note = $this->words($cells, ColumnRole::Note, self::LONGEST_NOTE);
            $entries = array_map(
                static fn (Reading $reading): Entry => new Entry($at, $reading, note: $note === '' ? null : $note),
                $this->readings($cells),
            );
        } catch (InvalidEntry|InvalidQuantity $invalid) {
            return ImportRow::refused($line, $invalid->getMessage(), $cells);
        }

        return $entries === []
            ? ImportRow::refused($line, 'There is no reading in this row.', $cells)
            : ImportRow::accepted($line, $entries, $cells);
    }

    /** @param  list<string>  $cells */
    private function cell(array $cells, ColumnRole $role): string
    {
        $column = $this->options->column($role);

        return $column === null ? '' : $cells[$column] ?? '';
    }

    /** @param  list<string>  $cells */
    private function moment(array $cells): DateTimeImmutable
    {
        $date = $this->cell($cells, ColumnRole::Date);
        $at
            = $this->options->dateOrder->read($date, $this->cell($cells, ColumnRole::Time), $this->options->zone)
            ?? throw InvalidEntry::unreadableDate(
                trim($date.' '.$this->cell($cells, ColumnRole::Time)),
                $this->options->dateOrder->example(),
            );

        return $at <= $this->now ? $at : throw InvalidEntry::inTheFuture($date);
    }

    /**
     * @param  list<string>  $cells
     * @return list<Reading>
     */
    private function readings(array $cells): array
    {
        $readings = [];
        foreach ([ColumnRole::Nitrate, ColumnRole::Phosphate] as $role) {
            $text = $this->cell($cells, $role);
            if ($text !== '') {
                [$nutrient, $basis, $unit] = $this->columnMeaning($role);
                $readings[] = $this->reading($nutrient, $basis, $unit, $text, $cells);
            }
        }
        if (
            $this->options->column(ColumnRole::Parameter) === null
            || $this->options->column(ColumnRole::Value) === null
        ) {
            return $readings;
        }
        $value = $this->cell($cells, ColumnRole::Value);
        $parameter = $this->cell($cells, ColumnRole::Parameter);
        if ($value === '' && $parameter === '') {
            return $readings;
        }
        $named = Parameter::fromWord($parameter) ?? throw InvalidEntry::notANutrient($parameter);
        $unit = $this->cell($cells, ColumnRole::Unit);
        $readings[] = $this->reading($named[0], $named[1], $unit === '' ? null : $this->unit($unit), $value, $cells);

        return $readings;
    }

    /** @return array{Parameter, Basis, ?ParameterUnit} what a nitrate or phosphate column's own name says */
    private function columnMeaning(ColumnRole $role): array
    {
        $name = $this->header[(int) $this->options->column($role)] ?? '';
        $bare = trim((string) preg_replace('~[(\[].*$~u', '', $name));
        $parts = explode(' ', $bare, 2);
        $named = Parameter::fromWord($bare) ?? Parameter::fromWord($parts[0]);
        $written
            = preg_match('~[(\[]([^)\]]+)~u', $name, $match) === 1
                ? $match[1]
                : ($named !== null && Parameter::fromWord($bare) === null
                    ? $parts[1] ?? ''
                    : '');
        $unit = $written === '' ? null : $this->unit($written);

        return [Parameter::from($role->value), $named[1] ?? Basis::Ion, $unit];
    }

    /** @param  list<string>  $cells */
    private function reading(
        Parameter $nutrient,
        Basis $basis,
        ?ParameterUnit $unit,
        string $text,
        array $cells,
    ): Reading {
        $pattern = $this->options->decimalComma
            ? '~^(<)?\s*(\d{1,9}(?:,(\d{1,9}))?)$~'
            : '~^(<)?\s*(\d{1,9}(?:\.(\d{1,9}))?)$~';
        if (preg_match($pattern, $text, $match) !== 1) {
            throw InvalidEntry::unreadableFigure(
                $nutrient->label(),
                $text,
                $this->options->decimalComma ? '8,5' : '8.5',
            );
        }
        $factor = ($unit->unit ?? $this->options->unit)->factor();
        $cloudy = in_array(
            mb_strtolower($this->cell($cells, ColumnRole::Cloudy)),
            ['1', 'yes', 'true', 'cloudy', 'x'],
            true,
        );

        return Reading::of(
            $nutrient,
            (float) str_replace(',', '.', $match[2]) * $factor,
            $unit->basis ?? $basis,
            10 ** -strlen($match[3] ?? '') * $factor,
            $match[1] === '<',
            $cloudy,
            $this->words($cells, ColumnRole::Method, self::LONGEST_METHOD),
        );
    }

    private function unit(string $text): ParameterUnit
    {
        return $this->units[$text] ??= ParameterUnit::parse($text);
    }

    /**
     * What the keeper wrote.
     *
     * @param  list<string>  $cells
     *
     * @throws InvalidEntry when it is longer than the journal keeps
     */
    private function words(array $cells, ColumnRole $role, int $most): string
    {
        $words = FormulaGuard::off($this->cell($cells, $role));

        return mb_strlen($words) <= $most
            ? $words
            : throw InvalidEntry::longerThan($role->value, $most, mb_strlen($words));
    }
}
