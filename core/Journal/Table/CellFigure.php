<?php

declare(strict_types=1);

namespace Ithys\Journal\Table;

/** The figure in a cell as keepers write it: 13.9, ".05", "<0.02", "~14 ppm", "8,5 mg/l". */
final readonly class CellFigure
{
    private const NOTHING = ['', '-', '--', '–', '—', '.', 'n/a', 'na', 'n.a.', 'n.a', 'none', 'null', '/', 'x.x'];

    private const UNDETECTED = [
        'nd', 'n.d.', 'n.d', 'bdl', 'trace', 'traces', 'undetectable', 'undetected', 'not detected',
        'nicht nachweisbar',
        'nn', 'n.n.', 'n.n', 'low', 'lo', 'below limit', 'bld', '<', '<lod', '< lod', 'ud',
    ];

    // Digits of other scripts are not read: PHP would take them for nought.
    private const FIGURE
        = '@^(?<below><|≤|less than |below |unter )?\s*(?<about>~|≈|ca\.?|about|approx\.?)?\s*'
            .'(?<number>[+-]?(?:[0-9]{1,9}(?:[.,][0-9]{0,9})?|[.,][0-9]{1,9}'
            .'|[0-9]{1,3}(?:[,.\' ][0-9]{3})+(?:[.,][0-9]{1,6})?))'
            .'\s*(?<about2>\?)?\s*(?<unit>[^\pN\s.,;<>~=-][^\pN;<>~=]{0,23})?$@iu';

    private function __construct(
        public float $figure,
        /** The size of its last written digit. */
        public float $step,
        public bool $below,
        public bool $approximate,
        /** As it stands behind the figure; empty where none does. */
        public string $unit,
    ) {
    }

    /** Whether the cell says that nothing was read. */
    public static function isNothing(string $cell): bool
    {
        return in_array(mb_strtolower($cell), self::NOTHING, true);
    }

    /** Whether the cell says that the kit showed nothing, but not from which level on it would have. */
    public static function isUndetected(string $cell): bool
    {
        return in_array(mb_strtolower($cell), self::UNDETECTED, true);
    }

    /** Null for what is not one figure: a range, a word, a question mark, two figures. */
    public static function read(string $cell, bool $decimalComma): ?self
    {
        if (preg_match(self::FIGURE, $cell, $part) !== 1) {
            return null;
        }
        $number = self::plain($part['number'], $decimalComma);
        if ($number === null) {
            return null;
        }
        [, $decimals] = [...explode('.', $number), ''];

        return new self(
            (float) $number,
            10 ** -strlen($decimals),
            $part['below'] !== '',
            $part['about'] !== '' || ($part['about2'] ?? '') !== '',
            trim($part['unit'] ?? ''),
        );
    }

    /** The digits with a decimal point; null where the other mark of decimals was meant, or nothing can be told. */
    private static function plain(string $number, bool $decimalComma): ?string
    {
        [$decimal, $group] = $decimalComma ? [',', '.'] : ['.', ','];
        if (preg_match("~^[+-]?\\d{1,3}(?:[' {$group}]\\d{3})+(?:[{$decimal}]\\d*)?$~", $number) === 1) {
            // Figures of a thousand and more; 0.110 where commas are decimals is a slip, not 110.
            return str_starts_with(ltrim($number, '+-'), '0')
                ? null
                : str_replace([$group, "'", ' ', $decimal], ['', '', '', '.'], $number);
        }

        return str_contains($number, $group) || str_contains($number, ' ') || str_contains($number, "'")
            ? null
            : str_replace($decimal, '.', $number);
    }
}
