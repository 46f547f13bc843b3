<?php

declare(strict_types=1);

return [
    // Files that are replaced as a whole: App\Session\WholeFileSessions.
    'driver' => env('SESSION_DRIVER', 'whole-file'),
    'cookie' => 'ithys_session',
    // Minutes.
    'lifetime' => (int) env('SESSION_LIFETIME', 60 * 24 * 14),
    'encrypt' => true,
    'http_only' => true,
    'same_site' => 'lax',
];
