<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

/** What was done, where a column of a table holds one thing alone. Its cells are read as lines of the one-line log. */
enum Done: string
{
    case WaterChange = 'water change';
    case Sock = 'sock';
    case Fed = 'fed';
    case Vinegar = 'vinegar';
    case Spirit = 'spirit';
    case Blend = 'blend';
    case Gfo = 'gfo';
    case Alumina = 'alumina';
    case ActivatedCarbon = 'activated carbon';
    case Resin = 'resin';
    case Zeolite = 'zeolite';
    case Skimmer = 'skimmer';
    case Refugium = 'refugium';

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
        'gfo' => ['gfo', 'iron oxide'],
        'alumina' => ['alumina', 'aluminium oxide', 'aluminum oxide'],
        'activated carbon' => ['activated carbon', 'aktivkohle', 'gac', 'charbon actif', 'carbón activo'],
        'resin' => ['resin'],
        'zeolite' => ['zeolite', 'zeolith'],
        'skimmer' => ['skimmer', 'protein skimmer', 'abschäumer'],
        'refugium' => ['refugium', 'refugium light', 'refugium hours', 'photoperiod'],
    ];

    /** Null for a heading that names none, brackets and units left out. */
    public static function named(string $heading): ?self
    {
        // "GFO changed" and "dosed vinegar" are what they name.
        $plain = mb_strtolower(trim($heading));
        $bare = trim((string) preg_replace('~\b(?:dosed?|dosing|changed?|added|done|new)\b~u', '', $plain));
        foreach (self::NAMES as $done => $names) {
            if (in_array($plain, $names, true) || in_array($bare, $names, true)) {
                return self::from($done);
            }
        }

        return null;
    }

    /** @return list<string> what its amounts can be written in, as the one-line log reads them; none without amounts */
    public function units(): array
    {
        return match ($this) {
            self::Sock, self::Skimmer => [],
            self::WaterChange => ['L', '%', 'US gal', 'imp gal'],
            self::Fed => ['g', 'cubes', 'sheets', 'oz'],
            self::Vinegar, self::Spirit, self::Blend => ['mL', 'tsp', 'tbsp', 'US fl oz'],
            self::Refugium => ['h'],
            default => self::MEASURES,
        };
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
            'percent', 'pct', 'prozent', 'per cent' => $this === self::WaterChange ? '%' : null,
            'gram', 'grams', 'gr', 'gramm' => in_array('g', $this->units(), true) ? 'g' : null,
            'hours', 'hour', 'hrs', 'h/day', 'stunden' => $this === self::Refugium ? 'h' : null,
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
        if ($this === self::Skimmer) {
            return "skimmer {$cell}";
        }
        if ($this === self::Sock) {
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
