<?php

declare(strict_types=1);

use Tests\Support\HalfYears;

// Three half years; the whole of it is slow.
it('tells of an ordinary half year nothing that is not true', function (): void {
    $told = HalfYears::told([2, 3, 4]);
    expect($told['false'])->toBe([])->and($told['answered'])->toBeGreaterThanOrEqual(3);
});
