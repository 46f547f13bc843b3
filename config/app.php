<?php

declare(strict_types=1);

return [
    'name' => 'Ithys',
    'timezone' => 'UTC',
    // Seconds that Ithys is ahead of the machine's clock, so that tests and pictures have a day of their own.
    'clock_ahead' => (int) env('ITHYS_CLOCK_AHEAD', 0),
    // The one name the server answers to; null while no address is given, as on this machine alone.
    'host' => parse_url((string) env('APP_URL', ''), PHP_URL_HOST),
    // Files larger than this are refused with a sentence; PHP's own limits must not be lower.
    'import_megabytes' => 20,
    // Rows that are saved while the keeper waits; a longer table is saved by the worker.
    'import_rows_at_once' => (int) env('ITHYS_ROWS_AT_ONCE', 25_000),
];
