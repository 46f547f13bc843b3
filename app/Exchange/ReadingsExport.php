<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Journal\Journal;
use App\Models\System;
use DateTimeZone;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Reading\ReadingKind;
use Ithys\Journal\StoredPayload;
use Ithys\Journal\Table\FormulaGuard;
use Ithys\Quantity\UnitSystem;

/** The readings of a system as CSV (RFC 4180), in the form the import reads back. */
final class ReadingsExport
{
    private const COLUMNS = ['date', 'parameter', 'value', 'unit', 'method', 'note', 'cloudy'];

    /** @param  resource  $to */
    public static function write(System $system, DateTimeZone $zone, $to): void
    {
        CsvFile::line($to, self::COLUMNS);
        $rows = (new Journal($system))->rows()->where('kind', ReadingKind::KEY)
            ->orderBy('occurred_at')->orderBy('id')->select(['occurred_at', 'payload', 'note'])->cursor();
        foreach ($rows as $row) {
            /** @var object{occurred_at: string, payload: string, note: ?string} $row */
            /** @var array<string, mixed> $payload */
            $payload = json_decode($row->payload, true, 4, JSON_THROW_ON_ERROR);
            $reading = Reading::fromData(StoredPayload::fields($payload));
            CsvFile::line($to, [
                Journal::moment($row->occurred_at)->setTimezone($zone)->format('Y-m-d\TH:iP'),
                $reading->parameter->value,
                ($reading->belowLimit ? '<' : '')
                .rtrim(rtrim(number_format($reading->value, 6, '.', ''), '0'), '.'),
                UnitSystem::Metric->unitOf($reading->parameter->dimension())->value,
                FormulaGuard::on($reading->method ?? ''),
                FormulaGuard::on($row->note ?? ''),
                $reading->cloudy ? 'yes' : '',
            ]);
        }
    }
}
