<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'whole'),
    'channels' => [
        // A log that cannot be written, as on a full disk, must not break the answer.
        'whole' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
        'single' => ['driver' => 'single', 'path' => storage_path('logs/ithys.log'), 'level' => 'error'],
    ],
];
