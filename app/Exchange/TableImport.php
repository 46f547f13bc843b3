<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Journal\DoseDoor;
use App\Journal\EntryRow;
use App\Journal\Fingerprint;
use App\Journal\ImportUnderWay;
use App\Journal\Journal;
use App\Journal\RunningImport;
use App\Models\System;
use App\Models\User;
use Closure;
use DateTimeImmutable;
use Generator;
use Illuminate\Support\Facades\DB;
use Ithys\Journal\Entry;
use Ithys\Journal\Note\Note;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\Table\Choices;
use Ithys\Journal\Table\Layout;
use Ithys\Journal\Table\TableReader;
use Ithys\Journal\Table\TableRow;

/**
 * Entries from a keeper's own table: previewed row by row, then saved all or none.
 *
 * The file is streamed both times; what is held in memory is one chunk of rows and a short mark per entry met.
 */
final class TableImport
{
    public const SEPARATORS = [',', ';', "\t"];

    private const MOST_COLUMNS = 64;

    private const CHUNK = 500;

    /** Rows left out whose reasons are told after a long import. */
    private const REASONS = 20;

    /** Rows looked at to see how the table is read. */
    private const PROBE = 200;

    /** @var list<Entry> those of the chunk before, which doses are seen beside */
    private array $tail = [];

    /** Rows that are read while the keeper waits; a longer table is saved by a job, its first rows previewed. */
    private readonly int $atOnce;

    private function __construct(
        private readonly CsvFile $file,
        private readonly System $system,
        private readonly User $keeper,
        private readonly DateTimeImmutable $now,
        /** @var ','|';'|"\t" */
        public readonly string $separator,
        public readonly Layout $layout,
        public readonly string $encoding,
        public readonly Choices $choices,
    ) {
        $rows = config('app.import_rows_at_once');
        $this->atOnce = is_int($rows) ? $rows : PHP_INT_MAX;
    }

    /**
     * @param  ?string  $separator  null to find it
     *
     * @throws UnreadableFile when the file is no table with headings
     */
    public static function open(
        string $path,
        System $system,
        User $keeper,
        DateTimeImmutable $now,
        ?string $separator = null,
        Choices $choices = new Choices,
    ): self {
        $file = CsvFile::open($path);
        $separator = in_array($separator, self::SEPARATORS, true) ? $separator : self::separator($file);
        $rows = self::probe($file, $separator);
        $first = $rows[array_key_first($rows) ?? 0] ?? throw UnreadableFile::empty();
        $widest = max(array_map(count(...), $rows));
        if ($widest > self::MOST_COLUMNS) {
            throw UnreadableFile::tooManyColumns($widest, self::MOST_COLUMNS);
        }
        $layout = Layout::guess($rows, $separator, $now, $choices)
            ?? throw UnreadableFile::noHeader(mb_strimwidth(implode($separator, $first), 0, 60, '…'));

        return new self($file, $system, $keeper, $now, $separator, $layout, $file->encoding, $choices);
    }

    /**
     * Every row in the order of the file.
     *
     * @return Generator<TableRow>
     *
     * @throws UnreadableFile when nothing would be found
     */
    public function rows(): Generator
    {
        if ($this->layout->dates() === []) {
            throw UnreadableFile::noDateColumn();
        }
        if (! $this->layout->holdsEntries()) {
            throw UnreadableFile::noReadingColumn();
        }
        $reader = new TableReader(
            $this->layout,
            $this->keeper->zone(),
            $this->now,
            $this->keeper->words(),
            fn (DateTimeImmutable $at): Context => new Context(
                $at->setTimezone($this->keeper->zone()),
                $this->keeper->units,
                $this->system->workingLitresAt($at),
                $this->system->assumptions(),
                $this->system->setupAt($at)->containers(),
            ),
            $this->system->name,
        );
        foreach ($this->file->records($this->separator) as $line => $cells) {
            if ($line > $this->layout->below) {
                yield $reader->read($line, $cells);
            }
        }
    }

    /**
     * A page of the preview, with the counts over the whole file, or over the first rows of a long one.
     *
     * @param  'all'|'accepted'|'partly'|'refused'|'present'  $show
     * @return array{counts: array<string, int>, rows: list<array<string, mixed>>, pages: int, isWhole: bool}
     */
    public function preview(string $show, int $page, int $perPage): array
    {
        $counts = [
            'accepted' => 0, 'partly' => 0, 'refused' => 0, 'present' => 0,
            'entries' => 0, 'doubted' => 0,
        ];
        $rows = [];
        $matching = $seen = 0;
        $words = $this->keeper->words();
        foreach ($this->judged() as [$row, $status]) {
            if (++$seen > $this->atOnce) {
                break;
            }
            $counts[$status]++;
            $counts['entries'] += count($row->entries);
            $counts['doubted'] += $row->doubted;
            if ($show !== 'all' && $show !== $status) {
                continue;
            }
            if (intdiv($matching++, $perPage) === $page - 1) {
                $rows[] = [
                    'line' => $row->line,
                    'status' => $status,
                    'leftOut' => $row->leftOut,
                    'said' => $row->said,
                    'cells' => array_map(
                        static fn (string $cell): string => mb_strimwidth($cell, 0, 60, '…'),
                        array_slice($row->cells, 0, count($this->layout->columns)),
                    ),
                    'read' => array_map(
                        static fn ($entry): array => [
                            't' => $entry->at->getTimestamp(),
                            'text' => $words->say($entry->payload->summary()),
                        ],
                        $row->entries,
                    ),
                ];
            }
        }

        return [
            'counts' => $counts,
            'rows' => $rows,
            'pages' => max(1, (int) ceil($matching / $perPage)),
            'isWhole' => $seen <= $this->atOnce,
        ];
    }

    /** Whether it has more rows than are read while the keeper waits. */
    public function isLong(): bool
    {
        $rows = 0;
        foreach ($this->file->records($this->separator) as $line => $ignored) {
            if ($line > $this->layout->below && ++$rows > $this->atOnce) {
                return true;
            }
        }

        return false;
    }

    /** The line that the last row starts in. */
    public function lines(): int
    {
        $last = 0;
        foreach ($this->file->records($this->separator) as $line => $ignored) {
            $last = $line;
        }

        return $last;
    }

    /**
     * Saves what can be read, all or none, and shows it all at once.
     *
     * @param  string  $file  its name, for the list of imports
     * @param  ?Closure(int): mixed  $reached  told the line it has come to, now and then
     *
     * @throws ImportUnderWay while another import writes into this tank
     * @throws UnreadableFile when nothing would be found
     */
    public function save(string $file, ?Closure $reached = null): SavedTable
    {
        $stamp = Journal::stamp($this->now);

        return (new RunningImport($this->system))->run(function (string $batch) use (
            $file,
            $stamp,
            $reached,
        ): SavedTable {
            // One statement prepared once: a builder insert per chunk takes several times as long. A reading that was
            // logged since the rows were judged is there already.
            $columns = array_keys(EntryRow::of(new Entry($this->now, Note::of('columns')), 0, null, '', ''));
            $insert = DB::connection()
                ->getPdo()
                ->prepare(
                    sprintf(
                        'insert into entries (%s) values (%s) on conflict (system_id, fingerprint) where deleted_at '
                            .'is null do nothing',
                        implode(', ', $columns),
                        implode(', ', array_fill(0, count($columns), '?')),
                    ),
                );
            $saved = $leftOut = 0;
            $why = [];
            foreach ($this->chunks() as $rows) {
                DB::transaction(function () use ($rows, $insert, $batch, $stamp, &$saved): void {
                    foreach ($rows as $row) {
                        foreach ($row->entries as $entry) {
                            $insert->execute(array_values(
                                EntryRow::of($entry, $this->system->id, $this->keeper->id, $batch, $stamp),
                            ));
                            $saved += $insert->rowCount();
                        }
                    }
                });
                foreach ($rows as $row) {
                    $leftOut += $row->leftOut === [] ? 0 : 1;
                    if ($row->leftOut !== [] && count($why) < self::REASONS) {
                        $why[] = "Line {$row->line}: ".implode(' ', $row->leftOut);
                    }
                }
                $reached === null || $reached($rows[count($rows) - 1]->line ?? 0);
            }
            if ($saved > 0) {
                DB::table('imports')->insert([
                    'batch' => $batch,
                    'system_id' => $this->system->id,
                    'user_id' => $this->keeper->id,
                    'file' => $file,
                    'created_at' => $stamp,
                ]);
            }

            return new SavedTable($batch, $saved, $leftOut, $why);
        });
    }

    /** @return Generator<list<TableRow>> as they are saved together */
    private function chunks(): Generator
    {
        $rows = [];
        foreach ($this->judged() as [$row]) {
            $rows[] = $row;
            if (count($rows) === self::CHUNK) {
                yield $rows;
                $rows = [];
            }
        }
        yield $rows;
    }

    /**
     * Rows with their fate, and of their entries those that are new: all of it accepted, accepted partly, refused, or
     * present in the journal already.
     *
     * @return Generator<array{TableRow, 'accepted'|'partly'|'refused'|'present'}>
     */
    private function judged(): Generator
    {
        $journal = new Journal($this->system);
        $nothingKnown = ! $journal->rows()->exists();
        $this->tail = [];
        $firstLine = [];
        $chunk = [];
        foreach ($this->rows() as $row) {
            $chunk[] = $row;
            if (count($chunk) === self::CHUNK) {
                yield from $this->judgeChunk($nothingKnown ? null : $journal, $chunk, $firstLine);
                $chunk = [];
            }
        }
        yield from $this->judgeChunk($nothingKnown ? null : $journal, $chunk, $firstLine);
    }

    /**
     * @param  ?Journal  $journal  null for a journal that holds nothing yet
     * @param  list<TableRow>  $chunk
     * @param  array<string, int>  $firstLine  line in which each entry was first met, by its mark
     * @return Generator<array{TableRow, 'accepted'|'partly'|'refused'|'present'}>
     */
    private function judgeChunk(?Journal $journal, array $chunk, array &$firstLine): Generator
    {
        $entries = array_merge(...array_map(static fn (TableRow $row): array => $row->entries, $chunk));
        $known = $journal?->known($entries) ?? [];
        $words = $this->keeper->words();
        $doubts = (new DoseDoor($this->system))->doubts($entries, more: $this->tail);
        $this->tail = array_slice($entries, -self::CHUNK);
        $place = -1;
        foreach ($chunk as $row) {
            $new = [];
            $left = $row->leftOut;
            $isPresent = false;
            $doubted = $row->doubted;
            foreach ($row->entries as $entry) {
                $place++;
                // What the journal wrote out itself was asked about when it was logged.
                $doubt = $row->isStored ? null : $doubts[$place][0] ?? null;
                $print = Fingerprint::of($entry);
                $mark = (string) hex2bin($print);
                $what = "“{$words->say($entry->payload->summary())}”";
                if (isset($known[$print])) {
                    $isPresent = true;
                    $left[] = "{$what} is in the journal already.";
                } elseif (isset($firstLine[$mark])) {
                    $left[] = "{$what} stands in line {$firstLine[$mark]} too.";
                } elseif ($doubt !== null && $this->choices->because === '') {
                    $doubted++;
                    $left[] = "{$what}: {$words->say($doubt->sentence)}";
                } else {
                    $firstLine[$mark] = $row->line;
                    $new[] = $doubt === null ? $entry : new Entry(
                        $entry->at,
                        $entry->payload,
                        note: $entry->note ?? $this->choices->because,
                    );
                }
            }
            yield [
                new TableRow($row->line, $row->cells, $new, $left, $row->said, doubted: $doubted),
                match (true) {
                    $new !== [] => $left === [] ? 'accepted' : 'partly',
                    $isPresent && $row->leftOut === [] => 'present',
                    default => 'refused',
                },
            ];
        }
    }

    /**
     * The one under which most headings are known; what the file itself says or seems to use where several do.
     *
     * @return ','|';'|"\t"
     */
    private static function separator(CsvFile $file): string
    {
        [$best, $most] = [$file->separator(), -1];
        foreach ([$best, ...self::SEPARATORS] as $separator) {
            $named = Layout::headingsNamed(self::probe($file, $separator));
            [$best, $most] = $named > $most ? [$separator, $named] : [$best, $most];
        }

        return $best;
    }

    /**
     * @param  ','|';'|"\t"  $separator
     * @return array<int, list<string>> the first rows, by line
     */
    private static function probe(CsvFile $file, string $separator): array
    {
        $rows = [];
        foreach ($file->records($separator) as $line => $cells) {
            $rows[$line] = $cells;
            if (count($rows) > self::PROBE) {
                break;
            }
        }

        return $rows;
    }
}
