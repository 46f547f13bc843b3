<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\ReadingsExport;
use App\Models\System;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ReadingsExportController extends Controller
{
    public function __invoke(Request $request, System $system): StreamedResponse
    {
        $zone = $this->keeper($request)->zone();

        return response()->streamDownload(function () use ($system, $zone): void {
            $out = fopen('php://output', 'wb');
            if ($out !== false) {
                ReadingsExport::write($system, $zone, $out);
                fclose($out);
            }
        }, Str::slug($system->name).'-readings.csv', ['Content-Type' => 'text/csv; charset=UTF-8']);
    }
}
