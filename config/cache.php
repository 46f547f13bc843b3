<?php

declare(strict_types=1);

$path = env('CACHE_PATH', storage_path('framework/cache/data'));

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => ['driver' => 'file', 'path' => $path, 'lock_path' => $path],
    ],
];
