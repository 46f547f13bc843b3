<?php

declare(strict_types=1);

namespace App\Exchange;

use Generator;

/**
 * A CSV file (RFC 4180 with keepers' habits: comma, semicolon or tab; UTF-8, UTF-16, Windows-1252 or CP850), read a
 * record at a time.
 */
final readonly class CsvFile
{
    private const LONGEST_LINE = 65_536;

    private const MOST_LINES_IN_QUOTES = 50;

    /** A line for spreadsheets that says what stands between cells. */
    private const DECLARED = '~^sep=([,;\t])$~i';

    private function __construct(
        private string $path,
        /** What the bytes are: UTF-8, UTF-16LE, UTF-16BE, Windows-1252 or CP850. */
        public string $encoding,
        private int $bomLength,
    ) {
    }

    /** @throws UnreadableFile when the file is empty or no text */
    public static function open(string $path): self
    {
        $start = (string) file_get_contents($path, length: 65_536);
        if (trim($start, " \r\n\t\0\xEF\xBB\xBF\xFE\xFF") === '') {
            throw UnreadableFile::empty();
        }

        return match (true) {
            str_starts_with($start, "\xEF\xBB\xBF") => self::text($path, 'UTF-8', 3, substr($start, 3)),
            str_starts_with($start, "\xFF\xFE") => new self($path, 'UTF-16LE', 2),
            str_starts_with($start, "\xFE\xFF") => new self($path, 'UTF-16BE', 2),
            default => self::text($path, self::encodingOf(self::withoutCutCharacter($start)), 0, $start),
        };
    }

    /**
     * The separator that the file declares in its first line, else the one that line uses most.
     *
     * @return ','|';'|"\t"
     */
    public function separator(): string
    {
        foreach ($this->lines() as $line) {
            if (preg_match(self::DECLARED, $line, $declared) === 1) {
                return $declared[1] === ';' ? ';' : ($declared[1] === ',' ? ',' : "\t");
            }
            $counts = array_map(static fn (string $separator): int => substr_count($line, $separator), [
                ',' => ',',
                ';' => ';',
                "\t" => "\t",
            ]);
            arsort($counts);

            return array_key_first($counts);
        }

        return ',';
    }

    /**
     * Writes one record as RFC 4180 has it.
     *
     * @param  resource  $to
     * @param  list<string>  $cells
     */
    public static function line($to, array $cells): void
    {
        fputcsv($to, $cells, ',', '"', '', "\r\n");
    }

    /**
     * Records by the line each starts in, blank lines left out.
     *
     * @param  non-empty-string  $separator
     * @return Generator<int, list<string>>
     *
     * @throws UnreadableFile when a line is endless or a quote is never closed
     */
    public function records(string $separator): Generator
    {
        $open = null;
        $startedAt = 0;
        foreach ($this->lines() as $number => $line) {
            if ($open === null) {
                if (trim($line) === '' || $number === 1 && preg_match(self::DECLARED, $line) === 1) {
                    continue;
                }
                $startedAt = $number;
            }
            $open = $open === null ? $line : $open."\n".$line;
            if (str_contains($open, '"') && self::endsInQuotes($open, $separator)) {
                if ($number - $startedAt >= self::MOST_LINES_IN_QUOTES) {
                    throw UnreadableFile::unterminatedQuote($startedAt);
                }

                continue;
            }
            yield $startedAt => self::cells($open, $separator);
            $open = null;
        }
        if ($open !== null) {
            throw UnreadableFile::unterminatedQuote($startedAt);
        }
    }

    /** Whether a quoted cell is still open at the end. Only a quote that begins a cell opens one: 20" is a length. */
    private static function endsInQuotes(string $record, string $separator): bool
    {
        $quoted = '\\s*"(?:[^"]|"")*+"(?!")[^'.preg_quote($separator, '~').']*';

        // All whole cells are taken off; what is left begins with a quote that nothing closes.
        return preg_match(
            '~^(?:(?:'
                .$quoted
                .'|(?!\\s*")[^'
                .preg_quote($separator, '~')
                .']*)(?:'
                .preg_quote($separator, '~')
                .'|$))*+(.+)$~s',
            $record,
            $rest,
        ) === 1 && str_starts_with(ltrim($rest[1]), '"');
    }

    /**
     * @param  non-empty-string  $separator
     * @return list<string>
     */
    private static function cells(string $record, string $separator): array
    {
        // Most lines hold no quote, and explode() is many times faster than the full rules.
        $cells = str_contains($record, '"') ? str_getcsv($record, $separator, '"', '') : explode($separator, $record);

        return array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
    }

    /** @return Generator<int, string> lines in UTF-8 without their ends, by number from 1 */
    private function lines(): Generator
    {
        $handle = fopen($this->path, 'rb') ?: throw UnreadableFile::empty();
        try {
            fseek($handle, $this->bomLength);
            $number = 0;
            foreach (
                str_starts_with($this->encoding, 'UTF-16')
                    ? self::wideLines($handle, $this->encoding)
                    : self::byteLines($handle) as $line
            ) {
                $number++;
                if (strlen($line) > self::LONGEST_LINE) {
                    throw UnreadableFile::lineTooLong($number);
                }
                if (str_contains($line, "\0")) {
                    throw UnreadableFile::binary();
                }
                $line = rtrim($line, "\r\n");
                yield $number => $this->encoding === 'UTF-8' || str_starts_with($this->encoding, 'UTF-16')
                    ? mb_scrub($line, 'UTF-8')
                    : (string) mb_convert_encoding($line, 'UTF-8', $this->encoding);
            }
        } finally {
            fclose($handle);
        }
    }

    /**
     * @param  resource  $handle
     * @return Generator<string> with their ends; one that is longer than allowed is cut, since it is refused
     */
    private static function byteLines($handle): Generator
    {
        while (($line = fgets($handle, self::LONGEST_LINE + 2)) !== false) {
            // Some programs end lines with a carriage return alone: then many lines come as one.
            if (! str_contains(rtrim($line, "\r\n"), "\r")) {
                yield $line;

                continue;
            }
            $lines = explode("\r", rtrim($line, "\n"));
            $last = (string) array_pop($lines);
            foreach ($lines as $whole) {
                yield $whole."\n";
            }
            if (! str_ends_with($line, "\n") && $last !== '' && ! feof($handle)) {
                // The piece ended within a line, which is read again from its start.
                fseek($handle, -strlen($last), SEEK_CUR);
            } elseif ($last !== '') {
                yield $last;
            }
        }
    }

    /**
     * Lines of UTF-16, decoded piece by piece; a unit that stands alone or is cut off becomes a replacement mark.
     *
     * @param  resource  $handle
     * @return Generator<string> in UTF-8, with their ends
     */
    private static function wideLines($handle, string $encoding): Generator
    {
        [$bytes, $text] = ['', ''];
        while (($piece = fread($handle, self::LONGEST_LINE)) !== false && ($piece !== '' || $bytes !== '')) {
            $bytes .= $piece;
            // Half a unit waits for its other half, and so does the first unit of a pair (D800 to DBFF).
            $even = strlen($bytes) & ~1;
            $opensPair = $even > 0 && (ord($bytes[$encoding === 'UTF-16LE' ? $even - 1 : $even - 2]) & 0xFC) === 0xD8;
            $whole = $piece === '' ? strlen($bytes) : $even - ($opensPair ? 2 : 0);
            $text .= mb_convert_encoding(substr($bytes, 0, $whole), 'UTF-8', $encoding);
            $bytes = substr($bytes, $whole);
            $lines = explode("\n", $text);
            $text = array_pop($lines);
            foreach ($lines as $line) {
                yield $line."\n";
            }
            if (strlen($text) > self::LONGEST_LINE) {
                yield $text;
                $text = '';
            }
        }
        if ($text !== '') {
            yield $text;
        }
    }

    /** @return 'UTF-8'|'Windows-1252'|'CP850' */
    private static function encodingOf(string $start): string
    {
        return match (true) {
            mb_check_encoding($start, 'UTF-8') => 'UTF-8',
            // Windows-1252 has no letter at these bytes; in the older code page 81 is an ü.
            strpbrk($start, "\x81\x8D\x8F\x90\x9D") !== false => 'CP850',
            default => 'Windows-1252',
        };
    }

    private static function text(string $path, string $encoding, int $bomLength, string $start): self
    {
        // Control bytes other than tab and line ends do not occur in a table.
        if (preg_match('~[\x00-\x08\x0E-\x1F]~', $start) === 1) {
            throw UnreadableFile::binary();
        }

        return new self($path, $encoding, $bomLength);
    }

    /** The text up to its last line end, so that a character cut by the probe's end does not spoil the check. */
    private static function withoutCutCharacter(string $start): string
    {
        $end = strrpos($start, "\n");

        return strlen($start) < 65_536 || $end === false ? $start : substr($start, 0, $end);
    }
}
