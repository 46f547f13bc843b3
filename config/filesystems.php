<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // Nothing is handed out by address: uploads are read by the import alone.
        'local' => ['driver' => 'local', 'root' => storage_path('ithys'), 'serve' => false, 'throw' => true],
    ],
];
