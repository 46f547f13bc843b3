<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'cookie' => 'ithys_session',
    'lifetime' => 60 * 24 * 14,
    'encrypt' => true,
    'http_only' => true,
    'same_site' => 'lax',
];
