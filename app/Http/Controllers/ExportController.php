<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\JournalExport;
use App\Exchange\ReadingsExport;
use App\Models\System;
use Closure;
use DateTimeZone;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What the journal holds, as files. */
final class ExportController extends Controller
{
    public function readings(Request $request, System $system): StreamedResponse
    {
        return $this->csv($request, $system, 'readings', ReadingsExport::write(...));
    }

    public function journal(Request $request, System $system): StreamedResponse
    {
        return $this->csv($request, $system, 'journal', JournalExport::write(...));
    }

    /** @param  Closure(System, DateTimeZone, resource): void  $write */
    private function csv(Request $request, System $system, string $what, Closure $write): StreamedResponse
    {
        $zone = $this->keeper($request)->zone();

        return response()->streamDownload(static function () use ($system, $zone, $write): void {
            $out = fopen('php://output', 'wb');
            if ($out !== false) {
                $write($system, $zone, $out);
                fclose($out);
            }
        }, Str::slug($system->name)."-{$what}.csv", ['Content-Type' => 'text/csv; charset=UTF-8']);
    }
}
