<?php

declare(strict_types=1);

use Tests\Support\HalfYears;

// Forty ordinary half years of ten changes each, as the list of changes tells of them. Physics are not the model's.
it('answers of ordinary half years what it can, and hardly anything that is not true', function (): void {
    $told = HalfYears::told(range(1, 40));
    fwrite(STDERR, "\n".json_encode($told, JSON_PRETTY_PRINT));
    expect(count($told['false']) / $told['asked'])->toBeLessThanOrEqual(0.01)
        ->and(count($told['false']) / $told['answers'])->toBeLessThanOrEqual(0.12)
        ->and($told['answered'] / $told['changes'])->toBeGreaterThanOrEqual(0.15);
});
