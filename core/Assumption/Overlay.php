<?php

declare(strict_types=1);

namespace Ithys\Assumption;

/** What one tank takes instead of a default, and why. */
final readonly class Overlay
{
    public function __construct(public float $value, public string $reason)
    {
    }

    /** @return array{value: float, reason: string} in base units, as it is stored */
    public function toArray(): array
    {
        return ['value' => $this->value, 'reason' => $this->reason];
    }
}
