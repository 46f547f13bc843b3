<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Journal\Journal;
use App\Models\System;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Query\Builder;
use Ithys\Journal\Table\FormulaGuard;
use Ithys\Journal\Table\StoredEntry;

/**
 * The whole journal of a system as CSV (RFC 4180): each entry in words for people, and stored as it is for an import,
 * which makes the same journal of it.
 */
final class JournalExport
{
    private const COLUMNS = ['date', 'entry', 'note', 'stored entry'];

    /**
     * @param  resource  $to
     * @param  ?DateTimeImmutable  $from  the moment it begins with; null for all of it
     */
    public static function write(
        System $system,
        DateTimeZone $zone,
        $to,
        ?DateTimeImmutable $from = null,
    ): void {
        CsvFile::line($to, self::COLUMNS);
        $rows = (new Journal($system))->rows()
            ->when($from !== null, static fn (Builder $rows): Builder => $rows->where(
                'occurred_at',
                '>=',
                Journal::stamp($from ?? new DateTimeImmutable),
            ))
            ->orderBy('occurred_at')->orderBy('id')
            ->select(['id', 'kind', 'occurred_at', 'payload', 'note'])->cursor();
        foreach ($rows as $row) {
            $entry = Journal::toEntry($row);
            CsvFile::line($to, [
                $entry->at->setTimezone($zone)->format('Y-m-d\TH:iP'),
                FormulaGuard::on($entry->payload->line()),
                FormulaGuard::on($entry->note ?? ''),
                StoredEntry::of($entry),
            ]);
        }
    }
}
