<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        // Beside the data, so that a restored copy learns what it needs. A job is taken again after ten minutes.
        'database' => ['driver' => 'database', 'table' => 'jobs', 'queue' => 'default', 'retry_after' => 600],
        'null' => ['driver' => 'null'],
    ],
    'failed' => ['driver' => 'null'],
];
