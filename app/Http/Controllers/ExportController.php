<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\Health;
use App\Database\StorageTrouble;
use App\Exchange\JournalExport;
use App\Exchange\ReadingsExport;
use App\Http\Pages\TideSheet;
use App\Http\Requests\TideSheetRequest;
use App\Models\System;
use Closure;
use DateTimeZone;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use RuntimeException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What the journal holds, as files. */
final class ExportController extends Controller
{
    public function readings(Request $request, System $system): StreamedResponse
    {
        return $this->csv($request, $system, 'readings', ReadingsExport::write(...));
    }

    /** All of it, or the part that a range of the tide sheet shows. */
    public function journal(TideSheetRequest $request, System $system): StreamedResponse
    {
        $days = $request->query('range') === null ? null : TideSheet::RANGES[$request->range()];
        $from = $days === null ? null : now()->toDateTimeImmutable()->modify("-{$days} days");

        return $this->csv(
            $request,
            $system,
            'journal',
            static fn (System $of, DateTimeZone $zone, $to) => JournalExport::write($of, $zone, $to, $from),
        );
    }

    /** @param  Closure(System, DateTimeZone, resource): void  $write */
    private function csv(Request $request, System $system, string $what, Closure $write): StreamedResponse
    {
        $zone = $this->keeper($request)->zone();

        Health::check() || throw StorageTrouble::damaged();
        // Written whole before anything is sent: half a journal must not look like all of it.
        $file = tmpfile() ?: throw new RuntimeException('There is no room for a file.');
        $write($system, $zone, $file);
        rewind($file);

        return response()->streamDownload(static function () use ($file): void {
            fpassthru($file);
            fclose($file);
        }, Str::slug($system->name)."-{$what}.csv", ['Content-Type' => 'text/csv; charset=UTF-8']);
    }
}
