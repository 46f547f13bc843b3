<?php

declare(strict_types=1);

use Tests\Support\ForeignForecasts;
use Tests\Support\ForeignTank;

// Tanks of a truth that is not the model's, sixty a row, the same for the same seeds. With sixty, luck alone moves a
// share of 80 % by a tenth either way.

it('holds its bands in tanks that are not its model', function (string $row): void {
    $found = ForeignForecasts::of($row, range(1, 60));
    fwrite(STDERR, sprintf("\n%-18s %s\n", $row, implode('; ', array_map(
        fn (string $key): string => sprintf(
            '%s %.2f (%.2f, last four %.2f)',
            $key,
            $found['held'][$key],
            $found['error'][$key],
            $found['lately'][$key],
        ),
        array_keys($found['held']),
    )).sprintf('; asks %.2f', $found['asks'])));
    $least = match ($row) {
        // What nobody logged can only be doubted.
        'unlogged feeding', 'slips' => 0.55,
        default => 0.6,
    };
    foreach ($found['held'] as $key => $share) {
        expect($share)->toBeGreaterThanOrEqual($least, "{$row}, {$key}: {$share}");
    }
})->with(ForeignTank::ROWS);
