<?php

declare(strict_types=1);

namespace Ithys\Assumption;

/** What one tank takes instead of a default, and why. */
final readonly class Overlay
{
    public function __construct(public float $value, public string $reason)
    {
    }
}
