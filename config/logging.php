<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'single'),
    'channels' => [
        // A log that cannot be written, as on a full disk, must not break the answer.
        'single' => ['driver' => 'stack', 'channels' => ['file'], 'ignore_exceptions' => true],
        'file' => ['driver' => 'single', 'path' => storage_path('logs/ithys.log'), 'level' => 'error'],
    ],
];
