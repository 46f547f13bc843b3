<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Http', 'Console');

/** Relative agreement, as the reference tables give their tolerance. */
expect()->extend('toAgreeWith', function (float $expected, float $relative = 1e-12) {
    $tolerance = $relative * max(abs($expected), 1e-300);
    expect(abs($this->value - $expected))->toBeLessThanOrEqual($tolerance, "{$this->value} is not within {$relative} of {$expected}");

    return $this;
});
