<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Document\Refused;

/**
 * Readings of a trial from a table (CSV after RFC 4180; commas, semicolons or tabs): a row for each reading with the
 * heads unit, day and reading, or a row for each day with the heads day and the units.
 */
final class SheetTable
{
    private const MOST = 200_000;

    /**
     * @return list<array{parameter: string, unit: string, day: string, text: string}>
     *
     * @throws Refused at "table"
     */
    public static function read(string $text): array
    {
        $rows = self::rows($text);
        $heads = array_map(static fn (string $one): string => mb_strtolower(trim($one)), $rows[0] ?? []);
        $day = array_search('day', $heads, true);
        if (count($rows) < 2 || $day === false) {
            throw Refused::whole('table', 'The first row needs the heads “unit, day, reading”, or “day” and the '
                .'units, such as “day, U1, U2”.');
        }
        $unit = array_search('unit', $heads, true);
        $reading = array_search('reading', $heads, true);
        if (($unit === false) !== ($reading === false)) {
            throw Refused::whole('table', 'A table with one row for each reading needs “unit” and “reading”.');
        }
        $parameter = array_search('parameter', $heads, true);
        $cells = [];
        foreach (array_slice($rows, 1) as $n => $row) {
            if (count($row) !== count($heads)) {
                throw Refused::whole('table', sprintf(
                    'Row %d has %d fields and the first row has %d.',
                    $n + 2,
                    count($row),
                    count($heads),
                ));
            }
            array_push($cells, ...($unit === false || $reading === false
                ? self::wide($row, $heads, $day, $parameter)
                : [self::cell($row, $parameter, $row[$unit], $row[$day], $row[$reading])]));
        }

        return $cells;
    }

    /**
     * @param  list<string>  $row
     * @param  list<string>  $heads
     * @return list<array{parameter: string, unit: string, day: string, text: string}>
     */
    private static function wide(array $row, array $heads, int $day, int|false $parameter): array
    {
        $cells = [];
        foreach ($heads as $at => $head) {
            // An empty field was not read: it takes nothing out.
            if ($at !== $day && $at !== $parameter && trim($row[$at]) !== '') {
                $cells[] = self::cell($row, $parameter, $head, $row[$day], $row[$at]);
            }
        }

        return $cells;
    }

    /**
     * @param  list<string>  $row
     * @return array{parameter: string, unit: string, day: string, text: string}
     */
    private static function cell(array $row, int|false $parameter, string $unit, string $day, string $text): array
    {
        return [
            'parameter' => $parameter === false ? '' : trim($row[$parameter]),
            'unit' => $unit,
            'day' => trim($day),
            // A mark in front keeps a spreadsheet from taking it for a formula.
            'text' => ltrim($text, "'"),
        ];
    }

    /**
     * @return list<list<string>>
     *
     * @throws Refused
     */
    private static function rows(string $text): array
    {
        $text = (string) preg_replace('~^\xEF\xBB\xBF~', '', $text);
        if (strlen($text) > self::MOST || ! mb_check_encoding($text, 'UTF-8')) {
            throw Refused::whole('table', 'This table is too long, or no text in UTF-8.');
        }
        $first = strtok($text, "\n") ?: '';
        $counts = [];
        foreach ([',', ';', "\t"] as $by) {
            $counts[$by] = substr_count($first, $by);
        }
        arsort($counts);
        $lines = fopen('php://memory', 'w+b');
        if ($lines === false) {
            throw Refused::whole('table', 'This table cannot be read just now.');
        }
        fwrite($lines, $text);
        rewind($lines);
        $rows = [];
        while (($row = fgetcsv($lines, 0, (string) array_key_first($counts), '"', '')) !== false) {
            if ($row !== [null]) {
                $rows[] = array_map(static fn (?string $one): string => (string) $one, $row);
            }
        }
        fclose($lines);

        return $rows;
    }
}
