<?php

declare(strict_types=1);

use Tests\Support\MadeUpMedium;

// The law of one row: a medium that a test adds is found by everything that knows media.
it('finds a medium that is added as one row wherever media are known', function (): void {
    $settings = '';
    foreach (MadeUpMedium::settings() as $name => $value) {
        $settings .= "{$name}=".escapeshellarg($value).' ';
    }
    exec("env {$settings} php ".escapeshellarg(dirname(__DIR__, 2).'/Support/madeup.php').' 2>&1', $lines, $code);
    $found = json_decode(implode("\n", $lines), true);
    expect($code)->toBe(0, implode("\n", $lines))
        ->and($found)->toMatchArray([
            'log' => 'Testite granules 60 g, reactor',
            'out' => 'Testite granules taken out of bag',
            'import' => 'testite 40 g',
            'lane' => 'Testite granules',
            'calendar' => 90.0,
            'price' => 0.05,
            'part' => ['Uptake'],
            'forecast' => 'Testite granules',
        ])
        // 0.5 mL a litre at 0.8 g a mL.
        ->and($found['byVolume'])->toEqualWithDelta(0.5 * 300 * 0.8, 1e-9)
        ->and($found['byBudget'])->toBeGreaterThan(1.0)->toBeLessThan(120.0)
        ->and($found['model'])->toBeGreaterThan(0.001)
        ->and($found['media'])->toBeGreaterThan(10.0);
});
