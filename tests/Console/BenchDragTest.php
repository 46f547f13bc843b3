<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

// The bench runs and measures something; how fast is for a reader to judge, not for a test.
it('times a drag in the real interface', function (): void {
    $bench = new Process([PHP_BINARY, 'bin/bench-drag', '1'], base_path(), timeout: 90);
    $bench->mustRun();
    expect($bench->getOutput())->toMatch(
        '~^\d+ frames a second \(median [\d.]+ ms, p95 [\d.]+ ms\); [\d.]+ answers a second~',
    );
});
