<?php

declare(strict_types=1);

return [
    'name' => 'Ithys',
    'timezone' => 'UTC',
    // Files larger than this are refused with a sentence; PHP's own limits must not be lower.
    'import_megabytes' => 20,
];
