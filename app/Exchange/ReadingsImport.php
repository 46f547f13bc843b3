<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Journal\EntryRow;
use App\Journal\Fingerprint;
use App\Journal\ImportUnderWay;
use App\Journal\Journal;
use App\Journal\RunningImport;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Generator;
use Illuminate\Support\Facades\DB;
use Ithys\Journal\Entry;
use Ithys\Journal\Note\Note;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\Unit;
use Ithys\Quantity\Words;

/**
 * Readings from a keeper's own CSV file: previewed row by row, then saved all or none.
 *
 * The file is streamed both times; what is held in memory is one chunk of rows and a short mark per reading met.
 */
final readonly class ReadingsImport
{
    private const MOST_COLUMNS = 64;

    private const CHUNK = 500;

    /** Rows looked at to guess separator, dates and decimals. */
    private const PROBE = 200;

    /** @param  list<string>  $header */
    private function __construct(
        private CsvFile $file,
        public array $header,
        public ImportOptions $guess,
        /** Dates could be read day first or month first; the keeper must look. */
        public bool $ambiguousDates,
        public string $encoding,
    ) {
    }

    /** @throws UnreadableFile when the file is no table with a header */
    public static function open(string $path, DateTimeZone $zone): self
    {
        $file = CsvFile::open($path);
        $separator = $file->separator();
        $probe = [];
        foreach ($file->records($separator) as $cells) {
            $probe[] = $cells;
            if (count($probe) > self::PROBE) {
                break;
            }
        }
        $header = array_shift($probe) ?? throw UnreadableFile::empty();
        if (count($header) > self::MOST_COLUMNS) {
            throw UnreadableFile::tooManyColumns(count($header), self::MOST_COLUMNS);
        }
        if (DateOrder::guess([$header[0]])[0]->reads($header[0])) {
            throw UnreadableFile::noHeader(mb_strimwidth(implode($separator, $header), 0, 60, '…'));
        }
        $roles = self::withDateColumn(self::guessRoles($header), $probe);
        [$order, $ambiguous] = DateOrder::guess(self::column($probe, array_search(ColumnRole::Date, $roles, true)));
        $figures = array_merge(...array_map(
            static fn (ColumnRole $role): array => self::column($probe, array_search($role, $roles, true)),
            [ColumnRole::Value, ColumnRole::Nitrate, ColumnRole::Phosphate],
        ));
        $commas = count(array_filter($figures, static fn (string $figure): bool => str_contains($figure, ',')));
        $options = new ImportOptions(
            $separator,
            $order,
            $commas > count($figures) / 4,
            Unit::PartPerMillion,
            $roles,
            $zone,
        );

        return new self($file, $header, $options, $ambiguous, $file->encoding);
    }

    /**
     * Every row, accepted or refused, in the order of the file.
     *
     * @return Generator<ImportRow>
     *
     * @throws UnreadableFile
     */
    public function rows(ImportOptions $options, DateTimeImmutable $now): Generator
    {
        $reader = new RowReader($options->mustBeUsable(), $this->header, $now);
        $first = true;
        foreach ($this->file->records($options->separator) as $line => $cells) {
            if (! $first) {
                yield $reader->read($line, $cells);
            }
            $first = false;
        }
    }

    /**
     * A page of the preview, with the counts over the whole file.
     *
     * @param  'all'|'accepted'|'refused'|'present'  $show
     * @return array{counts: array<string, int>, rows: list<array<string, mixed>>, pages: int}
     */
    public function preview(
        System $system,
        ImportOptions $options,
        DateTimeImmutable $now,
        Words $words,
        string $show,
        int $page,
        int $perPage,
    ): array {
        $counts = ['accepted' => 0, 'refused' => 0, 'present' => 0, 'readings' => 0];
        $rows = [];
        $matching = 0;
        foreach ($this->judged($system, $options, $now) as [$row, $status, $reason]) {
            $counts[$status]++;
            $counts['readings'] += $status === 'accepted' ? count($row->entries) : 0;
            if ($show !== 'all' && $show !== $status) {
                continue;
            }
            if (intdiv($matching++, $perPage) === $page - 1) {
                $rows[] = [
                    'line' => $row->line,
                    'status' => $status,
                    'reason' => $reason,
                    'cells' => array_map(
                        static fn (string $cell): string => mb_strimwidth($cell, 0, 60, '…'),
                        array_slice($row->cells, 0, count($this->header)),
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

        return ['counts' => $counts, 'rows' => $rows, 'pages' => max(1, (int) ceil($matching / $perPage))];
    }

    /**
     * Saves every accepted row, all or none, and shows them all at once.
     *
     * @return array{batch: string, saved: int}
     *
     * @throws ImportUnderWay while another import writes into this tank
     */
    public function save(System $system, User $by, ImportOptions $options, DateTimeImmutable $now): array
    {
        $stamp = Journal::stamp($now);

        return (new RunningImport($system))->run(function (string $batch) use (
            $system,
            $by,
            $options,
            $now,
            $stamp,
        ): array {
            // One statement prepared once: a builder insert per chunk takes several times as long. A reading that was
            // logged since the rows were judged is there already.
            $columns = array_keys(EntryRow::of(new Entry($now, Note::of('columns')), 0, null, '', ''));
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
            $saved = 0;
            foreach ($this->acceptedInChunks($system, $options, $now) as $rows) {
                DB::transaction(static function () use ($rows, $insert, $system, $by, $batch, $stamp, &$saved): void {
                    foreach ($rows as $row) {
                        foreach ($row->entries as $entry) {
                            $insert->execute(array_values(EntryRow::of($entry, $system->id, $by->id, $batch, $stamp)));
                            $saved += $insert->rowCount();
                        }
                    }
                });
            }

            return ['batch' => $batch, 'saved' => $saved];
        });
    }

    /** @return Generator<list<ImportRow>> */
    private function acceptedInChunks(System $system, ImportOptions $options, DateTimeImmutable $now): Generator
    {
        $rows = [];
        foreach ($this->judged($system, $options, $now) as [$row, $status]) {
            if ($status === 'accepted') {
                $rows[] = $row;
            }
            if (count($rows) === self::CHUNK) {
                yield $rows;
                $rows = [];
            }
        }
        yield $rows;
    }

    /**
     * Rows with their fate: accepted, refused (with why), or present in the journal already.
     *
     * @return Generator<array{ImportRow, 'accepted'|'refused'|'present', ?string}>
     */
    private function judged(System $system, ImportOptions $options, DateTimeImmutable $now): Generator
    {
        $journal = new Journal($system);
        $nothingKnown = ! $journal->rows()->whereNotNull('fingerprint')->exists();
        $firstLine = [];
        $chunk = [];
        foreach ($this->rows($options, $now) as $row) {
            $chunk[] = $row;
            if (count($chunk) === self::CHUNK) {
                yield from $this->judgeChunk($nothingKnown ? null : $journal, $chunk, $firstLine);
                $chunk = [];
            }
        }
        yield from $this->judgeChunk($nothingKnown ? null : $journal, $chunk, $firstLine);
    }

    /**
     * @param  ?Journal  $journal  null for a journal that holds no reading yet
     * @param  list<ImportRow>  $chunk
     * @param  array<string, int>  $firstLine  line in which each reading was first met, by its mark
     * @return Generator<array{ImportRow, 'accepted'|'refused'|'present', ?string}>
     */
    private function judgeChunk(?Journal $journal, array $chunk, array &$firstLine): Generator
    {
        $prints = array_map(
            static fn (ImportRow $row): array => array_map(
                static fn ($entry): string => $entry->payload instanceof Reading
                    ? Fingerprint::of($entry->at, $entry->payload)
                    : '',
                $row->entries,
            ),
            $chunk,
        );
        $known = $journal?->rows()->whereIn('fingerprint', array_merge(...$prints))->pluck('fingerprint')->flip() ?? [];
        foreach ($chunk as $i => $row) {
            if ($row->refusal !== null) {
                yield [$row, 'refused', $row->refusal];

                continue;
            }
            $present = count(array_filter($prints[$i], static fn (string $print): bool => isset($known[$print])));
            $repeated = null;
            foreach ($prints[$i] as $print) {
                $repeated ??= $firstLine[hex2bin($print)] ?? null;
            }
            if ($repeated !== null) {
                yield [$row, 'refused', "The same reading stands in line {$repeated}."];

                continue;
            }
            foreach ($prints[$i] as $print) {
                $firstLine[(string) hex2bin($print)] = $row->line;
            }
            yield match (true) {
                $present === count($prints[$i]) => [$row, 'present', 'In the journal already.'],
                $present > 0 => [
                    $row,
                    'refused',
                    'One of the two readings is in the journal already; import the other by itself.',
                ],
                default => [$row, 'accepted', null],
            };
        }
    }

    /**
     * @param  list<string>  $header
     * @return list<ColumnRole>
     */
    private static function guessRoles(array $header): array
    {
        $taken = [];
        $roles = [];
        foreach ($header as $name) {
            $role = ColumnRole::guess($name);
            $role = $role !== ColumnRole::Ignore && in_array($role, $taken, true) ? ColumnRole::Ignore : $role;
            $taken[] = $role;
            $roles[] = $role;
        }

        return $roles;
    }

    /**
     * Where no name says so, the first column that reads as dates holds them.
     *
     * @param  list<ColumnRole>  $roles
     * @param  list<list<string>>  $rows
     * @return list<ColumnRole>
     */
    private static function withDateColumn(array $roles, array $rows): array
    {
        foreach (in_array(ColumnRole::Date, $roles, true) ? [] : $roles as $i => $role) {
            $cells = self::column($rows, $i);
            [$order] = DateOrder::guess($cells);
            $dates = array_filter($cells, $order->reads(...));
            if ($role === ColumnRole::Ignore && count($dates) > count($cells) / 2) {
                return array_values(array_replace($roles, [$i => ColumnRole::Date]));
            }
        }

        return $roles;
    }

    /**
     * @param  list<list<string>>  $rows
     * @return list<string>
     */
    private static function column(array $rows, int|false $column): array
    {
        return $column === false
            ? []
            : array_values(
                array_filter(
                    array_map(static fn (array $row): string => $row[$column] ?? '', $rows),
                    static fn (string $cell): bool => $cell !== '',
                ),
            );
    }
}
