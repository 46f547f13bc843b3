<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

use Ithys\Media\Medium;

/** What was done, where a column of a table holds one thing alone. Its cells are read as lines of the one-line log. */
final readonly class Done
{
    private const WATER = 'water change';

    private const SOCK = 'sock';

    private const SKIMMER = 'skimmer';

    private const TICKED = ['x', 'y', 'yes', '✓', '✔', 'true', 'done', 'ja', 'oui', 'changed', 'new', '1'];

    private const MEASURES = ['g', 'mL', 'cups', 'oz', 'L', 'kg'];

    /** Headings by what they mean, without units. */
    private const NAMES = [
        'water change' => [
            'water change', 'water changes', 'wc', 'w/c', 'waterchange', 'water changed', 'wasserwechsel', 'ww',
            'changement d’eau', 'changement d\'eau', 'cambio de agua', 'waterverversing',
        ],
        'sock' => ['sock', 'socks', 'filter sock', 'sock change', 'sock changed', 'filtersocke', 'filterstrumpf'],
        'fed' => ['fed', 'food', 'feeding', 'feed', 'futter', 'fütterung'],
        'vinegar' => ['vinegar', 'vinegar dose', 'essig'],
        'spirit' => ['spirit', 'spirits', 'spirit dose'],
        'blend' => ['blend', 'carbon blend'],
        'skimmer' => ['skimmer', 'protein skimmer', 'abschäumer'],
        'refugium' => ['refugium', 'refugium light', 'refugium hours', 'photoperiod'],
    ];

    private const UNITS = [
        self::SOCK => [],
        self::SKIMMER => [],
        self::WATER => ['L', '%', 'US gal', 'imp gal'],
        'fed' => ['g', 'cubes', 'sheets', 'oz'],
        'vinegar' => self::DOSES,
        'spirit' => self::DOSES,
        'blend' => self::DOSES,
        'refugium' => ['h'],
    ];

    private const DOSES = ['mL', 'tsp', 'tbsp', 'US fl oz'];

    private function __construct(
        /** As the one-line log begins with. */
        public string $value,
    ) {
    }

    /** @return list<self> all that a column can hold, media among them */
    public static function all(): array
    {
        return array_map(static fn (string $value): self => new self($value), array_keys(self::names()));
    }

    public static function tryFrom(string $value): ?self
    {
        return isset(self::names()[$value]) ? new self($value) : null;
    }

    /** Null for a heading that names none, brackets and units left out. */
    public static function named(string $heading): ?self
    {
        // "GFO changed" and "dosed vinegar" are what they name.
        $plain = mb_strtolower(trim($heading));
        $bare = trim((string) preg_replace('~\b(?:dosed?|dosing|changed?|added|done|new)\b~u', '', $plain));
        foreach (self::names() as $done => $names) {
            if (in_array($plain, $names, true) || in_array($bare, $names, true)) {
                return new self($done);
            }
        }

        return null;
    }

    /** @return array<string, list<string>> headings by what they mean */
    private static function names(): array
    {
        $media = [];
        foreach (Medium::cases() as $medium) {
            $names = $medium->definition()->names;
            // Carbon alone may be either.
            $media[$medium->word()] = array_values(array_diff([...$names->words, ...$names->headings], ['carbon']));
        }

        return [...self::NAMES, ...$media];
    }

    /** @return list<string> what its amounts can be written in, as the one-line log reads them; none without amounts */
    public function units(): array
    {
        return self::UNITS[$this->value] ?? self::MEASURES;
    }

    /** A unit as a heading or a cell has it, as one of those above; null for another. */
    public function unit(string $written): ?string
    {
        $plain = mb_strtolower(trim($written, ' .()[]'));
        foreach ($this->units() as $unit) {
            if ($plain === mb_strtolower($unit) || rtrim($plain, 's') === rtrim(mb_strtolower($unit), 's')) {
                return $unit;
            }
        }

        return match ($plain) {
            'litre', 'litres', 'liter', 'liters', 'ltr' => in_array('L', $this->units(), true) ? 'L' : null,
            'percent', 'pct', 'prozent', 'per cent' => $this->value === self::WATER ? '%' : null,
            'gram', 'grams', 'gr', 'gramm' => in_array('g', $this->units(), true) ? 'g' : null,
            'hours', 'hour', 'hrs', 'h/day', 'stunden' => in_array('h', $this->units(), true) ? 'h' : null,
            default => null,
        };
    }

    /**
     * The cell as a line of the one-line log; null where it says that nothing was done, and an empty line where it
     * cannot be one.
     *
     * @param  string  $unit  of a bare figure
     */
    public function line(string $cell, string $unit, bool $decimalComma): ?string
    {
        if (CellFigure::isNothing($cell) || in_array(mb_strtolower($cell), ['no', 'nein', 'non', '0'], true)) {
            return null;
        }
        if ($this->value === self::SKIMMER) {
            return "skimmer {$cell}";
        }
        if ($this->value === self::SOCK) {
            return in_array(mb_strtolower($cell), self::TICKED, true) ? 'sock changed' : "sock {$cell}";
        }
        $figure = CellFigure::read($cell, $decimalComma);
        if ($figure === null) {
            return '';
        }
        if ($figure->figure === 0.0) {
            return null;
        }
        $number = rtrim(rtrim(number_format($figure->figure, 6, '.', ''), '0'), '.');

        return trim("{$this->value} {$number} ".($figure->unit === '' ? $unit : $figure->unit));
    }
}
