<?php

declare(strict_types=1);

namespace Ithys\System;

/** A figure of the system in base units, and where it comes from. */
final readonly class Fact
{
    private function __construct(public float $value, public Origin $origin)
    {
    }

    /** The computed figure where there is one, else the described one; null while there is neither. */
    public static function best(?float $computed, ?float $described): ?self
    {
        return match (true) {
            $computed !== null => new self($computed, Origin::Computed),
            $described !== null => new self($described, Origin::Described),
            default => null,
        };
    }

    public function isComputed(): bool
    {
        return $this->origin === Origin::Computed;
    }
}
